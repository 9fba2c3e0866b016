# frozen_string_literal: true

module Scullion
  # The vessels, heat, cold, tools and hands a kitchen has, and how it measures. Vessels stand
  # smallest first, so that "the smallest that holds it" is the first that fits.
  class Kitchen
    # Round vessels: a pot (cylinder) or a pan.
    # boil_factor: how much this pot boils off against the usual, once it has been weighed.
    Pot =
      Struct.new(:key, :name, :diameter_cm, :height_cm, :boil_factor, keyword_init: true) do
        # @return [Float] m²
        def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
        def litres = @litres ||= area * height_cm * 10.0
      end

    # A tray or gastronorm pan; +count+ of them in the kitchen.
    Tray =
      Struct.new(:key, :name, :length_cm, :width_cm, :depth_cm, :count, keyword_init: true) do
        # @return [Float] m²
        def area = @area ||= length_cm * width_cm / 10_000.0
      end

    Pan =
      Struct.new(:key, :name, :diameter_cm, :count, keyword_init: true) do
        # @return [Float] m²
        def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
      end

    Bowl = Struct.new(:key, :name, :litres, :count, keyword_init: true)

    # What heats and chills. kw: power drawn; positions: trays it takes at once.
    Burner = Struct.new(:name, :kw, :count, keyword_init: true)
    Oven =
      Struct.new(:name, :positions, :fan, :kw, :least_celsius, :most_celsius, keyword_init: true) do
        def reaches?(celsius) = celsius.between?(least_celsius, most_celsius)
      end
    Steamer = Struct.new(:name, :positions, :kw, keyword_init: true)
    MicrowaveOven = Struct.new(:name, :watts, keyword_init: true)

    # method: a key of facts/practice/cooling methods.
    Chiller = Struct.new(:name, :method, :shelves, keyword_init: true)
    IceMachine = Struct.new(:name, :kg_per_day, :bin_kg, keyword_init: true)

    # A cook on shift. from, to, break_from, break_to: local clock times "HH:MM". skills: keys of
    # facts/practice/skills, nil for all.
    Cook =
      Struct.new(:initials, :from, :to, :break_from, :break_to, :skills, keyword_init: true) do
        # @return [Array<Array(Integer, Integer)>] minutes of the day, without the break; a shift over
        #   midnight
        #   goes on after the day's own
        def hours
          start, stop, rest, back =
            [from, to, break_from, break_to].map do |clock|
              clock && ((clock[0, 2].to_i * 60) + clock[3, 2].to_i)
            end
          stop += Moment::DAY if stop < start
          rest && back ? [[start, rest], [back, stop]] : [[start, stop]]
        end

        def minutes = hours.sum { |start, stop| stop - start }
      end

    LISTS = %i[
      pots
      trays
      pans
      bowls
      burners
      ovens
      steamers
      microwaves
      chillers
      ice_machines
      tools
      cooks
    ].freeze

    attr_reader :name, :measures, *LISTS

    # @param name [String] @param measures [Measures] @param lists [Hash{Symbol=>Array}] by LISTS
    def initialize(name:, measures:, **lists)
      @name, @measures = name, measures
      LISTS.each { |list| instance_variable_set(:"@#{list}", lists.fetch(list)) }
      @pots, @bowls =
        [@pots, @bowls].map { |vessels| vessels.sort_by { |vessel| [vessel.litres, vessel.key] } }
      @trays, @pans = [@trays, @pans].map { |vessels| vessels.sort_by { |vessel| [vessel.area, vessel.key] } }
      freeze
    end

    # @param practice [Practice] knows the tools and the ways of cooling
    # @return [Kitchen, nil] nil when the fields has noted faults
    def self.read(fields, practice) = KitchenForm.new(fields, practice).read

    # Everything one preparation is heated on goes to the strongest burner.
    def burner = burners.max_by(&:kw)
    def oven_positions = ovens.sum(&:positions)
    def pot(key) = pots.find { |pot| pot.key == key }

    # @param tool [String] a key of facts/practice/tools @param practice [Practice]
    def tool?(tool, practice) = practice.words("tools", tool)["plain"] || tools.include?(tool)
  end
end
