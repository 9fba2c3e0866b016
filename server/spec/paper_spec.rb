# frozen_string_literal: true

require "icalendar"
require_relative "server_helper"

RSpec.describe "A service on paper and in files", :server do
  def raw(path) = get(path).then { last_response.body }

  before { header "Host", "127.0.0.1" }

  it "sets the packet as PDF on both papers, every sheet of it" do
    sizes =
      %w[a4 letter].map do |paper|
        raw("/api/services/2/packet.pdf?paper=#{paper}").then do |pdf|
          [pdf[0, 5], pdf[/MediaBox \[0 0 ([\d.]+ [\d.]+)\]/, 1]]
        end
      end
    expect(sizes).to eq [["%PDF-", "595.28 841.89"], ["%PDF-", "612 792"]]
    keys = ask(:get, "/api/services/2/lists").map { |list| list["key"] }
    expect(keys).to include(
      "order",
      "labels",
      "matrix",
      /\Aprep-/,
      /\Acook-/,
      /\Adressing-/,
      /\Aday-/,
      /\Abuild-/
    )
    expect(raw("/api/services/2/packet.pdf").scan(%r{/Type /Page\b}).size).to be >= keys.size
  end

  it "gives every list as CSV, with no cell that a spreadsheet would run" do
    ask(:get, "/api/services/2/lists").each do |list|
      rows = CSV.parse(raw("/api/services/2/lists/#{list["key"]}.csv"))
      expect(rows.map(&:size).uniq.size).to eq 1
      expect(rows.flatten.compact.grep(/\A[=+@]/)).to be_empty
    end
    expect(raw("/api/services/2/lists/order.csv")).to include("Fennel")
  end

  it "writes the day as a calendar with an alarm for every task, and labels as pictures" do
    calendar = Icalendar::Calendar.parse(raw("/api/services/2/day.ics")).first
    expect(calendar.events.size).to eq ask(:get, "/api/services/2/day")["tasks"].size
    expect(calendar.events.map { |event| event.alarms.size }).to all(be >= 1)
    expect(raw("/api/services/2/labels/0.svg")).to include("<svg", "Discard")
    get("/api/services/2/labels/999.svg")
    expect(last_response.status).to eq 404
  end

  it "comes back the same from its own JSON, and under another name where a different salad stands" do
    ask(
      :post,
      "/api/services/2/changes",
      { "version" => 0, "at" => "service/stock/fennel", "value" => "2 kg" }
    )
    brief = ask(:get, "/api/services/2/brief")
    copy = ask(:post, "/api/services/import", brief)
    expect(ask(:get, "/api/services/#{copy["id"]}/brief")).to eq brief
    salad = brief["salads"].first
    other =
      brief.merge(
        "salads" => [
          salad.merge(
            "components" => salad["components"].map { |line| line.merge("grams" => line["grams"] + 1) }
          ),
          *brief["salads"].drop(1)
        ]
      )
    expect(
      ask(:post, "/api/services/import", other)["lines"].map { |line| line["salad"] }
    ).to include "#{salad["key"]}-2"
  end

  it "is made again on another date, for as many as usual" do
    copy = ask(:post, "/api/services/2/copy", { "date" => "2027-02-07", "covers" => 60 })
    expect(copy).to include("date" => "2027-02-07", "covers" => 60)
    expect(copy["lines"].last["covers"]).to eq 40
    expect(ask(:get, "/api/services/2/history")).to include("usual" => 90)
    ask(:post, "/api/services/2/copy", { "date" => "2027-02-30" })
    expect(last_response.status).to eq 422
  end

  it "counts what is on hand as a cook writes it, and says what is not a weight" do
    ask(
      :post,
      "/api/services/2/changes",
      { "version" => 0, "at" => "service/stock/fennel", "value" => "a heap" }
    )
    expect(last_response.status).to eq 422
    ask(
      :post,
      "/api/services/2/changes",
      { "version" => 0, "at" => "service/stock/pumpkin-seeds", "value" => "1 bag" }
    )
    expect(
      answer["plan"]["buy"].find { |line| line["ingredient"] == "pumpkin-seeds" }["order"]
    ).to start_with("1 ×")
    short = ask(:get, "/api/services/2/short?ingredient=fennel&grams=5000")
    expect(short["enough_for"]).to be < 120
    expect(ask(:get, "/api/services/2/check-weigh?line=0&weights=338+342+335+340+347")["mean"]).to eq "340 g"
    ask(:get, "/api/services/2/check-weigh?line=0&weights=heavy")
    expect(answer["faults"].first["what"]).to include("heavy")
  end
end
