# frozen_string_literal: true

module Scullion
  module Day
    # Ways out of a day that does not work, each found by solving the day again with it; where none
    # is enough by itself, the best of them are tried two at a time.
    class Fixes
      MOST = 6
      HOURS = 120
      BULKY = 3
      # So many of the best are tried with each other.
      PAIRED = 4
      # Decisions by what they ask of the kitchen, the least first.
      EASY_FIRST = %w[ahead loads skilled borrowed cut extra left_out].freeze

      # What to do, what that makes of what was decided, and the decisions to send.
      Fix =
        Struct.new(:what, :change, :decisions) do
          def self.of(what, decision, &change) = new(what, change, [decision])
          def kinds = decisions.flat_map(&:keys)
          def decide = decisions.one? ? decisions.first : { "all" => decisions }
          def +(other)
            Fix.new(
              "#{what}; and #{other.what[0].downcase}#{other.what[1..]}",
              ->(progress) { other.change[change[progress]] },
              decisions + other.decisions
            )
          end
        end
      Tried =
        Struct.new(:fix, :solution) do
          # Left out, unsafe, late and past its best.
          def trouble = solution.score.first(4)
          def enough? = trouble.all?(&:zero?)
          def order
            [*trouble, fix.decisions.size, fix.kinds.map { |kind| EASY_FIRST.index(kind) }.max, fix.what]
          end
        end

      # @param roster [Roster] the day as it stands
      def initialize(roster)
        @roster, @progress = roster, roster.progress
      end

      # @yield [Integer, Integer] how many have been tried, of how many so far
      # @return [Array<Hash>] those that help, the best first: what to do, what it would do, and the decision
      #   to send
      def to_a(&word)
        return [] if @roster.works?

        @word = word

        best = (helpful + pairs).sort_by(&:order).first(MOST)
        best.map do |tried|
          { "what" => tried.fix.what, "effect" => effect(now, tried.solution), "decide" => tried.fix.decide }
        end
      end

      private

      def now = @roster.solution
      def try(fix) = Tried.new(fix, @roster.with(fix.change[@progress]).solution)

      # Each of them tried, with word of how far it is.
      def try_all(fixes)
        @of = tried + fixes.size
        fixes.map { |fix| try(fix).tap { @word&.call(@tried = tried + 1, @of) } }
      end

      def tried = @tried || 0

      # The best first.
      def helpful
        @helpful ||=
          try_all(single)
            .select { |tried| (tried.trouble <=> Tried.new(nil, now).trouble).negative? }
            .sort_by(&:order)
      end

      # Better together than either; a second cook more is a day for more hands, not a way out.
      def pairs
        return [] if helpful.any?(&:enough?)

        couples = helpful.first(PAIRED).combination(2)
        couples = couples.reject { |couple| couple.all? { |each| each.fix.kinds == ["extra"] } }
        both = try_all(couples.map { |one, other| one.fix + other.fix })
        both.zip(couples).filter_map { |pair, (one, _)| pair if (pair.trouble <=> one.trouble).negative? }
      end

      def single
        overload = Overload.new(@roster.instance)
        tight = overload.worst
        [
          *overload.worst_hands&.then { |worst| hands(worst) },
          *overload.short_skills.flat_map { |skill| also(skill) },
          *borrowed([*tight&.kind, *@roster.short_of].uniq.grep(Progress::BORROWED)),
          *(loads if tight && tight.kind != COOK),
          *yesterday,
          *ready_cut,
          *without
        ]
      end

      # One more cook for two hours at the fullest half-hour or before it, while somebody is there to let her
      # in; for a
      # whole shift; or for what is to be done after the last one has gone.
      def hands(worst)
        opens, closes = shift(worst.from.div(Moment::DAY))
        return [] unless opens

        begins =
          [worst.from - (HOURS / 2), worst.from - HOURS - (HOURS / 2)].map do |from|
            from.clamp(opens, [opens, closes - HOURS].max)
          end
        [*begins.map { |from| [from, from + HOURS] }, [opens, closes], *afterwards].uniq.map do |hours|
          from, to = hours
          Fix.of(
            "One more cook, #{@roster.moment(from)} to #{@roster.moment(to)}",
            { "extra" => { "from" => @roster.iso(from), "to" => @roster.iso(to) } }
          ) { |progress| progress.with(extra: progress.extra + [hours]) }
        end
      end

      # From when the first cook comes on a day until the last one goes.
      # @return [Array(Integer, Integer), Array]
      def shift(day)
        hours =
          @roster
            .instance
            .of_kind(COOK)
            .flat_map { |cook| cook.open || [] }
            .select { |from, _| from.div(Moment::DAY) == day }
        hours.empty? ? [] : [hours.map(&:first).min, hours.map(&:last).max]
      end

      def afterwards
        gone, last = shift(0).last, @roster.instance.tasks.filter_map(&:latest).max
        gone && last > gone ? [[gone - (HOURS / 2), last]] : []
      end

      # A cook who is there and does this too for once; not where it takes being shown.
      def also(skill)
        return [] if @roster.skill(skill)["shown"]

        @roster
          .not_down_for(skill)
          .map do |initials|
            Fix.of(
              "#{initials} also #{@roster.skill(skill)["where"]}",
              { "skilled" => { "cook" => initials, "skill" => skill } }
            ) { |progress| progress.with(skilled: progress.skilled + [[initials, skill]]) }
          end
      end

      def borrowed(kinds)
        kinds.map do |kind|
          Fix.of("One more #{@roster.called(kind)}", { "borrowed" => kind }) do |progress|
            progress.with(borrowed: progress.borrowed + [kind])
          end
        end
      end

      # Where the oven or its trays are short: half as many trays at once, twice as often.
      def loads
        @roster.divisible.map do |name, preparation, rounds|
          Fix.of(
            "#{name}: into the oven in #{rounds} loads",
            { "loads" => { "preparation" => preparation, "loads" => rounds } }
          ) { |progress| progress.with(loads: progress.loads.merge(preparation => rounds)) }
        end
      end

      # The preparations with the most work on the day itself that keep until the day after.
      def yesterday
        @roster
          .movable
          .first(BULKY)
          .map do |name, preparation|
            Fix.of(
              "#{name}: make it the day before",
              { "ahead" => { "preparation" => preparation, "days" => 1 } }
            ) { |progress| progress.with(ahead: progress.ahead.merge(preparation => 1)) }
          end
      end

      def ready_cut
        @roster
          .cut_here
          .first(1)
          .map do |name, preparation|
            Fix.of("#{name}: buy it ready cut", { "cut" => preparation }) do |progress|
              progress.with(cut: progress.cut + [preparation])
            end
          end
      end

      def without
        @roster
          .spare
          .first(BULKY)
          .map do |name, preparation|
            Fix.of("Leave out #{name.downcase}", { "left_out" => preparation }) do |progress|
              progress.with(left_out: progress.left_out + [preparation])
            end
          end
      end

      def effect(now, then_)
        left = [now, then_].map { |each| each.unplaced.size }
        parts = [
          ("not done at all: #{left.first} → #{left.last} tasks" if left.uniq.size > 1),
          *{ unsafe: "unsafe", late: "late", stale: "past its best" }.map do |kind, what|
            changed(what, now.sum(kind), then_.sum(kind))
          end
        ].compact
        parts.empty? ? "begins #{@roster.moment(then_.first)}" : parts.join(", ")
      end

      # In all, over every task.
      def changed(what, before, after)
        before == after ? nil : "#{what} in all: #{lasting(before)} → #{lasting(after)}"
      end
      def lasting(minutes) = minutes.zero? ? "none" : @roster.plan.brief.practice.writer.min(minutes)
    end
  end
end
