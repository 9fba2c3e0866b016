# frozen_string_literal: true

module Scullion
  module Build
    # One component on its way into the bowls. Its grams per bowl and on top add up exactly.
    class Share < Worksheet
      attr_reader :bowls, :layer, :per_bowl

      brought :finished_grams, of: :layer
      brought :servings, of: :layer
      brought :held_back, of: :layer
      figure(
        :top_grams,
        "For the top",
        :g,
        writes: :g_exact,
        how: "to make × held back, in steps of the scale"
      ) { |_finished_grams, held_back| stepped(whole_grams * held_back) }
      figure(
        :in_bowls_grams,
        "Into the bowls",
        :g,
        writes: :g_exact,
        how: "to make − for the top, in steps of the scale"
      ) { |_finished_grams, top_grams| whole_grams - top_grams }
      brought :batches, of: :bowls
      figure(
        :per_bowl_grams,
        "Each bowl",
        :g,
        writes: :g_exact,
        how:
          "into the bowls ÷ bowls, in steps of the scale so that they add up exactly; the first bowls take " \
            "the odd one"
      ) { |_in_bowls_grams, _batches| per_bowl.first }
      figure(
        :top_per_serving_grams,
        "Per serving, on top",
        :g,
        how: "for the top ÷ portions"
      ) { |top_grams, servings| top_grams / servings }

      def initialize(at, bowls, layer)
        super(at)
        @bowls, @layer = bowls, layer
        @per_bowl =
          Amount::Split.evenly((in_bowls_grams / step).round, bowls.batches).map { |each| plain(each * step) }
      end

      def words
        manner = Manner.new(layer.component, practice)
        {
          "at" => at,
          "name" => layer.component.name,
          "colour" => layer.ingredient.colour,
          "role" => layer.component.role,
          "step" => manner.step(equal?(bowls.ordered.first)),
          "why" => manner.why,
          "bowls" => per_bowl,
          **{ "pieces" => (layer.component.pieces && layer.pieces_in_words) }.compact
        }
      end

      def practice = bowls.practice
      def order = bowls.practice.fetch("roles/#{layer.component.role}/order")

      private

      # A gram, or what the scale can tell.
      def step = [1.0, writer.measures.scale].max
      def whole_grams = stepped(finished_grams)
      def stepped(grams) = plain((grams / step).round * step)
      def plain(grams) = grams == grams.to_i ? grams.to_i : grams.round(1)
    end
  end
end
