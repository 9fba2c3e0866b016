# frozen_string_literal: true

require "icalendar"
require "open3"
require_relative "server_helper"

RSpec.describe "A service on paper and in files", :server do
  def raw(path) = get(path).then { last_response.body }

  before { header "Host", "127.0.0.1" }

  it "sets the packet as PDF on both papers, every sheet of it" do
    packets = %w[a4 letter].map { |paper| raw("/api/services/2/packet.pdf?paper=#{paper}") }
    sizes = packets.map { |pdf| [pdf[0, 5], pdf[/MediaBox \[0 0 ([\d.]+ [\d.]+)\]/, 1]] }
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
    expect(packets.map { |pdf| pdf.scan(%r{/Type /Page\b}).size }).to all(be >= keys.size)
  end

  it "gives every list as CSV, with no cell that a spreadsheet would run" do
    ask(:get, "/api/services/2/lists").each do |list|
      text = raw("/api/services/2/lists/#{list["key"]}.csv").force_encoding("UTF-8")
      rows = CSV.parse(text.delete_prefix("\uFEFF"))
      expect(rows.map(&:size).uniq.size).to eq 1
      expect(rows.flatten.compact.grep(/\A[=+@]/)).to be_empty
    end
    expect(raw("/api/services/2/lists/order.csv")).to include("Fennel")
  end

  # Read by another program's parser than it was written with.
  def events_elsewhere(ics)
    script = <<~JS
      import ICAL from "ical.js";
      import { readFileSync } from "node:fs";
      const calendar = new ICAL.Component(ICAL.parse(readFileSync(0, "utf8")));
      const events = calendar.getAllSubcomponents("vevent").map((each) => {
        const { uid, sequence, startDate, summary } = new ICAL.Event(each);
        const stamp = each.getFirstPropertyValue("dtstamp").toString();
        const bells = each.getAllSubcomponents("valarm").length;
        return { uid, sequence, start: startDate.toString(), summary, stamp, bells };
      });
      console.log(JSON.stringify(events));
    JS
    web = File.expand_path("../../web", __dir__)
    said, = Open3.capture2("node", "--input-type=module", "-e", script, stdin_data: ics, chdir: web)
    JSON.parse(said)
  end

  it "brings a calendar in again without doubles, and what has moved as moved" do
    first, again = Array.new(2) { events_elsewhere(raw("/api/services/1/day.ics")) }
    other = events_elsewhere(raw("/api/services/2/day.ics"))
    expect(again).to eq first
    expect((first + again + other).map { |event| event["uid"] }.uniq.size).to eq first.size + other.size
    expect(first.map { |event| event["bells"] }).to all(be >= 1)
    allow(Time).to receive(:now).and_return(Time.now + 90)
    change("service/from", "13:00")
    moved = events_elsewhere(raw("/api/services/1/day.ics")).to_h { |event| [event["uid"], event] }
    both = first.filter_map { |event| [event, moved[event["uid"]]] if moved[event["uid"]] }
    gone, stood = both.partition { |before, after| before["start"] != after["start"] }
    expect(gone).not_to be_empty
    expect(
      gone.map { |before, after| [after["sequence"] - before["sequence"], after["stamp"] > before["stamp"]] }
    ).to all(eq [1, true])
    same = stood.reject { |before, after| after["sequence"] > before["sequence"] }
    expect(same.map { |before, after| [before["stamp"], after["stamp"]].uniq.size }).to all(eq 1)
  end

  it "draws the day for the wall: one A3 or two A4, across, in black, with every food, cook and salad" do
    pages = { "a3" => [1, "1190.55 841.89"], "a4" => [2, "841.89 595.28"], "letter" => [2, "792 612"] }
    pages.each do |paper, (count, size)|
      pdf = raw("/api/services/2/day.pdf?paper=#{paper}")
      expect(pdf.scan(%r{/Type /Page\b}).size).to eq count
      expect(pdf[/MediaBox \[0 0 ([\d.]+ [\d.]+)\]/, 1]).to eq size
    end
    day = ask(:get, "/api/services/2/day")
    drawn, picture = [], Scullion::Papers::DayPicture
    allow_any_instance_of(Prawn::Document).to receive(
      :text_box
    ).and_wrap_original do |method, text, *rest, **more|
      drawn << text
      method.call(text, *rest, **more)
    end
    roster =
      Scullion::Day::Roster.new(
        Scullion::Plan.for(
          Scullion::Brief.read(ask(:get, "/api/services/2/brief"), Scullion::Records::House.ours)
        )
      )
    sheets = Scullion::Papers::Sheets.new(roster)
    picture.new(sheets, roster.to_h, "Ready in 1 of 100 days.", "a3").render
    foods =
      day["strands"].flat_map { |strand| strand["rows"].map { |row| row["name"] if row["preparation"] } }
    expect(drawn).to include(*foods.compact, "ML", "TR", "OK", "Break", "rests")
    get("/api/services/2/day.pdf?paper=a9")
    expect(last_response.status).to eq 422
  end

  it "writes the day as a calendar with an alarm for every task, and labels as pictures" do
    calendar = Icalendar::Calendar.parse(raw("/api/services/2/day.ics")).first
    day = ask(:get, "/api/services/2/day")
    looks, others =
      calendar.events.map { |event| event.summary.to_s }.partition { |said| said.start_with?("Look: ") }
    expect(looks).to include("Look: Cold room", "Look: Probe in ice water", /display/)
    expect(others).to match_array(day["tasks"].map { |task| task["name"] } << day["in_place"]["said"])
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
