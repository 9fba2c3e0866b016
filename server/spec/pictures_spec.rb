# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Pictures and labels of what happened", :server do
  # One grey point.
  let(:jpeg) { <<~BASE64.delete("\n") }
    /9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////
    ////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=
  BASE64

  def note(**facts)
    {
      "uid" => SecureRandom.uuid,
      "at" => Time.now.utc.iso8601,
      "clock" => "2026-11-29T09:40",
      "kind" => "note",
      "picture" => jpeg,
      "service" => 2
    }.merge(facts.transform_keys(&:to_s)).compact
  end
  def keep(*all) = ask(:post, "/api/entries", { "entries" => all })

  it "goes with its entry, once, and is shown wherever that is" do
    said = note(note: "Door left open")
    expect([*keep(said), *keep(said)].map { |each| each["fate"] }).to eq %w[kept already]
    path = ask(:get, "/api/entries?service=2").last["picture"]
    expect(raw(path).b).to eq jpeg.unpack1("m")
    expect(last_response.headers["content-type"]).to eq "image/jpeg"
    expect(raw("/api/entries.csv")).to include(path)
    expect(JSON.parse(raw("/api/entries.jsonl").lines.last)["picture"]).to eq path
    get("/api/entries/nobody-knows-it/picture.jpg")
    expect(last_response.status).to eq 404
  end

  it "needs no words beside it, and stands in the inspector's folder on a page of its own" do
    keep(note)
    without = raw("/api/record.pdf?from=2026-11-28&to=2026-11-28").scan("/Subtype /Image").size
    with = raw("/api/record.pdf?from=2026-11-29&to=2026-11-29").scan("/Subtype /Image").size
    expect([without, with]).to eq [0, 1]
  end

  it "is refused where it is none, and too large exactly over the limit, and holds up no other" do
    most = Scullion::Record::Entry::PICTURE
    filled = ->(bytes) { [jpeg.unpack1("m").ljust(bytes, "\0")].pack("m0") }
    bad = ["", "x", ["GIF89a"].pack("m0"), 7, filled[most + 1]]
    fates = keep(*bad.map { |picture| note(picture: picture) }, note(picture: filled[most]))
    expect(fates.map { |each| each["fate"] }).to eq [*["refused"] * bad.size, "kept"]
    expect(fates.first["why"].join).to include("Send a JPEG")
    expect(keep(note(picture: nil)).first["fate"]).to eq "refused"
  end

  it "can be changed or taken out by nothing" do
    keep(note)
    row = Scullion::Records::Picture.last
    [-> { row.update_column(:jpeg, "") }, -> { row.delete }].each do |change|
      expect { Scullion::Records::Picture.transaction(requires_new: true) { change.call } }.to raise_error(
        /only added to/
      )
    end
  end

  it "prints a lot's label on paper too, with the code that opens it" do
    Scullion::Records::Lot.create!(
      code: "28R",
      service_name: "Lunch",
      task: "cook/0",
      name: "Roast carrot, a name that is long enough to need a second line of it",
      made: "2026-11-28T10:00",
      best: "2026-11-29T10:00",
      discard: "2026-12-04T23:59",
      facts: {
        "allergens" => Scullion::IngredientForm::ALLERGENS
      }
    )
    pdf = raw("/api/lots/28R/label.pdf")
    expect(pdf).to start_with("%PDF")
    expect(pdf.scan(%r{/Type /Page\b}).size).to eq 1
    get("/api/lots/28Z/label.pdf")
    expect(last_response.status).to eq 404
  end
end
