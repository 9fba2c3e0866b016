# frozen_string_literal: true

module Scullion
  # One ingredient of the larder: words about it, and its book of figures.
  class Ingredient
    # How it can be bought. grams: net weight of one pack; price: of one, nil where it goes by the kilo;
    # piece: what is counted, where it is sold by the piece.
    Pack = Struct.new(:name, :grams, :plural, :price, :piece, keyword_init: true)

    # The usual cut of what nobody cuts: capers, rocket, raisins.
    NO_CUT = "none"

    attr_reader :key,
                :name,
                :aliases,
                :family,
                :section,
                :colour,
                :allergens,
                :tcs,
                :holds,
                :carries,
                :trims,
                :cuts,
                :diets,
                :taste,
                :texture,
                :surplus,
                :caution,
                :binds,
                :packs,
                :figures,
                :facts

    # @param facts [Hash] as in core/facts/larder; see IngredientForm for the checks
    # @param figures [Figures] its numbers
    def initialize(facts, figures)
      # A field that is there and empty is none.
      facts = facts.compact
      @facts, @figures = facts, figures
      @key, @name, @family, @section, @colour = facts.values_at("key", "name", "family", "section", "colour")
      @aliases = facts.fetch("aliases", [])
      @allergens, @tcs = facts.fetch("allergens", []), facts.fetch("tcs", [])
      @holds, @carries = facts.fetch("hold"), facts.fetch("carries", {})
      @trims, @cuts = facts.fetch("trims", {}), facts.fetch("cuts", [])
      @diets, @taste, @texture = %w[diets taste texture].map { |field| facts.fetch(field, []) }
      @surplus, @caution, @binds = facts.values_at("surplus", "caution", "binds")
      @packs = facts.fetch("packs").each_with_index.map { |pack, index| pack_of(pack, index) }.freeze
      freeze
    end

    # @raise [MissingFigure]
    def fetch(at) = figures.fetch(at)

    # How to tell that it is done, cooked this way. @return [String, nil]
    def done(method) = facts["done"].is_a?(Hash) ? facts["done"][method] : facts["done"]

    # The cut it comes in where none is written; none for what comes as it is. @return [String, nil]
    def usual_cut
      usual = facts["usual_cut"] || cuts.first
      usual unless usual == NO_CUT
    end

    # Ways of cooking that it has figures for. @return [Array<String>]
    def methods_of_cooking = Cook::Parcels.keys.select { |method| facts.key?(method) }

    # g/ml in a form ("diced", "absorption", …).
    # @raise [MissingFigure]
    def density(form)
      figures["density/#{form}"] || missing("density", form, nearest("density", form))
    end

    # In what form it lies in a bowl that nobody cuts: yoghurt beside a salad's own dressing is poured.
    # @return [String]
    def uncut = %w[whole liquid solid].find { |form| figures.key?("density/#{form}") } || "whole"

    # Where its density stands as a part of a dressing: poured, or minced, pounded or grated into it, of which
    # it takes the room of the solid.
    # @return [String] an address of its figures
    def dressing_density = figures.key?("density/liquid") ? "density/liquid" : "density/solid"

    # Weight of one piece ("medium", "bunch"; "each" takes the medium one; "pack" the first pack,
    # as drained when that is the form).
    # @raise [MissingFigure]
    def piece_grams(piece, form = nil)
      if piece == "pack"
        return packs.first.grams * (form == "drained" ? figures["tinned/drained"] || 1.0 : 1.0)
      end

      figures["pieces/#{piece}"] || (figures["pieces/medium"] if piece == "each") ||
        missing("weight of a piece", piece, "a weight in grams")
    end

    # Potentially hazardous without temperature control in this form?
    def tcs?(form) = tcs.include?(form) || tcs.include?("any")

    def hold_class(form) = holds[form] || holds["any"]
    def uptake_class(form) = carries[form] || carries["any"] || "none"

    # May it be eaten by everybody: without an allergen, and by a vegan?
    def for_anybody? = allergens.empty? && diets.include?("vegan")

    # In brackets, to stand behind a name. @return [String, nil]
    def allergens_said = ("(#{allergens.join(", ")})" if allergens.any?)

    # "White country bread (gluten)"
    def with_allergens = [name, allergens_said].compact.join(" ")

    # Is this text one of its names? Case and a plural s are forgiven.
    def called?(text)
      [name, key.tr("-", " "), *aliases].any? { |known| plain(known) == plain(text) }
    end

    # Not all of its figures, in an error.
    def inspect = "#<#{self.class.name} #{key}>"

    # As it is sold where the house measures so: other weight classes, other packs. What the house set itself
    # stays. @param system [String] metric or us @return [Ingredient]
    def sold_in(system)
      local = facts[system] or return self

      figures = Figures.flatten(local).select { |at, _| self.figures.key?(at) && !self.figures.own?(at) }
      packs = facts["packs"].zip(local.fetch("packs", [])).map { |usual, here| here || usual }
      Ingredient.new(
        facts.merge("packs" => packs),
        self.figures.with(figures.transform_values { |value| [value, LOCAL] })
      )
    end

    # For whom such figures are set.
    LOCAL = "what is sold where amounts are in pounds and cups"

    # @param changes [Hash] see Figures#with
    def with(changes) = Ingredient.new(facts, figures.with(changes))

    private

    def pack_of(pack, index)
      Pack.new(
        name: pack["name"],
        grams: pack_grams(pack, index),
        plural: pack.fetch("plural", "#{pack["name"]}s"),
        price: figures["packs/#{index}/price"],
        piece: pack["piece"]
      ).freeze
    end

    def pack_grams(pack, index)
      return fetch("pieces/#{pack["piece"]}") if pack["piece"]

      figures["packs/#{index}/grams"] || (fetch("packs/#{index}/ml") * density("liquid"))
    end

    def plain(text) = text.downcase.strip.sub(/(?<=[^s])s\z/, "")

    # The form that it has a figure for and that is most like the one asked for, in words.
    def nearest(group, form)
      known =
        figures.addresses.filter_map { |at| at.delete_prefix("#{group}/") if at.start_with?("#{group}/") }
      return "a weight in grams" if known.empty?

      like = known.max_by { |each| [(each.split("-") & form.split("-")).size, each == "whole" ? 1 : 0] }
      "a weight in grams, or one of what it has: #{[like, *(known - [like])].first(4).join(", ")}"
    end

    def missing(figure, form, instead)
      raise MissingFigure,
            Fault.new(
              what: "#{name} has no #{figure} as \"#{form}\".",
              where: "larder/#{key}",
              remedy: "Give #{instead}, or add the figure to the ingredient."
            )
    end
  end
end
