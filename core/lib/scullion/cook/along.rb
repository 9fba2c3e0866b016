# frozen_string_literal: true

module Scullion
  module Cook
    # Pot company: what cooks along with a component and is weighed at its pot (aromatics, bay, a stock cube),
    # by the grams that the salad says of it.
    class Along < Worksheet
      include Salad::Contents

      attr_reader :cooking, :with

      brought :finished_grams, of: :need
      decision(
        :per_serving_grams,
        "On a serving of what it cooks with",
        :g,
        change: nil,
        shown: false,
        source: -> { "Written so in the salad." }
      ) { with.grams }
      decision(
        :component_grams,
        "A serving of that",
        :g,
        change: nil,
        shown: false,
        source: -> { "Written so in the salad." }
      ) { need.component.grams }
      figure(
        :grams,
        "Into the pot",
        :g,
        how: "cooked in all × what goes with a serving ÷ a serving of it"
      ) do |finished_grams, per_serving_grams, component_grams|
        finished_grams * per_serving_grams / component_grams
      end

      assumption :salt_content,
                 "Salt in it",
                 :per_hundred,
                 book: :ingredient,
                 none: [0.0, "The larder says nothing of it."],
                 at: -> { "content/salt" if ingredient.figures.key?("content/salt") }
      figure(
        :salt_grams,
        "Salt that it brings",
        :g,
        how: "into the pot × salt in it ÷ 100"
      ) { |grams, salt_content| grams * salt_content / 100 }

      figure(
        :content_grams,
        "Of it is eaten",
        :g,
        shown: false,
        how: "what goes into the pot, where it stays in the food"
      ) { |grams| with.stays ? grams : 0.0 }

      # @param cooking [Cook::Method] @param with [Salad::With]
      def initialize(at, cooking, with)
        super(at)
        @cooking, @with = cooking, with
      end

      def need = cooking.need
      def ingredient = with.ingredient
      def practice = need.practice

      def words
        {
          "at" => at,
          "ingredient" => ingredient.key,
          "name" => ingredient.name,
          "colour" => ingredient.colour,
          "stays" => with.stays == true,
          "for" => need.name
        }
      end
    end
  end
end
