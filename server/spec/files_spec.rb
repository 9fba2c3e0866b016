# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Files in and out" do
  describe Scullion::Records::SolvedDays do
    def brief(covers)
      JSON
        .parse(File.read(File.join(ROOT, "docs/brief.example.json")))
        .tap { |data| data["service"]["covers"] = covers }
    end

    it "solves the same brief once, another anew, and lets go of the one not asked for longest" do
      days = described_class.new(keeps: 2)
      first = days.of(brief(10), house)
      expect(days.of(brief(10), house)).to equal first
      second = days.of(brief(11), house)
      expect(second.plan.brief.service.covers).to eq 11
      expect(days.of(brief(10), house)).to equal first
      days.of(brief(12), house)
      expect(days.of(brief(10), house)).to equal first
      expect(days.of(brief(11), house)).not_to equal second
    end

    it "keeps none that cannot be" do
      days = described_class.new
      2.times { expect { days.of(brief(-1), house) }.to raise_error(Scullion::InvalidBrief) }
    end
  end

  describe Scullion::Changes::BuildChange do
    def build(**change)
      {
        "name" => "Quay bowl",
        "components" => [
          { "ingredient" => "carrot", "grams" => 60 },
          { "ingredient" => "dill", "grams" => 4, "name" => "Picked dill" }
        ],
        "dressing" => {
          "name" => "Oil",
          "preset" => "all-at-once",
          "parts" => [{ "ingredient" => "rapeseed-oil", "ml" => 10 }]
        }
      }.merge(change.transform_keys(&:to_s))
    end

    def said(before, after) = described_class.new(before, after, house).to_s

    it "names what came, what went and what weighs otherwise" do
      expect(
        said(
          build,
          build(
            "components" => [
              { "ingredient" => "carrot", "grams" => 62.5 },
              { "ingredient" => "leek", "grams" => 10 }
            ]
          )
        )
      ).to eq "Picked dill taken out; Leeks added; Carrots 60 → 62.5 g"
    end

    it "says by what name it went, and what became of the dressing" do
      expect(said(build, build("name" => "Pier bowl"))).to eq "was called Quay bowl"
      expect(said(build, build("dressing" => nil))).to eq "dressing taken out"
      expect(said(build("dressing" => nil), build)).to eq "dressing added"
      expect(
        said(build, build("dressing" => build["dressing"].merge("preset" => "by-the-hold")))
      ).to eq "dressing split another way"
      expect(
        said(build, build("dressing" => build["dressing"].merge("parts" => [])))
      ).to eq "dressing changed"
    end

    it "says so when only the order or the way of preparing changed" do
      expect(
        said(build, build("components" => build["components"].reverse))
      ).to eq "put in another order, or prepared another way"
    end

    it "calls an ingredient that is gone from the larder by its key" do
      expect(
        said(
          build,
          build("components" => build["components"] + [{ "ingredient" => "sea-thing", "grams" => 5 }])
        )
      ).to eq "sea-thing added"
    end
  end

  describe Scullion::Changes::DayDecision do
    def decided(day, decision) = described_class.new(day, decision).to_h

    it "keeps one of each by its name, the last said" do
      once = decided({}, { "pin" => { "task" => "a", "at" => "x" } })
      expect(decided(once, { "pin" => { "task" => "a", "at" => "y" } })).to eq(
        "pins" => [{ "task" => "a", "at" => "y" }]
      )
      expect(decided(once, { "unpin" => "a" })).to eq({})
    end

    it "borrows as many as are asked for, and gives back one at a time" do
      day = decided(decided({}, { "borrowed" => "oven" }), { "borrowed" => "oven" })
      expect(day).to eq("borrowed" => %w[oven oven])
      expect(decided(day, { "returned" => "oven" })).to eq("borrowed" => ["oven"])
      expect(decided(day, { "returned" => "burner" })).to eq day
    end

    it "sends one of two cooks home who came at the same hour" do
      both = {
        "extra" => [
          { "from" => "2026-11-28T06:30", "to" => "2026-11-28T08:30" },
          { "from" => "2026-11-28T06:30", "to" => "2026-11-28T15:00" }
        ]
      }
      expect(decided(both, { "unextra" => "2026-11-28T06:30" })["extra"].size).to eq 1
    end

    it "forgets what is back to how it usually is" do
      expect(
        decided(
          { "ahead" => [{ "preparation" => "p", "days" => 2 }] },
          { "ahead" => { "preparation" => "p", "days" => 0 } }
        )
      ).to eq({})
      expect(
        decided(
          { "loads" => [{ "preparation" => "p", "loads" => 3 }] },
          { "loads" => { "preparation" => "p", "loads" => 1 } }
        )
      ).to eq({})
      expect(decided({ "cut" => ["p"] }, { "uncut" => "p" })).to eq({})
    end

    it "is undone by restoring the lists that it touched, whatever it was" do
      day = {
        "pins" => [{ "task" => "a", "at" => "x" }],
        "borrowed" => ["oven"],
        "marks" => [{ "task" => "m", "state" => "done" }]
      }
      [
        { "pin" => { "task" => "b", "at" => "y" } },
        { "unpin" => "a" },
        { "borrowed" => "burner" },
        { "returned" => "oven" },
        { "cut" => "p" },
        { "mark" => { "task" => "m", "state" => "late" } },
        { "unmark" => "m" },
        { "ahead" => { "preparation" => "p", "days" => 1 } },
        { "loads" => { "preparation" => "p", "loads" => 2 } },
        { "extra" => { "from" => "1", "to" => "2" } }
      ].each do |decision|
        said = described_class.new(day, decision)
        expect(decided(said.to_h, { "restore" => said.before })).to eq(day), decision.keys.first
      end
    end
  end

  describe Scullion::Exchange::LinkedRecipe do
    def words(recipe)
      described_class.plain(
        JSON.generate(
          { "@type" => "Recipe", "name" => "Quay bowl", "recipeIngredient" => ["1 carrot"] }.merge(recipe)
        )
      )
    end

    it "writes a recipe out as a cook would type it, however its steps are kept" do
      {
        "Grate it.\nEat it." => %w[Grate Eat],
        ["Grate it.", "Eat it."] => %w[Grate Eat],
        [{ "@type" => "HowToStep", "name" => "Grate it." }] => %w[Grate],
        [{ "itemListElement" => [{ "text" => "Grate it." }] }] => %w[Grate],
        nil => [],
        7 => []
      }.each do |steps, said|
        text = words("recipeInstructions" => steps)
        expect(text.lines.first).to eq "Quay bowl\n"
        said.each { |word| expect(text).to include(word) }
        expect(text.include?("Method:")).to be said.any?
      end
    end

    it "takes the yield as a number, a text or a list, or leaves it to be asked for" do
      {
        4 => "Serves 4",
        "makes 6 portions" => "Serves 6",
        ["8", "8 servings"] => "Serves 8"
      }.each { |yields, said| expect(words("recipeYield" => yields)).to include(said) }
      expect(words("recipeYield" => "plenty")).not_to include("Serves")
    end

    it "takes older names of the same fields, and a type by its address" do
      expect(
        words("@type" => "http://schema.org/Recipe", "recipeIngredient" => nil, "ingredients" => ["2 leeks"])
      ).to include("2 leeks")
      expect(words("@type" => %w[Thing schema:Recipe])).to include("1 carrot")
    end

    it "refuses a recipe without ingredients" do
      expect { words("recipeIngredient" => []) }.to raise_error(
        Scullion::UnreadableAmount,
        /lists no ingredients/
      )
    end
  end
end
