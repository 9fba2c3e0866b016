# frozen_string_literal: true

module Scullion
  module Recipe
    # How a list of one kind is cut, behind the last of it: "30 g each mint, dill and parsley, chopped" is
    # said of all of them. For SaidOnce, which it is a part of.
    module DoneBehind
      CUT = %w[cuts trims].freeze
      # So much of it, or nothing, between the "and" and its name.
      AND = /(?:\band|&|\+)\s+[^,;:()]{0,24}\z/i.freeze
      BEHIND = /\A(?:[\s,(]*[^,;:()]{0,24}\beach\)?)?\s*(?:,\s*|\()(?<done>[^\d;:()]+)\)?\W*\z/i.freeze

      private

      def done_behind(items)
        *ahead, last = items.select(&:food?)
        return if ahead.empty? || ahead.any? { |item| item.words.any? || item.place }
        unless ahead.all? { |item| item.said?(:each_of) || lexicon.kin?(item.foods.first, last.foods.first) }
          return
        end

        cut = cut_of_all(last) or return
        ahead.each { |item| item.words = cut.dup if cut.values.all? { |way| fits?(item, way) } }
      end

      # Unless the last is named once more: "mint and chives, chives snipped".
      def cut_of_all(last)
        before, name, behind = @plain.byteslice(last.from..).to_s.scrub.partition(last.name)
        return if name.empty? || !"#{@plain.byteslice(0...last.from).to_s.scrub}#{before}".match?(AND)

        done = behind[BEHIND, :done] or return
        cut = last.words.slice(*CUT)
        cut if cut.any? && done_so(", #{done}").slice(*CUT) == cut && !done.include?(last.name)
      end

      def fits?(item, way)
        lexicon.cut_so?(item.foods.first, way) || lexicon.words("trims").value?(way)
      end
    end
  end
end
