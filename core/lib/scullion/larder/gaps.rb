# frozen_string_literal: true

module Scullion
  # What an ingredient's family needs and this one does not have: what cannot be planned with it.
  class Gaps
    # @param families [Hash{String=>Hash}] facts/families.yml
    def initialize(families)
      @families = families
    end

    # @param ingredient [Ingredient]
    # @return [Array<String>] in words; empty when nothing is missing
    def of(ingredient)
      @families.fetch(ingredient.family)["needs"]
        .reject { |need| there?(ingredient, need) }
        .map { |need| need.tr("/|", "  ") }
    end

    private

    # "pieces", "density/whole", or one of several: "absorption|boil". What is written as empty says that
    # there are none, which is an answer.
    def there?(ingredient, need)
      need.split("|").any? { |one| !ingredient.facts.dig(*one.split("/")).nil? }
    end
  end
end
