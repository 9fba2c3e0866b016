# frozen_string_literal: true

module Scullion
  module Recipe
    # Where the amount stands in a line: in front ("300 g carrots"), in brackets beside a count
    # ("1 squash (about 1 kg)"), behind ("Carrots – 300 g", "Carrots 300 g, diced", "Oranges x3").
    class AmountPlaces
      # A cut's size is not an amount: "in 2 cm cubes".
      LENGTH = /\b\d+(?:[.,]\d+)?\s*-?\s*(?:cm|mm|inch(?:es)?)\b/i.freeze
      # The weight of it all, but not "2 tins (400 g each)".
      WEIGHED =
        /\A(?<before>(?:(?!#{Amount::Words::PACKS})[^(])*)\(\s*(?:about|approx\.?|roughly|ca\.?|around)?\s*
                 (?<weight>\d+(?:[.,]\d+)?\s*(?:kg|g|oz|lbs?))\s*\)(?<after>.*)\z/ix.freeze
      COUNT =
        %r{\A(?:[\d½¼¾⅓⅔\s.,/-]+|an?\s)(?:level\s|heaped\s)?
              (?:tbsps?|tsps?|tablespoons?|teaspoons?|cups?|blocks?|pieces?)?\s*}ix.freeze
      BEHIND =
        /\A(?<name>[^\d(.]+?)\s*(?:[-–—:,|]\s*|\.{2,}\s*|\()
          (?<amount>(?:\d|½|¼|¾|a\s|one\s|two\s|half).*?)\)?\z/ix.freeze
      LAST =
        %r{\A(?<name>[[:alpha:]][^\d(.]*?)\s+(?:x\s?)?
             (?<amount>(?:\d|½|¼|¾)[\d.,/½¼¾]*\s*[[:alpha:]]*)(?<after>\s*,.*|\s+[[:alpha:]]+)?\z}ix.freeze

      # @param reader [Amount::Reader]
      def initialize(reader)
        @reader = reader
      end

      # @param text [String] a line without its bullet
      # @return [Array(Amount or nil, String)] and the line without the amount
      def find(text)
        text = text.gsub(LENGTH, "").squeeze(" ").strip
        [weighed(text), text, behind(text), ("1 #{text}" if text.match?(/\A[[:alpha:]]/))].compact
          .each do |each|
          amount = @reader.read(each)
          return amount, amount.rest
        rescue UnreadableAmount
          next
        end
        [nil, text]
      end

      private

      def weighed(text)
        found = text.match(WEIGHED)
        found && "#{found[:weight]} #{found[:before].sub(COUNT, "")}#{found[:after]}"
      end

      def behind(text)
        found = text.match(BEHIND) || text.match(LAST) or return
        amount =
          "#{found[:amount]} #{found[:name] unless found[:amount].downcase.include?(found[:name].downcase)}"
        "#{amount.strip}#{found[:after] if found.names.include?("after")}"
      end
    end
  end
end
