# frozen_string_literal: true

module Scullion
  module Day
    # A solved day as it runs: every stretch of work after what it waits for and after who and what it is
    # done with, in the order of the plan. Played with other minutes it tells when everything is over; nobody
    # begins before the plan says, so that what is over early waits.
    class Course
      # One stretch. task: its task; minutes: as planned; kind: of work, for its spread, nil for what only
      # stands; cook: whose pace it goes by; from: as planned; after: places of the stretches before it, each
      # with the minutes between.
      Stretch = Struct.new(:task, :minutes, :kind, :cook, :from, :after, keyword_init: true)
      HEAT = /\A(?:burner|oven|steamer|microwave)/.freeze
      COLD = "chiller"

      attr_reader :stretches

      # What kind of work a stretch is, for its spread; nil for what only stands.
      # @return [String, nil]
      def self.kind_of(segment)
        hands = segment.uses.find { |use| use.kind == COOK }
        return hands.hands? ? hands.skill || KNIFE : nil if hands
        return "heat" if segment.uses.any? { |use| use.kind.match?(HEAT) }

        "cold" if segment.uses.any? { |use| use.kind == COLD }
      end

      # @param solution [Solution]
      # @param ill [String, nil] key of a cook whose work the others do, each what they are down for
      def initialize(solution, ill: nil)
        @solution, @instance, @ill = solution, solution.instance, ill
        @stretches = laid_out
        tied_by_links
        tied_by_resources
      end

      # @param minutes [Array<Numeric>] of each stretch, as they are this time
      # @param held [Array<Integer>] the soonest that each may begin, as planned where nothing is late
      # @return [Array(Array<Float>, Array<Integer, nil>)] when each is over, and which one it waited for
      def play(minutes, held = planned)
        ends, by = Array.new(@stretches.size, 0), Array.new(@stretches.size)
        @stretches.each_with_index do |stretch, index|
          from = held[index]
          stretch.after.each do |before, between|
            soonest = ends[before] + between
            next unless soonest > from

            from, by[index] = soonest, before
          end
          ends[index] = from + minutes[index]
        end
        [ends, by]
      end

      def planned = @planned ||= @stretches.map(&:from)

      # The last stretch of a task. @return [Integer] its place
      def last_of(task) = @places.fetch(task).last

      private

      # In the order of the plan; those of one task follow each other.
      def laid_out
        rows = []
        @solution.each_stretch do |segment, from, used, task|
          rows << [from, rows.size, segment, used, task] unless @solution.unplaced.include?(task.key)
        end
        rows.sort_by! { |from, order, *| [from, order] }
        @used, @places = [], Hash.new { |all, key| all[key] = [] }
        rows.each_with_index.map do |(from, _, segment, used, task), index|
          @places[task.key] << index
          @used << used
          Stretch.new(
            task: task.key,
            minutes: segment.minutes,
            kind: Course.kind_of(segment),
            cook: used[COOK],
            from: from,
            after: []
          )
        end
      end

      # Within a task, and from task to task: what may begin before the other is over is tied where it needs
      # it, as a dressing is when it is poured.
      def tied_by_links
        @places.each_value { |places| places.each_cons(2) { |one, other| tie(one, other) } }
        @instance.tasks.each do |task|
          places = @places.key?(task.key) ? @places[task.key] : next
          task.after.each do |link|
            next unless @places.key?(link.task)

            tie_link(@places[link.task], places, link.least)
          end
        end
      end

      # At least so long after the other is over. Fewer than none is either by the end of a stretch of the
      # other, as the pot is free for the next load while the first one cools, or by the start of a later
      # stretch of this one, as a dressing is whisked when it is poured.
      def tie_link(before, after, least)
        return tie(before.last, after.first, least) unless least.negative?

        early = boundary(before.reverse, -least)
        return tie(before[before.size - 1 - early], after.first) if early && early < before.size

        tie(before.last, after[boundary(after, -least) || -1] || after.last)
      end

      # After how many stretches, from this end, so many minutes are over; nil for within one.
      def boundary(places, minutes)
        gone = 0
        (0..places.size).find do |count|
          gone += @stretches[places[count - 1]].minutes if count.positive?
          gone == minutes
        end
      end

      # Who and what is taken is passed on, unit by unit, in the order of the plan.
      def tied_by_resources
        held = Hash.new { |all, key| all[key] = [] }
        @stretches.each_index do |index|
          @used[index].each do |kind, key|
            next if key.nil?

            units = held[hands(kind, key, index)]
            amount(index, kind).times { pass_on(units, index) }
          end
        end
      end

      # The ill cook's work goes to the one of the others who is down for it and has the least of it.
      def hands(kind, key, index)
        return key unless kind == COOK && key == @ill

        skill = @stretches[index].kind
        others = @instance.of_kind(COOK).reject { |cook| cook.key == @ill }
        able = others.select { |cook| cook.does?(skill) }
        chosen = (able.empty? ? others : able).min_by { |cook| [load_of[cook.key], cook.key] } or return key
        load_of[chosen.key] += @stretches[index].minutes
        chosen.key
      end

      def load_of
        @load_of ||=
          @used
            .each_with_index
            .with_object(Hash.new(0)) { |(used, index), all| all[used[COOK]] += @stretches[index].minutes }
      end

      def amount(index, kind)
        segment = segment_of(index)
        segment.uses.find { |use| use.kind == kind }.amount
      end

      def segment_of(index)
        task = @stretches[index].task
        @instance[task].segments[@places[task].index(index)]
      end

      # units: stretches that last had one each.
      def pass_on(units, index)
        from = @stretches[index].from
        free =
          units.index { |last| last != index && mine?(last, index) } ||
            units.index { |last| !mine?(last, index) && over(last) <= from }
        # A cook who stands in has one thing after the other, whenever it was planned.
        free ||= 0 if @ill && units.any?
        if free
          tie(units[free], index) unless units[free] == index
          units[free] = index
        else
          units << index
        end
      end

      def mine?(one, other) = @stretches[one].task == @stretches[other].task
      def over(index) = @stretches[index].from + @stretches[index].minutes

      def tie(before, after, between = 0)
        @stretches[after].after << [before, between] if before < after
      end
    end
  end
end
