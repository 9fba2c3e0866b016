# frozen_string_literal: true

module Scullion
  module Recipe
    # What stands below a heading that says nothing, "the gloop": where nearly all of it is poured, all of it
    # is a dressing, herbs and anchovies too. For AmongLines, which it is a part of.
    module PouredBelow
      # Foods to such a part, and those of them at least that are poured.
      FOODS, POURED = 3, 2
      # Share of its weight that is poured, and that any one of the others may have.
      MOSTLY, SOME = 0.6, 0.25

      # What may be in it beside that, by family and by key.
      BESIDE = %w[herb pickle spice salt allium cheese sweetener root].freeze
      CURED = %w[anchovies].freeze

      private

      def poured_below
        @lines
          .select { |line| line.item&.food? && line.heading && line.into.nil? }
          .group_by(&:heading)
          .each_value { |lines| pour(lines) if all_poured?(lines) }
      end

      def pour(lines)
        lines.each { |line| line.item.place ||= "dressing" }
      end

      def all_poured?(lines)
        return false if lines.size < FOODS || lines.any? { |line| line.item.place }

        poured, others = lines.partition { |line| flows?(line.item) }
        whole = weight(lines)
        poured.size >= POURED && whole.positive? && weight(poured) >= whole * MOSTLY &&
          others.all? { |line| little?(line, whole) }
      end

      def flows?(item) = item.parts.any? || @lexicon.sauced?(item.foods.first)

      # As it comes, and a herb by the bunch.
      def little?(line, whole)
        item, key = line.item, line.item.foods.first
        beside = CURED.include?(key) || BESIDE.include?(@lexicon.family(key))
        return false unless beside && item.amount && !item.words.keys.intersect?(%w[cuts cooks treats])

        item.amount.unit == :piece || item.amount.value <= whole * SOME
      end

      # g or ml of what is measured.
      def weight(lines)
        lines.filter_map { |line| line.item.amount }.reject { |amount| amount.unit == :piece }.sum(&:value)
      end
    end
  end
end
