# frozen_string_literal: true

module Scullion
  # How an ingredient usually comes into a salad, for a build to begin with: its family's role and
  # weight, its first trim, and raw in its usual cut or cooked in its first way.
  class DefaultComponent
    # @param ingredient [Ingredient] @param families [Hash{String=>Hash}] facts/families.yml
    def initialize(ingredient, families)
      @ingredient, @usual = ingredient, families.fetch(ingredient.family)["default_component"]
    end

    # Its role as a part of a dressing; a condiment that binds nothing flavours it.
    def in_dressing
      role = @usual["in_dressing"]
      role == "emulsifier" && !@ingredient.binds ? "aromatic" : role
    end

    # @return [Hash] a component, as a brief has it
    def to_h
      method = cooked? ? @ingredient.methods_of_cooking.first : nil
      {
        "ingredient" => @ingredient.key,
        "role" => @usual["role"],
        "grams" => @usual["grams"].to_f,
        "trim" => @ingredient.trims.keys.first,
        "cut" => (@ingredient.usual_cut unless Cook::Parcels.all[method]&.uncut?),
        "cook" => method && { "method" => method }
      }.compact
    end

    private

    def cooked?
      (@ingredient.facts["eaten"] || @usual["eaten"]) == "cooked" && @ingredient.methods_of_cooking.any?
    end
  end
end
