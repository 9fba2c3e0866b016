# frozen_string_literal: true

module Scullion
  module Cooking
    # What every cooking method answers for one prepared component: the raw weight that gives
    # the finished weight needed, and what it uses on the way. One subclass and file a method.
    class Method < Sheet
      attr_reader :need, :practice, :kitchen

      brought :finished_grams, of: :need

      # @param need [Plan::Need] @param brief [Brief]
      def initialize(at, need, brief)
        super(at)
        @need, @practice, @kitchen = need, brief.practice, brief.kitchen
      end

      def ingredient = need.ingredient
      def component = need.component

      # Bought things that the method itself uses.
      # @return [Array<Array(String, Symbol)>] seasoning ("salt", "oil") and the figure that says how much
      def uses = []

      # @return [Array<Snag>]
      def snags = []

      def words
        { "at" => at, "method" => self.class::KEY, "name" => need.name, "ingredient" => ingredient.key,
          "colour" => ingredient.colour, "setting" => setting, "done" => ingredient.done, "rescue" => rescues,
          "cautions" => practice.cautions.fetch(self.class::KEY, []) }
      end

      # The method in a few words, e.g. "absorb, lid ajar, tender".
      def setting = self.class::KEY

      # What to do when it is not right. @return [Array<Hash>] "if" and "then"
      def rescues = []
    end
  end
end
