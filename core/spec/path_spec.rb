# frozen_string_literal: true

require_relative "hazard_cases"
require_relative "random_salads"

# Where every lot is until it is eaten, in minutes that really pass.
RSpec.describe Scullion::Safety::Path do
  include AnyLegalSalad

  rules = ExampleBrief::SHIPPED.rule_sets["a"]

  def path(*stretches, **more)
    made =
      stretches.map do |state, from, to|
        described_class::Stretch.new(state: state, from: from, to: to, name: state)
      end
    described_class.new(made, ExampleBrief::SHIPPED.rule_sets["a"], **more)
  end

  def miss(...) = path(...).miss&.limit
  def read(data) = Scullion::Plan.for(Scullion::Brief.read(data, house))
  def roster(*changes)
    Scullion::Day::Roster.new(read(HazardCases.brief(HazardCases.all_of(*changes))))
  end

  # Set A: hot to 21 °C in 120 min, to 5 °C in 360; out 240 min at most.
  it "breaks a limit one minute past it, and not on it" do
    cooled = [["cooling", 0, 360], ["cold", 360, 900]]
    expect(miss(*cooled, first: 120, cold: 360)).to be_nil
    expect(miss(*cooled, first: 121, cold: 360)).to eq "first"
    expect(miss(*cooled, first: 120, cold: 361)).to eq "cold"
    expect(miss(*cooled, first: nil, cold: nil)).to eq "first"
    expect(miss(["out", 0, 240])).to be_nil
    expect(miss(["out", 0, 241])).to eq "out"
  end

  it "adds up every outing of the lot, and what it was out at another service" do
    twice = [["out", 0, 100], ["cold", 100, 300], ["out", 300, 440]]
    expect(path(*twice).out).to eq 240
    expect(miss(*twice)).to be_nil
    expect(miss(*twice, before: 1)).to eq "out"
    expect(miss(["clock", 0, 120], ["out", 120, 241])).to eq "out"
  end

  it "takes no gap for cold, and nothing past its last day" do
    expect(miss(["out", 0, 10], ["cold", 20, 30])).to eq "gap"
    expect(miss(["cold", 0, 30], last_day: 30)).to be_nil
    expect(miss(["cold", 0, 31], last_day: 30)).to eq "dated"
    expect(path.miss).to be_nil
  end

  describe "of a day" do
    # Three batches of barley for 400: each is spread and cooled when it is done.
    it "is one for each batch, none of which waits for the last" do
      day = roster(->(data) { data["service"]["covers"] = 560 })
      barley = day.lots.select { |lot| lot.name == "Pearl barley" }
      expect(barley.map(&:batch)).to eq((1..barley.size).map { |number| "#{number} of #{barley.size}" })
      expect(barley.size).to be > 1
      expect(barley.map { |lot| lot.path.miss }).to all(be_nil)
      first, second = barley.map { |lot| lot.path.from }
      expect(first).to be < second
    end

    # Barley that leaves the heat before midnight and is cold after it is Friday's barley.
    it "counts the day it leaves the heat as the first, and a mix by the earliest of its parts" do
      day = roster
      barley = day.lots.find { |lot| lot.name == "Pearl barley" }
      first = Scullion::Moment.new(day.date, barley.path.from)
      expect(barley.discard).to eq first.end_of_day(6)
      mix = day.lots.find { |lot| lot.task.start_with?("build/0") }
      expect(mix.to_h["marked"]).to eq barley.discard.iso
      expect(mix.discard).to be <= barley.discard
    end

    it "cools everything cooked that is served cold: vegetables, pulses, pasta, meat" do
      {
        "carrot" => {
          "method" => "boil-cut"
        },
        "beetroot" => {
          "method" => "roast"
        },
        "butternut" => {
          "method" => "roast"
        },
        "chicken-breast" => {
          "method" => "roast"
        },
        "penne" => {
          "method" => "boil"
        }
      }.each do |key, cook|
        cut = key == "carrot" ? "diced" : nil
        day = roster(HazardCases.one(key, cook: cook, cut: cut))
        lot = day.lots.find { |each| each.task.start_with?("cook/0") }
        expect([lot.control, lot.path.stretches.map(&:state)]).to match ["cold", start_with("cooling")]
      end
    end

    # Tap water has done the most of it: the rest is cold in less than half the time.
    it "cools what is rinsed from the tap's temperature, not from hot" do
      minutes = ->(serve) do
        day = roster(HazardCases.one("penne", cook: { "method" => "boil", "serve" => serve }))
        day.lots.find { |each| each.task.start_with?("cook/0") }.path.stretches.first.minutes
      end
      expect(minutes["cold"]).to be < minutes["warm"]
    end

    it "runs on the clock from the heat to the last plate where the cook says so, and is not kept" do
      preparation = roster.layout.jobs[1].need.component.preparation
      day = roster(HazardCases.day("control" => [{ "preparation" => preparation, "way" => "clock" }]))
      lot = day.lots.find { |each| each.name == "Roast carrot" }
      expect([lot.control, lot.path.out]).to match ["clock", be <= 240]
      expect(lot.discard.minutes).to eq lot.path.from + 240
      expect(day.plan.hazards.map(&:hazard)).to include("on-the-clock")
    end

    it "is cold in time from the later of now and of when it may begin, else it runs on the clock" do
      early, late = "2026-11-27T06:00", "2026-11-28T10:50"
      control = ->(since, now) do
        day = roster(HazardCases.day({ "since" => since, "now" => now }.compact))
        day.lots.find { |each| each.name == "Roast carrot" }.control
      end
      expect([[nil, early], [early, early]].map { |since, now| control[since, now] }).to eq %w[cold cold]
      expect([[early, late], [late, early]].map { |since, now| control[since, now] }).to eq %w[clock clock]
    end

    it "has no stop in it where the day works, on any salad" do
      each_plan(861..880, most_covers: 300, most_grams: 200) do |plan, seed|
        day = Scullion::Day::Roster.new(plan)
        next unless day.works?

        day.to_h["lots"].each do |lot|
          out = lot["path"].select { |each| %w[out clock].include?(each["state"]) }
          next if lot["control"].nil? && lot["miss"].nil?

          total = out.sum { |each| minutes_between(each["from"], each["to"]) }
          expect(total).to be <= plan.brief.rules.fetch("out_minutes"), "seed #{seed} #{lot["name"]}"
        end
      end
    end

    def minutes_between(from, to) = ((DateTime.iso8601(to) - DateTime.iso8601(from)) * 1440).round
  end

  describe "over midnight and where the clocks change" do
    def in_zone(zone)
      before, ENV["TZ"] = ENV.fetch("TZ", nil), zone
      Scullion::Moment.instance_variable_set(:@changes, nil)
      yield
    ensure
      ENV["TZ"] = before
      Scullion::Moment.instance_variable_set(:@changes, nil)
    end

    def window(date, from, to)
      data = HazardCases.brief(->(_) {})
      data["service"].merge!("date" => date, "from" => from, "to" => to)
      read(data).windows.first
    end

    it "lets a service end after midnight, and refuses one of a day and more" do
      late = window("2026-11-28", "22:30", "00:45")
      expect(late.service_to - late.service_from).to eq 135
      expect(late.service_to.to_s).to eq "Sun 29 Nov, 00:45"
      data = HazardCases.brief(->(_) {})
      data["service"]["to"] = data["service"]["from"]
      expect { read(data) }.to raise_error(Scullion::InvalidBrief, /ends when it starts/)
      data["service"].merge!("from" => "06:00", "to" => "04:00")
      expect { read(data) }.to raise_error(Scullion::InvalidBrief, /would last 22.0 h/)
      data["service"]["to"] = "30:00"
      expect { read(data) }.to raise_error(Scullion::InvalidBrief, /cannot be read/)
    end

    # 25 October 2026, 03:00 summer time is 02:00: from 23:00 to 02:30 four and a half hours pass.
    it "never lengthens a limit: four hours are four hours that pass" do
      in_zone("Europe/Berlin") do
        [%w[2026-10-24 23:00 02:30], %w[2026-03-28 23:00 03:30], %w[2026-10-25 00:30 03:00]].each do |times|
          held = window(*times)
          expect(held.out_until - held.service_from + held.mix_minutes.ceil).to eq 240
        end
        autumn = window("2026-10-24", "23:00", "02:30")
        expect(autumn.service_to - autumn.service_from).to eq 270
        spring = window("2026-03-28", "23:00", "03:30")
        expect(spring.service_to - spring.service_from).to eq 210
      end
    end

    it "reads and writes every minute of such a night there and back" do
      in_zone("Europe/Berlin") do
        day = Date.new(2026, 10, 24)
        shown = (1380..1800).step(10).map { |minutes| Scullion::Moment.new(day, minutes) }
        expect(shown.map(&:clock).values_at(0, 18, 24, 30)).to eq %w[23:00 02:00 02:00 03:00]
        expect(shown.map(&:minutes)).to eq shown.map(&:minutes).sort
        expect(Scullion::Moment.at(day, "12:00", days: 1).minutes).to eq 1440 + 720 + 60
      end
    end
  end

  it "lets the stricter set win: no limit of it is ever later" do
    strict = HazardCases.rules(out_minutes: 120, days: 3)
    lax, tight = [->(_) {}, strict].map { |change| read(HazardCases.brief(change)).windows.first }
    expect(tight.out_until).to be < lax.out_until
    expect(tight.date_mark).to be <= lax.date_mark
    expect(rules.lax).to eq []
  end
end
