# frozen_string_literal: true

module Scullion
  class Salad
    # A salad tried, kept or not: planned by itself in this house, to see what its portion looks like, how it
    # tastes, whom it suits, what it costs, its dressing and how long it holds.
    class Trial
      COVERS = 100
      HOURS = %w[12:00 13:00].freeze

      # @param salad [Hash] as a brief has it @param house [House] @param covers [Integer]
      # @param hours [Array(String, String)] of the service
      # @param date [Date] any day: nothing but its name depends on it
      def initialize(salad, house, covers: COVERS, hours: HOURS, date: Date.new(2000, 1, 1))
        @salad, @house, @covers, @hours, @date = salad, house, covers, hours, date
      end

      # @return [Plan] @raise [InvalidBrief] with faults at their place in the salad
      def plan
        @plan ||= Plan.for(Brief.read(document_of_brief, @house))
      rescue InvalidBrief => e
        raise e.within("/salads/0")
      end

      # @return [Hash] ready for JSON
      def to_h
        shown = plan.to_h
        {
          "salad" => document,
          "portion" => shown["count"].first,
          "taste" => plan.taste.to_a.first,
          "dress" => shown["dress"].first,
          "slips" => slips,
          "hold" => shown["hold"].first,
          "snags" => shown["snags"],
          "tried_for" => tried_for,
          "months" => months
        }.compact
      end

      def portion = plan.portions.first
      def salad = portion.salad
      def slips = Slip.of(portion, plan.dressings.first, plan.taste.ledgers.first)

      # The salad as it was understood, its amounts in grams.
      def document = @salad.merge("components" => salad.components.map(&:to_h))

      # The same with some of it changed, tried again.
      # @param changes [Hash] of the salad's own fields @return [Trial]
      def with(changes)
        Trial.new(@salad.merge(changes), @house, covers: @covers, hours: @hours, date: @date)
      end

      # One of its components cooked or treated another way; see AnotherWay.
      # @param index [Integer] @param way [Hash] @return [Trial]
      def another_way(index, way)
        made = AnotherWay.new(document["components"][index], way, @house).to_h
        with("components" => document["components"].dup.tap { |components| components[index] = made })
      end

      # Resized by role. @param grams [Float, nil] of a dressed portion; nil for what is usual as it is served
      # @return [Trial]
      def resized(grams)
        target = grams || @house.practice.fetch("portions/#{salad.serves_as}/grams")
        weights = Resize.new(salad, @house.practice).to(target.to_f)
        with(
          {
            "components" =>
              document["components"]
                .zip(weights)
                .map { |component, weight| component.merge("grams" => weight) },
            "dressing" => dressing_for(weights)
          }.compact
        )
      end

      # A dressing as written goes along with what it is on.
      def dressing_for(weights)
        return unless (written = salad.dressing&.grams)

        share = weights.sum / salad.components.sum(&:grams)
        @salad["dressing"].merge("grams" => (written * share).round(2).clamp(0.1, 2000))
      end

      # Its dressing brought to another ratio of fat to acid.
      # @param times [Float] @return [Trial] @raise [InvalidBrief] without fat or acid, or a dressing
      def with_ratio(times)
        amounts = Dress::Ratio.amounts(dressing.parts, times, @house.practice)
        parts =
          @salad["dressing"]["parts"]
            .zip(amounts)
            .map { |part, amount| part.merge((part.key?("ml") ? "ml" : "grams") => amount) }
        with("dressing" => @salad["dressing"].merge("parts" => parts))
      end

      # @return [Salad::Dressing] @raise [InvalidBrief] when it has none
      def dressing
        salad.dressing ||
          raise(
            InvalidBrief,
            Fault.new(
              what: "#{salad.name} has no dressing.",
              where: "/dressing",
              remedy: "Give it one first."
            )
          )
      end

      # Months in which all that has a season is in it; nil for all year.
      def months
        @house
          .seasons
          .values_at(*salad.components.map { |component| component.ingredient.key })
          .compact
          .reduce(:&)
      end

      # Bowls, pans and hours follow from it: what is said of them is said for so many.
      def tried_for = { "covers" => @covers, "from" => @hours.first, "to" => @hours.last }

      private

      def document_of_brief
        {
          "format" => Brief::FORMAT,
          "salads" => [@salad],
          "service" => {
            "name" => "By itself",
            "date" => @date.iso8601,
            **tried_for,
            "over_prep" => 0,
            "lines" => [{ "salad" => @salad["key"] }]
          }
        }
      end
    end
  end
end
