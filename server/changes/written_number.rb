# frozen_string_literal: true

module Scullion
  module Changes
    # A number as someone types it into a field: "82 %" and "0.82" are the same share, and a unit
    # behind the number, as the field showed it ("35 min", "× 3", "2 g per g"), is passed over.
    module WrittenNumber
      UNITS = { "%" => 0.01, "kg" => 1000.0, "l" => 1000.0 }.freeze

      # Covers are counted: digits alone, so that "2 kg" is not two thousand guests.
      # @return [Integer, Object] the count, or the value itself for the reader to refuse
      def self.count(value) = value.is_a?(String) && value.strip.match?(/\A-?\d{1,12}\z/) ? value.to_i : value

      # @return [Numeric, Object] the number, or the value itself for the reader to refuse
      def self.read(value)
        return value unless value.is_a?(String)

        text = value.strip.tr(",", ".")
        found =
          text.match(%r{\A×?\s*(?<number>-?\d*\.?\d+)\s*(?<unit>%|kg|l|min|g|ml|°C|g per g|g/ml|g/kg)?\z}) or
          return value
        number = found[:number].to_f * UNITS.fetch(found[:unit], 1.0)
        number == number.to_i ? number.to_i : number
      end
    end
  end
end
