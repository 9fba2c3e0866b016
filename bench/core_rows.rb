# frozen_string_literal: true

require_relative "measuring"
require_relative "large_day"
require_relative "bare_loops"
require_relative "days"
require_relative "../core/spec/recipe_texts"
require_relative "../core/spec/day_bound"

module Bench
  # What the core takes, and what it gets right.
  module CoreRows
    extend Measuring

    def self.all = [*plan_against_json, *cooking, *slips, *pasted, *days]

    # (a) Planning a large day against serialising the plan. Figures are worked out when first
    # asked for, so the second row counts every one of them, worked out and written.
    def self.plan_against_json
      brief = Scullion::Brief.read(LargeDay.brief(JSON.parse(File.read(EXAMPLE))), Scullion::House.shipped)
      made = Scullion::Plan.for(brief).to_h
      generate = -> { JSON.generate(made) }
      [
        Figure.new(
          name: "Plan.for a large day ÷ JSON.generate of its result",
          value: ratio(20, -> { Scullion::Plan.for(brief) }, generate),
          unit: "×",
          aim: 2,
          better: "lower"
        ),
        Figure.new(
          name: "the same with every figure worked out and written",
          value: ratio(20, -> { Scullion::Plan.for(brief).to_h }, generate),
          unit: "×",
          aim: 2,
          better: "lower"
        )
      ]
    end

    # Batches of grain and cooling curves against bare loops that do the same arithmetic.
    def self.cooking
      brief = Scullion::Brief.read(JSON.parse(File.read(EXAMPLE)), Scullion::House.shipped)
      need = Scullion::Plan.for(brief).needs.first
      batches = -> { 1000.times { Scullion::Cook::Absorption.new("cook/0", need, brief).water_grams } }
      slab =
        Scullion::Hold::Slab.new(depth: 0.05, surface: 25, ambient: 3, diffusivity: 1.4e-7, conductivity: 0.5)
      curves = -> { 100.times { slab.curve(57, 360).each(&:last) } }
      [
        Figure.new(
          name: "1,000 absorption batches ÷ the bare arithmetic",
          value: ratio(1, batches, -> { BareLoops.absorption(1000) }),
          unit: "×",
          aim: 10,
          better: "lower"
        ),
        Figure.new(
          name: "100 cooling curves ÷ the bare arithmetic",
          value: ratio(1, curves, -> { BareLoops.cooling(100) }),
          unit: "×",
          aim: 2,
          better: "lower"
        )
      ]
    end

    # Slips caught and false alarms, over the lines that the specs are tried on.
    def self.slips
      house = Scullion::House.shipped
      lines = YAML.safe_load_file(File.expand_path("../core/spec/slips.yml", __dir__))
      share =
        lambda do |kind|
          lines[kind].count { |key, written, total| slip?(house, key, written, total) } * 100.0 /
            lines[kind].size
        end
      [
        Figure.new(
          name: "slips caught, of #{lines["wrong"].size}",
          value: share.call("wrong").round(1),
          unit: "%",
          aim: 95,
          better: "higher"
        ),
        Figure.new(
          name: "false alarms, of #{lines["right"].size} right lines",
          value: share.call("right").round(1),
          unit: "%",
          aim: 2,
          better: "lower"
        )
      ]
    end

    def self.slip?(house, key, written, total)
      ingredient = house.larder.fetch(key)
      form = %w[liquid whole dry drained].find { |each| ingredient.figures.key?("density/#{each}") }
      grams = house.practice.reader.read(written).grams(ingredient, form)
      Scullion::Salad::Slip.new(ingredient, grams, [total, grams * 1.05].max.to_f, house.practice).slip?
    end

    # Lines of pasted recipes read as they are meant, over the recipes that the specs are tried on;
    # and one recipe drafted.
    def self.pasted
      house = Scullion::House.shipped
      draft = -> { RecipeTexts.pairs(RecipeTexts::ALL.first, house) }
      fresh = RecipeTexts.share(house, RecipeTexts::HELD_OUT)
      lines, right = RecipeTexts::ALL.sum { |recipe| recipe["lines"].size }, RecipeTexts.share(house)
      [
        Figure.new(
          name: "lines read right, of #{lines} in #{RecipeTexts::ALL.size} recipes",
          value: (right * 100).round(1),
          unit: "%",
          aim: 95,
          better: "higher"
        ),
        Figure.new(
          name: "the same of #{RecipeTexts::HELD_OUT.size} recipes it was not mended for",
          value: (fresh * 100).round(1),
          unit: "%",
          aim: 95,
          better: "higher"
        ),
        Figure.new(
          name: "a pasted recipe drafted",
          value: (seconds(10, draft) * 1000).round(1),
          unit: "ms",
          aim: 300,
          better: "lower"
        )
      ]
    end

    # (f) Generated days of 10 to 200 tasks, solved for the shortest day: against the proven bound, and how
    # long one of 150 tasks takes as the kitchen asks for it.
    def self.days
      gaps =
        GeneratedDays.all.map do |instance|
          solved = Scullion::Day::Solver.new(instance, by: :makespan).solve
          raise "A generated day is not solved" unless solved.feasible?

          (solved.last - solved.first).fdiv(Scullion::Day::Bound.new(instance).minutes) - 1
        end
      large, twice = [150, 300].map { |size| GeneratedDays.make(size, 1) }
      solve, shortest = %i[score makespan].map { |by| -> { Scullion::Day::Solver.new(large, by: by).solve } }
      solved = seconds(5, solve)
      [
        Figure.new(
          name: "#{gaps.size} generated days, over the proven bound on average",
          value: (gaps.sum / gaps.size * 100).round(1),
          unit: "%",
          aim: 6,
          better: "lower"
        ),
        Figure.new(
          name: "the same at worst",
          value: (gaps.max * 100).round(1),
          unit: "%",
          aim: 25,
          better: "lower"
        ),
        Figure.new(
          name: "a day of 150 tasks solved so",
          value: (seconds(5, shortest) * 1000).round,
          unit: "ms",
          aim: 300,
          better: "lower"
        ),
        Figure.new(
          name: "the same day solved as the kitchen asks for it",
          value: (solved * 1000).round,
          unit: "ms",
          aim: 300,
          better: "lower"
        ),
        Figure.new(
          name: "one of 300 tasks solved so ÷ one of 150",
          value: (seconds(5, -> { Scullion::Day::Solver.new(twice).solve }) / solved).round(1),
          unit: "×",
          aim: 4,
          better: "lower"
        )
      ]
    end
    private_class_method :plan_against_json, :cooking, :slips, :slip?, :pasted, :days
  end
end
