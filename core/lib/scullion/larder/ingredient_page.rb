# frozen_string_literal: true

module Scullion
  # All there is to know about one ingredient, in words and figures for a reader: what a kilo
  # as bought becomes, every figure with its bounds and source, and what was set by hand.
  class IngredientPage
    WORDS = { "density" => "Density", "pieces" => "One piece", "trims" => "Trim", "treats" => "Treatment", "absorption" => "Absorption", "boil" => "Boil", "simmer" => "Simmer",
              "roast" => "Roast", "toast" => "Toast", "tinned" => "Tinned", "packs" => "Pack" }.freeze
    UNITS = { "density" => :g_per_ml, "pieces" => :g, "grams" => :g, "ml" => :ml, "yield" => :share, "drained" => :share, "gain" => :factor, "soaked" => :factor,
              "uptake" => :g_per_g, "minutes" => :min, "rest" => :min, "celsius" => :celsius, "water_per_kg" => :g_per_kg, "salt_share" => :share }.freeze
    KILO = 1000.0

    # @param ingredient [Ingredient] with the kitchen's own figures in it
    def initialize(ingredient)
      @ingredient = ingredient
    end

    # @return [Hash] ready for JSON
    def to_h
      { "key" => @ingredient.key, "name" => @ingredient.name, "aliases" => @ingredient.aliases, "family" => @ingredient.family, "section" => @ingredient.section,
        "colour" => @ingredient.colour, "allergens" => @ingredient.allergens, "tcs" => @ingredient.tcs, "done" => @ingredient.done, "caution" => @ingredient.caution,
        "surplus" => @ingredient.surplus, "chains" => chains, "figures" => figures }
    end

    private

    # What a kilo as bought becomes, by way of preparation and then by cooking.
    def chains
      trims.flat_map do |trim, yielded|
        [chain(trim, yielded), *cooked.map { |method, factor| chain(trim, yielded, method, factor) }]
      end
    end

    def chain(trim, yielded, method = nil, factor = 1.0)
      steps = [step("as bought", KILO)]
      steps << step(trim, KILO * yielded) if trim
      steps << step(method, KILO * yielded * factor) if method
      { "steps" => steps, "sheds" => trim && @ingredient.trims[trim]["sheds"], "use" => trim && @ingredient.trims[trim]["use"] }
    end

    def step(name, grams) = { "name" => name, "grams" => grams.round(1), "text" => Amount::Writer.g(grams) }

    def trims
      return { nil => 1.0 } if @ingredient.trims.empty?

      @ingredient.trims.to_h { |trim, _| [trim, @ingredient.fetch("trims/#{trim}/yield")] }
    end

    # Finished for raw, by each method it has figures for.
    def cooked
      figures = @ingredient.figures
      { "cooked, tender" => figures["absorption/uptake/tender"]&.+(1), "boiled" => figures["boil/gain"], "simmered" => figures["simmer/gain"],
        "roast" => figures["roast/yield"], "toasted" => figures["toast/yield"], "drained" => figures["tinned/drained"] }.compact
    end

    def figures
      @ingredient.figures.addresses.filter_map do |at|
        least, most, bound_unit = IngredientForm.bound(at)
        next unless least

        { "at" => "#{@ingredient.figures.prefix}/#{at}", "label" => label(at), "value" => @ingredient.fetch(at), "text" => written(at, @ingredient.fetch(at)),
          "share" => unit(at) == :share, "least" => least, "most" => most, "bound_unit" => bound_unit, "source" => @ingredient.figures.source(at),
          "default" => @ingredient.figures.default(at)&.then { |value| written(at, value) } }.compact
      end
    end

    def label(at)
      group, *rest = at.split("/")
      name = group == "packs" ? [@ingredient.facts["packs"][rest.first.to_i]["name"]] : rest - %w[yield uptake]
      "#{WORDS.fetch(group)}: #{(name.empty? ? ['left'] : name).join(', ').tr('_-', '  ')}"
    end

    def unit(at) = at.split("/").reverse.filter_map { |part| UNITS[part] }.first || :factor
    def written(at, value) = Amount::Writer.write(value, unit(at))
  end
end
