# frozen_string_literal: true

require "csv"
require "open3"
require_relative "server_helper"
require_relative "../../core/spec/hazard_cases"

# A cook who follows the plan on any medium sees each hazard there, where the hand is.
RSpec.describe "Every hazard on every medium", :server do
  cases = HazardCases.all
  day_only = /\A(path|no-place)/

  # Prepared once for all media of a case.
  def media(key, data)
    house = ExampleBrief::SHIPPED
    plan = Scullion::Plan.for(Scullion::Brief.read(data, house))
    roster = Scullion::Day::Roster.new(plan)
    finding = roster.hazards.find { |each| each.hazard == key }
    [plan, roster, finding, Scullion::Papers::Sheets.new(roster)]
  end

  def plain(text) = text.gsub(/\r?\n /, "").gsub(/\\([,;\\])/, '\1').gsub("\\n", "\n")

  cases.each do |key, data|
    # The same on every database: once is enough.
    it "says #{key} on screen, paper, lists, labels, calendar and the command line", :sqlite do
      plan, roster, finding, sheets = media(key, data)
      expect(finding).not_to be_nil
      what = finding.what
      expect(roster.to_h["hazards"].map { |each| each["what"] }).to include(what)
      expect(on_sheets(sheets, finding)).to be true
      calendar = plain(Scullion::Papers::DayCalendar.new(1, roster).to_ical)
      tasks = roster.instance.tasks.select { |task| roster.hazards_of(task).include?(finding) }
      said = key == "no-place" ? "Has no place: #{finding.about}" : what
      expect(calendar).to include(said) if tasks.any? || finding.stop?
      next if key.match?(day_only)

      expect(plan.to_h["hazards"].map { |each| each["what"] }).to include(what)
      expect(Scullion::Plan::Paper.new(plan).to_s).to include(what)
      expect(plan.to_h["snags"].map { |each| each["what"] }).to include(what) unless finding.grave == "mind"
    end
  end

  # On the first page or the sheet of its place, for a reader and in its table.
  def on_sheets(sheets, finding)
    sheets.all.any? do |sheet|
      said = [*sheet.rows.flatten.compact.map(&:to_s), *(sheet.warnings || []).map(&:to_s)]
      head = finding.what.sub(finding.about, "")
      here =
        said.any? { |line| line.sub(finding.about, "").include?(head[0, 40]) || line.include?(finding.what) }
      here &&
        CSV
          .parse(sheet.to_csv.delete_prefix("\uFEFF"))
          .flatten
          .compact
          .any? { |cell| said.any? { |line| line.include?(cell) } }
    end
  end

  describe "a stop" do
    kidney = HazardCases.all["soak-water-kidney"]

    it "stands on the first page, on its own sheet and on its label, for who signs" do
      _, _, finding, sheets = media("soak-water-kidney", kidney)
      first = sheets.all.first
      expect([first.key, first.rows.first[0], first.rows.last.join]).to match [
              "before-you-cook",
              "STOP",
              /Read by ____/
            ]
      expect(first.rows.first[2]).to include(finding.what, finding.remedy)
      cook = sheets.all.find { |sheet| sheet.key.start_with?("cook-") }
      expect(cook.warnings.first.to_s).to start_with("STOP: #{finding.what}")
      expect(sheets.hold_labels.map { |label| label["stop"] }).to include(finding.what)
      svg = Scullion::Papers::LabelPicture.new(sheets.hold_labels.find { |label| label["stop"] }).to_svg
      expect(svg).to include("STOP: ")
      pdf = Scullion::Papers::Packet.new(sheets, "a4").render
      expect(pdf.byteslice(0, 5)).to eq "%PDF-"
    end

    it "ends the command line with a code of its own, and says why" do
      out, err, status =
        Open3.capture3("bin/plan", "-", "--shipped", chdir: ROOT, stdin_data: JSON.generate(kidney))
      expect([status.exitstatus, err]).to match [3, /\ASTOP  Kidney beans.*soak water/]
      expect(JSON.parse(out)["service"]["stops"]).to eq 1
      taken = kidney.merge("day" => { "taken_on" => [taken_on] })
      _, _, status =
        Open3.capture3("bin/plan", "-", "--shipped", chdir: ROOT, stdin_data: JSON.generate(taken))
      expect(status.exitstatus).to eq 0
    end

    def taken_on = { "key" => "soak-water-kidney@cook/0", "by" => "ML", "reason" => "Tinned beans are used." }

    it "that a named person took on says by whom and why, wherever it stands" do
      roster = media("soak-water-kidney", kidney.merge("day" => { "taken_on" => [taken_on] }))[1]
      sheets = Scullion::Papers::Sheets.new(roster)
      expect(roster.hazards.count(&:bars?)).to eq 0
      expect(sheets.all.first.rows.first[2]).to include("Taken on by ML: Tinned beans are used.")
      expect(plain(Scullion::Papers::DayCalendar.new(1, roster).to_ical)).to include("Taken on by ML")
    end
  end

  describe "the gate" do
    it "lets no task begin that a stop is on, until it is taken on by name and with a reason" do
      key = "white-beans"
      service = ask(:get, "/api/services/1")
      salad = ask(:get, "/api/salads").find { |each| each["components"].any? { |c| c["ingredient"] == key } }
      salad["components"].each do |component|
        next unless component["ingredient"] == key

        component.merge!(
          "ingredient" => "dry-kidney-beans",
          "cook" => {
            "method" => "simmer",
            "water" => "soak"
          }
        )
      end
      ask(:put, "/api/salads/#{salad["key"]}", salad.except("id"))
      day = ask(:get, "/api/services/#{service["id"]}/day")
      stop = day["hazards"].find { |found| found["grave"] == "stop" }
      expect([stop["hazard"], day["stops"]]).to eq ["soak-water-kidney", 1]
      task = day["tasks"].find { |each| each["at"] == stop["at"] }
      begin_it = { "mark" => { "task" => task["key"], "state" => "started", "at" => task["start"] } }
      refused = ask(:post, "/api/services/1/day", begin_it)
      expect([last_response.status, refused["stops"].first["key"]]).to eq [422, stop["key"]]
      expect(refused["title"]).to include("soak water")
      ask(
        :post,
        "/api/services/1/day",
        { "taken_on" => { "key" => stop["key"], "by" => "ML", "reason" => "" } }
      )
      expect(last_response.status).to eq 422
      on = { "key" => stop["key"], "by" => "ML", "reason" => "These were boiled yesterday." }
      expect(ask(:post, "/api/services/1/day", { "taken_on" => on })["stops"]).to eq 0
      begun = ask(:post, "/api/services/1/day", begin_it)
      expect(begun["tasks"].find { |each| each["key"] == task["key"] }["state"]).to eq "started"
      expect(ask(:get, "/api/services/1/plan")["hazards"].first["taken_on"]).to eq(
        "by" => "ML",
        "reason" => "These were boiled yesterday."
      )
      ask(:post, "/api/services/1/day", { "given_back" => stop["key"] })
      expect(ask(:get, "/api/services/1/day")["stops"]).to eq 1
    end

    it "asks whom a service feeds, and keeps it" do
      version = ask(:get, "/api/services/1")["version"]
      change = { "version" => version, "at" => "service/guests", "value" => "under-ones, ill" }
      changed = ask(:post, "/api/services/1/changes", change)
      expect(changed["service"]["guests"]).to eq %w[under-ones ill]
      expect(changed["plan"]["hazards"].map { |each| each["hazard"] }).to include("dressing-guests-honey")
      again = ask(:post, "/api/services/1/copy", { "date" => "2026-12-12" })
      expect(again["guests"]).to eq %w[under-ones ill]
      bad = { "version" => changed["service"]["version"], "at" => "service/guests", "value" => "giants" }
      ask(:post, "/api/services/1/changes", bad)
      expect([last_response.status, last_response.body]).to match [422, /giants.*under-ones/m]
    end
  end

  it "drowns nobody: three lines of caution at most on any sheet of the demo" do
    [1, 2].each do |id|
      service = Scullion::Records::Service.find(id)
      plan = Scullion::Plan.for(Scullion::Exchange::Briefing.brief(service, Scullion::Records::House.ours))
      sheets = Scullion::Papers::Sheets.new(Scullion::Day::Roster.new(plan)).all
      sheets.each do |sheet|
        expect((sheet.warnings || []).count { |each| each.grave == "mind" }).to be <= 3, sheet.title
      end
    end
  end
end
