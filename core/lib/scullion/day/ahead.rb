# frozen_string_literal: true

module Scullion
  module Day
    # What may be made how far ahead: from when it is used and how long it keeps, the earliest it
    # may be ready and the tier of work that it belongs to.
    class Ahead
      TIERS = { 2 => "two days before", 1 => "the day before", 0 => "this morning" }.freeze

      # @param layout [Layout] @param solution [Solution] @param roster [Roster]
      def initialize(layout, solution, roster)
        @layout, @solution, @roster = layout, solution, roster
      end

      # @return [Array<Hash>] one a preparation that has work in it
      def to_a = @layout.jobs.reject { |job| job.tasks.empty? }.map { |job| line(job) }

      private

      def line(job)
        use = used(job)
        earliest = [use - job.keeps, *job.not_before].max
        {
          "preparation" => job.need.component.preparation,
          "name" => job.need.name,
          "colour" => job.need.ingredient.colour,
          "keeps" => writer.min(job.keeps),
          "why" => why(job, earliest),
          "used" => @roster.moment(use),
          "used_at" => @roster.iso(use),
          "earliest" => @roster.moment(earliest),
          "earliest_at" => @roster.iso(earliest),
          "ready_at" => @roster.iso(ready(job)),
          "keeps_until" => @roster.iso(ready(job) + job.keeps),
          "tier" => tier(earliest, use),
          "days" => @roster.progress.ahead.fetch(job.need.component.preparation, 0),
          "may" => may(earliest),
          "hands" => writer.min(job.tasks.sum(&:hands_minutes))
        }
      end

      # Its kind, or the house rules where their date mark comes first.
      def why(job, earliest)
        rules = @roster.plan.brief.rules
        if earliest == job.not_before
          "#{rules.name}: #{writer.days(rules.fetch("days").to_i)} with the day it is made"
        else
          job.hold
        end
      end

      def writer = @roster.plan.brief.practice.writer
      def followers(job)
        job.done.flat_map do |key|
          @solution.instance.followers[key].filter_map do |follower, _|
            @solution.start(follower.key) unless Clearing.of?(follower)
          end
        end
      end
      def used(job) = followers(job).max || @roster.plan.brief.service.from.minutes
      def ready(job) = job.done.map { |key| @solution.end(key) }.max

      # The furthest day on which somebody is on shift late enough for it to keep until its last use.
      def tier(earliest, use)
        day = TIERS.keys.find { |days| days.positive? && may(earliest).include?(days) }
        return TIERS.fetch(day) if day

        if use - earliest <= @roster.plan.brief.practice.fetch("day/late/morning_minutes")
          "last minute"
        else
          TIERS.fetch(0)
        end
      end

      # Days ahead that it may be made: some shift of that day ends no sooner than the earliest it may be
      # ready.
      def may(earliest)
        ends = @roster.plan.brief.kitchen.cooks.map { |cook| cook.hours.last.last }.max || Moment::DAY
        TIERS.keys.select { |days| earliest <= ends - (days * Moment::DAY) }.sort
      end
    end
  end
end
