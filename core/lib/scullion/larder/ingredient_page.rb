# frozen_string_literal: true

module Scullion
  # All there is to know about one ingredient, in words and figures for a reader: what a kilo
  # as bought becomes, how it can be cooked, how it holds, every figure with its bounds and
  # source, and what was set by hand.
  class IngredientPage
    # Groups of figures beside the ways of cooking, which are called what their parcels say.
    WORDS = {
      "density" => "Density",
      "pieces" => "One piece",
      "trims" => "Trim",
      "treats" => "Treatment",
      "packs" => "Pack",
      "content" => "Contains",
      "usual" => "Usual in a salad",
      "price" => "Price"
    }.freeze
    UNITS = {
      "density" => :g_per_ml,
      "pieces" => :g,
      "grams" => :g,
      "ml" => :ml,
      "yield" => :share,
      "drained" => :share,
      "gain" => :factor,
      "soaked" => :factor,
      "uptake" => :g_per_g,
      "minutes" => :min,
      "rest" => :min,
      "celsius" => :celsius,
      "core" => :celsius,
      "mm" => :mm,
      "water_per_kg" => :g_per_kg,
      "salt_share" => :share,
      "content" => :per_hundred,
      "usual" => :per_hundred,
      "per_kg" => :a_kilo
    }.freeze
    # What the figures of a method are called.
    NAMES = {
      "minutes" => "takes",
      "mm" => "at a thickness of",
      "gain" => "finished for raw",
      "yield" => "left of the raw weight",
      "celsius" => "oven",
      "core" => "core",
      "soaked" => "soaked for dry",
      "rest" => "rests",
      "uptake" => "takes up",
      "water_per_kg" => "water for a kilo",
      "salt_share" => "salt in the water",
      "drained" => "drained for net",
      "per_kg" => "a kilo, in your money",
      "low" => "from",
      "high" => "up to"
    }.freeze
    KILO = 1000.0

    # @param ingredient [Ingredient] with the kitchen's own figures in it
    # @param house [House]
    def initialize(ingredient, house)
      @ingredient, @house, @practice, @gaps = ingredient, house, house.practice, house.gaps
    end

    # @return [Hash] ready for JSON
    def to_h
      {
        "key" => @ingredient.key,
        "name" => @ingredient.name,
        "aliases" => @ingredient.aliases,
        "family" => @ingredient.family,
        "section" => @ingredient.section,
        "colour" => @ingredient.colour,
        "allergens" => @ingredient.allergens,
        "diets" => @ingredient.diets,
        "tcs" => @ingredient.tcs,
        "taste" => @ingredient.taste,
        "texture" => @ingredient.texture,
        "caution" => @ingredient.caution,
        "surplus" => @ingredient.surplus,
        "gaps" => @gaps.of(@ingredient),
        "stages" => stages,
        "methods" => methods,
        "holds" => holds,
        "figures" => figures
      }
    end

    private

    # What a kilo as bought becomes: every trim; then along the first of them every cut; then
    # along the first of those every way of cooking.
    def stages
      trimmed =
        @ingredient.trims.map do |trim, words|
          row(
            trim,
            KILO * @ingredient.fetch("trims/#{trim}/yield"),
            words["sheds"] && "#{words["sheds"]} → #{words["use"]}"
          )
        end
      after_trim = trimmed.first ? trimmed.first["grams"] : KILO
      cut =
        @ingredient.cuts.map do |key|
          row(@practice.cuts.fetch(key)["name"], after_trim * @practice.fetch("cuts/#{key}/yield"))
        end
      after_cut = cut.first ? cut.first["grams"] : after_trim
      [
        stage("As bought", [row("as it comes in", KILO)]),
        stage("Trimmed", trimmed),
        stage("Cut", cut),
        stage("Cooked", cooked(after_cut))
      ].reject { |stage| stage["rows"].empty? }
    end

    def stage(name, rows) = { "name" => name, "rows" => rows }
    def row(name, grams, note = nil)
      { "name" => name, "grams" => grams.round(1), "text" => writer.g(grams), "note" => note }.compact
    end
    # By the sheets of its ways of cooking, in its usual cut where it is cut before.
    def cooked(from)
      @ingredient.methods_of_cooking.filter_map do |method|
        cut = @ingredient.usual_cut unless Cook::Parcels.all.fetch(method).uncut?
        asked = { "ingredient" => @ingredient.key, "cut" => cut, "cook" => { "method" => method } }.compact
        left = @house.left_after(asked) or next
        row(called(method).downcase, from * left, cut && "in #{@practice.cuts.fetch(cut)["name"]}")
      end
    end

    # Each way of cooking in a line, and the choices within it.
    def methods
      @ingredient.methods_of_cooking.map do |method|
        said =
          @ingredient
            .figures
            .addresses
            .select { |at| at.start_with?("#{method}/") }
            .map { |at| "#{name(at)} #{written(at, @ingredient.fetch(at))}" }
        {
          "key" => method,
          "name" => called(method),
          "figures" => said.join(", "),
          "done" => @ingredient.done(method) || @practice.words("doneness", method),
          "schools" =>
            @practice
              .schools(method)
              .values
              .map { |choices| choices.values.map { |words| words["name"] }.join(" or ") }
        }
      end
    end

    def holds
      @ingredient.holds.map do |form, key|
        {
          "form" => form == "any" ? "in any form" : form,
          "name" => @practice.words("holds", key)["name"],
          "rest" => written_min(@practice.fetch("holds/#{key}/rest_minutes")),
          "dressed" => written_min(@practice.fetch("holds/#{key}/dressed_minutes")),
          "tcs" => @ingredient.tcs?(form)
        }
      end
    end

    def figures
      @ingredient.figures.addresses.filter_map do |at|
        least, most, bound_unit = IngredientForm.bound(at)
        next unless least

        {
          "at" => "#{@ingredient.figures.prefix}/#{at}",
          "group" => called(at.split("/").first),
          "label" => "#{called(at.split("/").first)}: #{name(at)}",
          "value" => @ingredient.fetch(at),
          "text" => written(at, @ingredient.fetch(at)),
          "share" => unit(at) == :share,
          "least" => least,
          "most" => most,
          "bound_unit" => bound_unit,
          "source" => @ingredient.figures.source(at),
          "source_kind" => SourceKind.of(@ingredient.figures.source(at)),
          "default" => @ingredient.figures.default(at)&.then { |value| written(at, value) }
        }.compact
      end
    end

    def name(at)
      group, *rest = at.split("/")
      return @ingredient.facts["packs"][rest.first.to_i]["name"] if group == "packs"

      rest -= %w[yield gain] if %w[trims treats].include?(group)
      rest.map { |part| NAMES.fetch(part, part) }.join(", ").tr("_-", "  ")
    end

    def called(group) = WORDS[group] || Cook::Parcels.all.fetch(group).label
    def unit(at) = at.split("/").reverse.filter_map { |part| UNITS[part] }.first || :factor
    def written(at, value) = writer.write(value, unit(at))
    def written_min(minutes) = writer.min(minutes)
    def writer = @practice.writer
  end
end
