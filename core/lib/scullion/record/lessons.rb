# frozen_string_literal: true

module Scullion
  module Record
    # What the kitchen's own record says of its figures: what is left after trimming and after cooking, what a
    # pot boils off, how much is cut in an hour, how many covers come. Offered with what it would change, and
    # how it would have done; taken or left by the cook. Rules of the job, "The record".
    class Lessons
      KINDS = [Trims, Cooked, Water, CutRates].freeze

      # @param plans [Hash{Integer=>Plan}] of services by their number, oldest first @param log [Log]
      # @param coming [Hash, nil] the brief of the next service @param house [House]
      def initialize(plans, log, house, coming = nil)
        @plans, @log, @house, @document = plans, log, house, coming
        @coming = coming && planned(house)
      end

      # @return [Array<Hash>] ready for JSON: what is offered, the most weighed first
      def to_a
        offered =
          weighings
            .group_by(&:at)
            .map { |at, all| [at, all, learned(all)] }
            .select { |_, _, learned| learned.offered? }
        [
          covers,
          *offered.sort_by { |at, all, _| [-all.size, at] }.map { |at, all, learned| words(at, all, learned) }
        ].compact
      end

      private

      def weighings
        @plans.flat_map do |service, plan|
          weighed = Weighed.new(@log, service)
          KINDS.flat_map { |kind| kind.new(weighed).of(plan) }
        end + Measures.new(@log, @house).all
      end

      def learned(all)
        last = all.last
        Learned.new(last.usual, all.map(&:value), last.sheet.practice, hand: Measures.of?(last.at))
      end

      def words(at, all, learned)
        last = all.last
        writer = last.sheet.practice.writer
        usual, own = last.usual, learned.value.round(3)
        {
          "at" => at,
          "name" => last.name,
          "value" => own,
          "usual" => writer.write(usual, last.unit),
          "own" => writer.write(own, last.unit),
          "count" => all.size,
          "spread" => writer.write(learned.spread, last.unit),
          "drift" => drift(learned, writer),
          "before" => writer.share(off(all, usual)),
          "after" => writer.share(off(all, own)),
          "next" => coming(at, own, last),
          "sets" => sets(at, own, usual, [learned.spread, own * prior_spread].max),
          "hands" => hands(all, last.unit, writer)
        }.compact
      end

      # Nobody does the same twice more closely.
      def prior_spread = @house.practice.fetch("record/learn/spread_share")

      # What taking it sets, in the order in which it can be set.
      def sets(at, own, usual, spread)
        figures = Measures.of?(at) ? Measures.sets(at, own, spread, usual) : { at => own }
        figures.map { |address, value| { "at" => address, "value" => value } }
      end

      # Whose hands did how much of it, where that was written down. @return [Array<String>]
      def hands(all, unit, writer)
        all
          .group_by(&:by)
          .reject { |by, _| by.nil? }
          .sort
          .map { |by, mine| "#{by} #{writer.write(learned(mine).value, unit)} of #{mine.size}" }
      end

      # From one weighing to the next, where that can be seen.
      def drift(learned, writer)
        trend = learned.trend
        return if trend.abs < 0.005

        "drifts #{trend.positive? ? "up" : "down"} by #{writer.share(trend.abs)} each time"
      end

      # How far a figure was off, on the average. @return [Float]
      def off(all, figure) = all.sum { |each| ((figure - each.value) / each.value).abs } / all.size

      # What it changes in the next service: what is bought, or the minutes. @return [String, nil]
      def coming(at, own, last)
        return unless @coming

        said = last.unit == :kg_per_h ? minutes(at, own) : to_buy(at, own)
        "#{@coming.brief.service.name}: #{said}" if said
      end

      def minutes(at, own)
        found = @coming.preps.select { |prep| prep.component.cut && at == rate_of(prep) }
        more = found.sum { |prep| prep.cutting_minutes * ((prep.cut_rate / own) - 1) }
        signed(more, :min, "at the board") unless found.empty?
      end

      def rate_of(prep) = "practice/cuts/#{prep.component.cut}/rates/#{prep.tool}"

      # As it would be bought with the figure set.
      def to_buy(at, own)
        key = at[%r{\Alarder/([^/]+)/}, 1]
        now = @coming.preps.select { |prep| prep.ingredient.key == key }
        return if now.empty?

        set = planned(@house.with(figures: { at => [own, "house"] }))
        more = set.preps.sum { |prep| prep.ingredient.key == key ? prep.ap_grams : 0 } - now.sum(&:ap_grams)
        signed(more, :g, "to buy") unless more.abs < 1
      end

      # The next service, in a house. @return [Plan]
      def planned(house) = Plan.for(Brief.read(@document, house))

      def signed(more, unit, what)
        text = @coming.brief.practice.writer.write(more.abs, unit)
        "#{more.positive? ? "+" : "−"}#{text} #{what}"
      end

      # Covers that came of those that were planned: nothing is set by it, as guests are not a figure.
      # @return [Hash, nil]
      def covers
        came = @plans.filter_map { |service, plan| share_come(service, plan) }
        return if came.empty?

        practice = @plans.values.last.brief.practice
        learned = Learned.new(1.0, came, practice)
        return unless learned.offered?

        writer = practice.writer
        {
          "at" => "covers",
          "name" => "Covers served of those planned",
          "value" => learned.value.round(3),
          "usual" => writer.share(1.0),
          "own" => writer.share(learned.value),
          "count" => came.size,
          "spread" => writer.share(learned.spread),
          "drift" => drift(learned, writer),
          "before" => writer.share(came.sum { |each| (1 - each).abs / each } / came.size),
          "after" => writer.share(came.sum { |each| (learned.value - each).abs / each } / came.size),
          "next" => covers_coming(learned.value),
          "sets" => [],
          "hands" => []
        }.compact
      end

      def share_come(service, plan)
        served = @log.last(kind: "served", service: service)&.value
        served.to_f / plan.brief.service.covers if served&.positive?
      end

      def covers_coming(share)
        return unless @coming

        service = @coming.brief.service
        "#{service.name}: about #{(service.covers * share).round} of #{service.covers}"
      end
    end
  end
end
