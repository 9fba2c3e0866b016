# frozen_string_literal: true

module Scullion
  module Safety
    # A made lot as its hazards see it: one batch of something cooked or cut, one dressing, one mixed salad,
    # with its path through the day.
    class Lot
      include Said

      ASKED = %w[guests placed miss].freeze

      # task: the key of the task that makes it; made: the minute it is ready; batch: "2 of 3"; best and
      # discard: Moments.
      attr_reader :name, :task, :path, :made, :batch, :best, :discard, :allergens, :control

      # @param facts [Hash] name, task, path, made, batch, best, discard, allergens, control, points and
      #   placed
      # @param roster [Day::Roster] @param asked [Asked]
      def initialize(facts, roster, asked)
        @name, @task, @path, @made, @batch = facts.values_at(:name, :task, :path, :made, :batch)
        @best, @discard, @allergens, @control = facts.values_at(:best, :discard, :allergens, :control)
        @marked = facts[:marked]
        @placed, @points = facts.fetch(:placed, true), facts[:points]
        @roster, @asked = roster, asked
      end

      attr_reader :placed

      # Its rule set is broken on the way.
      def breaks? = !path&.miss.nil?

      def at(_hand) = task
      def stage(_hand) = "day"
      def miss = path&.miss&.limit
      def moment = @roster.moment(path.miss.at)
      def over = writer.min(path.miss.over)
      def out = writer.min(path.out)

      # What it must have passed by when, since the heat: °C and minutes.
      def limits
        [%w[first_celsius first_minutes], %w[cold_celsius cooled_minutes]].map do |pair|
          pair.map { |limit| asked.rules.fetch(limit) }
        end
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "name" => name,
          "task" => task,
          "batch" => batch,
          "control" => control,
          "made" => @roster.iso(made),
          "best" => best.iso,
          "discard" => discard.iso,
          "marked" => @marked&.iso,
          "out" => out,
          "out_minutes" => path.out,
          "limit" => out_minutes,
          "allergens" => allergens,
          "path" =>
            path.stretches.map do |each|
              {
                "state" => each.state,
                "name" => each.name,
                "from" => @roster.iso(each.from),
                "to" => @roster.iso(each.to),
                "text" => writer.min(each.minutes)
              }
            end,
          "points" => @points,
          "limits" => (limits if @points),
          "miss" => miss
        }.compact
      end
    end
  end
end
