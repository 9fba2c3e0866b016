# frozen_string_literal: true

module Scullion
  module Recipe
    # What a food is by its family: measured in jugs, eaten by itself, seasoning others. For Lexicon, which it
    # is a part of.
    module Families
      # What is measured in spoons and jugs, so that a bare number is no count of it.
      POURED = %w[fat acid condiment sweetener salt spice liquid dairy].freeze
      # What is measured in jugs where others are weighed.
      JUGS = %w[fat acid liquid].freeze
      # What is eaten, and never only cooked along.
      EATEN = %w[
        grain
        pasta
        pulse
        tinned-pulse
        meat
        fish
        cured
        plant-protein
        egg
        bread
        leaf
        pod
        squash
        mushroom
      ].freeze
      SEASONS = %w[herb spice salt].freeze
      # What is boiled, and would stick.
      STICKS = %w[grain pasta].freeze
      # What spice and oil are rubbed on before it is roasted.
      ROASTED = %w[root squash brassica mushroom meat].freeze
      # What others are made in the style of that have none of it.
      ANIMALS = %w[meat fish cured cheese dairy egg].freeze
      BOILED = %w[pulse grain pasta].freeze
      # What comes in a tin or a jar, with what it lies in.
      PRESERVED = %w[cured pickle fish].freeze

      def poured?(key) = POURED.include?(family(key))
      def in_jugs?(key) = JUGS.include?(family(key))
      def eaten?(key) = EATEN.include?(family(key))
      def seasons?(key) = SEASONS.include?(family(key))
      def roasted?(key) = ROASTED.include?(family(key))
      def sticks?(key) = STICKS.include?(family(key))
      def preserved?(key) = PRESERVED.include?(family(key))
      def sweet?(key) = family(key) == "sweetener"
      def dairy?(key) = %w[dairy condiment].include?(family(key))
      def bread?(key) = family(key) == "bread"
      def spice?(key) = family(key) == "spice"
      def fat?(key) = family(key) == "fat"
      def acid?(key) = family(key) == "acid"
      # What has a juice and a zest of its own.
      def fruit?(key) = family(key) == "fruit"

      # What a dressing is made of: poured, or giving it its taste.
      def sauced?(key) = poured?(key) || aromatic?(key) || squeezed?(key)

      # A dressing that comes ready made.
      def bought?(key) = key.start_with?("bought-")

      # Of one family?
      def kin?(one, other) = family(one) == family(other)
      # Is there something to dress with among these?
      def dresses?(keys) = keys.any? { |key| fat?(key) } && keys.any? { |key| acid?(key) }

      # What is cooked in water by itself.
      def boiled?(key) = BOILED.include?(family(key))

      # @param keys [Array<String>, nil] what a name may be
      def of_animals?(keys) = keys.to_a.any? { |key| ANIMALS.include?(family(key)) }

      # Fat that sets, and fries rather than dresses.
      def fried_in?(key) = words("kept").fetch("cook").include?(key)

      def strewn?(key) = words("kept").fetch("strewn").include?(key)

      # Is it here without the shell that it is bought in?
      def shelled?(key) = words("kept").fetch("shelled").include?(key)

      # Is it to be told of where it only goes along? What somebody may not eat, by allergens or by diet.
      def told_of?(key) = @larder[key]&.for_anybody? == false

      # Stock of the house's own kind: as much of it as the method takes.
      def own_stock?(key) = family(key) == "liquid" && cooked_in?(key) && @larder[key].diets.include?("vegan")

      # @return [String, nil]
      def family(key) = @larder[key]&.family
    end
  end
end
