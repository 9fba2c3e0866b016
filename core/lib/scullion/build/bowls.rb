# frozen_string_literal: true

module Scullion
  module Build
    # How one salad is mixed: the bowl, how many times, in which order. Bowls are never mixed
    # fuller than the house's share. Rules of the job, "Build".
    class Bowls < Worksheet
      attr_reader :portion, :practice, :bowl, :shares, :pours

      brought :servings, of: :portion
      assumption :most_full, "Mix no fuller than", :share, book: :practice, at: "bowls/fill"
      decision(
        :bowl_litres,
        "The bowl holds",
        :litre,
        change: nil,
        source: -> { "#{bowl.name} in your kitchen." }
      ) { bowl.litres }
      gather(:mixed, :mixed_ml) { portion.layers }
      brought :dressing_ml, of: :portion
      figure(
        :serving_ml,
        "Into the bowl, per serving",
        :ml,
        how: "the layers that go into the bowl, and the dressing, added up",
        shown: false
      ) { |mixed, dressing_ml| mixed.sum + dressing_ml }
      figure(
        :mix_ml,
        "To mix",
        :ml,
        how: "into the bowl per serving × portions to make"
      ) { |serving_ml, servings| serving_ml * servings }
      figure(
        :batches,
        "Bowls",
        :bowls,
        how: "to mix ÷ (bowl × mix no fuller than), rounded up"
      ) { |mix_ml, _bowl_litres, _most_full| [Amount::Whole.up(mix_ml / room(bowl)), 1].max }
      figure(
        :fill,
        "Fill of each",
        :share,
        how: "to mix ÷ bowls ÷ what a bowl holds"
      ) { |mix_ml, batches, _bowl_litres| mix_ml / batches / (bowl.litres * 1000) }
      figure(
        :portions_per_bowl,
        "Portions in each",
        :portions,
        how: "portions to make ÷ bowls"
      ) { |servings, batches| servings / batches }

      assumption :mix_setup, "Set up to mix", :min, book: :practice, at: "day/mix/setup_minutes"
      assumption :mix_each, "Mix a bowl", :min, book: :practice, at: "day/mix/per_bowl_minutes"
      assumption :chunk, "A job is shared out from", :min, book: :practice, at: "day/chunk/most_minutes"
      figure(
        :mix_minutes,
        "Mixing, each part of it",
        :min,
        shown: false,
        how: "set up + a bowl × bowls of a part; shared out where it takes long"
      ) do |batches, mix_setup, mix_each, chunk|
        parts = (mix_setup + (mix_each * batches)).fdiv([chunk, 1.0].max).ceil.clamp(1, batches.to_i)
        mix_setup + (mix_each * batches.fdiv(parts).ceil)
      end

      def initialize(at, portion, dressing, brief)
        super(at)
        @portion, @practice = portion, brief.practice
        @bowl = brief.kitchen.bowls.find { |bowl| mix_ml <= room(bowl) } || brief.kitchen.bowls.last
        @shares =
          portion.layers.each_with_index.map do |layer, index|
            Share.new("#{at}/shares/#{index}", self, layer)
          end
        @pours =
          (dressing&.stages || []).each_with_index.map do |stage, index|
            BowlPour.new("#{at}/pours/#{index}", self, stage)
          end
      end

      def words
        {
          "at" => at,
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "bowl" => bowl.name,
          "bowl_count" => bowl.count,
          "shares" => ordered.map(&:to_h),
          "pours" => pours.map(&:to_h),
          "scale" => scale
        }
      end

      def snags
        return [] if batches <= bowl.count

        [
          Snag.new(
            severity: "look",
            stage: "build",
            what:
              "#{portion.salad.name} takes #{batches} bowls; the kitchen has #{bowl.count} of the " \
                "#{bowl.name}.",
            remedy: "Mix in #{batches.fdiv(bowl.count).ceil} rounds, emptying into pans between them."
          )
        ]
      end

      # What the scale reads under the first bowl after each share and each pour, in mixing order.
      # @return [Array<Hash>] at, grams and text
      def scale
        total = 0.0
        ordered
          .each_with_index
          .flat_map { |share, index| [share, *pours.select { |pour| pour.after == index }] }
          .map do |sheet|
            total = (total + sheet.per_bowl.first).round(1)
            { "at" => sheet.at, "grams" => total, "text" => writer.g_exact(total) }
          end
      end

      # In mixing order.
      def ordered
        @ordered ||= shares.each_with_index.sort_by { |share, index| [share.order, index] }.map(&:first)
      end

      private

      def room(bowl) = most_full * bowl.litres * 1000
    end
  end
end
