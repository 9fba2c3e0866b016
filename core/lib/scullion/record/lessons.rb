# frozen_string_literal: true

module Scullion
  module Record
    # What the kitchen's own weighings say of its figures: what is left after trimming, from what was weighed
    # as bought and once trimmed. Offered with what it would change, and how it would have done; taken or left
    # by the cook. Rules of the job, "The record".
    class Lessons
      # One weighing of a figure. at: its address; prep: as planned then.
      Weighing = Struct.new(:at, :prep, :value, keyword_init: true)

      # @param plans [Hash{Integer=>Plan}] of services by their number, oldest first @param log [Log]
      # @param coming [Plan, nil] the next service
      def initialize(plans, log, coming = nil)
        @plans, @log, @coming = plans, log, coming
      end

      # @return [Array<Hash>] ready for JSON: what is offered, the most weighed first
      def to_a
        weighings
          .group_by(&:at)
          .map { |at, all| [at, all, learned(all)] }
          .select { |_, _, learned| learned.offered? }
          .sort_by { |at, all, _| [-all.size, at] }
          .map { |at, all, learned| words(at, all, learned) }
      end

      private

      def weighings
        @plans.flat_map do |service, plan|
          plan.preps.filter_map { |prep| weighing(service, prep) if prep.component.trim }
        end
      end

      # Nobody has more once it is trimmed: then something else was on the scale.
      def weighing(service, prep)
        bought, trimmed = %w[bought trimmed].map { |of| weighed(service, prep, of) }
        return unless bought && trimmed && bought.positive? && trimmed.between?(bought * LEAST, bought)

        Weighing.new(at: address(prep), prep: prep, value: trimmed / bought)
      end
      LEAST = 0.05
      private_constant :LEAST

      # All parts of it together.
      def weighed(service, prep, of)
        found = @log.of(kind: "weighed", of: of, service: service)
        found.select! { |entry| entry.task.to_s.start_with?("#{prep.at}/") }
        found.sum(&:value) unless found.empty?
      end

      def learned(all)
        Learned.new(all.last.prep.trim_yield, all.map(&:value), all.last.prep.practice)
      end

      def words(at, all, learned)
        prep, writer = all.last.prep, all.last.prep.practice.writer
        usual, own = prep.trim_yield, learned.value.round(3)
        {
          "at" => at,
          "name" => "#{prep.ingredient.name}, #{prep.component.trim}",
          "value" => own,
          "usual" => writer.share(usual),
          "own" => writer.share(own),
          "count" => all.size,
          "spread" => writer.share(learned.spread),
          "drift" => drift(learned, writer),
          "before" => writer.share(off(all, usual)),
          "after" => writer.share(off(all, own)),
          "next" => coming(at, own)
        }.compact
      end

      # From one weighing to the next, where that can be seen.
      def drift(learned, writer)
        trend = learned.trend
        return if trend.abs < 0.005

        "drifts #{trend.positive? ? "up" : "down"} by #{writer.share(trend.abs)} each time"
      end

      # How far a figure was off, on the average. @return [Float]
      def off(all, figure) = all.sum { |each| ((figure - each.value) / each.value).abs } / all.size

      # What it changes in the order of the next service. @return [String, nil]
      def coming(at, own)
        found = @coming&.preps.to_a.select { |prep| prep.component.trim && at == address(prep) }
        return if found.empty?

        more = found.sum { |prep| prep.ap_grams * ((prep.trim_yield / own) - 1) }
        name = @coming.brief.service.name
        "#{name}: #{more.positive? ? "+" : "−"}#{found.first.practice.writer.g(more.abs)} to buy"
      end
      def address(prep) = "larder/#{prep.ingredient.key}/trims/#{prep.component.trim}/yield"
    end
  end
end
