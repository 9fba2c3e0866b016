# frozen_string_literal: true

module Scullion
  module Formats
    # A salad on the bench, saved or not, planned by itself in this kitchen: what its portion looks
    # like, how it tastes, whom it suits, what it costs, its dressing and how long it holds.
    class Judging
      COVERS = 100

      # @param salad [Hash] as SaladInput @param covers [Integer]
      def initialize(salad, covers: COVERS)
        @salad, @covers = salad, covers
      end

      # @return [Plan] @raise [InvalidBrief] with faults at their place in the salad
      def plan
        @plan ||= Plan.for(brief)
      rescue InvalidBrief => e
        raise(InvalidBrief, e.faults.map { |fault| Fault.new(what: fault.what, where: fault.where.delete_prefix("/salads/0"), remedy: fault.remedy) })
      end

      # @return [Hash] ready for JSON
      def to_h
        shown = plan.to_h
        slips = Salad::Slip.of(plan.portions.first, plan.dressings.first, plan.taste.ledgers.first)
        { "salad" => document, "portion" => shown["count"].first, "taste" => plan.taste.to_a.first, "dress" => shown["dress"].first,
          "slips" => slips, "hold" => shown["hold"].first, "snags" => shown["snags"], "months" => months }.compact
      end

      # The salad as core understood it, its amounts in grams.
      def document
        @salad.merge("components" => plan.portions.first.salad.components.map(&:to_h))
      end

      # Months in which all that has a season is in it; nil for all year.
      def months
        seasons = Records.facts.seasons.values_at(*plan.portions.first.salad.components.map { |component| component.ingredient.key }).compact
        seasons.reduce(:&)
      end

      private

      def brief
        keys = (Array(@salad["components"]) + Array(@salad.dig("dressing", "parts"))).filter_map { |line| line["ingredient"] if line.is_a?(Hash) }
        of_kitchen = Briefing.of_the_kitchen(keys)
        Brief.read({ "format" => Brief::FORMAT, "salads" => [@salad],
                     "service" => { "name" => "On the bench", "date" => Date.current.iso8601, "from" => "12:00", "to" => "13:00", "covers" => @covers, "over_prep" => 0,
                                    "lines" => [{ "salad" => @salad["key"] }] } }.merge(of_kitchen), Records.facts)
      end
    end
  end
end
