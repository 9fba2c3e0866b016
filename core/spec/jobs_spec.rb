# frozen_string_literal: true

require "delegate"

# What the day is made of: each job with its minutes, its heat and what it waits for.
RSpec.describe Scullion::Day::Jobs do
  def instance(progress = {}, **options, &change)
    made = plan(**options, &change)
    Scullion::Day::Layout.new(
      made,
      Scullion::Day::ProgressForm.new(
        Scullion::DocumentReader.new(progress),
        made.brief.service.from.date
      ).read
    ).instance
  end

  let(:usual) { instance }

  def kinds(task) = task.segments.map { |segment| segment.uses.map(&:kind).sort }

  # Peeling carrots for 97 min is parts of 33, 32 and 32; nothing is lost in the sharing.
  it "shares a long bench job out in parts of three quarters of an hour at most, that add up to it" do
    parts = usual.tasks.select { |task| task.key.start_with?("prep/1/trim") }
    expect(parts.sum(&:minutes)).to eq plan.preps[1].trimming_minutes.ceil
    expect(parts.map(&:minutes)).to eq [33, 32, 32]
    expect(parts.flat_map { |task| kinds(task) }.uniq).to eq [%w[cook]]
  end

  it "takes the machine for the cutting only, once all of it is trimmed; a knife does both in one" do
    cut = usual["prep/1/cut"]
    expect([kinds(cut), cut.minutes]).to eq [
         [%w[cook tool-disc]],
         (plan.preps[1].cutting_minutes + plan.preps[1].tool_minutes).ceil
       ]
    expect(cut.after.map(&:task)).to eq %w[prep/1/trim/1 prep/1/trim/2 prep/1/trim/3]
    expect(usual["cook/1"].after.map(&:task)).to eq ["prep/1/cut"]
    dill = usual.tasks.select { |task| task.key.start_with?("prep/5/") }
    expect(dill.map { |task| task.name.sub(/, one.*/, "") }.uniq).to eq ["Dill: wash, picked, chopped 5 mm"]
  end

  # Absorbed under a lid ajar: loaded by hand, then the pot and its burner by themselves, then by hand,
  # spread, and into the cold.
  # Most of the dressing goes in while it is warm, on its way.
  it "takes burner and pot for as long as the food is in the pot, and trays and shelves while it chills" do
    barley = usual["cook/0"]
    expect(kinds(barley).first).to eq %w[burner cook pot-pot-40]
    expect(kinds(barley)[1...-4]).to all(eq %w[burner pot-pot-40])
    expect(kinds(barley).last(3)).to eq [%w[cook tray-tray-60], %w[cook], %w[chiller tray-tray-60]]
    expect(barley.segments.last(3).map(&:name)).to eq [
         "Spread to cool",
         "Pour in Mustard vinaigrette",
         "Chills"
       ]
  end

  # Each batch is a task of its own, spread and cooled when it is done, and the pot is free for the next one.
  it "cooks as many batches as the pot takes, each cooled when it is done" do
    big = instance(covers: 560)
    batches = plan(covers: 560).cooking[0].batches
    loads = big.tasks.select { |task| task.key.start_with?("cook/0/load/") }
    expect(loads.size).to eq batches
    expect(loads.map(&:name)).to all(match(/batch \d of #{batches}/))
    expect(loads.map { |task| task.segments.last.name }.uniq).to eq ["Chills"]
    simmer = ->(task) { task.segments.select { |each| each.name == "Simmer" }.sum(&:minutes) }
    expect(loads.map(&simmer).uniq).to eq [simmer[usual["cook/0"]]]
    expect(loads.drop(1).map { |task| task.after.map(&:task) }).to all(include(%r{cook/0/load}))
    expect(big["build/0/mix/1"].after.map(&:task)).to include(*loads.map(&:key))
  end

  # Two batches in two pots are one load: half as many, twice the burners.
  it "cooks batches side by side where there is one more pot" do
    big, more = [{}, { "borrowed" => ["pot-pot-40"] }].map { |progress| instance(progress, covers: 560) }
    loads = ->(day) { day.tasks.select { |task| task.key.start_with?("cook/0/load/") } }
    expect(loads[more].size).to eq (loads[big].size / 2.0).ceil
    expect(loads[more].first.segments.first.uses.to_h { |use| [use.kind, use.amount] }).to include(
      "burner" => 2,
      "pot-pot-40" => 2
    )
  end

  it "puts a roast in by several loads: fewer places and trays at once, each cooled by itself" do
    carrot = plan.needs[1].component.preparation
    once, twice =
      [{}, { "loads" => [{ "preparation" => carrot, "loads" => 2 }] }].map do |progress|
        instance(progress).tasks.select { |task| task.key.start_with?("cook/1") }
      end
    most = ->(tasks) do
      tasks
        .flat_map { |task| task.segments.reject { |each| each.name == "Chills" }.flat_map(&:uses) }
        .select { |use| use.kind == "oven" }
        .map(&:amount)
        .max
    end
    expect([once.size, twice.size]).to eq [1, 2]
    expect(most[twice]).to eq (most[once] / 2.0).ceil
  end

  it "takes oven positions at the heat of the roast" do
    uses = usual["cook/1"].segments.flat_map(&:uses).select { |use| use.kind == "oven" }
    expect(uses.map(&:mode).uniq).to eq [plan.cooking[1].celsius.round(-1)]
    expect(uses.map(&:amount).max).to be <= plan.brief.kitchen.oven_positions
  end

  it "soaks pulses as a task of its own that may wait in the cold, and cooks them after it" do
    dried =
      instance do |data|
        data["salads"][0]["components"]
          .find { |line| line["ingredient"] == "white-beans" }
          .merge!("ingredient" => "dry-white-beans", "cook" => { "method" => "simmer" })
      end
    soak = dried.tasks.find { |task| task.key.end_with?("/soak") }
    boil = dried[soak.key.delete_suffix("/soak")]
    expect(soak.segments.map(&:hands?)).to eq [true, false]
    expect(boil.after.map { |link| [link.task, link.most] }).to eq [[soak.key, 720]]
  end

  it "leaves the cutting out of what is bought ready cut, and makes ahead what is to be" do
    carrot = plan.needs[1].component.preparation
    expect(instance({ "cut" => [carrot] }).tasks.map(&:key).grep(%r{prep/1/})).to be_empty
    expect(instance({ "ahead" => [{ "preparation" => carrot, "days" => 2 }] })["cook/1"].latest).to eq(-1440)
  end

  it "lends a burner, an oven, or a cook for some hours" do
    date = plan.brief.service.from.date.iso8601
    more =
      instance(
        { "borrowed" => %w[oven burner], "extra" => [{ "from" => "#{date}T07:00", "to" => "#{date}T09:00" }] }
      )
    expect(more.of_kind("oven").size).to eq usual.of_kind("oven").size + 1
    expect(more.of_kind("burner").first.capacity).to eq usual.of_kind("burner").first.capacity + 1
    expect(more.of_kind("cook").last.open).to eq [[420, 540]]
  end

  describe "a dressing in stages" do
    def split(preset) = instance { |data| data["salads"][0]["dressing"]["preset"] = preset }
    def called(day, part) = day.tasks.find { |task| task.name.start_with?(part) }

    # Absorbed, spread, then poured: the whisk must be over by then, not before the pot is on.
    it "is whisked by the time it is poured in warm" do
      link = usual["cook/0"].after.find { |each| each.task == "dress/0/whisk" }
      expect(link.least).to eq(-usual["cook/0"].segments[0...-2].sum(&:minutes))
      solved = Scullion::Day::Solver.new(usual).solve
      expect(solved.end("dress/0/whisk")).to be <= solved.start("cook/0") - link.least
    end

    it "marinates raw cuts a quarter of an hour before they are mixed, for an hour at most" do
      day = split("marinate-first")
      steeped = called(day, "Marinate")
      expect(steeped.segments.map { |segment| [segment.hands?, segment.name] }).to eq [
           [true, nil],
           [false, "Stands in it"]
         ]
      expect(steeped.segments.last.minutes).to eq 15
      expect(steeped.after.map(&:task)).to include("dress/0/whisk", "prep/3/treat")
      mix = day["build/0/mix"]
      expect(mix.after.map(&:task)).to include(steeped.key)
      expect(mix.after.map(&:task)).not_to include("prep/3/treat")
      expect(mix.after.find { |link| link.task == steeped.key }.most).to eq 60
    end

    # 140 covers at eight to a table are 18 tables: 2 min and half a minute a jug.
    it "is set on the tables before the first guest" do
      jugs = called(split("table-jug"), "Fill 18 jugs")
      expect([jugs.minutes, jugs.latest]).to eq [11, split("table-jug")["build/0/finish/1"].latest]
    end

    it "goes over it again when topped, where some is kept back" do
      expect(usual["build/0/finish/1"].minutes).to be > split("all-at-once")["build/0/finish/1"].minutes
      expect([usual, split("all-at-once")].map { |day| day["build/0/finish/1"].name.split.first }).to eq %w[
           Re-dress
           Top
         ]
    end
  end

  # Three waves from 11:45, 12:20 and 12:55: an hour's rest before them, and the last guest 35 min later has
  # it within 100 min.
  it "dresses for each wave no sooner than its last guest allows, and none before the first" do
    day =
      instance do |data|
        data["figures"] = [{ "at" => "practice/holds/juicy-raw/dressed_minutes", "value" => 100 }]
      end
    finish = (1..3).map { |number| day["build/0/finish/#{number}"] }
    expect(finish.map { |task| task.earliest + task.minutes }).to eq [640, 675, 710]
    expect(finish.map(&:latest)).to eq [645, 680, 715]
    expect(day["build/0/plate/1/1"].after.first.least).to eq 60 - 8
    starts = Scullion::Day::Solver.new(day).solve.starts.values_at(*finish.map(&:key))
    expect(starts).to eq starts.sort
    expect(day.tasks.map(&:key)).not_to include("build/0/mix")
  end

  # 560 covers are twelve bowls: 63 min of mixing are two parts of six bowls, which nothing but tubs keeps
  # apart.
  it "shares long mixing out between cooks, bowl by bowl" do
    big = instance(covers: 560)
    parts = big.tasks.select { |task| task.key.start_with?("build/0/mix") }
    bowls = plan(covers: 560).builds[0].batches
    expect(parts.map(&:key)).to eq %w[build/0/mix/1 build/0/mix/2]
    expect(parts.sum { |task| task.segments.first.minutes }).to eq (2 * 3) + (5 * bowls)
    expect(big["build/0/finish/1"].after.map(&:task)).to include("build/0/mix/1", "build/0/mix/2")
    expect(usual.tasks.map(&:key).grep(/mix/)).to eq ["build/0/mix"]
  end

  # 900 covers are nineteen bowls: 2 min and 2 a bowl to top, 1 and 1.5 a bowl for what was kept back, 69.5 in
  # all, by two.
  it "shares long topping out too, and plates when all of it is done" do
    big = instance(covers: 900)
    expect(plan(covers: 900).builds[0].batches).to eq 19
    expect(%w[1 2].map { |part| big["build/0/finish/1/#{part}"].minutes }).to eq [35, 35]
    expect(big["build/0/plate/1/1"].after.map(&:task)).to eq %w[build/0/finish/1/1 build/0/finish/1/2]
  end

  # 300 covers by two at 18 s each are 45 min; by three 30; there is no fourth to help.
  it "plates with one more where that was decided, no more than there are cooks" do
    minutes =
      [[], %w[plater], %w[plater plater plater]].map do |borrowed|
        plan(covers: 300) { |data| data["day"] = { "borrowed" => borrowed } }.waves[0]
      end
    expect(minutes.map(&:platers)).to eq [2, 3, 3]
    expect(minutes.map(&:plating_minutes).uniq).to eq [45.0, 30.0]
  end

  it "takes what is cooled first to the cold undressed" do
    cooled = instance { |data| data["salads"][0]["components"][0]["cook"]["serve"] = "cooled" }
    expect(cooled["cook/0"].segments.map(&:name)).not_to include(/Pour/)
    expect(cooled["cook/0"].after).to be_empty
  end

  it "gives cooks their break" do
    rested =
      instance { |data| data["kitchen"]["cooks"][0].merge!("break_from" => "10:00", "break_to" => "10:30") }
    expect(rested.of_kind("cook").first.open.last(2)).to eq [[390, 600], [630, 870]]
  end

  describe Scullion::Day::Chill do
    # A deeper layer takes longer, and no layer longer than the house rules allow.
    it "chills on shelves by the depth, never deeper or longer than the rules allow" do
      minutes =
        [2, 4].map do |depth|
          plan do |data|
            data["figures"] = [{ "at" => "practice/day/cool/depth_cm", "value" => depth }]
          end.then { |made| described_class.new(made.cooking[0], made.brief).minutes }
        end
      expect(minutes.first).to be < minutes.last
      expect(minutes.last).to be <= plan.brief.rules.fetch("cooled_minutes")
      shelves, trays = described_class.new(plan.cooking[0], plan.brief).uses.map(&:amount)
      expect(shelves).to be_between(1, plan.brief.kitchen.chillers.map(&:shelves).max)
      expect(trays).to be_between(shelves, plan.brief.kitchen.trays.last.count)
    end

    it "begins another layer for the first millilitre that two do not hold" do
      brief, pot = plan.brief, plan.cooking[0]
      of_layer = brief.kitchen.trays.last.area * 10_000 * described_class.new(pot, brief).send(:depth)
      shelves =
        [2 * of_layer, 2.0001 * of_layer].map do |millilitres|
          full = SimpleDelegator.new(pot)
          full.define_singleton_method(:finished_ml) { millilitres }
          described_class.new(full, brief).uses.find { |use| use.kind == "chiller" }.amount
        end
      expect(shelves).to eq [2, 3]
    end
  end

  describe Scullion::Day::Overload do
    def wanted(minutes, cooks: 1)
      tasks =
        minutes.each_with_index.map do |long, index|
          {
            "key" => "t#{index}",
            "name" => "t#{index}",
            "latest" => 600,
            "segments" => [{ "minutes" => long, "uses" => [{ "kind" => "cook", "amount" => 1 }] }]
          }
        end
      hands =
        Array.new(cooks) do |index|
          { "key" => "c#{index}", "name" => "C", "kind" => "cook", "capacity" => 1, "open" => [[0, 600]] }
        end
      described_class.new(
        Scullion::Day::Instance.from_h(
          "format" => "scullion/day@1",
          "from" => 0,
          "to" => 600,
          "resources" => hands,
          "tasks" => tasks
        )
      )
    end

    # Three jobs of 30 min all due at 600: the last half-hour is asked for 90 min of one cook.
    it "names the half-hour that is asked for the most beyond what there is, and the hands in all" do
      expect(wanted([30, 30, 30]).worst.to_h).to eq(kind: "cook", from: 570, wanted: 90, have: 30)
      expect(wanted([30, 30], cooks: 2).worst).to be_nil
      expect(wanted([30, 30]).hands).to eq [60, 600]
    end
  end
end
