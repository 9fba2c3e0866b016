# frozen_string_literal: true

module Scullion
  module Build
    # One component on its way into the bowls. Its grams per bowl and on top add up exactly.
    class Share < Sheet
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
        @per_bowl = Split.exact(in_bowls_grams, Array.new(bowls.batches, 1)).sort.reverse
      end

      def words
        role = bowls.practice.roles.fetch(layer.component.role)
        { "at" => at, "name" => layer.component.name, "colour" => layer.ingredient.colour, "role" => layer.component.role,
          "step" => role["step"], "why" => role["why"], "bowls" => per_bowl }
      end

      def order = bowls.practice.fetch("roles/#{layer.component.role}/order")

      private

      def whole_grams = finished_grams.round
    end

    # How one salad is mixed: the bowl, how many times, in which order. Bowls are never mixed
    # fuller than the house's share. Rules of the job, "Build".
    class Bowls < Sheet
      attr_reader :portion, :practice, :bowl, :shares

      brought :servings, of: :portion
      assumption :most_full, "Mix no fuller than", :share, book: :practice, at: "bowls/fill"
      decision(:bowl_litres, "The bowl holds", :litre, change: nil, source: -> { "#{bowl.name} in your kitchen." }) { bowl.litres }
      figure(:serving_ml, "Into the bowl, per serving", :ml, how: "the layers that go into the bowl, and the dressing, added up", shown: false,
             from: -> { portion.layers.map { |layer| [layer, :mixed_ml] } + [[portion, :dressing_ml]] }) do
        portion.layers.sum(&:mixed_ml) + portion.dressing_ml
      end
      figure(:mix_ml, "To mix", :ml, from: %i[serving_ml servings], how: "into the bowl per serving × portions to make") { serving_ml * servings }
      figure(:batches, "Bowls", :count, from: %i[mix_ml bowl_litres most_full],
             how: "to mix ÷ (bowl × mix no fuller than), rounded up") { [(mix_ml / room(bowl) - 1e-9).ceil, 1].max }
      figure(:fill, "Fill of each", :share, from: %i[mix_ml batches bowl_litres], how: "to mix ÷ bowls ÷ what a bowl holds") { mix_ml / batches / (bowl.litres * 1000) }
      figure(:portions_per_bowl, "Portions in each", :portions, from: %i[servings batches], how: "portions to make ÷ bowls") { servings / batches }

      def initialize(at, portion, dressing, brief)
        super(at)
        @portion, @dressing, @practice = portion, dressing, brief.practice
        @bowl = brief.kitchen.bowls.find { |bowl| mix_ml <= room(bowl) } || brief.kitchen.bowls.last
        @shares = portion.layers.each_with_index.map { |layer, index| Share.new("#{at}/shares/#{index}", self, layer) }
      end

      def words
        { "at" => at, "salad" => portion.salad.key, "salad_name" => portion.salad.name, "bowl" => bowl.name,
          "bowl_count" => bowl.count, "shares" => ordered.map(&:to_h), "dressing" => dressing }
      end

      def snags
        return [] if batches <= bowl.count

        [Snag.new(severity: "look", stage: "build",
                  what: "#{portion.salad.name} takes #{batches} bowls; the kitchen has #{bowl.count} of the #{bowl.name}.",
                  remedy: "Mix in #{batches.fdiv(bowl.count).ceil} rounds, emptying into pans between them.")]
      end

      private

      def room(bowl) = most_full * bowl.litres * 1000
      def ordered = shares.each_with_index.sort_by { |share, index| [share.order, index] }.map(&:first)

      # Each stage's dressing, split over the bowls without remainder.
      def dressing
        return [] unless @dressing

        @dressing.stages.map do |stage|
          per_gram = (1 / Split.step(@dressing.batch_grams)).round
          parts = Split.exact((stage.grams * per_gram).round, Array.new(batches, 1)).sort.reverse.map { |steps| steps.fdiv(per_gram) }
          { "key" => stage.words["key"], "name" => stage.words["name"], "bowls" => parts, "text" => Amount::Writer.g_exact(parts.first) }
        end
      end
    end
  end
end
