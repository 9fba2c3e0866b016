# frozen_string_literal: true

module Scullion
  module Build
    # One stage of the dressing on its way into the bowls; the bowls add up to the stage exactly.
    class BowlPour < Worksheet
      attr_reader :bowls, :stage, :per_bowl

      brought :stage_grams, of: :stage, as: :grams
      brought :batches, of: :bowls
      figure(
        :per_bowl_grams,
        "Each bowl",
        :g,
        writes: :g_exact,
        how:
          "the stage ÷ bowls, in whole scale steps so that they add up exactly; the first bowls take the " \
            "odd one"
      ) { |_stage_grams, _batches| per_bowl.first }

      def initialize(at, bowls, stage)
        super(at)
        @bowls, @stage = bowls, stage
        step = writer.scale_step(stage.batch_grams)
        @per_bowl =
          Amount::Split.evenly((stage.grams / step).round, batches).map { |steps| (steps * step).round(1) }
      end

      def practice = bowls.practice

      # after: the share it is poured on, counted in mixing order; none for what does not go into the bowl.
      # already: what comes into the bowl brings it along.
      def words
        {
          "at" => at,
          "key" => stage.key,
          "name" => stage.name,
          "into" => stage.into,
          "bowls" => per_bowl,
          "after" => after,
          "already" => stage.pours.any? && stage.pours.all? { |pour| stage.before_bowl?(pour.layer) }
        }
      end

      # The place in mixing order of the last share it goes onto; nil for what does not go into the bowl.
      def after
        layers = stage.pours.map(&:layer)
        bowls.ordered.rindex { |share| layers.include?(share.layer) }
      end
    end
  end
end
