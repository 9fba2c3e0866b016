# frozen_string_literal: true

module Scullion
  module Recipe
    # The cup, spoons and pints that a recipe means: "Aussie tablespoon = 20 mL, cup = 250". Pints, fluid
    # ounces and quarts are British where its other words are.
    class OwnMeasures
      NAMES = {
        "cup" => :cup,
        "tablespoon" => :tablespoon,
        "tbsp" => :tablespoon,
        "teaspoon" => :teaspoon,
        "tsp" => :teaspoon
      }.freeze
      SAID =
        /\b(?<name>#{NAMES.keys.join("|")})s?\s*(?:=|is|are|means?)\s*(?<ml>\d{1,3}(?:\.\d+)?)
          \s*(?:ml|millilit\w+)?(?=[\s,;.)]|\z)/ix.freeze
      # ml that each may be.
      BOUNDS = { cup: 150.0..300.0, tablespoon: 10.0..25.0, teaspoon: 3.0..8.0 }.freeze
      BRITISH =
        /\b(?:gas\s(?:mark\s)?[1-9]|dess?ertsp\w*|yoghurt|swede|aubergines?|courgettes?|rocket|coriander|
              beetroots?|caster|imperial|gills?|fan\s\d{3}|fête|tin(?:s|ned)?)\b
          |\b(?:kilos?\b|kgs?\b)|\d\s?kgs?\b/ix.freeze
      AMERICAN =
        /\b(?:sticks?\sof|cilantro|arugula|zucchini|eggplants?|scallions?|cups?|quarts?|qts?|yogurt|
              \d{3}\s?°?F|degrees\sF)\b/ix.freeze

      # @param text [String] @param usual [Amount::Measures] of the house
      def initialize(text, usual)
        @text, @usual = text, usual
      end

      # @return [Amount::Measures] with what is said in place of the house's own
      def measures
        said =
          @text
            .to_enum(:scan, SAID)
            .map { Regexp.last_match }
            .to_h { |found| [NAMES.fetch(found[:name].downcase), found[:ml].to_f] }
            .select { |name, ml| BOUNDS.fetch(name).cover?(ml) }
        said.empty? ? @usual : @usual.dup.tap { |own| said.each { |name, ml| own[name] = ml } }.freeze
      end

      # By words of one side of the ocean and none of the other: who weighs in kilograms has no other pint.
      def imperial? = @text.match?(BRITISH) && !@text.match?(AMERICAN)
    end
  end
end
