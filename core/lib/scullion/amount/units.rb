# frozen_string_literal: true

module Scullion
  class Amount
    # Units a cook writes, and what they are in grams or millilitres.
    # Mass and volume factors are definitions (international pound 1959, US gallon of 231 cubic
    # inches), so they stand in code; everything measured or estimated is data.
    module Units
      GRAMS = { "mg" => 0.001, "g" => 1.0, "kg" => 1000.0, "oz" => 28.349523125, "lb" => 453.59237 }.freeze
      MILLILITRES = {
        "ml" => 1.0,
        "cl" => 10.0,
        "dl" => 100.0,
        "l" => 1000.0,
        "fl oz" => 29.5735295625,
        "pint" => 473.176473,
        "quart" => 946.352946,
        "gallon" => 3785.411784
      }.freeze
      # Where a recipe is British: the imperial gallon of 4.54609 l (1976), and its parts.
      IMPERIAL = {
        "fl oz" => 28.4130625,
        "pint" => 568.26125,
        "quart" => 1136.5225,
        "gallon" => 4546.09
      }.freeze
      # A pint, and the other one in it.
      IN_BOTH = (IMPERIAL.fetch("pint") / 473.176473).then { |times| [1.0, times, 1 / times].freeze }
      OF_THE_HOUSE = { "cup" => :cup, "tbsp" => :tablespoon, "tsp" => :teaspoon }.freeze

      SPELLINGS =
        {
          "g" => %w[g gr gm gms gram grams gramme grammes gramms grms],
          "kg" => %w[kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes kilogramm],
          "mg" => %w[mg],
          "oz" => %w[oz ozs ounce ounces onces ounzes],
          "lb" => %w[lb lbs pound pounds pund punds],
          "ml" => %w[
            ml
            mls
            mil
            mils
            cc
            millilitre
            millilitres
            milliliter
            milliliters
            mililiter
            mililitre
            mililitres
            mililiters
          ],
          "cl" => %w[cl centilitre centilitres centiliter centiliters],
          "dl" => %w[dl decilitre decilitres deciliter deciliters],
          "l" => %w[l lt ltr ltrs litre litres liter liters littre],
          "fl oz" => ["fl oz", "floz", "fluid ounce", "fluid ounces"],
          "pint" => %w[pint pints pt],
          "quart" => %w[quart quarts qt],
          "gallon" => %w[gallon gallons gal],
          "cup" => %w[c cup cups cupful cupfuls],
          "tbsp" => %w[
            tbsp
            tbsps
            tbs
            tbl
            tbls
            tbsn
            tblsp
            tblspn
            tablespoon
            tablespoons
            tablespon
            tablespons
            tablesp
            tablespoonful
            tablespoonfuls
          ],
          "tsp" => %w[
            tsp
            tsps
            tspn
            teaspoon
            teaspoons
            teaspon
            teaspons
            teasp
            teespoon
            teaspoonful
            teaspoonfuls
          ]
        }.flat_map { |unit, words| words.map { |word| [word, unit] } }.to_h.freeze

      # @return [Array(Float, Symbol), nil] how many :g or :ml one of this unit is, nil if unknown
      def self.base(unit, measures = Measures::METRIC)
        return GRAMS[unit], :g if GRAMS.key?(unit)
        return MILLILITRES[unit], :ml if MILLILITRES.key?(unit)

        [measures[OF_THE_HOUSE[unit]], :ml] if OF_THE_HOUSE.key?(unit)
      end
    end
  end
end
