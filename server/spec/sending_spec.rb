# frozen_string_literal: true

require_relative "server_helper"

# What goes over the wire: compressed, and not sent again while nothing has changed.
RSpec.describe "Sending", :server do
  def fetch(path, **headers)
    headers.each { |name, value| header name.to_s.tr("_", "-"), value }
    header "Host", "127.0.0.1"
    get path
    last_response
  ensure
    headers.each_key { |name| header name.to_s.tr("_", "-"), nil }
  end

  it "sends a first visit in at most 220 kB, and files that never change for a year" do
    page = fetch("/", Accept_Encoding: "gzip")
    files =
      page
        .body
        .then do |body|
          Zlib.gunzip(body)
        rescue StandardError
          body
        end
        .scan(%r{(?:src|href)="(/assets/[^"]+)"})
        .flatten
    expect(files).to include(/\.js/, /\.css/)
    answers = files.map { |file| fetch(file, Accept_Encoding: "gzip") }
    answers +=
      %w[/api/services /api/services/1 /api/services/1/plan].map do |path|
        fetch(path, Accept_Encoding: "gzip")
      end
    expect(([page] + answers).sum { |answer| answer.body.bytesize }).to be <= 220_000
    immutable = answers.first(files.size).map { |answer| answer.headers["cache-control"] }
    expect(immutable).to all(include("immutable", "max-age=31536000"))
    expect(Zlib.gunzip(answers.first.body)).to eq fetch(files.first).body
  end

  it "sends a plan once, and says that nothing has changed until something has" do
    first = fetch("/api/services/1/plan")
    tag = first.headers["etag"]
    again = fetch("/api/services/1/plan", If_None_Match: tag)
    expect([again.status, again.body]).to eq [304, ""]
    expect(fetch("/api/services/2/plan", If_None_Match: tag).status).to eq 200
    change("service/covers", 171)
    changed = fetch("/api/services/1/plan", If_None_Match: tag)
    expect([changed.status, changed.headers["etag"] == tag]).to eq [200, false]
    expect(JSON.parse(changed.body)["service"]["covers"]).to eq 171
  end

  # Everything that a plan follows from.
  {
    "the service's own figure" => -> { change("practice/pots/fill", 0.6) },
    "the kitchen's own figure" => -> { own("practice/pots/fill", 0.55) },
    "how the house measures" => -> { ask(:post, "/api/kitchen/measures/turn") },
    "an ingredient" =>
      lambda do
        carrot = ask(:get, "/api/ingredients/carrot")
        ask(:put, "/api/ingredients/carrot", carrot.merge("name" => "Carrots, red"))
      end,
    "a build" => -> { change("salads/#{service["lines"][0]["salad"]}/components/0/grams", 77) },
    "its day" => -> { ask(:post, "/api/services/1/day", { "borrowed" => "plater" }) },
    "what is on hand" => -> { change("service/stock/carrot", "2 kg") }
  }.each do |what, changing|
    it "sends it anew after a change of #{what}" do
      tag = fetch("/api/services/1/plan").headers["etag"]
      instance_exec(&changing)
      expect(last_response.status).to be < 300
      expect(fetch("/api/services/1/plan", If_None_Match: tag).status).to eq 200
    end
  end

  it "does not work out again what has not changed, nor twice for a change of covers" do
    ask(:get, "/api/services/1/plan")
    expect(Scullion::Plan).not_to receive(:for)
    3.times { ask(:get, "/api/services/1/plan") }
    ask(:get, "/api/services/1/taste")
    RSpec::Mocks.space.proxy_for(Scullion::Plan).reset
    expect(Scullion::Plan).to receive(:for).once.and_call_original
    change("service/covers", 163)
    ask(:get, "/api/services/1/plan")
  end
end
