# frozen_string_literal: true

module Scullion
  module Recipe
    # What is so many per cent of another food: "1 kg cabbage with 2 % salt". For WholeLine, which it is a
    # part of; AmongLines has lists in per cent of one weight.
    module PerCent
      SAID = /(?<share>\d{1,3}(?:[.,]\d{1,2})?)\s*%/.freeze

      private

      # "1 kg cabbage with 2 % salt": of the only other food that is weighed; else nobody knows of what.
      def in_percent(items)
        items.each do |item|
          share = percent(item) or next
          others = items.select { |other| other.amount&.unit == :g }
          next item.flags << :for_some unless others.one? && lexicon.seasons?(item.foods.first)

          item.amount = others.first.amount.times(share / 100)
        end
      end

      # @return [Float, nil] of a food that has nothing else
      def percent(item)
        return unless item.food? && item.amount.nil? && item.name && @plain.include?("%")

        name = Regexp.escape(item.name)
        found =
          @plain.match(/#{SAID}\s+(?:of\s+)?#{name}/i) || @plain.match(/#{name}[^,;%]*?\s#{SAID}(?!\s*fat)/i)
        found[:share].tr(",", ".").to_f if found
      end
    end
  end
end
