# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The demo's past", :server do
  let(:today) { Date.new(2026, 11, 24) }

  before { Scullion::DemoPast.new(today).load }

  it "is over by today, moved with the day, and each service was issued" do
    services = ask(:get, "/api/services").select { |each| each["date"] < today.iso8601 }
    expect(services.size).to eq Scullion::SimulatedKitchen::SERVICES.size
    expect(services.map { |each| each["date"] }.max).to eq (today - 1).iso8601
    expect(
      Scullion::Records::Issue.where(service: services.map { |each| each["id"] }).count
    ).to eq services.size
  end

  it "has something on hand and to learn: carrots lose more, barley drinks more, cooks are slower" do
    board = ask(:get, "/api/lots?now=#{today}T09:00")
    expect(board["count"]).to be_between(3, 14)
    expect(board["groups"].map { |group| group["key"] }).not_to include("over")
    told = ask(:get, "/api/lessons?now=#{today}T09:00").to_h { |each| [each["at"], each["value"]] }
    carrot, barley = house.larder.values_at("carrot", "pearl-barley")
    expect(told["larder/carrot/trims/peeled/yield"]).to be < carrot.fetch("trims/peeled/yield")
    expect(told["larder/pearl-barley/absorption/uptake/tender"]).to be >
      barley.fetch("absorption/uptake/tender")
    expect(told.keys.grep(/rates/)).not_to be_empty
  end

  it "tells of each service how it went, and of the tray that was too warm what was done" do
    id = ask(:get, "/api/services").find { |each| each["name"] == "Boat crew supper" }["id"]
    closing = ask(:get, "/api/services/#{id}/closing")
    expect(closing["lines"].first["done"]).to match(/covers/)
    expect(closing["lines"].count { |line| line["done"] }).to be > 5
    # What was left of mixed salads is worth what its servings cost.
    expect(closing["gone"].find { |each| each["of"] == "left" }["worth"].to_f).to be > 0.5
    notes = ask(:get, "/api/entries?service=#{id}&kind=note")
    expect(notes.map { |each| each["note"] }).to include(/split into two trays/)
  end

  it "is what the simulated kitchen does: the first service anew is as the file has it" do
    stub_const("Scullion::SimulatedKitchen::SERVICES", Scullion::SimulatedKitchen::SERVICES.first(1))
    file = JSON.parse(File.read(Scullion::DemoPast::FILE))
    service = file["services"].first["id"]
    made = Scullion::DemoPast.dump(Scullion::SimulatedKitchen.new(Scullion::DemoPast::WRITTEN).work)
    plain = ->(rows) { rows.map { |row| row.except("service", "code", "lot", "uid", "mends", "id") } }
    %w[entries lots].each do |table|
      expect(plain[made[table]]).to eq plain[file[table].select { |row| row["service"] == service }]
    end
  end
end
