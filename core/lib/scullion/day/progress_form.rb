# frozen_string_literal: true

module Scullion
  module Day
    # Reads from plain data how far a day is and what was decided about it. Times are local; they
    # become minutes from midnight of the service day.
    class ProgressForm
      MOMENT = /\A\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d\z/.freeze
      DAYS_AHEAD = (0..2).freeze
      FIELDS = %w[
        now
        since
        marks
        pins
        ahead
        extra
        cut
        borrowed
        loads
        skilled
        left_out
        otherwise
        control
        taken_on
        outings
        brings
        makes
        more
        lots
        taken
      ].freeze
      MANY = (0..300).freeze

      # Days from the day of the service that something of it may be set for.
      NEAR = (-14..2).freeze

      # @param fields [DocumentReader] at the data @param date [Date] of the service
      def initialize(fields, date)
        @fields, @date = fields, date
      end

      # @return [Progress, nil] nil when the fields has noted faults
      def read
        before = @fields.faults.size
        @fields.only(*FIELDS)
        parts = {
          now: near(minute(@fields, "now")),
          since: near(minute(@fields, "since")),
          **work,
          **kitchen
        }
        Progress.new(**parts) if @fields.faults.size == before
      end

      private

      def work
        {
          marks: list("marks", 0..1000) { |item| mark(item) }.to_h { |mark| [mark.task, mark] },
          pins: list("pins", MANY) { |item| pin(item) }.to_h,
          ahead: list("ahead", MANY) { |item| counted(item, "days", DAYS_AHEAD) }.to_h,
          loads: list("loads", MANY) { |item| counted(item, "loads", Progress::LOADS) }.to_h,
          cut: texts("cut"),
          left_out: texts("left_out"),
          otherwise: list("otherwise", MANY) { |item| otherwise(item) }.to_h,
          control: list("control", MANY) { |item| control(item) }.to_h,
          taken_on: list("taken_on", MANY) { |item| taken_on(item) }.to_h,
          outings: by_first(list("outings", MANY) { |item| outing(item) }),
          **together
        }
      end

      # Made with another service's, for others, more of it on purpose, and what there is of it.
      def together
        {
          brings: list("brings", MANY) { |item| brought(item) }.to_h,
          makes:
            by_first(
              list("makes", MANY) { |item| more(item) } +
                list("more", MANY) { |item| more(item, on_purpose: true) }
            ),
          lots: by_first(list("lots", MANY) { |item| on_hand(item) })
        }
      end

      def by_first(pairs) = pairs.group_by(&:first).transform_values { |all| all.map(&:last) }

      def kitchen
        {
          extra: list("extra", 0..20) { |item| extra(item) },
          borrowed: texts("borrowed").grep(Progress::BORROWED),
          skilled: list("skilled", 0..60) { |item| skill(item) },
          taken: by_first(list("taken", 0..20_000) { |item| taken(item) })
        }
      end

      def list(name, size, &)
        (@fields.list(name, size, name.tr("_", " "), default: [], &) || []).compact
      end
      def texts(name) = Array(@fields.raw(name)).grep(String).first(MANY.max)

      def mark(item)
        item.only("task", "state", "at", "minutes", "share")
        Progress::Mark.new(
          task: item.text("task", most: 80),
          state: item.choice("state", Progress::STATES),
          at: close_minute(item, "at"),
          minutes: item.whole("minutes", 1..600, "minutes", default: nil),
          share: item.number("share", 0.01..1, "as a share", default: nil)
        )
      end

      # Cold, or on the clock.
      def control(item)
        item.only("preparation", "way")
        [item.text("preparation", most: 200), item.choice("way", Safety::Control::WAYS)].then do |pair|
          pair if pair.all?
        end
      end

      # A salad that was out before: at which service, for how long.
      def outing(item)
        item.only("salad", "name", "minutes")
        salad, name, minutes =
          item.key("salad"),
          item.text("name"),
          item.number("minutes", 0..Moment::DAY, "minutes")
        [salad, Progress::Outing.new(name: name, minutes: minutes)] if salad && name && minutes
      end

      # A stop that a named person takes on, and why.
      def taken_on(item)
        item.only("key", "by", "reason")
        key, by, reason =
          item.text("key", most: 200),
          item.text("by", most: 12),
          item.text("reason", most: 200)
        [key, Progress::TakenOn.new(by: by, reason: reason)] if key && by && reason
      end

      # How a preparation is made this day.
      def otherwise(item)
        item.only("preparation", "way")
        [item.text("preparation", most: 200), item.text("way", most: 80)].then { |pair| pair if pair.all? }
      end

      def pin(item)
        item.only("task", "at")
        [item.text("task", most: 80), close_minute(item, "at")].then { |pair| pair if pair.all? }
      end

      # So many of something for one preparation.
      def counted(item, field, range)
        item.only("preparation", field)
        [item.text("preparation", most: 200), item.whole(field, range, field)].then do |pair|
          pair if pair.all?
        end
      end

      # One more cook, from and to.
      def extra(item)
        item.only("from", "to")
        hours(item)
      end

      def skill(item)
        item.only("cook", "skill")
        [item.text("cook", most: 12), item.choice("skill", SKILLS)].then { |pair| pair if pair.all? }
      end

      def brought(item)
        item.only("preparation", "for", "ready", "best", "discard", "lost")
        key, name = item.text("preparation", most: 200), item.text("for", most: 120)
        ready, best, discard = %w[ready best discard].map { |field| minute(item, field) }
        lost = item.flag("lost")
        return unless key && name

        [key, Progress::Brought.new(name: name, ready: ready, best: best, discard: discard, lost: lost)]
      end

      def more(item, on_purpose: false)
        item.only("preparation", "for", "grams")
        key, name = item.text("preparation", most: 200), item.text("for", most: 120)
        grams = item.number("grams", 0.1..1_000_000, "g")
        [key, Progress::More.new(name: name, grams: grams, on_purpose: on_purpose)] if key && name && grams
      end

      def on_hand(item)
        item.only("preparation", "code", "name", "grams", "best", "discard")
        key, name = item.text("preparation", most: 200), item.text("name", most: 120)
        code, grams = item.text("code", most: 12, default: nil), item.number("grams", 0.1..1_000_000, "g")
        best, discard = %w[best discard].map { |field| minute(item, field) }
        return unless key && name && grams

        [key, Progress::OnHand.new(code: code, name: name, grams: grams, best: best, discard: discard)]
      end

      # A stretch for which something of the kitchen is another service's.
      def taken(item)
        item.only("on", "from", "to", "amount", "mode", "for", "rest")
        key, (from, to), name = item.text("on", most: 120), hours(item), item.text("for", most: 120)
        amount, mode =
          item.whole("amount", 1..1000, "of it", default: 1),
          item.whole("mode", 0..400, "°C", default: nil)
        return unless key && from

        [
          key,
          Busy.new(from: from, to: to, amount: amount, mode: mode, name: name, rest: item.raw("rest") == true)
        ]
      end

      # @return [Array(Integer, Integer), nil]
      def hours(item)
        from, to = %w[from to].map { |field| close_minute(item, field) }
        return unless from && to

        from < to ? [from, to] : item.fault("to", "This ends before it starts.", "Give a later end.")
      end

      # No work of a day is further from it than that.
      def close_minute(item, field)
        minute = minute(item, field)
        return minute if minute.nil? || minute == near(minute)

        item.fault(
          field,
          "This is too far from the day of the service.",
          "Give a time from #{@date + NEAR.first} to #{@date + NEAR.last}."
        )
      end

      # What is further off changes nothing more.
      def near(minute) = minute&.clamp(NEAR.first * Moment::DAY, (NEAR.last + 1) * Moment::DAY)

      # "2026-11-28T09:40" as minutes from midnight of the service day.
      def minute(item, field)
        text = item.match(field, MOMENT, "2026-11-28T09:40", default: nil) or return
        Moment.at(@date, text[11, 5], days: (Date.iso8601(text[0, 10]) - @date).to_i).minutes
      rescue Date::Error
        item.fault(field, "#{text} is not a day of the calendar.", "Write it like 2026-11-28T09:40.")
      end
    end
  end
end
