# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The guards", :server do
  it "answers only to this machine's names" do
    ask(:get, "/api/health", nil, host: "evil.example")
    expect(last_response.status).to eq 403
  end

  it "takes no change from another site" do
    ask(:post, "/api/services", {}, origin: "http://evil.example")
    expect([last_response.status, Scullion::Records::Service.count]).to eq [403, 2]
    ask(
      :post,
      "/api/services/1/changes",
      { "version" => 0, "at" => "service/covers", "value" => 141 },
      origin: "http://127.0.0.1"
    )
    expect(last_response.status).to eq 200
  end

  it "lets in four megabytes and no more, said or unsaid" do
    most = Scullion::Guards::BodyLimit::MOST
    ask(:post, "/api/plan", "[\"#{"x" * (most - 4)}\"]")
    expect(last_response.status).to eq 422
    ask(:post, "/api/plan", "[\"#{"x" * most}\"]")
    expect([last_response.status, answer["title"]]).to eq [413, "The body is over 4 MB."]
    env =
      Rack::MockRequest.env_for(
        "http://127.0.0.1/api/plan",
        :method => "POST",
        :input => "[\"#{"x" * most}\"]",
        "HTTP_TRANSFER_ENCODING" => "chunked",
        "CONTENT_TYPE" => "application/json",
        "HTTP_HOST" => "127.0.0.1"
      )
    env.delete("CONTENT_LENGTH")
    expect(app.call(env).first).to eq 413
  end

  it "allows no inline script, no frame and no sniffing, on every answer" do
    %w[/ /api/health /api/none /assets/../../Gemfile].each do |path|
      ask(:get, path)
      policy = last_response.headers["content-security-policy"]
      expect(policy).to include("default-src 'none'", "script-src 'self'").and(not_include("unsafe"))
      expect(last_response.headers).to include(
        "x-content-type-options" => "nosniff",
        "x-frame-options" => "DENY"
      )
    end
  end

  RSpec::Matchers.define_negated_matcher :not_include, :include

  it "serves no file but the built pages" do
    %w[/assets/../../Gemfile /assets/%2e%2e/%2e%2e/Gemfile /assets/none.js].each do |path|
      ask(:get, path)
      expect(last_response.body).not_to include("rubygems")
    end
    expect(last_response.status).to eq 404
  end

  it "lets no stack trace out" do
    allow(Scullion::Plan).to receive(:for).and_raise("secret detail at #{__FILE__}")
    ask(:get, "/api/services/1/plan")
    expect([last_response.status, last_response.body]).to match [500, not_include("secret")]
    expect(answer["remedy"]).to include("log")
  end

  it "says when the disk is full, and when the database cannot be written", :sqlite do
    full = ActiveRecord::StatementInvalid.new("x")
    {
      SQLite3::FullException => 507,
      SQLite3::ReadOnlyException => 503,
      SQLite3::BusyException => 503
    }.each do |cause, status|
      allow(full).to receive(:cause).and_return(cause.new)
      allow(Scullion::Records::Service).to receive(:for_planning).and_raise(full)
      ask(:get, "/api/services/1")
      expect([last_response.status, answer["title"]]).to match [status, /nothing was saved/]
    end
  end

  it "constrains the database itself, not only the models" do
    {
      "UPDATE services SET covers = 0" => /services_covers/,
      "UPDATE components SET grams = -1" => /weigh_something/,
      "DELETE FROM ingredients WHERE key = 'dill'" => /foreign key/i,
      "UPDATE salads SET name = ' '" => /salads_named/
    }.each do |sql, says|
      expect {
        ActiveRecord::Base.transaction(requires_new: true) { ActiveRecord::Base.connection.execute(sql) }
      }.to raise_error(ActiveRecord::StatementInvalid, says)
    end
  end

  describe Scullion::Boot do
    around do |example|
      kept = ENV.to_h
      example.run
      ENV.replace(kept)
    end

    it "refuses to serve beyond this machine without an access code" do
      ENV["SCULLION_HOST"] = "0.0.0.0"
      expect { described_class.access_code }.to raise_error(described_class::Refused, /SCULLION_ACCESS_CODE/)
      ENV["SCULLION_ACCESS_CODE"] = "short"
      expect { described_class.access_code }.to raise_error(described_class::Refused)
      ENV["SCULLION_ACCESS_CODE"] = "longer than eight"
      expect(described_class.access_code).to eq "longer than eight"
    end

    it "asks for the code on every page when there is one" do
      host = { "HTTP_HOST" => "127.0.0.1" }
      guarded = Rack::MockRequest.new(Scullion::Stack.of(hosts: ["127.0.0.1"], access_code: "salt marsh"))
      expect(guarded.get("/api/health", host).status).to eq 401
      code = "Basic #{["cook:salt marsh"].pack("m0")}"
      expect(guarded.get("/api/health", host.merge("HTTP_AUTHORIZATION" => code)).status).to eq 200
    end

    it "refuses a day for the demo that is none" do
      ENV["SCULLION_DEMO_FROM"] = "soon"
      expect { described_class.demo_from }.to raise_error(described_class::Refused, /a date such as/)
      ENV["SCULLION_DEMO_FROM"] = "2026-12-24"
      expect(described_class.demo_from).to eq Date.new(2026, 12, 24)
    end

    it "refuses a port that is none" do
      ENV["PORT"] = "http"
      expect { described_class.port }.to raise_error(described_class::Refused, /whole number/)
    end
  end

  it "sets the demo's lunches on a Saturday and the Sunday after it, on whatever day it begins" do
    (0..6).each do |later|
      today = Date.new(2026, 11, 24) + later
      saturday, sunday = Scullion::Demo.dates([6, 0], today)
      expect([saturday > today, saturday - today <= 7, saturday.wday, sunday - saturday]).to eq [
           true,
           true,
           6,
           1
         ]
    end
  end

  it "loads the demo into an empty database only" do
    expect(Scullion::Demo.load).to be_falsey
    expect(Scullion::Records::Service.first.date).to eq Date.new(2026, 11, 28)
  end
end

RSpec.describe Scullion::App do
  # All helpers are the app's own: of two with one name the later one would be called for both.
  it "has no helper under a name that another module has given already" do
    rooms = described_class.ancestors.select { |each| each.name.to_s.start_with?("Scullion::Api") }
    names = rooms.flat_map { |room| room.instance_methods(false) + room.private_instance_methods(false) }
    expect(rooms.size).to be > 15
    expect(names.tally.select { |_, count| count > 1 }).to eq({})
  end
end
