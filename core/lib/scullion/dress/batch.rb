# frozen_string_literal: true

module Scullion
  module Dress
    # The dressing of one salad: how much, of what, and where it goes. The batch is the sum of
    # what the components carry; the formula and the stages split it without remainder.
    # Rules of the job, "Dressing" and "Dressing allocation".
    class Batch < Worksheet
      attr_reader :portion, :practice, :window, :parts, :stages, :full

      brought :per_serving_grams, of: :portion, as: :dressing_grams
      brought :servings, of: :portion
      brought :portion_grams, of: :portion

      figure(
        :batch_grams,
        "Batch",
        :g,
        writes: :g_exact,
        how: "per serving × portions to make, up to the scale's step"
      ) { |per_serving_grams, servings| round_up(per_serving_grams * servings) }
      assumption :sticks,
                 "Sticks to jug and whisk",
                 :share,
                 book: :practice,
                 none: [0.0, "As it is written: the recipe's own amounts hold what sticks."],
                 at: -> { "dressing/sticks/share" unless recipe.grams }
      figure(
        :whisk_grams,
        "To whisk",
        :g,
        writes: :g_exact,
        how: "batch ÷ (1 − what sticks to jug and whisk), up to the scale's step"
      ) { |batch_grams, sticks| round_up(batch_grams / (1 - sticks)) }
      gather(:measured, :ml) { parts }
      gather(:fats, :needed_ml) { parts.select { |part| does.fat?(part) } }
      gather(:acids, :needed_ml) { parts.select { |part| does.acid?(part) } }
      gather(:carried_and_thirst) do
        portion.layers.flat_map { |layer| [[layer, :dressing_grams], [layer, :thirst]] }
      end

      figure(:batch_ml, "In the jug", :ml, how: "the parts added up") { |measured| measured.sum }
      figure(
        :fat_to_acid,
        "Fat to acid, by volume",
        :ratio,
        how: "fat ÷ acid; none without acid"
      ) { |fats, acids| acids.any? ? fats.sum / acids.sum : 0.0 }
      figure(
        :salad_share,
        "Of the salad's weight",
        :share,
        how: "dressing ÷ portion"
      ) { |per_serving_grams, portion_grams| per_serving_grams / portion_grams }

      brought :held_minutes, of: :window
      figure(
        :drunk_grams,
        "It drinks while it stands",
        :g,
        shown: false,
        how:
          "what each component carries × what it drinks an hour × hours dressed, at most its limit, × " \
            "portions to make"
      ) do |held_minutes, servings, most_drunk, carried_and_thirst|
        carried_and_thirst
          .each_slice(2)
          .sum { |carried, thirst| carried * [thirst * held_minutes / 60, most_drunk].min } * servings
      end
      assumption :most_drunk, "Drinks at most", :share, book: :practice, at: "dressing/thirst/most_share"
      assumption :noticed, "Noticed from", :share, book: :practice, at: "dressing/thirst/noticed_share"
      figure(
        :drunk_share,
        "Of the batch it drinks",
        :share,
        how: "drunk ÷ batch",
        shown: false
      ) { |drunk_grams, batch_grams| drunk_grams / batch_grams }

      def initialize(at, portion, window, practice)
        super(at)
        @portion, @window, @practice = portion, window, practice
        @parts =
          weighed.each_with_index.map do |grams, index|
            Part.new("#{at}/parts/#{index}", self, recipe.parts[index], grams)
          end
        @stages = Stage.of(self, by_hold(recipe.stages || practice.presets.fetch(recipe.preset)["stages"]))
        @full = FullEmulsion.of(self)
      end

      # Stages of the salad's own, in place of a preset.
      OWN = { "name" => "Stages of this salad's own", "why" => "As written in the salad." }.freeze

      def recipe = portion.salad.dressing
      def does = @does ||= Does.new(practice)
      def formula_grams = @formula_grams ||= recipe.parts.sum(&:grams)

      # How many times the formula is made.
      def times = whisk_grams / formula_grams

      # Each part on the scale, or by the spoon. @return [Array<Float>] g
      def weighed
        Amount::Split.weighable(
          whisk_grams,
          recipe.parts.map(&:grams),
          writer.scale_step(whisk_grams),
          writer.measures.scale
        )
      end

      # @return [Array<Float>] grams in scale steps, adding up to the whole exactly
      def split(whole, weights) = Amount::Split.steps(whole, weights, writer.scale_step(whole))

      def words
        preset = recipe.stages ? OWN : @practice.presets.fetch(recipe.preset)
        hash = {
          "at" => at,
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "name" => recipe.name,
          "preset" => preset["name"],
          "why" => preset["why"],
          "parts" => parts.map(&:to_h),
          "stages" => stages.map(&:to_h)
        }
        hash["acid"] = parts.any? { |part| does.acid?(part) }
        hash["character"] = Character.new(recipe.parts, practice).to_h
        hash["full"] = full.to_h if full
        hash["contains"] = parts.flat_map { |part| part.ingredient.allergens.to_a }.uniq.sort
        hash
      end

      def snags = [*heavy_or_light, *thirst, *astray, *full&.snags]

      private

      def heavy_or_light
        most, least = @practice.fetch("dressing/share/drowned"), @practice.fetch("dressing/share/dry")
        return [] if salad_share.between?(least, most)

        word, remedy = salad_share > most ? ["drowned", less] : ["dry", more]
        [
          Snag.new(
            severity: "look",
            stage: "dress",
            remedy: remedy,
            what: "#{portion.salad.name} is #{word}: dressing is #{writer.share(salad_share)} of it."
          )
        ]
      end

      def less = recipe.grams ? carried : "Lower an uptake, or use a thicker dressing."
      def more = recipe.grams ? carried : "Raise an uptake, or add a component that carries some."

      # Beside what is written, what the house would do.
      def carried
        "Written #{writer.g(per_serving_grams)} a serving; its components would carry " \
          "#{writer.g(portion.carries_grams)}: take that, or leave it as it is written."
      end

      # What it drinks would be seen, and less than that is kept back.
      def thirst
        back = stages.grep(KeptBack).sum(&:grams)
        return [] if drunk_share < noticed || back >= drunk_grams - writer.scale_step(batch_grams)

        [
          Snag.new(
            severity: "look",
            stage: "dress",
            remedy: "Split it \"#{practice.presets.fetch("by-the-hold")["name"]}\", or dress in two waves.",
            what:
              "#{portion.salad.name} stands dressed #{writer.min(held_minutes)} and drinks " \
                "#{writer.g(drunk_grams)} of its dressing; " \
                "#{back.zero? ? "nothing" : writer.g(back)} is kept back."
          )
        ]
      end

      # Stages that are meant for something that is not in the salad.
      def astray
        stages
          .flat_map { |stage| stage.missed.map { |key| [stage, key] } }
          .map do |stage, key|
            Snag.new(
              severity: "look",
              stage: "dress",
              remedy: "Choose what it goes onto instead, or take that stage out.",
              what: "#{stage.name} is meant for #{key.tr("-", " ")}, which #{portion.salad.name} has not."
            )
          end
      end

      # A stage kept by the hold takes what the salad drinks; the others share the rest as they did.
      def by_hold(stages)
        kept = stages.find { |stage| stage["by_hold"] } or return stages
        share = drunk_share.clamp([practice.fetch("dressing/thirst/least_share"), most_drunk].min, most_drunk)
        others = 1 - kept["share"]
        stages.map do |stage|
          theirs = others.positive? ? stage["share"] / others * (1 - share) : 0.0
          stage.merge("share" => stage.equal?(kept) ? share : theirs)
        end
      end

      def round_up(grams)
        step = writer.scale_step(grams)
        (Amount::Whole.up(grams / step) * step).round(1)
      end
    end
  end
end
