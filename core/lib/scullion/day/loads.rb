# frozen_string_literal: true

module Scullion
  module Day
    # How one preparation is cooked, load by load: out of the heat, what is done to it while it is warm, and
    # into the cold or onto the clock. Part of its Jobs.
    module Loads
      # What is cooked and cooled together. after_minutes: from when the pot is free again until it is ready.
      Lot =
        Struct.new(:load, :number, :of, :task, :chill, keyword_init: true) do
          def after_minutes = @after_minutes || 0
          attr_writer :after_minutes
        end

      private

      # Out of the pot, then mashed while it is warm, then into the cold: nothing of it may wait, so it is one
      # task; and each load is one of its own.
      def heating(before)
        return [] unless @cooking

        loads = @heat.loads
        loads.each_with_index.map { |load, index| heated(load, index, loads, before) }
      end

      def heated(load, index, loads, before)
        several, key = loads.size > 1, key_of(index, loads)
        lot = Lot.new(load: load, number: index + 1, of: loads.size, task: key)
        warm = load.segments + parts(warm_work, load)
        segments = warm + spreading(lot) + parts(@pours.map { |pour| pouring(pour) }, load)
        made =
          task(
            key,
            "#{@need.name}: #{@cooking.setting}#{", batch #{lot.number} of #{lot.of}" if several}",
            "cook",
            @cooking.at,
            segments + last_stretch(lot),
            index.zero? ? before : [],
            most: waits(before),
            why: "waiting for the pot"
          )
        made.after += whisked_for(made, warm.size + spreading(lot).size)
        made.after << behind(loads, index) if index.positive?
        lot.after_minutes = made.segments.drop(load.segments.size).sum(&:minutes)
        lots << lot
        made
      end

      def key_of(index, loads) = loads.size > 1 ? "#{@cooking.at}/load/#{index + 1}" : @cooking.at

      # The pot, the oven, the pan is free again.
      def behind(loads, index)
        after = lots[index - 1].after_minutes
        Link.new(task: key_of(index - 1, loads), least: -after)
      end

      # Each dressing is ready when it is poured, so many minutes into the task.
      def whisked_for(made, first)
        @pours.each_with_index.map do |pour, index|
          Link.new(
            task: Assembly.whisk_key(pour.stage.dressing),
            least: -made.segments.first(first + index).sum(&:minutes),
            why: "poured in warm"
          )
        end
      end

      # A load's part of what is done to all of it with hands; it stands as long in each.
      def parts(segments, load)
        segments.map do |each|
          minutes = each.hands? ? whole(each.minutes * load.share) : each.minutes
          segment(minutes, *each.uses, name: each.name)
        end
      end

      def pouring(pour)
        minutes =
          @practice.fetch("day/pour/setup_minutes") +
            (@practice.fetch("day/pour/per_kg_minutes") * pour.grams / 1000)
        segment(whole(minutes), hands(DRESSING), name: "Pour in #{pour.stage.dressing.recipe.name}")
      end

      def chilled(lot)
        lot.chill ||= Chill.new(@cooking, @brief, lot.load.share, waited: waited(lot))
      end

      # From the heat until it is in the cold, min.
      def waited(lot)
        warm = parts(warm_work + @pours.map { |pour| pouring(pour) }, lot.load)
        lot.load.waited + warm.sum(&:minutes) + spread_minutes
      end

      def spread_minutes = whole(@practice.fetch("day/cool/spread_minutes"))
      def spreading(lot)
        return [] unless @cooking.cools? && !clock?

        [segment(spread_minutes, hands(STOVE), *chilled(lot).trays, name: "Spread to cool")]
      end

      # Into the cold; on the clock it stands, until what it meets does not wilt.
      def last_stretch(lot)
        return [segment(stands_minutes, name: "Stands until it is warm, not hot")] if clock?
        return [] unless @cooking.cools?

        [segment(chilled(lot).minutes, *chilled(lot).uses, name: "Chills")]
      end

      def clock? = @clock ||= @control.of(@cooking) == Safety::Control::CLOCK
      def stands_minutes
        component.dressed_warm?(@practice) ? 0 : Chill.until_frail(@brief)
      end
    end
  end
end
