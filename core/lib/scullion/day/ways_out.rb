# frozen_string_literal: true

module Scullion
  module Day
    # What could be decided otherwise about a day that is too full, each with what that makes of it.
    class WaysOut
      HOURS = 120
      BULKY = 3

      # One of them. what: to do; change: of what was decided; decisions: to send; food: what it does to what
      # is eaten; elsewhere: another service's day as it would be then.
      Fix =
        Struct.new(:what, :change, :decisions, :food, :elsewhere, keyword_init: true) do
          def self.of(what, decision, food: nil, elsewhere: nil, &change)
            new(what: what, change: change, decisions: [decision], food: food, elsewhere: elsewhere)
          end
          def kinds = decisions.flat_map(&:keys)
          def decide = decisions.one? ? decisions.first : { "all" => decisions }
          def +(other)
            Fix.new(
              what: "#{what}; and #{other.what[0].downcase}#{other.what[1..]}",
              change: ->(progress) { other.change[change[progress]] },
              decisions: decisions + other.decisions,
              food: [food, other.food].compact.join(" ").then { |said| said unless said.empty? },
              elsewhere: elsewhere || other.elsewhere
            )
          end
        end

      # @param roster [Roster] the day as it stands
      # @param earlier [Array<Array(Integer, Roster)>] number and day of services that have the kitchen before
      def initialize(roster, earlier = [])
        @roster, @earlier = roster, earlier
      end

      # What asks least first. @return [Array<Fix>]
      def to_a
        overload = Overload.new(@roster.instance)
        tight = overload.worst
        [
          *yesterday,
          *(loads if tight && tight.kind != COOK),
          *otherwise,
          *together,
          *overload.worst_hands&.then { |worst| hands(worst) },
          *overload.short_skills.flat_map { |skill| also(skill) },
          *borrowed([*tight&.kind, *@roster.short_of].uniq.grep(Progress::BORROWED)),
          *ready_cut,
          *without
        ]
      end

      private

      # One more cook for two hours at the fullest half-hour or before it, while somebody is there to let her
      # in; for a whole shift; or for what is to be done after the last one has gone.
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

      # Cooked another way that takes less of the day.
      def otherwise
        @roster.otherwise.map do |component, way|
          Fix.of(
            "#{component.name}: #{way.name}",
            { "otherwise" => { "preparation" => component.preparation, "way" => way.key } },
            food: way.why
          ) do |progress|
            progress.with(otherwise: progress.otherwise.merge(component.preparation => way.key))
          end
        end
      end

      # Made once with a service that makes the same before, where it is good until this one is over.
      def together
        mine = @roster.together.shareable
        @earlier.flat_map do |number, day|
          (day.together.shareable.keys & mine.keys).filter_map do |preparation|
            made_with(number, day, mine[preparation])
          end
        end
      end

      def made_with(number, day, need)
        preparation = need.component.preparation
        made = day.together.made(preparation)&.transform_values { |iso| @roster.minute(iso) } or return
        service = @roster.plan.brief.service
        return if made.values_at("best", "discard").min < service.to.minutes

        name = day.plan.brief.service.name
        brought = Progress::Brought.new(name: name, **made.transform_keys(&:to_sym))
        more = Progress::More.new(name: service.name, grams: need.finished_grams)
        theirs = { preparation => day.progress.makes.fetch(preparation, []) + [more] }
        Fix.of(
          "#{need.name}: made with #{name}",
          { "together" => { "preparation" => preparation, "service" => number } },
          elsewhere: -> { day.with(day.progress.with(makes: day.progress.makes.merge(theirs))) }
        ) { |progress| progress.with(brings: progress.brings.merge(preparation => brought)) }
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
    end
  end
end
