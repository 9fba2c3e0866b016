# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Sheets of a service", :server do
  def rows(key)
    header "Host", "127.0.0.1"
    get("/api/services/1/lists/#{key}.csv")
    text = last_response.body.force_encoding("UTF-8")
    expect(text).to start_with("\uFEFF")
    CSV.parse(text.delete_prefix("\uFEFF"))
  end

  it "weigh each bowl as the scale reads, with what comes in with the grain and what is held back" do
    build = rows("build-barley-roast-carrot-dill")
    expect(build.first).to eq ["Step", "Into each bowl", "Weigh (g)", "Scale reads (g)", "Held back (g)"]
    expect(build.map(&:first)).to include("With it", "Pour", "Kept back")
    expect(build.find { |row| row[0] == "With it" }).to eq ["With it", "Dressing, soak", "862", "6252", ""]
    expect(build.find { |row| row[1] == "Sunflower seeds" }.drop(2)).to eq ["", "", "1470"]
    expect(build.reject { |row| row[0] == "Mind" }.last).to eq [
         "Kept back",
         "Dressing, reserve",
         "",
         "",
         "157"
       ]
  end

  it "say how a pot is done, and nothing of what is nothing" do
    cook = rows("cook-pearl-barley")
    expect(cook.map(&:first)).to include("Done when", "Then", "Mind")
    expect(cook.first).to eq ["What", "How much", "Unit"]
    expect(cook.find { |row| row.first == "Water, cold" }).to match ["Water, cold", /\A\d+(\.\d+)?\z/, "g"]
    expect(cook.map { |row| row[1] }).not_to include("0")
  end

  it "order by section, with the day it is wanted and blanks for what is not on hand" do
    order = rows("order")
    expect(order.first).to eq [
         "Section",
         "Item",
         "Order",
         "Needed (g)",
         "On hand",
         "Wanted by",
         "Over (g)",
         "Price"
       ]
    expect(order.drop(1).map { |row| row[5] }).to all(match(/\A2026-11-2[678]\z/))
    expect(order.drop(1).flat_map { |row| row.values_at(3, 6, 7) }).to all(match(/\A\d+(\.\d+)?\z/))
    expect(order.drop(1).map { |row| row[4] }.uniq).to eq [""]
  end

  it "say of what comes ready cut that its price is to be asked, and not that it is free" do
    expect(
      ask(:post, "/api/services/1/day", { "cut" => "carrot|peeled|batons|method|roast" })
    ).to include "tasks"
    carrot = rows("order").find { |row| row[1].match?(/carrot/i) }
    expect(carrot[2]).to include "ready cut (batons"
    expect(carrot.last).to eq "to ask"
  end

  it "give each cook her own day, in order, with minutes" do
    %w[ml tr ok].each do |cook|
      day = rows("day-#{cook}").drop(1)
      expect(day).not_to be_empty
      expect(day.map { |row| row[2] }).to all(match(/\A\d+\z/))
    end
    said = %w[ml tr ok].flat_map { |cook| rows("day-#{cook}").map { |row| row[1] } }
    expect(said).to include(/Pearl barley.*pour in mustard vinaigrette/, /\ABreak: /)
  end
end
