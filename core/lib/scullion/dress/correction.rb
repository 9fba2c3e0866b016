# frozen_string_literal: true

module Scullion
  module Dress
    # "Correct it": the smallest addition that brings what is too much or too little of in a jug to
    # where it should be. Only ever adding: with G grams holding P of something, adding m grams that
    # hold c of it a gram lands on the share t when m = (P − t·G) ÷ (t − c).
    class Correction
      Addition = Struct.new(:ingredient, :grams, :growth, keyword_init: true)
      ROLES = {
        "fat" => %w[fat],
        "acid" => %w[acid],
        "salt" => %w[salt],
        "sweetener" => %w[sweet],
        "liquid" => %w[liquid]
      }.freeze

      # @param parts [Array<Salad::Part>] the formula @param left [Float] g in the jug
      # @param complaint [String] a key of facts/practice/corrections complaints
      # @param house [House] its larder has what the dressing has none of
      def initialize(parts, left, complaint, house)
        @parts, @left, @practice, @larder = parts, left, house.practice, house.larder
        @complaint = @practice.words("corrections", "complaints").fetch(complaint)
      end

      # @return [Array<Addition>] smallest first; empty when there is nothing to be done
      def additions
        return [] unless present.positive?

        @complaint["with"].filter_map { |role| addition(stand_in(role)) }.uniq(&:ingredient).sort_by(&:grams)
      end

      # Those that do not swell the jug beyond what is allowed.
      def allowed = additions.select { |addition| addition.growth <= most_growth }

      # Why nothing is offered, in words; nil when something is.
      def refusal
        return if allowed.any?
        unless present.positive?
          return "There is none of it in this dressing: look elsewhere for what you taste."
        end
        if additions.empty?
          return "Nothing here is strong enough to bring it there: make it anew from the formula."
        end

        "The least that would do it, #{writer.g(additions.first.grams)} of " \
          "#{additions.first.ingredient.name.downcase}, " \
          "is more than #{writer.share(most_growth)} of the jug. Make a fresh half batch without it, and mix."
      end

      def to_h
        {
          "name" => @complaint["name"],
          "refusal" => refusal,
          "additions" => allowed.map { |addition| written(addition) }
        }.compact
      end

      private

      def writer = @practice.writer
      def most_growth = @practice.fetch("corrections/growth/share")
      def formula = @formula ||= @parts.sum(&:grams)
      def target = present / @left * (1 + @complaint["by"])

      # g of it in the jug now.
      def present
        @present ||= @parts.sum { |part| part.grams * held(part.ingredient, part.role) } / formula * @left
      end

      # g of it in a gram of an ingredient.
      def held(ingredient, role)
        return role == "aromatic" ? 1.0 : 0.0 if @complaint["of"] == "aromatic"

        (ingredient.figures["content/#{@complaint["of"]}"] || 0.0) / 100
      end

      # The dressing's own of that role, else what usually stands for it.
      def stand_in(role)
        own = @parts.select { |part| ROLES.fetch(role).include?(part.role) }.max_by(&:grams)
        own ? own.ingredient : @larder[@practice.words("corrections", "stand_in").fetch(role)]
      end

      def addition(ingredient)
        return unless ingredient

        grams = (present - (target * @left)) / (target - held(ingredient, nil))
        return unless grams.positive? && grams.finite?
        Addition.new(ingredient: ingredient, grams: grams, growth: grams / @left)
      end

      def written(addition)
        density = addition.ingredient.figures[addition.ingredient.dressing_density]
        {
          "ingredient" => addition.ingredient.key,
          "name" => addition.ingredient.name,
          "colour" => addition.ingredient.colour,
          "grams" => addition.grams.round(2),
          "text" => writer.g(addition.grams),
          "measure" => density && writer.ml(addition.grams / density),
          "growth" => writer.share(addition.growth)
        }.compact
      end
    end
  end
end
