# frozen_string_literal: true

module Scullion
  # The vessels, heat, cold, tools and hands a kitchen has, and how it measures. Vessels stand
  # smallest first, so that "the smallest that holds it" is the first that fits.
  class Kitchen
    LISTS = %i[pots trays pans bowls burners ovens steamers microwaves chillers ice_machines tools cooks].freeze

    attr_reader :name, :house, *LISTS

    # @param name [String] @param house [Units::House] @param lists [Hash{Symbol=>Array}] by LISTS
    def initialize(name:, house:, **lists)
      @name, @house = name, house
      LISTS.each { |list| instance_variable_set(:"@#{list}", lists.fetch(list)) }
      @pots, @bowls = [@pots, @bowls].map { |vessels| vessels.sort_by { |vessel| [vessel.litres, vessel.key] } }
      @trays, @pans = [@trays, @pans].map { |vessels| vessels.sort_by { |vessel| [vessel.area, vessel.key] } }
      freeze
    end

    # @param practice [Practice] knows the tools and the ways of cooling
    # @return [Kitchen, nil] nil when the border has noted faults
    def self.read(border, practice) = KitchenForm.new(border, practice).read

    # Everything one preparation is heated on goes to the strongest burner.
    def burner = burners.max_by(&:kw)
    def oven_positions = ovens.sum(&:positions)
    def pot(key) = pots.find { |pot| pot.key == key }

    # @param tool [String] a key of facts/practice/tools @param practice [Practice]
    def tool?(tool, practice) = practice.words("tools", tool)["plain"] || tools.include?(tool)
  end
end
