# frozen_string_literal: true

module Scullion
  module Dress
    # What is left in a jug of dressing, as a cook writes it.
    module Jug
      GRAMS = (1.0..2_000_000.0).freeze

      # @param text [String] "800 g" or "1.2 l"
      # @param parts [Array<Salad::Part>] of the dressing, whose density it has
      # @param house [House]
      # @return [Float] g @raise [InvalidBrief]
      def self.grams(text, parts, house)
        amount = house.reader.read(text)
        density = parts.sum(&:grams) / parts.sum(&:ml)
        grams = amount.unit == :ml ? amount.value * density : amount.value
        return grams if %i[g ml].include?(amount.unit) && GRAMS.cover?(grams)

        raise InvalidBrief,
              Fault.new(
                what: "#{Fault.shown(text)} is no weight or volume.",
                where: "/left",
                remedy: "Write it like 800 g or 1.2 l."
              )
      rescue UnreadableAmount => e
        raise InvalidBrief, e.at("/left").faults
      end
    end
  end
end
