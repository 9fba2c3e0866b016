# frozen_string_literal: true

module Scullion
  # Reads an ingredient from plain data and refuses what cannot be: a yield above 1, a
  # density no food has, a figure without a source. Used for shipped facts, for a cook's own
  # ingredients and for those that travel in a brief.
  class IngredientForm
    include IngredientGroups

    include Possible

    FAMILIES = %w[
      leaf
      brassica
      root
      allium
      stalk
      fruiting
      squash
      pod
      mushroom
      fruit
      herb
      grain
      pasta
      pulse
      tinned-pulse
      nut-or-seed
      cheese
      dairy
      cured
      meat
      fish
      egg
      plant-protein
      bread
      fat
      acid
      sweetener
      condiment
      pickle
      spice
      salt
      liquid
    ].freeze
    DIETS = %w[vegan vegetarian].freeze
    # To oil and vinegar: a base that takes oil, an emulsion already, holds them a while, or nothing.
    BINDS = %w[full bound held none].freeze
    TASTES = %w[salty sour sweet bitter savoury hot mild].freeze
    TEXTURES = %w[crisp crunchy creamy chewy tender juicy soft].freeze
    ALLERGENS = %w[
      gluten
      crustaceans
      eggs
      fish
      peanuts
      soya
      milk
      nuts
      celery
      mustard
      sesame
      sulphites
      lupin
      molluscs
    ].freeze
    # Around the ways of cooking, each of which may have figures of its own.
    BEFORE = %w[
      key
      name
      aliases
      like
      eaten
      us
      contents_of
      family
      kind
      section
      colour
      allergens
      diets
      tcs
      hold
      carries
      binds
      density
      pieces
      packs
      trims
      cuts
      usual_cut
      treats
    ].freeze
    AFTER = %w[content taste texture usual price done surplus caution sources].freeze

    # Groups that hold figures alone, and groups that hold none.
    FIGURES_ONLY = %w[density pieces content usual price].freeze
    WORDS_ONLY = %w[hold carries].freeze

    # What a figure can be, by the last word of its address that has a bound: [least, most, unit].
    BOUNDS = {
      "density" => [0.02, 2.5, "g/ml"],
      "pieces" => [0.1, 20_000, "g"],
      "grams" => [1, 1_000_000, "g"],
      "ml" => [1, 1_000_000, "ml"],
      "yield" => [0.05, 1, "by weight"],
      "uptake" => [0.2, 5, "g water per g dry"],
      "minutes" => [0, 1440, "minutes"],
      "rest" => [0, 240, "minutes"],
      "celsius" => [-20, 320, "°C"],
      "drained" => [0.1, 1, "by weight"],
      "gain" => [0.3, 4, "drained or cooked for raw, by weight"],
      "soaked" => [1.2, 3, "soaked for dry, by weight"],
      "water_per_kg" => [500, 20_000, "g per kg"],
      "salt_share" => [0, 0.05, "as a share"],
      "content" => [0, 100, "g per 100 g"],
      "usual" => [0, 100, "g per 100 g of salad"],
      "per_kg" => [0, 2000, "a kilo, in your money"],
      "price" => [0, 20_000, "in your money"],
      "mm" => [1, 300, "mm"],
      "core" => [40, 100, "°C"]
    }.freeze

    # @param facts [Hash] @param sources [Hash{String=>String}] key => the source in full
    # @param where [String] for faults @param faults [Array<Fault>] collects
    # @return [Ingredient, nil] nil when faulty
    # @param practice [Practice, nil] whose holds and uptakes its words name
    def self.read(facts, sources:, practice: nil, where: "", faults: [])
      new(DocumentReader.new(facts, where, faults), facts, sources, practice).read
    end

    # One that has been read without a fault before.
    # @return [Ingredient]
    def self.known(facts, sources:) = new(nil, facts, sources).made

    def initialize(fields, facts, sources, practice = nil)
      @fields, @facts, @sources, @practice = fields, facts, sources, practice
    end

    def read
      before = @fields.faults.size
      words
      groups
      named
      bounds
      contents
      tins
      sources
      made if @fields.faults.size == before
    end

    # @return [Ingredient]
    def made
      numbers = Figures.flatten(@facts.slice(*fields).except("us")).freeze
      Ingredient.new(@facts, Figures.new("larder/#{@facts["key"]}", numbers, named_sources))
    end

    # Every field that an ingredient may have, in order.
    # @return [Array<String>]
    def self.fields = BEFORE + Cook::Parcels.keys + AFTER

    # Is this a value that the figure at this address can have?
    # @return [Array(Float, Float, String), nil] least, most, unit; nil if the address has no bound
    def self.bound(address)
      address.split("/").reverse_each { |part| return BOUNDS[part] if BOUNDS.key?(part) }
      nil
    end

    private

    def fields = self.class.fields

    def words
      @fields.only(*fields)
      @fields.key("key")
      @fields.text("name")
      @fields.text("section")
      @fields.choice("family", FAMILIES)
      @fields.choice("kind", Safety::Catalogue.shipped.kinds.keys, default: nil)
      @fields.choice("eaten", %w[raw cooked], default: nil)
      @fields.choice("contents_of", %w[raw cooked], default: nil)
      @fields.choice("usual_cut", [Ingredient::NO_CUT, *(@facts["cuts"] if listed?("cuts"))], default: nil)
      @fields.choice("binds", BINDS, default: nil)
      @fields.match("colour", /\A#\h{6}\z/, "#d0651c")
      {
        "allergens" => ALLERGENS,
        "diets" => DIETS,
        "taste" => TASTES,
        "texture" => TEXTURES
      }.each { |field, allowed| each_word(field, allowed) }
      each_list("aliases", "tcs", "cuts")
      @fields.within("hold") { |hold| hold }
      @fields.within("density") { |density| density }
      @fields.within("us", default: nil) { |us| us.only("pieces", "packs", "tinned") } if @fields.given?("us")
      @fields.list("packs", 1..20, "packs") do |pack|
        pack.text("name")
        by_piece(pack)
      end
    end

    def each_list(*fields)
      fields.each do |field|
        next if listed?(field) || !@facts.is_a?(Hash) || @facts[field].nil?

        @fields.fault(field, "This should be a list of words.", "Send [ … ].")
      end
    end

    def listed?(field) = @facts.is_a?(Hash) && @facts[field].is_a?(Array) && @facts[field].all?(String)

    def each_word(field, allowed)
      Array(@facts.is_a?(Hash) ? @facts[field] : nil).each_with_index do |word, index|
        next if allowed.include?(word)

        @fields.fault(
          [field, index],
          "#{word.inspect} is not known here.",
          "Use one of: #{allowed.join(", ")}."
        )
      end
    end

    def bounds
      return unless @facts.is_a?(Hash)

      unread(@facts.slice(*fields))
      Figures
        .flatten(@facts.slice(*fields))
        .each do |address, value|
          least, most, unit = self.class.bound(address)
          next if least.nil? || (value.finite? && value.between?(least, most))

          @fields.fault(address.split("/"), "#{value} is not possible.", "Use #{least} to #{most} #{unit}.")
        end
    end

    # Words where a figure should be, a formula among them.
    def unread(value, path = [])
      case value
      when Hash
        value.each { |key, each| unread(each, [*path, key]) unless path.empty? && key == "sources" }
      when Array
        value.each_with_index { |each, index| unread(each, [*path, index]) }
      when String
        least, most, unit = self.class.bound(path.join("/")) if number_there?(path)
        if least
          @fields.fault(path, "#{Fault.shown(value)} is not a number.", "Use #{least} to #{most} #{unit}.")
        end
      end
    end

    def number_there?(path)
      FIGURES_ONLY.include?(path.first) || (BOUNDS.key?(path.last) && !WORDS_ONLY.include?(path.first))
    end

    def sources
      given = @facts.is_a?(Hash) ? @facts["sources"] : nil
      unless given.is_a?(Hash) && given.key?("any")
        @fields.fault("sources", "There is no source.", 'Name one, for example {"any": "practice"}.')
        return
      end

      given.each do |field, source|
        next if @sources.key?(source) || source.to_s.include?(" ")

        @fields.fault(
          ["sources", field],
          "#{source.inspect} is not a known source.",
          "Use one of #{@sources.keys.join(", ")}, or write it out."
        )
      end
    end

    def named_sources = @facts["sources"].transform_values { |source| @sources.fetch(source, source) }.freeze
  end
end
