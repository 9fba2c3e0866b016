# frozen_string_literal: true

module Scullion
  module Build
    # One component on its way into the bowls. Its grams per bowl and on top add up exactly.
    class Share < Worksheet
      attr_reader :bowls, :layer, :per_bowl

      brought :finished_grams, of: :layer
      brought :servings, of: :layer
      brought :held_back, of: :layer
      figure(:top_grams, "For the top", :g, writes: :g_exact, from: %i[finished_grams held_back],
             how: "to make × held back, in whole grams") { (whole_grams * held_back).round }
      figure(:in_bowls_grams, "Into the bowls", :g, writes: :g_exact, from: %i[finished_grams top_grams],
             how: "to make − for the top, in whole grams") { whole_grams - top_grams }
      figure(:per_bowl_grams, "Each bowl", :g, writes: :g_exact, from: -> { [[self, :in_bowls_grams], [bowls, :batches]] },
             how: "into the bowls ÷ bowls, in whole grams so that they add up exactly; the first bowls take the odd gram") { per_bowl.first }
      figure(:top_per_serving_grams, "Per serving, on top", :g, from: %i[top_grams servings], how: "for the top ÷ portions") { top_grams / servings }

      def initialize(at, bowls, layer)
        super(at)
        @bowls, @layer = bowls, layer
        @per_bowl = Amount::Split.evenly(in_bowls_grams, bowls.batches)
      end

      def words
        role = bowls.practice.roles.fetch(layer.component.role)
        { "at" => at, "name" => layer.component.name, "colour" => layer.ingredient.colour, "role" => layer.component.role,
          "step" => role["step"], "why" => role["why"], "bowls" => per_bowl }
      end

      def practice = bowls.practice
      def order = bowls.practice.fetch("roles/#{layer.component.role}/order")

      private

      def whole_grams = finished_grams.round
    end
  end
end
