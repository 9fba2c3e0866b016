# frozen_string_literal: true

module Scullion
  # Kitchen practice that belongs to no single ingredient: evaporation rates, tray loads,
  # cut sizes, dressing uptakes and presets, hold classes, schools; and how this house measures.
  class Practice
    attr_reader :figures, :cuts, :presets, :roles, :loose, :measures, :writer

    # The bounds of its figures, by the last word of the address that has one.
    BOUNDS = {
      "evaporation" => [0.1, 200, "kg per m² per hour"],
      "uptake" => [0, 60, "g per 100 g"],
      "share" => [0, 1, "as a share"],
      "fill" => [0.1, 1, "as a share"],
      "efficiency" => [0.05, 1, "as a share"],
      "packing" => [0.02, 1, "as a share"],
      "load" => [0.1, 60, "kg per m²"],
      "per_kg" => [0, 20_000, "g per kg"],
      "minutes" => [0, 60_000, "minutes"],
      "celsius" => [-20, 320, "°C"],
      "capacity" => [0.5, 5, "kJ per kg and K"],
      "surface" => [1, 2000, "W/m²K"],
      "conductivity" => [0.05, 2, "W/mK"],
      "diffusivity" => [1e-8, 1e-6, "m²/s"],
      "yield" => [0.05, 1, "by weight"],
      "times" => [0.05, 50, "times"],
      "factor" => [0.0001, 10_000, "times"],
      "days" => [1, 60, "days"],
      "by" => [-0.9, 0.9, "as a share"],
      "cm" => [0, 30, "cm"],
      "density" => [0.2, 2.5, "g/ml"],
      "rates" => [0.1, 500, "kg an hour"],
      "per_h" => [0.1, 500, "kg an hour"],
      "melting" => [50, 400, "kJ per kg"],
      "evaporating" => [1500, 3000, "kJ per kg"],
      "mm" => [0.5, 400, "mm"],
      "grams" => [1, 50_000, "g"],
      "milligrams" => [1, 1000, "mg"],
      "watts" => [300, 5000, "W"],
      "per_minute" => [1, 1000, "g a minute"],
      "per_k" => [0.5, 100, "kJ per K"],
      "pours_ml" => [30, 5000, "ml"],
      "guests" => [1, 60, "guests"],
      "heat_capacity" => [0.5, 5, "kJ per kg and K"],
      "seconds" => [1, 600, "seconds"]
    }.freeze

    # Those that must stay away from the ends that their word allows: a jug that keeps all of its dressing
    # pours none, and a tray of which nothing is covered holds nothing.
    NARROWER = {
      "dressing/sticks/share" => [0, 0.5, "as a share"],
      "roast/cover_share" => [0.05, 1, "as a share"],
      "roast/power_share" => [0.1, 1, "as a share"]
    }.freeze

    # What a pinch or a ladle holds.
    LOOSE = [0.05, 2000, "g or ml"].freeze

    # @param facts [Hash] the parsed practice files, keyed by file name
    # @param sources [Hash{String=>String}]
    def initialize(facts, sources, figures: nil, measures: Amount::Measures::METRIC)
      @facts, @sources, @measures = facts, sources, measures
      @figures = figures || Figures.new("practice", Figures.flatten(facts).freeze, sources)
      @cuts, @presets, @roles = facts.values_at("cuts", "presets", "roles")
      @loose = Amount::Loose.new(facts.fetch("measures"), facts.fetch("fills"))
      @writer = Amount::Writer.for(measures)
      freeze
    end

    def self.bound(address)
      return NARROWER[address] if NARROWER.key?(address)
      return LOOSE if address.start_with?("measures/")

      address.split("/").reverse_each { |part| (bound = bound_of(part)) && (return bound) }
      nil
    end

    # By the whole of a word or by what it ends with: "setup_minutes" as "minutes".
    def self.bound_of(word)
      until BOUNDS.key?(word)
        at = word.index("_") or return

        word = word[(at + 1)..]
      end
      BOUNDS[word]
    end
    private_class_method :bound_of

    # @raise [MissingFigure]
    def fetch(at) = figures.fetch(at)

    # Reads amounts with this house's cup and spoons.
    def reader = Amount::Reader.new(loose: loose, measures: measures)

    # Which ingredient cooking takes for a seasoning. @return [String] its key
    def seasoning(name) = words("seasonings", name)
    def seasonings = @facts.fetch("seasonings").values

    # The choices within a method: option => { choice => name, why }. The first is the usual one.
    def schools(method) = @facts.fetch("schools").fetch(method, {})

    # Words of a practice file, e.g. words("holds", "cooked-grain")["name"].
    def words(file, key) = @facts.fetch(file).fetch(key)
    def known?(file, key) = @facts.fetch(file).key?(key)
    def keys(file) = @facts.fetch(file).keys

    # With some figures replaced, wherever they are read: by address or among the words of their file.
    # @param changes [Hash] see Figures#with
    def with(changes)
      return self if changes.empty?

      facts = Figures.laid_over(@facts, changes.transform_values(&:first))
      Practice.new(facts, @sources, figures: figures.with(changes), measures: measures)
    end

    def measured_in(measures)
      measures == @measures ? self : Practice.new(@facts, @sources, figures: figures, measures: measures)
    end
  end
end
