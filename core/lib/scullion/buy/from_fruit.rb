# frozen_string_literal: true

module Scullion
  module Buy
    # What comes from whole fruit, juice that is squeezed here or zest: how many are bought for it. A sheet
    # that has this says its fruit, and which of its figures is taken.
    module FromFruit
      extend Worksheet::Figures

      assumption :one_gives,
                 "One fruit gives",
                 :g,
                 book: :whole_fruit,
                 none: [1.0, "Not from whole fruit."],
                 at: -> { "pieces/#{fruit.kind}" if fruit }
      assumption :one_weighs,
                 "One fruit weighs",
                 :g,
                 book: :whole_fruit,
                 none: [1.0, "Not from whole fruit."],
                 at: -> { fruit&.weighs_at }
      gather(:of_it) { [[self, fruit_figure]] }
      figure(
        :fruit_grams,
        "Whole fruit for it",
        :g,
        shown: false,
        how: "what it takes ÷ what one gives × what one weighs"
      ) { |of_it, one_gives, one_weighs| of_it.first / one_gives * one_weighs }

      assumption :one_fruit_minutes,
                 "Zest or squeeze one",
                 :min,
                 book: :practice,
                 none: [0.0, "Not from whole fruit."],
                 at: -> { "day/fruit/#{fruit.kind}_minutes" if fruit }
      figure(
        :fruit_minutes,
        "Zest or squeeze by hand",
        :min,
        shown: false,
        how: "whole fruit for it ÷ one, rounded up × minutes for one"
      ) do |fruit_grams, one_weighs, one_fruit_minutes|
        fruit ? Amount::Whole.up(fruit_grams / one_weighs) * one_fruit_minutes : 0.0
      end

      def whole_fruit = fruit.whole
      def fruit_count = Amount::Whole.up(fruit_grams / one_weighs)

      # In words: "24 lemons". @return [String, nil]
      def fruit_words
        return unless fruit

        "#{fruit_count} #{fruit.whole.name.downcase}, #{fruit.kind == "zest" ? "zested" : "squeezed here"}"
      end
    end
  end
end
