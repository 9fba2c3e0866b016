# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The access code", :server do
  let(:clock) { [0.0] }
  let(:guesses) { Scullion::Guards::Guesses.new(clock: -> { clock.first }) }
  let(:proxied) { false }
  let(:kitchen) do
    guarded =
      Scullion::Guards::Access.new(
        ->(_) { [200, {}, ["in"]] },
        code: "salt marsh",
        guesses: guesses,
        proxied: proxied
      )
    Rack::MockRequest.new(Scullion::Guards::Problems.new(guarded, explain: nil))
  end

  def knock(code, from: "10.0.0.1", **env)
    env = { "REMOTE_ADDR" => from, "HTTP_HOST" => "kitchen.example" }.merge(env.transform_keys(&:to_s))
    kitchen.post("/access", env.merge(params: { "code" => code }))
  end

  def get(path, **env) = kitchen.get(path, { "REMOTE_ADDR" => "10.0.0.1" }.merge(env.transform_keys(&:to_s)))

  it "is asked for by a page, once; a signed cookie opens every door after it" do
    page = get("/services")
    expect([page.status, page.body]).to match [401, %r{form.*action="/access".*name="code"}m]
    expect(page.headers["content-security-policy"]).to include("form-action 'self'", "default-src 'none'")
    expect(JSON.parse(get("/api/services").body)["title"]).to include("access code")
    let_in = knock("salt marsh")
    expect([let_in.status, let_in.headers["location"]]).to eq [303, "/"]
    cookie = let_in.headers["set-cookie"]
    expect(cookie.downcase).to include("httponly", "samesite=strict").and(not_include("salt marsh"))
    token = cookie[/[^;]+/]
    expect(get("/api/services", HTTP_COOKIE: token).body).to eq "in"
    spoiled = [token.sub(/..$/, "xx"), token.sub("=", "=A"), "scullion=", "scullion=%ff"]
    expect(spoiled.map { |each| get("/api/services", HTTP_COOKIE: each).status }.uniq).to eq [401]
    other = Rack::MockRequest.new(Scullion::Guards::Access.new(->(_) { [200, {}, []] }, code: "another code"))
    expect(other.get("/api/services", "HTTP_COOKIE" => token).status).to eq 401
  end

  it "ends after a month, and marks its cookie for encrypted ways only where it came by one" do
    token = knock("salt marsh").headers["set-cookie"][/[^;]+/]
    allow(Time).to receive(:now).and_return(Time.now + (31 * 86_400))
    expect(get("/api/services", HTTP_COOKIE: token).status).to eq 401
    expect(knock("salt marsh").headers["set-cookie"].downcase).not_to include("secure")
    expect(knock("salt marsh", HTTPS: "on").headers["set-cookie"].downcase).to include("secure")
  end

  it "lets each wrong guess wait longer, says how long, and lets the right one in after it" do
    said =
      Array.new(4) do
        answer = knock("wrong")
        wait = answer.body[/again in (\d+) s/, 1].to_i
        expect(knock("salt marsh").status).to eq 429
        expect(knock("salt marsh").headers["retry-after"].to_i).to be_between(1, wait)
        clock[0] += wait
        [answer.status, wait]
      end
    expect(said).to eq [[403, 1], [403, 2], [403, 4], [403, 8]]
    expect(knock("salt marsh").status).to eq 303
    expect(knock("wrong").body).to include("again in 1 s")
  end

  it "does not let one address wait for another, but all once there are very many wrong ones" do
    knock("wrong")
    expect(knock("salt marsh", from: "10.0.0.2").status).to eq 303
    25.times { |index| knock("wrong", from: "10.0.1.#{index}") }
    expect(knock("salt marsh", from: "10.0.0.3").status).to eq 429
    clock[0] += 4000
    expect(knock("salt marsh", from: "10.0.0.3").status).to eq 303
  end

  it "never waits over a quarter of an hour, and forgets in an hour" do
    40.times do
      guesses.wrong("a")
      clock[0] += 0.001
    end
    expect(guesses.wait("a")).to be_between(899, 900)
    clock[0] += 3601
    guesses.wrong("b")
    expect(guesses.wait("a")).to eq 0
  end

  it "opens to programs by HTTP Basic, with the same waits" do
    basic = ->(code) { { HTTP_AUTHORIZATION: "Basic #{["cook:#{code}"].pack("m0")}" } }
    expect(get("/api/services", **basic["salt marsh"]).body).to eq "in"
    expect(get("/api/services", **basic["pepper"]).status).to eq 401
    expect(get("/api/services", **basic["salt marsh"]).status).to eq 429
  end

  it "lets the page's own styles and scripts through, and refuses what cannot be read" do
    expect(get("/assets/a.css").body).to eq "in"
    expect(get("/assets/../api/services").status).to eq 200 # the door behind it refuses that
    expect(kitchen.post("/access", { "REMOTE_ADDR" => "x", :input => "code=%" * 3 }).status).to be_between(
      400,
      499
    )
  end

  context "behind a proxy" do
    let(:proxied) { true }

    it "counts by what the proxy has added, not by what was claimed" do
      knock("wrong", from: "127.0.0.1", HTTP_X_FORWARDED_FOR: "1.2.3.4, 10.9.9.9")
      expect(
        knock("salt marsh", from: "127.0.0.1", HTTP_X_FORWARDED_FOR: "5.6.7.8, 10.9.9.9").status
      ).to eq 429
      expect(
        knock("salt marsh", from: "127.0.0.1", HTTP_X_FORWARDED_FOR: "10.9.9.9, 10.9.9.8").status
      ).to eq 303
    end
  end

  it "makes a certificate that names where it is served, signed by an authority of its own that stays" do
    Dir.mktmpdir do |folder|
      names = ["192.168.1.20", "kitchen.local", "[::1]"]
      paths = Scullion::Certificate.own(folder, names)
      made = OpenSSL::X509::Certificate.new(File.read(paths.first))
      authority = OpenSSL::X509::Certificate.new(File.read(Scullion::Certificate.authority_path(folder)))
      store = OpenSSL::X509::Store.new.tap { |all| all.add_cert(authority) }
      expect(store.verify(made)).to be true
      expect(made.check_private_key(OpenSSL::PKey.read(File.read(paths.last)))).to be true
      expect(made.find_extension("subjectAltName").value).to include(
        "IP Address:192.168.1.20",
        "DNS:kitchen.local"
      )
      # No longer than tablets take.
      expect(made.not_after - made.not_before).to be <= 398 * 86_400
      expect(Dir["#{folder}/*key.pem"].map { |path| File.stat(path).mode & 0o077 }).to eq [0, 0]
      # The same while it is asked by the same names; by others anew, of the same authority.
      expect(Scullion::Certificate.own(folder, names).map { |path| File.read(path) }).to include(
        /#{Regexp.escape(made.to_pem)}/
      )
      other =
        OpenSSL::X509::Certificate.new(File.read(Scullion::Certificate.own(folder, ["other.local"]).first))
      expect(store.verify(other)).to be true
      expect(other.serial).not_to eq made.serial
    end
  end

  describe Scullion::Share do
    it "serves every network of this machine with a code that is made once and kept for its owner alone" do
      Dir.mktmpdir do |folder|
        environment = { "SCULLION_HOSTS" => "kitchen.example" }
        described_class.over(environment, folder)
        code = environment["SCULLION_ACCESS_CODE"]
        expect(code).to match(/\A[a-hjkmnp-z2-9]{10}\z/)
        expect(File.stat(File.join(folder, "access-code")).mode & 0o077).to eq 0
        expect(environment["SCULLION_HOST"]).to eq "0.0.0.0"
        expect(environment["SCULLION_HOSTS"].split(",")).to include(
          "kitchen.example",
          *described_class.addresses
        )
        again = {}
        described_class.over(again, folder)
        expect(again["SCULLION_ACCESS_CODE"]).to eq code
        own = { "SCULLION_ACCESS_CODE" => "a code of ours" }
        described_class.over(own, folder)
        expect(own["SCULLION_ACCESS_CODE"]).to eq "a code of ours"
      end
    end

    it "shows the address to be scanned, and the code; or that there is no network" do
      allow(described_class).to receive(:addresses).and_return(["192.168.1.20"])
      said = described_class.said(4567, "abc23")
      expect(said).to include("https://192.168.1.20:4567", "Access code: abc23", "\e[4")
      allow(described_class).to receive(:addresses).and_return([])
      expect(described_class.said(4567, "abc23")).to include("No network")
    end
  end
end
