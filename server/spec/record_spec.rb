# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The record", :server do
  let(:day) { ask(:get, "/api/services/2/day") }

  def task(part) = day["tasks"].find { |each| each["name"].include?(part) }
  def decide(decision) = ask(:post, "/api/services/2/day", decision)
  def entries(**query) = ask(:get, "/api/entries?#{URI.encode_www_form(query)}")
  def done(part, clock)
    at = "#{day["service"]["date"]}T#{clock}"
    decide(
      "now" => at,
      "by" => "ML",
      "mark" => {
        "task" => task(part)["key"],
        "state" => "done",
        "at" => at
      }
    )
  end
  def entry(**facts)
    {
      "uid" => SecureRandom.uuid,
      "at" => Time.now.utc.iso8601,
      "clock" => "2026-11-29T09:40",
      "kind" => "weighed",
      "of" => "cooked",
      "value" => 4100,
      "service" => 2
    }.merge(facts.transform_keys(&:to_s)).compact
  end
  def keep(*all) = ask(:post, "/api/entries", { "entries" => all })

  it "has what is marked on the day, by whom, and takes it back without losing it" do
    done("Gherkins", "09:40")
    key = task("Gherkins")["key"]
    kept = entries(service: 2, task: key)
    expect(kept).to contain_exactly(
      include("kind" => "done", "by" => "ML", "clock" => /T09:40/, "about" => /Gherkins/)
    )
    decide("unmark" => key)
    after = entries(service: 2, task: key)
    expect(after.map { |each| each.slice("kind", "void", "mended") }).to eq [
         { "kind" => "done", "mended" => true },
         { "kind" => "done", "void" => true }
       ]
  end

  it "keeps a tick that is sent twice, as from a queue, once" do
    at = "#{day["service"]["date"]}T09:40"
    tick = {
      "now" => at,
      "uid" => "tick-0001-0001",
      "mark" => {
        "task" => task("Gherkins")["key"],
        "state" => "done",
        "at" => at
      }
    }
    2.times { decide(tick) }
    expect(entries(service: 2, task: task("Gherkins")["key"]).map { |each| each["uid"] }).to eq [
         "tick-0001-0001"
       ]
  end

  it "has the entries of a sheet with all its tasks, and of no other" do
    keep(
      entry(task: "prep/1/cut"),
      entry(task: "prep/1"),
      entry(task: "prep/12/cut"),
      entry(task: "prep_1/cut")
    )
    expect(entries(at: "prep/1").map { |each| each["task"] }).to match_array %w[prep/1/cut prep/1]
    expect(entries(at: "prep%").size).to eq 0
  end

  it "takes back what is undone, and has it again when it is done again" do
    key = task("Gherkins")["key"]
    day = done("Gherkins", "09:40")
    decide("restore" => day["before"])
    standing = -> { entries(service: 2, task: key).reject { |each| each["void"] || each["mended"] } }
    expect(standing.call).to be_empty
    done("Gherkins", "09:42")
    expect(standing.call.map { |each| each["kind"] }).to eq ["done"]
    expect(entries(service: 2, task: key).size).to eq 3
  end

  it "keeps each entry once, in any order, and what is refused holds up no other" do
    first, wrong = entry, entry(kind: "temperature", of: "core", value: 300)
    expect(keep(first, wrong, entry(value: 5)).map { |each| each["fate"] }).to eq %w[kept refused kept]
    expect(keep(first).first["fate"]).to eq "already"
    expect(keep(wrong).first["why"].first).to include("-40 to 250 °C")
    expect(entries(service: 2).map { |each| each["uid"] }.tally.values).to eq [1, 1]
  end

  it "takes a queue of two thousand, and an entry of a service that is gone" do
    fates = keep(*Array.new(2000) { |index| entry(value: index) }).map { |each| each["fate"] }
    expect(fates.tally).to eq("kept" => 2000)
    expect(keep(entry(service: 999)).first["fate"]).to eq "kept"
    expect(keep({ "x" => 1 }).first["fate"]).to eq "refused"
  end

  it "asks about a clock that is an hour off, and a weight with the tray in it; both are kept" do
    off = entry(at: (Time.now.utc - 3600).iso8601)
    expect(keep(off).first).to include("fate" => "kept", "asks" => /60 min off/)
    now = Time.now.utc.floor
    allow(Time).to receive(:now).and_return(now)
    asks = ->(minutes) { keep(entry(at: (now - (minutes * 60)).iso8601)).first.key?("asks") }
    expect([10, 10.1, 180, 180.1].map(&asks)).to eq [false, true, true, false]
    allow(Time).to receive(:now).and_call_original
    done("Gherkins", "09:40")
    code =
      ask(:get, "/api/lots?now=2026-11-29T10:00")["groups"].flat_map { |group| group["lots"] }.first["code"]
    planned = ask(:get, "/api/lots/#{code}")["planned"]
    expect(keep(entry(lot: code, value: planned * 1.25)).first).not_to have_key("asks")
    expect(keep(entry(lot: code, value: (planned * 1.25) + 0.1)).first["asks"]).to match(
      /is the tray in it\?/
    )
  end

  it "makes a lot of what is done, with a code to say, where it came from and where it went" do
    done("Gherkins", "09:40")
    board = ask(:get, "/api/lots?now=2026-11-29T10:00")
    lot = board["groups"].flat_map { |group| group["lots"] }.first
    expect(lot).to include("name" => "Gherkins", "code" => /\A\d\d[A-Z]\z/, "weighed" => false)
    done("Mix and dress Potato", "10:10")
    after = ask(:get, "/api/lots?now=2026-11-29T10:20")["groups"].flat_map { |group| group["lots"] }
    expect(after.map { |each| each["name"] }).not_to include("Gherkins")
    salad = after.find { |each| each["name"].start_with?("Potato") }
    expect(ask(:get, "/api/lots/#{salad["code"]}")["from"].map { |each| each["name"] }).to eq ["Gherkins"]
    expect(ask(:get, "/api/lots/#{lot["code"]}")["into"].map { |each| each["code"] }).to eq [salad["code"]]
    # The same task is ended twice, on two tablets: one lot.
    done("Mix and dress Potato", "10:10")
    expect(Scullion::Records::Lot.where(name: salad["name"]).count).to eq 1
  end

  it "tells every screen at once that something was written, and of which service" do
    told = []
    allow(Scullion::App.settings.live).to receive(:tell) { |what, data| told << [what, data] }
    keep(entry)
    done("Gherkins", "09:40")
    ask(:post, "/api/entries", { "entries" => "no list" })
    ask(:post, "/api/amounts/read", { "texts" => ["2 kg"] })
    entries
    expect(told).to eq [["moved", {}], ["moved", { "service" => 2 }]]
  end

  it "can be changed or emptied by nothing" do
    keep(entry)
    row = Scullion::Records::Entry.last
    refused = /only added to/
    expect {
      Scullion::Records::Entry.transaction(requires_new: true) { row.update_column(:value, 1) }
    }.to raise_error(refused)
    expect { Scullion::Records::Entry.transaction(requires_new: true) { row.delete } }.to raise_error(refused)
    operations =
      YAML.load_file("server/openapi.yaml")["paths"].select { |path, _| path.match?(%r{/(entries|lots)}) }
    expect(operations.values.flat_map(&:keys) & %w[put patch delete]).to be_empty
    ask(:delete, "/api/services/2")
    expect(entries(service: 2).size).to eq 1
  end

  it "watches what cools, and says early what to do" do
    roast = task("Roast beetroot: roast")
    lot = day["lots"].find { |each| each["task"] == roast["key"] }
    heat = lot["path"].first["from"]
    decide("now" => heat, "mark" => { "task" => roast["key"], "state" => "started", "at" => roast["start"] })
    clock = ->(minutes) { (Time.iso8601("#{heat}:00Z") + (minutes * 60)).strftime("%Y-%m-%dT%H:%M") }
    read = ->(minutes, celsius) do
      keep(
        entry(kind: "temperature", of: "cooling", value: celsius, task: roast["key"], clock: clock[minutes])
      )
    end
    tray = ->(minutes) { ask(:get, "/api/services/2/trays?now=#{clock[minutes]}").first }
    read[20, 55]
    expect(tray[25]).to include("name" => "Roast beetroot", "called" => false)
    read[50, 48]
    expect(tray[50]).to include(
      "called" => true,
      "do" => /\AIt (?:will|may) be too late, \d+ in 100\. .*(?:to spare|too late too)/,
      "minutes" => 50
    )
    expect(tray[50]["next"]).to eq clock[60]
    expect(tray[50]["passings"].first["said"]).to match(/\A21 °C after .+ at the latest\z/)
  end

  it "sets planned and done side by side when a service is over" do
    prep = ask(:get, "/api/services/2/plan")["prep"].find { |line| line["name"] == "Gherkins" }
    keep(
      entry(of: "trimmed", value: 2000, task: "#{prep["at"]}/cut"),
      entry(kind: "served", of: nil, value: 118),
      entry(of: "left", value: 900)
    )
    closing = ask(:get, "/api/services/2/closing")
    line = closing["lines"].find { |each| each["name"] == "Gherkins" && each["of"] == "trimmed" }
    expect(line).to include("done" => "2.00 kg", "difference" => /\A[+−]/)
    expect(closing["lines"].first).to include(
      "planned" => "120 covers",
      "done" => "118 covers",
      "difference" => "−2 covers"
    )
    expect(closing["lines"].last).not_to have_key("done")
    expect(closing["gone"].first).to include("of" => "left", "grams" => 900.0)
  end

  # Fennel cored by hand: 60 % are left of what is bought, where the larder has more.
  it "offers a figure of its own once it is weighed often enough, and follows it when it is taken" do
    prep = ask(:get, "/api/services/2/plan")["prep"].find { |line| line["name"] == "Diced fennel" }
    copies =
      Array
        .new(3) do |index|
          ask(:post, "/api/services/2/copy", { "date" => "2026-12-#{10 + index}", "covers" => 60 })["id"]
        end
        .unshift(2)
    weigh = ->(service) do
      keep(
        entry(of: "bought", value: 10_000, task: "#{prep["at"]}/cut", service: service),
        entry(of: "trimmed", value: 6000, task: "#{prep["at"]}/cut", service: service)
      )
    end
    copies.first(2).each(&weigh)
    expect(ask(:get, "/api/lessons")).to eq []
    copies.last(2).each(&weigh)
    lesson = ask(:get, "/api/lessons?now=2026-11-29T09:00").first
    expect(lesson).to include(
      "at" => "larder/fennel/trims/cored/yield",
      "count" => 4,
      "next" => /\A.+: \+\d.* to buy\z/
    )
    expect(lesson["value"]).to be_between(0.6, 0.66)
    grams = -> do
      ask(:get, "/api/services/2/plan")["prep"].find { |line| line["name"] == "Diced fennel" }["ap_grams"][
        "value"
      ]
    end
    before = grams.call
    ask(:put, "/api/house-figures", { "at" => lesson["at"], "value" => lesson["value"] })
    expect(grams.call).to be > before
    # One with more left than there was has something else on the scale.
    keep(
      entry(of: "bought", value: 100, task: "prep/7/cut"),
      entry(of: "trimmed", value: 900, task: "prep/7/cut")
    )
    expect(ask(:get, "/api/lessons").map { |each| each["at"] }).not_to include(/gherkins/)
  end

  it "is a folder for the inspector: every entry of the days, mended ones too, and gaps as gaps" do
    fridge = ->(day, **facts) do
      entry(
        kind: "temperature",
        of: "fridge",
        about: "Cold room",
        service: nil,
        clock: "2026-11-#{day}T08:00",
        **facts
      )
    end
    wrong = fridge[27, value: 13.5, by: "ML"]
    keep(wrong, fridge[27, value: 3.5, mends: wrong["uid"]], fridge[29, value: 4], fridge[20, value: 5])
    pdf = raw("/api/record.pdf?from=2026-11-27&to=2026-11-29")
    expect(pdf[0, 5]).to eq "%PDF-"
    book = Scullion::Exchange::RecordBook.new(Scullion::Records::House.ours, "2026-11-29T09:00")
    said =
      Scullion::Records::Entry.where("clock > '2026-11-27'").order(:clock, :id).map { |each| book.said(each) }
    days = Date.new(2026, 11, 27)..Date.new(2026, 11, 29)
    rows = Scullion::Papers::Folder.new("Quay", days, said).all.first.rows
    expect(rows.map { |row| row.values_at(0, 2, 4) }).to eq [
         ["Fri 27 Nov 08:00", "13.5 °C", "mended by a later entry"],
         ["Fri 27 Nov 08:00", "3.5 °C", ""],
         ["Sun 29 Nov 08:00", "4 °C", ""],
         ["Sat 28 Nov", "", "gap"]
       ]
    %w[from=2026-11-29&to=2026-11-27 from=2020-01-01&to=2026-11-27 from=never].each do |asked|
      get("/api/record.pdf?#{asked}")
      expect(last_response.status).to eq 422
    end
  end

  it "goes out as lines and as a table, in which no cell is a formula" do
    keep(entry(kind: "note", of: nil, value: nil, note: "=1+1"))
    lines = raw("/api/entries.jsonl").lines.map { |line| JSON.parse(line) }
    expect(lines.map { |line| line["note"] }).to include("=1+1")
    expect(raw("/api/entries.csv").b).not_to match(/[,;\n]=1/n)
  end
end
