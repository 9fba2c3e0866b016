# frozen_string_literal: true

require_relative "measuring"
require_relative "../server/exchange/linked_recipe"
require_relative "written_recipes"
require_relative "written_steps"
require_relative "made_lines"
require_relative "made_recipes"

module Bench
  # How well written recipes are read, and how fast: the set that the reader was built with, and what was
  # kept apart.
  module ReadingRows
    AIMS = { right: 85, wrong: 0.5, needless: 8 }.freeze
    # Of what the reader was built with: more would be talked away.
    DISPUTED_MOST = 16
    BETTER = { right: "higher", wrong: "lower", needless: "lower" }.freeze

    extend Measuring

    class << self
      def all
        recipes = WrittenRecipes.new(Scullion::House.shipped)
        built_with, kept_apart = WrittenRecipes.parts
        [
          *shares("built with", recipes, built_with),
          *shares("kept apart", recipes, kept_apart),
          *steps("built with", recipes, built_with),
          *steps("kept apart", recipes, kept_apart),
          *made,
          *made_recipes,
          *speed(built_with)
        ]
      end

      # Lines made from parts; `bin/bench --seed N` makes others.
      def made(many = 400)
        found = MadeLines.new(Scullion::House.shipped, seed).read(many)
        [["right", 95, "higher"], ["wrong", 0.5, "lower"]].map do |share, aim, better|
          row(
            "made lines #{share}, seed #{seed} (#{many})",
            (found[share] * 100.0 / many).round(1),
            "%",
            aim,
            better
          )
        end
      end

      # Whole recipes, and how many of their steps' facts are bound right.
      def made_recipes(many = 100)
        found = MadeRecipes.new(Scullion::House.shipped, seed).read(many)
        {
          "foods of made recipes right" => [%w[right wrong asked], 95],
          "steps' facts of made recipes bound right" => [["told", "not told"], 95],
          "servings of made recipes right" => [["servings", "other servings"], 100]
        }.map do |name, (words, aim)|
          value = (found[words.first] * 100.0 / found.values_at(*words).sum).round(1)
          row("#{name}, seed #{seed} (#{many})", value, "%", aim, "higher")
        end
      end

      private

      def seed = Integer((ARGV[ARGV.index("--seed") + 1] if ARGV.include?("--seed")) || 1)

      def shares(name, recipes, paths)
        verdicts = paths.flat_map { |path| recipes.verdicts(path) }
        said = recipes.servings(paths)
        rows =
          AIMS.map do |share, aim|
            value = (verdicts.count { |verdict| verdict.share == share } * 100.0 / verdicts.size).round(1)
            row("written foods #{share}, #{name} (#{verdicts.size})", value, "%", aim, BETTER[share])
          end
        disputed = verdicts.count { |verdict| verdict.share == :disputed }
        rows << row("truths disputed, #{name} (#{verdicts.size})", disputed, "", DISPUTED_MOST, "lower")
        right = (said.values.count(true) * 100.0 / said.size).round(1)
        [*rows, row("servings read where they are said, #{name}", right, "%", 100, "higher")]
      end

      def steps(name, recipes, paths)
        said, found, bound = WrittenSteps.new(Scullion::House.shipped, recipes).counted(paths)
        [
          row("steps' facts found, #{name} (#{said})", (found * 100.0 / said).round(1), "%", 85, "higher"),
          row(
            "steps' facts bound right, #{name} (#{found})",
            (bound * 100.0 / found).round(1),
            "%",
            95,
            "higher"
          )
        ]
      end

      def speed(paths)
        texts = paths.map { |path| File.read(path) }
        about_twenty = texts.select { |text| text.lines.size.between?(17, 23) && !text.start_with?("{") }
        long = texts.join("\n")[0, 64 * 1024]
        house = Scullion::House.shipped
        [
          ["a page of 20 lines read, of #{about_twenty.size} written ones", about_twenty, 40],
          ["64 kB of recipes read", [long.lines.first(490).join], 300]
        ].map { |name, some, aim| row(name, milliseconds(some, house), "ms", aim, "lower") }
      end

      # For one of them.
      def milliseconds(texts, house)
        read = -> { texts.each { |text| Scullion::Recipe::Draft.new(text, house).to_h } }
        read.call
        (seconds(5, read) * 1000 / texts.size).round(1)
      end

      def row(name, value, unit, aim, better)
        Figure.new(name: name, value: value, unit: unit, aim: aim, better: better)
      end
    end
  end
end
