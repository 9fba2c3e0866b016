# frozen_string_literal: true

module Scullion
  module Day
    # What has happened so far, and what the cook decided about the day: the time now, tasks
    # started, done, running late or spoilt, tasks held at a time, what is made a day ahead or
    # bought ready cut or put into the oven in several loads, what is borrowed for the day (a cook
    # for some hours, an oven, a burner, a pot, a tray, one more plater), who does what else for once, and what the
    # salads do without. Beside that, what other services have of the kitchen.
    class Progress
      # state: started, done, late or failed. at: when it began or ended; minutes: how long it
      # runs over; share: how much of it has to be made again.
      Mark = Struct.new(:task, :state, :at, :minutes, :share, keyword_init: true)
      STATES = %w[started done late failed].freeze
      MOMENT = /\A\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d\z/.freeze
      DAYS_AHEAD = (0..2).freeze
      LOADS = (1..6).freeze
      FIELDS = %w[now marks pins ahead extra cut borrowed loads skilled left_out taken].freeze
      # Kinds of resource that one more of can be had for a day.
      BORROWED = /\A(plater|burner|oven|pot-.+|tray-.+)\z/.freeze

      attr_reader :now, :marks, :pins, :ahead, :extra, :cut, :borrowed, :loads, :skilled, :left_out, :taken

      # @param now [Integer, nil] minutes from midnight of the service day
      # @param marks [Hash{String=>Mark}] by task @param pins [Hash{String=>Integer}] start by task
      # @param ahead [Hash{String=>Integer}] days ahead by preparation
      # @param extra [Array<Array(Integer, Integer)>] hours of one more cook each
      # @param cut [Array<String>] preparations bought ready cut @param borrowed [Array<String>] each one more of BORROWED
      # @param loads [Hash{String=>Integer}] into the oven by preparation
      # @param skilled [Array<Array(String, String)>] initials and one more skill each
      # @param left_out [Array<String>] preparations that the day does without
      # @param taken [Hash{String=>Array<Busy>}] by key of the resource
      def initialize(now: nil, marks: {}, pins: {}, ahead: {}, extra: [], cut: [], borrowed: [], loads: {}, skilled: [], left_out: [], taken: {})
        @now, @marks, @pins, @ahead, @extra, @cut, @borrowed, @loads = now, marks, pins, ahead, extra, cut, borrowed, loads
        @skilled, @left_out, @taken = skilled, left_out, taken
        freeze
      end

      def with(**changes)
        Progress.new(now: now, marks: marks, pins: pins, ahead: ahead, extra: extra, cut: cut, borrowed: borrowed, loads: loads, skilled: skilled, left_out: left_out, taken: taken,
                     **changes)
      end

      # @param border [Border] at the data @param date [Date] of the service
      # @return [Progress, nil] nil when the border has noted faults
      def self.read(border, date)
        before = border.faults.size
        border.only(*FIELDS)
        parts = { now: minute(border, "now", date),
                  marks: (border.list("marks", 0..1000, "marks", default: []) { |item| mark(item, date) } || []).compact.to_h { |mark| [mark.task, mark] },
                  pins: (border.list("pins", 0..300, "pins", default: []) { |item| pin(item, date) } || []).compact.to_h,
                  ahead: (border.list("ahead", 0..300, "preparations", default: []) { |item| counted(item, "days", DAYS_AHEAD) } || []).compact.to_h,
                  loads: (border.list("loads", 0..300, "preparations", default: []) { |item| counted(item, "loads", LOADS) } || []).compact.to_h,
                  skilled: (border.list("skilled", 0..60, "cooks", default: []) { |item| skill(item) } || []).compact,
                  taken: (border.list("taken", 0..5000, "stretches", default: []) { |item| taken(item, date) } || []).compact.group_by(&:first).transform_values { |all| all.map(&:last) },
                  extra: (border.list("extra", 0..20, "hours", default: []) { |item| hours(item, date) } || []).compact,
                  cut: texts(border, "cut"), left_out: texts(border, "left_out"), borrowed: texts(border, "borrowed").grep(BORROWED) }
        new(**parts) if border.faults.size == before
      end

      def self.mark(item, date)
        item.only("task", "state", "at", "minutes", "share")
        Mark.new(task: item.text("task", most: 80), state: item.choice("state", STATES), at: minute(item, "at", date),
                 minutes: item.whole("minutes", 1..600, "minutes", default: nil), share: item.number("share", 0.01..1, "as a share", default: nil))
      end

      def self.pin(item, date)
        item.only("task", "at")
        [item.text("task", most: 80), minute(item, "at", date)].then { |pair| pair if pair.all? }
      end

      # A stretch for which something of the kitchen is another service's.
      def self.taken(item, date)
        item.only("on", "from", "to", "amount", "mode", "for")
        key, (from, to) = item.text("on", most: 120), hours_of(item, date)
        busy = Busy.new(from: from, to: to, amount: item.whole("amount", 1..1000, "of it", default: 1), mode: item.whole("mode", 0..400, "°C", default: nil), name: item.text("for", most: 120))
        [key, busy] if key && from
      end

      def self.skill(item)
        item.only("cook", "skill")
        [item.text("cook", most: 12), item.choice("skill", SKILLS)].then { |pair| pair if pair.all? }
      end

      # One more cook, from and to.
      def self.hours(item, date)
        item.only("from", "to")
        hours_of(item, date)
      end

      # @return [Array(Integer, Integer), nil]
      def self.hours_of(item, date)
        from, to = %w[from to].map { |field| minute(item, field, date) }
        return unless from && to

        from < to ? [from, to] : item.fault("to", "This ends before it starts.", "Give a later end.")
      end

      def self.texts(border, name) = Array(border.raw(name)).grep(String).first(300)

      # So many of something for one preparation.
      def self.counted(item, field, range)
        item.only("preparation", field)
        [item.text("preparation", most: 200), item.whole(field, range, field)].then { |pair| pair if pair.all? }
      end

      # "2026-11-28T09:40" as minutes from midnight of the service day.
      def self.minute(border, field, date)
        text = border.match(field, MOMENT, "2026-11-28T09:40", default: nil) or return
        ((Date.iso8601(text[0, 10]) - date).to_i * 1440) + Moment.at(date, text[11, 5]).minutes
      rescue Date::Error
        border.fault(field, "#{text} is not a day of the calendar.", "Write it like 2026-11-28T09:40.")
      end
      private_class_method :mark, :pin, :skill, :taken, :hours, :hours_of, :texts, :counted, :minute
    end
  end
end
