# frozen_string_literal: true

RSpec.describe "A kitchen that other services use as well" do
  def instance(resources, tasks)
    Scullion::Day::Instance.from_h(
      "format" => "scullion/day@1",
      "from" => 0,
      "to" => 600,
      "resources" => resources,
      "tasks" => tasks
    )
  end
  def solve(...) = Scullion::Day::Solver.new(instance(...)).solve
  def busy(from, to, amount: 1, mode: nil)
    { "from" => from, "to" => to, "amount" => amount, "mode" => mode, "name" => "Quay lunch" }.compact
  end
  def task(key, uses, latest: 100)
    {
      "key" => key,
      "name" => key,
      "latest" => latest,
      "after" => [],
      "segments" => [{ "minutes" => 30, "uses" => uses }]
    }
  end

  def cook(*busy)
    {
      "key" => "cook-0",
      "name" => "ML",
      "kind" => "cook",
      "capacity" => 1,
      "open" => [[0, 600]],
      "busy" => busy
    }
  end
  def oven(*busy)
    {
      "key" => "oven-0",
      "name" => "Oven",
      "kind" => "oven",
      "capacity" => 4,
      "moded" => true,
      "busy" => busy
    }
  end
  def cut = task("cut", [{ "kind" => "cook", "amount" => 1 }])
  def roast(amount, mode) = task("roast", [{ "kind" => "oven", "amount" => amount, "mode" => mode }])

  # Due at 100 for 30: at 70; with her hands taken from 60 to 95 at 30; taken from 80 in two turns, at 50.
  it "works round the hands that another service has" do
    expect(
      [[], [busy(60, 95)], [busy(80, 90), busy(90, 100)]].map do |taken|
        solve([cook(*taken)], [cut]).start("cut")
      end
    ).to eq [70, 30, 50]
  end

  # Two of four places are another's from 60 to 95, at 180: two more go in with them at 180, three do not, nor
  # any at 200.
  it "shares an oven at the same heat while there is room, and waits for another" do
    taken = busy(60, 95, amount: 2, mode: 180)
    expect(
      [[2, 180], [3, 180], [2, 200]].map do |amount, mode|
        solve([oven(taken)], [roast(amount, mode)]).start("roast")
      end
    ).to eq [70, 30, 30]
  end

  it "counts what is left of them where a day is too full, and reads and writes it all" do
    day = instance([cook(busy(70, 90))], [cut])
    expect(day.resources.first.minutes_within(60, 90)).to eq 10
    expect(Scullion::Day::Overload.new(day).hands).to eq [30, 580]
    expect(Scullion::Day::Instance.from_h(JSON.parse(JSON.generate(day.to_h))).to_h).to eq day.to_h
  end

  describe "for two services of one day" do
    def roster(from, to, taken: [], covers: 140)
      Scullion::Day::Roster.new(
        plan(covers: covers) do |data|
          data["service"].merge!("from" => from, "to" => to, "name" => from)
          data["day"] = { "taken" => taken }
        end
      )
    end

    let(:lunch) { roster("11:45", "13:30") }
    let(:alone) { roster("12:00", "13:45") }
    let(:second) { roster("12:00", "13:45", taken: lunch.taken) }

    it "never has the same hands, heat or bowls twice" do
      expect(broken(second.solution)).to be_empty
      expect(second.solution.unplaced).to be_empty
      expect(second.solution.starts).not_to eq alone.solution.starts
      kept = lunch.solution.instance.resources.to_h { |resource| [resource.key, resource.capacity] }
      minutes = (lunch.taken + second.taken).select { |each| each["on"].start_with?("cook") }
      minutes.each do |one|
        expect(
          minutes.count do |other|
            other["on"] == one["on"] && other["from"] <= one["from"] && other["to"] > one["from"]
          end
        ).to eq kept[one["on"]]
      end
    end

    it "leaves what was borrowed out of what it takes" do
      lent =
        Scullion::Day::Roster.new(
          plan do |data|
            data["day"] = { "extra" => [{ "from" => "2026-11-28T06:30", "to" => "2026-11-28T15:00" }] }
          end
        )
      expect(lent.solution.taken.values.flatten.map { |used| used["cook"] }).to include("cook-extra-0")
      expect(lent.taken.map { |each| each["on"] }).not_to include("cook-extra-0")
    end

    it "says whom it is planned around, and when they are taken" do
      sheet = second.to_h
      expect(sheet["around"]).to eq ["11:45"]
      lane = sheet["lanes"].find { |each| each["key"] == "cook-0" }
      expect(lane["busy"]).to all(include("name" => "11:45"))
      expect(lane["busy"].each_cons(2)).to all(satisfy { |one, other| one["to"] < other["from"] })
      expect(alone.to_h["around"]).to eq []
    end

    it "names what it cannot read" do
      told =
        faults do |data|
          data["day"] = {
            "taken" => [
              {
                "on" => "cook-0",
                "from" => "2026-11-28T10:00",
                "to" => "2026-11-28T09:00",
                "amount" => 0,
                "for" => "Quay"
              }
            ]
          }
        end
      expect(told.keys).to contain_exactly("/day/taken/0/to", "/day/taken/0/amount")
    end
  end
end
