# frozen_string_literal: true

require_relative "measuring"
require_relative "../server/exchange/linked_recipe"
require_relative "written_recipes"
require_relative "made_lines"

module Bench
  # How well written recipes are read, and how fast: the set that the reader was built with, and the quarter
  # that was kept apart.
  module ReadingRows
    AIMS = { right: 85, wrong: 0.5, needless: 8 }.freeze
    BETTER = { right: "higher", wrong: "lower", needless: "lower" }.freeze

    extend Measuring

    class << self
      def all
        recipes = WrittenRecipes.new(Scullion::House.shipped)
        built_with, kept_apart = WrittenRecipes.parts
        [
          *shares("built with", recipes, built_with),
          *shares("kept apart", recipes, kept_apart),
          *made,
          *speed(built_with)
        ]
      end

      # Lines made from parts; `bin/bench --seed N` makes others.
      def made(many = 400)
        seed = (ARGV[ARGV.index("--seed") + 1] if ARGV.include?("--seed")) || 1
        found = MadeLines.new(Scullion::House.shipped, Integer(seed)).read(many)
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

      private

      def shares(name, recipes, paths)
        verdicts = paths.flat_map { |path| recipes.verdicts(path) }
        said = recipes.servings(paths)
        rows =
          AIMS.map do |share, aim|
            value = (verdicts.count { |verdict| verdict.share == share } * 100.0 / verdicts.size).round(1)
            row("written foods #{share}, #{name} (#{verdicts.size})", value, "%", aim, BETTER[share])
          end
        right = (said.values.count(true) * 100.0 / said.size).round(1)
        [*rows, row("servings read where they are said, #{name}", right, "%", 100, "higher")]
      end

      def speed(paths)
        lines = ["200 g pearl barley", "2 carrots, diced", "3 tbsp olive oil", "1 red onion"] * 5
        twenty = "Serves 4\n#{lines.join("\n")}"
        long = paths.map { |path| File.read(path) }.join("\n")[0, 64 * 1024]
        house = Scullion::House.shipped
        [
          ["a page of 20 lines read", twenty, 40],
          ["64 kB of recipes read", long.lines.first(490).join, 300]
        ].map { |name, text, aim| row(name, milliseconds(text, house), "ms", aim, "lower") }
      end

      def milliseconds(text, house)
        read = -> { Scullion::Recipe::Draft.new(text, house).to_h }
        read.call
        (seconds(5, read) * 1000).round(1)
      end

      def row(name, value, unit, aim, better)
        Figure.new(name: name, value: value, unit: unit, aim: aim, better: better)
      end
    end
  end
end
