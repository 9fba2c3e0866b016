# frozen_string_literal: true

module Scullion
  module Cooking
    # What a pot really boils off, from weighing simmering water before and after. One weighing
    # gives the pot's factor against the usual rate, and the factor holds for every lid.
    class Calibration
      FIELDS = %w[lid before_grams after_grams minutes].freeze
      LIDS = { "off" => "simmer-open", "ajar" => "lid-ajar", "on" => "lid-on" }.freeze

      # @param border [Border] lid, before_grams, after_grams, minutes
      # @return [Calibration, nil] nil when the border has noted faults
      def self.read(border, pot, practice)
        before = border.faults.size
        border.only(*FIELDS)
        lid = border.choice("lid", LIDS.keys, default: "off")
        numbers = { before: border.number("before_grams", 50..500_000, "grams"), after: border.number("after_grams", 0..500_000, "grams"),
                    minutes: border.number("minutes", 5..600, "minutes") }
        border.fault("after_grams", "It weighs no less than before.", "Weigh the pot with its water before, and again after simmering.") if
          numbers[:before] && numbers[:after] && numbers[:after] >= numbers[:before]
        return if border.faults.size > before

        new(pot, practice, lid: lid, **numbers).tap { |made| made.check(border) }
      end

      def initialize(pot, practice, lid:, before:, after:, minutes:)
        @pot, @practice, @lid, @before, @after, @minutes = pot, practice, lid, before, after, minutes
      end

      # @return [Float] kg per m² and hour
      def rate = (@before - @after) / 1000 / @pot.area / (@minutes / 60)

      # @return [Float] of the usual rate under that lid
      def factor = (rate / usual).round(3)
      def usual = @practice.fetch("evaporation/#{LIDS.fetch(@lid)}")

      # A factor that no simmer gives is a slip of the scale or the clock.
      def check(border)
        return if factor.between?(0.1, 5)

        border.fault("after_grams", "That is #{factor.round(2)} times what simmers off a pot this wide.", "Check both weights and the minutes.")
      end
    end
  end
end
