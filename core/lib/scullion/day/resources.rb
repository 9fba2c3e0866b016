# frozen_string_literal: true

module Scullion
  module Day
    # What the kitchen has to work with on each of the days, as resources: cooks in their shifts,
    # heat, cold, vessels and single tools.
    class Resources
      # @param brief [Brief] @param days [Integer] days before the service that may be used
      # @param progress [Progress] what is borrowed for the day
      def initialize(brief, days, progress)
        @kitchen, @practice, @days, @progress = brief.kitchen, brief.practice, days, progress
        @date, @after = brief.service.from.day, (brief.service.to.date - brief.service.from.day).to_i
      end

      # @return [Array<Resource>]
      def resources = [*cooks, *heat, *cold, *vessels, *tools]

      private

      def cooks
        own =
          @kitchen.cooks.each_with_index.map do |cook, index|
            one("cook-#{index}", cook.initials, COOK, 1, open: shifts(cook), skills: down_for(cook))
          end
        own +
          @progress.extra.each_with_index.map do |hours, index|
            one("cook-extra-#{index}", "One more", COOK, 1, open: [hours])
          end
      end

      def shifts(cook)
        (-@days..@after).flat_map do |day|
          cook.hours.map { |hours| hours.map { |minute| Moment.minute(@date, minute + (day * Moment::DAY)) } }
        end
      end
      def down_for(cook)
        cook.skills &&
          (
            cook.skills +
              @progress.skilled.filter_map { |initials, skill| skill if initials == cook.initials }
          ).uniq
      end

      def heat
        [
          one(
            "burner",
            "Burners",
            "burner",
            @kitchen.burners.sum(&:count) + @progress.borrowed.count("burner")
          ),
          *(@kitchen.ovens + (@kitchen.ovens.first(1) * @progress.borrowed.count("oven")))
            .each_with_index
            .map { |oven, index| one("oven-#{index}", oven.name, "oven", oven.positions, moded: true) },
          *@kitchen.steamers.each_with_index.map do |steamer, index|
            one("steamer-#{index}", steamer.name, "steamer", steamer.positions)
          end,
          *@kitchen.microwaves.each_with_index.map do |microwave, index|
            one("microwave-#{index}", microwave.name, "microwave", 1)
          end
        ]
      end

      def cold
        @kitchen.chillers.each_with_index.map do |chiller, index|
          one("chiller-#{index}", chiller.name, "chiller", chiller.shelves)
        end
      end

      def vessels
        [
          *@kitchen.pots.map { |pot| vessel("pot-#{pot.key}", pot.name, 1) },
          *@kitchen.bowls.map { |bowl| vessel("bowl-#{bowl.key}", bowl.name, bowl.count) },
          *@kitchen.trays.map { |tray| vessel("tray-#{tray.key}", tray.name, tray.count) }
        ]
      end

      def vessel(kind, name, count) = one(kind, name, kind, count + @progress.borrowed.count(kind))

      # What every kitchen has, everyone has; the rest is there once. Where it is missing the job is done all
      # the same, and a snag says so.
      def tools
        single = @practice.keys("tools").reject { |tool| @practice.words("tools", tool)["plain"] }
        [
          one("sink", "Sinks", "sink", @practice.fetch("day/sinks/sinks_times").to_i),
          *single.map do |tool|
            one("tool-#{tool}", @practice.words("tools", tool)["name"].capitalize, "tool-#{tool}", 1)
          end
        ]
      end

      def one(key, name, kind, capacity, **more)
        Resource.new(key: key, name: name, kind: kind, capacity: capacity, busy: @progress.taken[key], **more)
      end
    end
  end
end
