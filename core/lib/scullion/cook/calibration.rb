# frozen_string_literal: true

module Scullion
  module Cook
    # What a pot really boils off, from weighing simmering water before and after. One weighing
    # gives the pot's factor against the usual rate (the shipped one, whatever the house has set for its
    # other pots), and the factor holds for every lid.
    class Calibration
      FIELDS = %w[lid before_grams after_grams minutes].freeze
      LIDS = { "off" => "simmer-open", "ajar" => "lid-ajar", "on" => "lid-on" }.freeze

      # @param fields [DocumentReader] lid, before_grams, after_grams, minutes
      # @return [Calibration, nil] nil when faults were noted
      def self.read(fields, pot, practice)
        before = fields.faults.size
        fields.only(*FIELDS)
        lid = fields.choice("lid", LIDS.keys, default: "off")
        numbers = {
          before: fields.number("before_grams", 50..500_000, "grams"),
          after: fields.number("after_grams", 0..500_000, "grams"),
          minutes: fields.number("minutes", 5..600, "minutes")
        }
        if numbers[:before] && numbers[:after] && numbers[:after] >= numbers[:before]
          fields.fault(
            "after_grams",
            "It weighs no less than before.",
            "Weigh the pot with its water before, and again after simmering."
          )
        end
        return if fields.faults.size > before

        new(pot, practice, lid: lid, **numbers).tap { |made| made.check(fields) }
      end

      def initialize(pot, practice, lid:, before:, after:, minutes:)
        @pot, @practice, @lid, @before, @after, @minutes = pot, practice, lid, before, after, minutes
      end

      # @return [Float] kg per m² and hour
      def rate = (@before - @after) / 1000 / @pot.area / (@minutes / 60)

      # @return [Float] of the usual rate under that lid
      def factor = (rate / usual).round(3)
      def usual = @practice.figures.shipped("evaporation/#{LIDS.fetch(@lid)}")

      # A factor that no simmer gives is a slip of the scale or the clock.
      def check(fields)
        return if factor.between?(0.1, 5)

        fields.fault(
          "after_grams",
          "That is #{factor.round(2)} times what simmers off a pot this wide.",
          "Check both weights and the minutes."
        )
      end
    end
  end
end
