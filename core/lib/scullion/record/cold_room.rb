# frozen_string_literal: true

module Scullion
  module Record
    # What is on hand: lots and what became of them by the entries, by what must go first.
    class ColdRoom
      GROUPS = {
        "over" => "Past its date: not to be served",
        "today" => "Go today",
        "tomorrow" => "Tomorrow",
        "soon" => "In the next days",
        "later" => "Later"
      }.freeze
      # Weighings that say how much there is, and that take some of it away.
      LEFT, GONE = %w[cooked portion left].freeze, %w[thrown given].freeze

      # Of a lot another service takes g. ends: when that service is over, on the kitchen's clock; over: it
      # is, and they are gone.
      Promise = Struct.new(:code, :service, :service_name, :grams, :ends, :over, keyword_init: true)

      # One lot by now. grams: that are left, nil where nobody knows; weighed: on a scale, not only planned;
      # promised: to services that are still to come.
      Held =
        Struct.new(:lot, :grams, :weighed, :state, :promised, keyword_init: true) do
          # g that nobody has taken yet.
          def free = grams && [grams - promised.sum(0.0, &:grams), 0.0].max
        end

      # g under which nothing is left of anything. @param practice [Practice]
      def self.nothing(practice) = practice.fetch("record/cold_room/nothing_grams")

      # @param lots [Array<Lot>] @param log [Log] @param practice [Practice]
      # @param promises [Array<Promise>]
      def initialize(lots, log, practice, promises = [])
        @lots, @log, @promises = lots, log, promises.group_by(&:code)
        @nothing, @soon = ColdRoom.nothing(practice), practice.fetch("record/cold_room/soon_days")
      end

      # @return [Array<Held>] of every lot
      def all = @all ||= @lots.map { |lot| held(lot) }

      # What is there, first to go first.
      def on_hand
        all.select { |each| each.state == "there" }.sort_by { |each| [each.lot.discard, each.lot.code] }
      end

      # @param clock [String] now, the kitchen's own @return [Hash{String=>Array<Held>}] by group, none empty
      def groups(clock)
        found = on_hand.group_by { |each| group(each.lot.discard, clock) }
        GROUPS.keys.select { |key| found[key] }.to_h { |key| [key, found[key]] }
      end

      private

      def group(discard, clock)
        return "over" if discard < clock

        days = (Date.iso8601(discard[0, 10]) - Date.iso8601(clock[0, 10])).to_i
        return "today" if days.zero?
        return "tomorrow" if days == 1

        days <= @soon ? "soon" : "later"
      end

      def held(lot)
        weighings = @log.of(kind: "weighed", lot: lot.code)
        left = weighings.reverse.find { |entry| LEFT.include?(entry.of) }
        gone = weighings.select { |entry| GONE.include?(entry.of) && (left.nil? || entry.at >= left.at) }
        used, promised = @promises.fetch(lot.code, []).partition(&:over)
        # What was weighed since tells it better.
        used = used.select { |each| left.clock < each.ends } if left
        grams =
          (left&.value || lot.grams)&.then do |all|
            [all - gone.sum(&:value) - used.sum(0.0, &:grams), 0.0].max
          end
        state = used.any? && grams && grams < @nothing ? "used" : state(lot, grams, gone, left)
        Held.new(lot: lot, grams: grams, weighed: !left.nil?, state: state, promised: promised)
      end

      # Used up where all that takes some of it is done, unless something of it was weighed since.
      def state(lot, grams, gone, left)
        return gone.last.of if gone.any? && (grams.nil? || grams < @nothing)
        return "used" if left && left.value < @nothing
        return "used" if used?(lot) && !(left && left.of == "left")

        "there"
      end

      # Of what is made for another service too, nobody can tell by this one's tasks.
      def used?(lot)
        !lot.shared && lot.taken_by.any? && lot.taken_by.all? { |task| done.include?([lot.service, task]) }
      end

      def done = @done ||= @log.of(kind: "done").to_h { |entry| [[entry.service, entry.task], true] }
    end
  end
end
