# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A week", :server do
  def order(day = "2026-11-28") = ask(:get, "/api/weeks/#{day}/order")

  it "orders for all its services at once, whichever of its days is named" do
    week = order
    expect(week["from"]).to eq "2026-11-23"
    expect(week["services"].map { |service| service["date"] }).to eq %w[2026-11-28 2026-11-29]
    expect(order("2026-11-23")).to eq week
    oil = week["lines"].find { |line| line["ingredient"] == "rapeseed-oil" }
    expect(oil["services"].map { |each| each["date"] }).to eq %w[2026-11-28 2026-11-29]
    expect(week["packs_saved"]).to be_positive
  end

  # The kitchen may begin two days before: Sunday's lunch on Friday, and not on Thursday.
  it "names the services that may be worked for on a day" do
    dates =
      lambda do |day|
        ask(:get, "/api/services?worked_on=#{day}").map { |service| service["date"] }.grep(/11-2[89]/)
      end
    expect(%w[2026-11-26 2026-11-27 2026-11-28 2026-11-29 2026-11-30].map(&dates)).to eq [
         %w[2026-11-28],
         %w[2026-11-28 2026-11-29],
         %w[2026-11-28 2026-11-29],
         %w[2026-11-29],
         []
       ]
    expect(ask(:get, "/api/services?worked_on=sunday")["title"]).to match(/not a day/)
    expect(last_response.status).to eq 404
  end

  it "says by when each thing is wanted first, and goes out as CSV" do
    wanted = ask(:get, "/api/weeks/2026-11-28/wanted").to_h { |each| each.values_at("ingredient", "date") }
    expect(wanted.keys).to match_array(order["lines"].map { |line| line["ingredient"] })
    days =
      [1, 2].map do |id|
        ask(:get, "/api/services/#{id}/day")["needed_by"].to_h { |each| each.values_at("ingredient", "date") }
      end
    expect(wanted["rapeseed-oil"]).to eq days.map { |each| each["rapeseed-oil"] }.min
    get "/api/weeks/2026-11-28/order.csv"
    head, *rows = CSV.parse(last_response.body.force_encoding("UTF-8").delete_prefix("\uFEFF"))
    names = ["Section", "Item", "Order", "Needed (g)", "On hand", "Wanted by", "For", "Over (g)", "Price"]
    expect(head).to eq names
    expect(rows.size).to eq order["lines"].size
    expect(rows.find { |row| row[1] == "Rapeseed oil" }[6]).to match(/Saturday lunch .*; .*Sunday lunch/)
  end

  it "is empty without a service, and nothing without a day" do
    expect(order("2027-01-06")).to include("from" => "2027-01-04", "lines" => [], "services" => [])
    expect(ask(:get, "/api/weeks/2027-01-06/wanted")).to eq []
    get "/api/weeks/someday/order"
    expect([last_response.status, JSON.parse(last_response.body)["title"]]).to eq [
         404,
         "someday is not a day of the calendar."
       ]
  end
end
