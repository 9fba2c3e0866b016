# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Sheets of a service", :server do
  def rows(key)
    header "Host", "127.0.0.1"
    get("/api/services/1/lists/#{key}.csv")
    CSV.parse(last_response.body.force_encoding("UTF-8"))
  end

  it "weigh each bowl as the scale reads, with what comes in with the grain and what is held back" do
    build = rows("build-barley-roast-carrot-dill")
    expect(build.first).to eq ["Step", "Into each bowl", "Grams", "Scale reads", "Held back"]
    expect(build.map(&:first)).to include("With it", "Pour", "Kept back")
    expect(build.find { |row| row[0] == "With it" }).to eq [
         "With it",
         "Dressing, soak",
         "862 g",
         "6,252 g",
         ""
       ]
    expect(build.find { |row| row[1] == "Sunflower seeds" }.drop(2)).to eq ["", "", "1,470 g"]
    expect(build.last).to eq ["Kept back", "Dressing, reserve", "", "", "157 g"]
  end

  it "say how a pot is done, and nothing of what is nothing" do
    cook = rows("cook-pearl-barley")
    expect(cook.last.first).to eq "Done when"
    expect(cook.map(&:last)).not_to include("0 g", "0 min")
  end

  it "order by section, with the day it is wanted and blanks for what is not on hand" do
    order = rows("order")
    expect(order.first).to eq ["Section", "Item", "Order", "Needed", "On hand", "Wanted by", "Over", "Price"]
    expect(order.drop(1).map { |row| row[5] }).to all(match(/\A(Thu|Fri|Sat) \d+ Nov\z/))
    expect(order.drop(1).map { |row| row[4] }.uniq).to eq [""]
  end

  it "give each cook her own day, in order, with minutes" do
    %w[ml tr ok].each do |cook|
      day = rows("day-#{cook}").drop(1)
      expect(day).not_to be_empty
      expect(day.map { |row| row[2] }).to all(match(/\A(\d+ h \d\d|\d+ h|\d+ min)\z/))
    end
    expect(rows("day-tr").map { |row| row[1] }).to include(/Pearl barley.*pour in mustard vinaigrette/)
  end
end
