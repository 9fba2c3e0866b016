# frozen_string_literal: true

module Scullion
  module Day
    # Ways out of a day that does not work, each found by laying the day out again with it; where none is
    # enough by itself, the best of them are tried two at a time. All are sketched first, and shown as they
    # are found; the best of them are then solved as the day itself is, with how sure it is, what it costs,
    # the hands that it takes, and what it does to the food.
    class Fixes
      MOST = 6
      # So many of the best are tried with each other.
      PAIRED = 4
      PLAYS = 100
      # Decisions by what they ask of the kitchen, the least first.
      EASY_FIRST = %w[ahead loads otherwise together skilled borrowed cut extra left_out].freeze

      # One that was tried. roster: the day with it; solution: of that.
      Tried =
        Struct.new(:fix, :roster, :solution, :elsewhere) do
          # Left out, unsafe, late and past its best; here, and where else it is work.
          def trouble = [solution, elsewhere].compact.map { |each| each.score.first(4) }.transpose.map(&:sum)
          def enough? = trouble.all?(&:zero?)
          def order
            [*trouble, fix.decisions.size, fix.kinds.map { |kind| EASY_FIRST.index(kind) }.max, fix.what]
          end
        end

      # @param roster [Roster] the day as it stands
      # @param earlier [Array] see WaysOut
      def initialize(roster, earlier = [])
        @roster, @progress, @ways = roster, roster.progress, WaysOut.new(roster, earlier)
        @done = 0
      end

      # @yield [Integer, Integer, Array<Hash>] how many were tried, of how many so far, and what was found
      # @return [Array<Hash>] those that help, the best first
      def to_a(&word)
        return [] if @roster.works?

        @word = word
        @of = @ways.to_a.size + MOST
        chosen = best(sketched)
        @of = @done + chosen.size
        solved = chosen.map { |tried| heard { whole(tried.fix) } }
        solved.select { |tried| better?(tried, now) }.sort_by(&:order).map { |tried| row(tried, sure: true) }
      end

      private

      # How it stands: as it is, and as a sketch of it would be.
      def now = @now ||= Tried.new(nil, @roster, @roster.solution)
      def roughly_now = @roughly_now ||= Tried.new(nil, @roster, Solver.new(@roster.instance).sketch)
      def better?(tried, than) = (tried.trouble <=> than.trouble).negative?
      def best(tried) = tried.sort_by(&:order).first(MOST)

      # Each by itself, and where none is enough the best of them in twos.
      def sketched
        @found = []
        @ways.to_a.each { |fix| heard { found(rough(fix)) } }
        return @found if @found.any?(&:enough?)

        couples = couples_of(best(@found).first(PAIRED))
        @of += couples.size
        couples.each { |one, other| heard { found(rough(one.fix + other.fix), than: one) } }
        @found
      end

      def found(tried, than: roughly_now) = better?(tried, than) && @found << tried

      # A second cook more is a day for more hands, not a way out.
      def couples_of(helpful)
        helpful
          .sort_by(&:order)
          .combination(2)
          .reject { |couple| couple.all? { |each| each.fix.kinds == ["extra"] } }
      end

      # Tried, with word of how far it is and the best so far.
      def heard
        tried = yield
        @word&.call(@done += 1, @of, best(@found).map { |each| row(each, sure: false) })
        tried
      end

      def rough(fix)
        day = @roster.with(fix.change[@progress])
        other = fix.elsewhere&.call
        Tried.new(fix, day, Solver.new(day.instance).sketch, other && Solver.new(other.instance).sketch)
      end

      def whole(fix)
        day = @roster.with(fix.change[@progress])
        Tried.new(fix, day, day.solution, fix.elsewhere&.call&.solution)
      end

      def row(tried, sure:)
        {
          "what" => tried.fix.what,
          "effect" => effect(tried),
          "chance" => (chance(tried) if sure),
          "cost" => cost(tried),
          "hands" => hands(tried),
          "food" => tried.fix.food,
          "sure" => sure,
          "decide" => tried.fix.decide
        }.compact
      end

      def chance(tried)
        return if tried.solution.unplaced.any?

        "ready in #{Chance.new(tried.roster, tried.solution, plays: PLAYS).days} of 100 days"
      end

      # Of the order, and of hands that are not the kitchen's own.
      def cost(tried)
        more = [tried.roster, @roster].map { |each| each.plan.purchases.sum(&:cost) }.reduce(:-)
        hired =
          [tried.roster, @roster].map { |each| each.progress.extra.sum { |from, to| to - from } }.reduce(:-)
        said = [
          ("order #{signed(writer.money(more.abs), more)}" if more.abs >= 0.01),
          ("#{writer.min(hired)} of a cook" if hired.positive?),
          ("the price of what comes ready cut" if tried.fix.kinds.include?("cut"))
        ].compact
        said.join(", ") unless said.empty?
      end

      def hands(tried)
        more = [tried.roster, @roster].map { |each| each.instance.tasks.sum(&:hands_minutes) }.reduce(:-)
        "hands #{signed(writer.min(more.abs), more)}" unless more.zero?
      end

      def signed(text, of) = "#{of.positive? ? "+" : "−"}#{text}"
      def writer = @roster.plan.brief.practice.writer

      def effect(tried)
        than = before(tried)
        left = [than, tried.solution].map { |each| each.unplaced.size }
        parts = [
          ("not done at all: #{left.first} → #{left.last} tasks" if left.uniq.size > 1),
          *{ unsafe: "unsafe", late: "late", stale: "past its best" }.map do |kind, what|
            changed(what, than.sum(kind), tried.solution.sum(kind))
          end
        ].compact
        parts.empty? ? "begins #{@roster.moment(tried.solution.first)}" : parts.join(", ")
      end

      # A sketch is set beside a sketch.
      def before(tried) = @found.include?(tried) ? roughly_now.solution : now.solution

      # In all, over every task.
      def changed(what, before, after)
        before == after ? nil : "#{what} in all: #{lasting(before)} → #{lasting(after)}"
      end
      def lasting(minutes) = minutes.zero? ? "none" : writer.min(minutes)
    end
  end
end
