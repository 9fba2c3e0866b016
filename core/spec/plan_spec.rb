# frozen_string_literal: true

RSpec.describe Scullion::Plan do
  let(:example_plan) { plan }
  let(:prep) { example_plan.preps.find { |line| line.need.name == "Cucumber, salted" } }

  # 140 × 42 × 1.05 = 6,174 g ready; ÷ 0.88 salted = 7,015.9; ÷ 0.97 diced = 7,232.9; ÷ 0.73 seeded = 9,908.1
  # g.
  it "walks the yield chain back to what must be bought" do
    expect(
      [prep.ready_grams, prep.prepped_grams, prep.ep_grams, prep.ap_grams].map { |grams| grams.round(1) }
    ).to eq [6174.0, 7015.9, 7232.9, 9908.1]
    expect(prep.trim_grams).to be_within(0.01).of(prep.ap_grams - prep.ep_grams)
  end

  it "walks it forward again to the same covers" do
    expect(prep.chain.gives(prep.chain.needed(6174))).to be_within(1e-9).of(6174)
    expect(prep.chain.covers(prep.ap_grams, per_cover: 42, over_prep: 0.05)).to eq 140
  end

  it "serves, with what it buys, at least the covers, and for just those covers buys the same again" do
    [1, 17, 140, 333, 999].each do |covers|
      bought =
        plan(covers: covers).purchases.select do |line|
          %w[white-beans carrot cucumber dill brined-white-cheese].include?(line.ingredient.key)
        end
      bought.each do |line|
        expect(line.enough_for).to be >= covers
        again =
          plan(covers: [line.enough_for, 5000].min).purchases.find do |other|
            other.ingredient == line.ingredient
          end
        expect(again.packs).to eq(line.packs), "#{line.ingredient.key} at #{covers}"
      end
    end
  end

  it "never needs less for more covers, from 1 to 5,000" do
    counts = [1, 2, 3, 7, 12, 30, 31, 60, 85, 140, 141, 200, 399, 400, 700, 1200, 2500, 4999, 5000]
    needs =
      counts.map do |covers|
        plan(covers: covers).then do |made|
          made.purchases.flat_map { |line| [line.need_grams, line.packs] } +
            [made.dressings.sum(&:batch_grams), made.builds.sum(&:mix_ml)] +
            made.cooking.map { |method| method.public_send(method.raw_name) } +
            made.cooking.grep(Scullion::Cook::Absorption).map(&:all_water_grams)
        end
      end
    needs.each_cons(2) { |less, more| less.zip(more).each { |a, b| expect(b).to be >= a - 1e-9 } }
  end

  it "adds up exactly: dressing parts, stages, pours and bowls, at any covers" do
    random = Random.new(11)
    [1, 2, 5000, *Array.new(25) { random.rand(1..5000) }].each do |covers|
      made = plan(covers: covers)
      made.dressings.each { |dressing| expect_exact(dressing) }
      made.builds.each { |build| expect_bowls(build) }
    end
  end

  def tenths(grams) = (grams * 10).round

  def expect_exact(dressing)
    batch = tenths(dressing.batch_grams)
    expect(dressing.parts.sum { |part| tenths(part.grams) }).to eq tenths(dressing.whisk_grams)
    expect(dressing.stages.sum { |stage| tenths(stage.grams) }).to eq batch
    dressing
      .stages
      .reject { |stage| stage.pours.empty? }
      .each { |stage| expect(stage.pours.sum { |pour| tenths(pour.grams) }).to eq tenths(stage.grams) }
  end

  def expect_bowls(build)
    build.shares.each do |share|
      expect(share.per_bowl.sum + share.top_grams).to eq share.finished_grams.round
      expect(share.per_bowl.minmax.reduce(:-).abs).to be <= 1
    end
    build.pours.each do |pour|
      expect(pour.per_bowl.sum { |grams| tenths(grams) }).to eq tenths(pour.stage.grams)
    end
    expect(build.fill).to be <= 0.6 + 1e-9
  end

  it "prepares a component of two salads once, and splits it" do
    made =
      plan do |data|
        second = JSON.parse(JSON.generate(data["salads"][0])).merge("key" => "second", "name" => "Second")
        data["salads"] << second
        data["service"]["lines"] << { "salad" => "second", "covers" => 60 }
      end
    expect(made.needs.size).to eq 7
    expect(made.cooking.first.finished_grams).to be_within(0.01).of(200 * 110 * 1.05)
    expect(made.needs.first.to_h["for"].sum { |share| share["grams"] }).to be_within(0.01).of(
      made.needs.first.finished_grams
    )
  end

  it "gives the same plan for the same brief, to the byte" do
    expect(JSON.generate(plan.to_h)).to eq JSON.generate(plan.to_h)
  end

  it "resizes to a portion without changing the proportions" do
    made = plan { |data| data["service"]["lines"][0]["portion_grams"] = 200 }
    expect(made.portions[0].layers.sum(&:grams) + made.portions[0].dressing_grams).to be_within(1e-9).of(200)
  end

  describe Scullion::Working do
    # The example with every other method beside its own, each cut and treated where it can be.
    let(:wide_plan) do
      plan do |data|
        {
          "boil" => "penne",
          "boil-cut" => "butternut",
          "simmer" => "dry-chickpeas",
          "blanch" => "broccoli",
          "steam" => "cauliflower",
          "microwave" => "frozen-peas",
          "sear" => "firm-tofu",
          "grill" => "aubergine",
          "crisp" => "flatbread",
          "eggs" => "hen-egg"
        }.each do |method, ingredient|
          known = house.larder[ingredient]
          data["salads"][0]["components"] << {
            "ingredient" => ingredient,
            "grams" => 20,
            "role" => "body",
            "cook" => {
              "method" => method
            },
            "cut" => (known.cuts.first unless method == "eggs"),
            "trim" => known.trims.keys.first,
            "treat" => known.facts.fetch("treats", {}).keys.first
          }.compact
        end
      end
    end

    it "explains every figure of the plan, down to decisions and sourced assumptions" do
      figures =
        wide_plan.all_sheets.flat_map do |sheet|
          sheet.class.definitions.keys.map { |name| "#{sheet.at}/#{name}" }
        end
      expect(wide_plan.cooking.map(&:class)).to match_array Scullion::Cook::Parcels.all.values.map(&:kind)
      expect(figures.size).to be > 900
      figures
        .map { |at| wide_plan.working(at) }
        .each do |working|
          expect(working.text).to match(/\S/)
          if working.from.empty?
            expect(working.source).to be_a(String), "#{working.at} has neither inputs nor a source"
          end
        end
    end

    it "follows a figure down once, however many others are made from it" do
      nodes = ->(working) { [working, *working["from"].flat_map(&nodes)] }
      all = nodes.call(wide_plan.working("dress/0/stages/0/ml").to_h)
      followed = all.select { |working| working["from"].any? }.map { |working| working["at"] }
      expect(followed).to eq followed.uniq
      expect(all.select { |working| working["again"] }.map { |working| working["at"] } - followed).to eq []
    end

    # Watches each figure being worked out: whatever it reads must stand in its working.
    it "names every figure that a figure was made from" do
      made = wide_plan
      read =
        watch do
          Scullion::Plan
            .for(made.brief)
            .then do |again|
              again.all_sheets.each do |sheet|
                sheet.class.definitions.each_key { |name| sheet.public_send(name) }
              end
            end
        end
      expect(read.size).to be > 200
      read.each do |(sheet, name), inputs|
        declared = declared_inputs(sheet, name)
        undeclared = inputs.reject { |input| declared.include?(input) }
        expect(undeclared.map { |from, input| "#{from.at}/#{input}" }).to eq([]),
        "#{sheet.at}/#{name} also reads these"
      end
    end

    # What each figure reads of others while it is worked out.
    def watch(&block)
      read, stack = Hash.new { |all, figure| all[figure] = [] }, []
      trace =
        TracePoint.new(:call, :return) do |point|
          next unless point.self.is_a?(Scullion::Worksheet)

          definition = point.self.class.definitions[point.method_id] or next
          figure = [point.self, point.method_id]
          read[stack.last] << figure if point.event == :call && stack.any?
          next if definition.kind == :brought

          point.event == :call ? stack.push(figure) : stack.pop
        end
      trace.enable(&block)
      read
    end

    def declared_inputs(sheet, name)
      definition = sheet.class.definitions.fetch(name)
      sheet.inputs_of(definition).flat_map { |input| resolve(*input) }
    end

    def resolve(sheet, name)
      definition = sheet.class.definitions.fetch(name)
      return [[sheet, name]] unless definition.kind == :brought

      as = definition.address
      [[sheet, name]] +
        resolve(sheet.public_send(definition.book), as.is_a?(Proc) ? sheet.instance_exec(&as) : as)
    end

    it "follows the water back to covers, portion and the larder's uptake" do
      leaves = ->(working) { working["from"].empty? ? [working] : working["from"].flat_map(&leaves) }
      changes =
        leaves.call(example_plan.working("cook/0/water_grams").to_h).filter_map { |leaf| leaf["change"] }
      expect(changes.map { |change| change["at"] }).to include(
        "service/covers",
        "salads/barley-roast-carrot-dill/components/0/grams",
        "larder/pearl-barley/absorption/uptake/tender",
        "practice/evaporation/lid-ajar"
      )
      expect(changes).to include(
        a_hash_including("at" => "larder/pearl-barley/absorption/uptake/tender", "least" => 0.2, "most" => 5)
      )
    end

    it "follows an assumption set by hand, and still says what the larder has" do
      made =
        plan do |data|
          data["figures"] = [
            {
              "at" => "larder/pearl-barley/absorption/uptake/tender",
              "value" => 2.5,
              "set_for" => "this kitchen"
            }
          ]
        end
      expect(made.cooking.first.dry_grams).to be_within(0.01).of(16_170 / 3.5)
      working = made.working("cook/0/uptake").to_h
      expect(working["source"]).to start_with "Set for this kitchen. The larder says 2.0"
      expect(working["default"]).to eq "2 g per g"
    end

    it "says when nothing stands at an address" do
      expect { example_plan.working("cook/9/water_grams") }.to raise_error(
        Scullion::UnknownFigure,
        /Nothing in this plan/
      )
      expect { example_plan.working("cook/0/magic") }.to raise_error(
        Scullion::UnknownFigure,
        /no figure "magic"/
      )
    end
  end

  describe Scullion::Plan::Difference do
    it "names packs, weights and vessels that changed" do
      difference = described_class.new(plan(covers: 140), plan(covers: 143)).to_a
      expect(difference).to include("+1 tin white beans", "+400 g carrots")
      expect(described_class.new(plan(covers: 140), plan(covers: 170)).to_a).to include(
        "+1 batch pearl barley",
        "+1 tray roast carrot",
        "+1 bowl barley, roast carrot, dill"
      )
    end

    it "names water and minutes when nothing is bought or filled otherwise" do
      lid = plan { |data| data["salads"][0]["components"][0]["cook"]["lid"] = "on" }
      expect(described_class.new(plan, lid).to_a).to eq ["−515 g water pearl barley", "−1 min pearl barley"]
    end

    it "is empty when nothing changed, and runs the other way with a minus" do
      expect(described_class.new(plan, plan).to_a).to eq []
      expect(described_class.new(plan(covers: 143), plan(covers: 140)).to_a).to include("−1 tin white beans")
    end
  end
end
