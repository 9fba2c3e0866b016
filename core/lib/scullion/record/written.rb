# frozen_string_literal: true

module Scullion
  module Record
    # A reading as it is written at the pot, in what this house reads: 165 is °F where its probes say so,
    # 3,2 kg and 7 lb are what they say, and a weight without a word is in what its scale shows.
    module Written
      NUMBER = /\A(-?\d+(?:[.,]\d+)?)\s*(.*)\z/.freeze
      DEGREES = { "c" => ->(read) { read }, "f" => ->(read) { (read - 32) / 1.8 } }.freeze

      # @param text [String] @param unit [String, nil] of the kind: c, g, min, covers
      # @param measures [Amount::Measures] of the house
      # @return [Float, nil] in that unit; nil where it cannot be read
      def self.read(text, unit, measures)
        number, word = text.strip.match(NUMBER)&.captures
        return unless number

        read, word = number.tr(",", ".").to_f, word.downcase.delete("°").strip
        case unit
        when "c"
          DEGREES[word.empty? ? measures.degrees : word]&.call(read)&.round(2)
        when "g"
          factor = Amount::Units::GRAMS[word.empty? ? scale(measures) : word]
          factor && (read * factor)
        else
          word.empty? || word == unit ? read : nil
        end
      end

      # A reading to a tenth, as a limit may lie between two whole ones. @return [String]
      def self.degrees(celsius, measures)
        fahrenheit = measures.degrees == "f"
        read = (fahrenheit ? (celsius * 1.8) + 32 : celsius).round(1)
        "#{read == read.to_i ? read.to_i : read} °#{fahrenheit ? "F" : "C"}"
      end

      # What a weight is in where no unit is written.
      def self.scale(measures) = measures.system == "us" ? "lb" : "g"
    end
  end
end
