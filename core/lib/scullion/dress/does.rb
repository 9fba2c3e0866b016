# frozen_string_literal: true

module Scullion
  module Dress
    # What a part does in a dressing. Where the food itself decides, as oil, vinegar, egg or soya milk do, the
    # role that its line has decides nothing; else the cook's word stands.
    class Does
      # An emulsion already, or what one can be whisked up on.
      FULL = %w[bound full].freeze

      # @param practice [Practice]
      def initialize(practice)
        @practice = practice
      end

      # @param part [#ingredient, #role]
      def fat?(part) = !full?(part) && (part.role == "fat" || (poured?(part) && holds?(part, "fat")))
      def acid?(part) = part.role == "acid" || (poured?(part) && holds?(part, "acid"))
      def sweet?(part) = part.role == "sweet" || holds?(part, "sugar")
      def salt?(part) = part.role == "salt" || holds?(part, "salt")
      def liquid?(part) = part.role == "liquid" && !fat?(part) && !acid?(part)
      def aromatic?(part) = part.role == "aromatic" || Part::STRONG.include?(part.ingredient.family)

      # Holds fat and acid together, by itself or as mustard does.
      def binds?(part) = full?(part) || part.ingredient.binds == "held"
      def full?(part) = FULL.include?(part.ingredient.binds)
      def base?(part) = part.ingredient.binds == "full"

      private

      def poured?(part) = part.ingredient.figures.key?("density/liquid")

      # Is so much of it that which makes it so?
      def holds?(part, what)
        (part.ingredient.figures["content/#{what}"] || 0.0) / 100 >=
          @practice.fetch("dressing/does/#{what}/least_share")
      end
    end
  end
end
