# frozen_string_literal: true

require "tmpdir"
require_relative "hazard_cases"

# What can hurt somebody: the catalogue, the engine, and each thing that it must say.
RSpec.describe Scullion::Safety do
  safety = described_class
  catalogue = safety::Catalogue.shipped

  def read(data) = Scullion::Plan.for(Scullion::Brief.read(data, house))
  def made(*changes) = read(HazardCases.brief(HazardCases.all_of(*changes)))
  def hazards(plan) = plan.hazards.map(&:hazard)
  def roster(plan) = Scullion::Day::Roster.new(plan)

  describe "the catalogue" do
    # Broken paths that no plan can be led into by decisions alone are tested on the path itself.
    paths_alone = %w[path-dated path-gap]
    # What a sheet finds that cannot be done as it is planned.
    of_sheets = %w[no-such-heat no-microwave no-room never-right out-too-long lot-past-its-date]

    it "has a way into every hazard, at least 45 of them" do
      keys = catalogue.hazards.map(&:key)
      expect(keys.size).to be >= 45
      expect(HazardCases.all.keys).to match_array(keys - paths_alone + of_sheets)
    end

    HazardCases.all.each do |key, data|
      it "finds #{key} where it holds, in words and with what to do" do
        plan = Scullion::Plan.for(Scullion::Brief.read(data, house))
        found = (key.match?(/\A(path|no-place)/) ? roster(plan) : plan).hazards
        one = found.find { |each| each.hazard == key }
        expect(one).not_to be_nil, found.map(&:hazard).join(" ")
        expect(one.line).not_to match(/%\{|\b(nil|NaN)\b/)
        expect(one.remedy).not_to be_empty if one.grave != "mind"
        expect(one.source.length).to be > 10
        expect(found.map { |each| safety::Hazard::GRAVE.index(each.grave) }).to eq(
          found.map { |each| safety::Hazard::GRAVE.index(each.grave) }.sort
        )
      end
    end

    def faults_with(file, rows)
      Dir.mktmpdir do |folder|
        FileUtils.cp_r("#{Scullion::Safety::Catalogue::ROOT}/.", folder)
        path = File.join(folder, file)
        File.write(path, "#{File.read(path)}\n#{rows}")
        described_class::Catalogue.new(folder).hazards
        []
      end
    rescue Scullion::InvalidFacts => e
      e.faults.map(&:what)
    end

    it "says what is wrong with a row, in one line, and takes nothing for safe" do
      row = ->(more) do
        "odd:\n  of: line\n  grave: stop\n  what: W\n  do: D\n  hand: cook\n  source: practice\n#{more}"
      end
      {
        "  when: { colour: red }\n" => /it asks for colour, which no line has/,
        "" => /a condition/,
        "  when: { kind: egg }\n  why: x\n" => /a field why that no row has/
      }.each { |more, what| expect(faults_with("hazards/food.yml", row[more]).join).to match(what) }
      percent = "%"
      said = row["  when: { kind: egg }\n"].sub("what: W", "what: \"#{percent}{shoe}\"")
      expect(faults_with("hazards/food.yml", said).join).to match(/says %\{shoe\}, which no line has/)
      expect(
        faults_with("hazards/food.yml", row["  when: { kind: egg }\n"].sub("grave: stop", "grave: bad")).join
      ).to match(/grave: stop, look, mind/)
    end

    it "lets no kind be safe out of the cold without a reason, nor an animal food without its core" do
      odd = "odd:\n  name: Odd\n  raw: fine\n  cooked: stable\n  uncooked: cold\n"
      expect(faults_with("kinds.yml", odd).join).to match(/because: dry, acid, salt, sugar, fat, whole/)
      raw = "odd:\n  name: Odd\n  raw: fine\n  animal: true\n  cooked: cold\n  uncooked: cold\n"
      expect(faults_with("kinds.yml", raw).join).to match(/a core temperature/)
    end

    it "knows the kind of all that is shipped, and takes one's own for the strictest of its family" do
      expect(house.larder.values.reject { |each| catalogue.kind_said?(each) }.map(&:key)).to eq []
      facts = house.larder["dry-chickpeas"].facts.except("kind")
      unsaid = Scullion::IngredientForm.read(facts, sources: house.sources)
      expect([catalogue.kind(unsaid).key, catalogue.kind_said?(unsaid)]).to eq ["common-bean", false]
    end
  end

  describe "raw" do
    it "stops at what is never eaten raw, and lets be what is" do
      %w[
        chicken-breast
        dry-kidney-beans
        waxy-potato
        green-beans
        shiitake
        raw-prawns
        pork-fillet
      ].each do |key|
        ingredient = house.larder[key]
        expect(catalogue.kind(ingredient).raw).to eq("never"), key
      end
      %w[cucumber rocket tomato apple sunflower-seeds mozzarella].each do |key|
        expect(catalogue.kind(house.larder[key]).raw).not_to eq("never"), key
      end
    end
  end

  describe "core temperatures" do
    def core(ingredient, method, rules: "a")
      plan =
        read(
          HazardCases.brief(HazardCases.one(ingredient, cook: { "method" => method })).merge(
            "house_rules" => rules
          )
        )
      plan.cooking.first
    end

    # Food Code §3-401.11: poultry 74 °C, whole cuts and fish 63 °C for 15 s.
    it "stand on every method for every animal food, by its kind and the house rules" do
      expect(core("chicken-breast", "roast").done_to_its_core).to include("74 °C")
      expect(core("salmon-fillet", "steam").done_to_its_core).to include("63 °C, held 15 s")
      expect(core("duck-breast", "sear").done_to_its_core).to include("74 °C")
      expect(core("salmon-fillet", "sear", rules: "b").done_to_its_core).to include("70 °C, held 2 min")
      expect(core("carrot", "roast").core).to be_nil
    end

    it "may be set higher by the house, and are a stop when lower; exactly at them is none" do
      set = ->(celsius) do
        made(
          HazardCases.own("duck-breast", sear: { "minutes" => 7, "gain" => 0.7, "core" => 74 }),
          HazardCases.one("own-food", cook: { "method" => "sear" }),
          HazardCases.figures("larder/own-food/sear/core" => celsius)
        )
      end
      expect(hazards(set[73.9])).to include("core-below")
      expect(hazards(set[74])).not_to include("core-below")
      expect(set[80].cooking.first.done_to_its_core).to include("80 °C")
    end
  end

  describe "beans" do
    it "boil hard for as long as their set asks, longer in their soak water; others keep their freedom" do
      boil = ->(key, **school) do
        made(HazardCases.one(key, cook: HazardCases.by("simmer", **school))).cooking.first.hard_boil_minutes
      end
      %w[dry-white-beans dry-cannellini dry-borlotti dry-pinto dry-black-beans dry-kidney-beans].each do |key|
        expect(boil[key]).to eq(10), key
        expect(boil[key, water: "soak"]).to eq(30), key
      end
      expect(boil["dry-chickpeas"]).to eq 2
      free = made(HazardCases.one("dry-chickpeas", cook: HazardCases.by("simmer", water: "soak")))
      expect(hazards(free).grep(/soak-water|boil/)).to eq []
    end
  end

  describe "allergens" do
    it "is of a service where any of its salads has some" do
      portion = Struct.new(:contains)
      service = ->(*contains) do
        Scullion::Safety::Occasion.new(
          Struct.new(:portions).new(contains.map { |all| portion.new(all) }),
          nil
        )
      end
      expect(service[%w[milk], []].allergens).to be true
      expect(service[[], []].allergens).to be false
    end

    it "of a lot are of all that touched it: the stock it cooked in, the dressing poured in warm" do
      stocked = made(HazardCases.one("pearl-barley", cook: HazardCases.by("absorption", liquid: "stock")))
      lot = roster(stocked).lots.find { |each| each.name == "Pearl barley" }
      expect(lot.allergens).to include("gluten", "celery")
      plain = roster(made).lots.find { |each| each.name == "Pearl barley" }
      expect(plain.allergens).to include("mustard")
    end

    it "are never fewer for an ingredient more" do
      before = made.portions.first.contains
      house
        .larder
        .values
        .select { |each| each.allergens.any? && each.figures.key?("density/whole") }
        .first(12)
        .each do |food|
          after = made(HazardCases.beside(food.key)).portions.first.contains
          expect(after).to include(*before, *food.allergens)
        end
    end
  end

  describe "dressings" do
    def keeping(*keys)
      parts =
        keys.map do |key|
          Scullion::Salad::Part.new(ingredient: house.larder[key], role: "liquid", amount: 20, by: "grams")
        end
      safety = Scullion::Safety::Keeping.new(parts, house.practice)
      [safety.key, safety.cold?, safety.days]
    end

    it "keep by their riskiest part" do
      expect(keeping("olive-oil", "cider-vinegar")).to eq ["shelf", false, 10]
      expect(keeping("olive-oil", "garlic")).to eq ["herbs-in-oil", true, 4]
      expect(keeping("basil-pesto")).to eq ["herbs-in-oil", true, 4]
      expect(keeping("coconut-milk", "lime-juice").first).to eq "soya-nut-coconut"
      expect(keeping("mayonnaise", "cider-vinegar")).to eq ["bound", true, 4]
      expect(keeping("hen-egg", "olive-oil")).to eq ["raw-egg", true, 2]
      expect(keeping("olive-oil", "water")).to eq ["weak", true, 4]
    end

    it "end the days of the salad that they are in" do
      egg = made(HazardCases::CASES["dressing-egg-pasteurised"])
      expect(egg.windows.first.days).to eq 2
      expect(made.windows.first.days).to be <= 7
    end
  end
end
