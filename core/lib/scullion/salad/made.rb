# frozen_string_literal: true

module Scullion
  class Salad
    # A made part: several ingredients made into one by its own method (a herb-and-nut paste, a purée,
    # seasoned crumbs), which goes into a salad as an ingredient does. It is like an ingredient of the larder
    # in how it is weighed, holds and carries; what it contains, tastes of, costs and how long it keeps follow
    # from what is in it. Rows of facts/practice/made.yml.
    class Made
      FIELDS = %w[how parts].freeze
      PART_FIELDS = %w[ingredient grams right fruit written].freeze
      # g of a part, on any scale.
      PART_GRAMS = (0.01..100_000.0).freeze
      # % of a salad that a made part may be without being asked about.
      USUAL = [0.1, 70.0].freeze
      TASTES = %w[salt acid sugar fat].freeze

      # grams: on the scale of the made part's own formula
      Part = Struct.new(:ingredient, :grams, :right, :fruit, :written, keyword_init: true)

      attr_reader :how, :parts

      # @param how [String] a key of facts/practice/made @param parts [Array<Part>]
      # @param practice [Practice]
      def initialize(how, parts, practice)
        @how, @parts, @practice = how, parts, practice
        freeze
      end

      # Of its whole formula, g.
      def grams = parts.sum(&:grams)
      def share(part) = part.grams / grams

      # How it is kept: by the riskiest of its parts. @return [Safety::Keeping]
      def keeping = Safety::Keeping.new(parts, @practice)

      # What tells it from another one.
      def signature
        [
          how,
          *parts.flat_map { |part| [part.ingredient.key, part.fruit&.kind, (share(part) * 1000).round] }
        ].join(",")
      end

      def to_h
        {
          "how" => how,
          "parts" =>
            parts.map do |part|
              {
                "ingredient" => part.ingredient.key,
                "grams" => part.grams,
                "right" => part.right || nil,
                "fruit" => part.fruit&.kind,
                "written" => part.written
              }.compact
            end
        }
      end

      # @param like [Ingredient] of the larder @param name [String]
      # @return [Ingredient] as the salad has it
      def ingredient(like, name)
        numbers = numbers(like)
        Ingredient.new(
          like.facts.merge(words(name)).freeze,
          Scullion::Figures.new("made/#{like.key}", numbers.freeze, sources(like))
        )
      end

      private

      def words(name)
        {
          "name" => name,
          "aliases" => [],
          "colour" => parts.max_by(&:grams).ingredient.colour,
          "kind" => kind,
          "allergens" => parts.flat_map { |part| part.ingredient.allergens }.uniq.sort,
          "diets" => parts.map { |part| part.ingredient.diets }.reduce(:&),
          "tcs" => keeping.cold? ? ["any"] : [],
          "hold" => {
            "any" => @practice.words("made", how)["hold"]
          },
          "carries" => {
            "any" => "none"
          },
          "trims" => {
          },
          "cuts" => [],
          "caution" => nil,
          "surplus" => "#{@practice.fetch("keeping/#{keeping.key}/days").to_i} d, with its label"
        }
      end

      # For safety it is what the riskiest of its parts is; nothing risky in it, what it is like.
      def kind
        kinds = parts.map { |part| Safety::Catalogue.shipped.kind(part.ingredient) }
        risky = kinds.select { |each| each.animal? || each.cold?(cooked: false, cut: true) }
        (risky.max_by(&:strictness) || Safety::Catalogue.shipped.kinds.fetch("herb-paste")).key
      end

      def numbers(like)
        same = like.figures.addresses.to_h { |at| [at, like.figures[at]] }
        own = TASTES.to_h { |taste| ["content/#{taste}", average { |part| content(part, taste) }] }
        density = density()
        same.merge(
          own,
          "density/solid" => density,
          "density/whole" => density,
          "density/liquid" => density,
          "usual/low" => USUAL.first,
          "usual/high" => USUAL.last,
          "price/per_kg" => price / left
        )
      end

      # Of a kilo of the formula: juice and zest cost what their fruit costs, and both come from the same.
      def price
        of_fruit, others = parts.partition(&:fruit)
        others.sum { |part| share(part) * (part.ingredient.figures["price/per_kg"] || 0.0) } +
          of_fruit
            .group_by { |part| part.fruit.whole }
            .sum do |whole, same|
              same.map { |part| share(part) * part.fruit.whole_for_one }.max *
                (whole.figures["price/per_kg"] || 0.0)
            end
      end

      # g/ml: of the room that its parts take together.
      def density
        parts.sum(&:grams) /
          parts.sum { |part| part.grams / part.ingredient.fetch(part.ingredient.dressing_density) }
      end

      def left = @practice.fetch("made/#{how}/yield")
      def content(part, taste) = part.ingredient.figures["content/#{taste}"] || 0.0
      def average = parts.sum { |part| share(part) * yield(part) }

      def sources(like)
        {
          "any" => "As #{like.name.downcase}, which it is like.",
          "content" => "Of what is in it.",
          "density" => "Of the room that its parts take.",
          "price" => "Of what is in it."
        }
      end
    end
  end
end
