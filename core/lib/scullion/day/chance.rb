# frozen_string_literal: true

module Scullion
  module Day
    # How sure a solved day is: played many times with the same seed, each stretch of work as much shorter
    # or longer as its kind runs (practice/chance.yml), each cook at the day's own pace. Says how often
    # each wave is ready in time, how late when it is not, what is to blame, and what some mishaps do to
    # it. Rules of the job, "How sure".
    class Chance
      PLAYS = 400
      CASE_PLAYS = 100
      SEED = 1
      # Quantiles that a kind's spread is drawn from.
      GRAIN = 256
      BLAMED = 5
      # One wave of one salad: places of its plating, by when that begins and is over; whether the day has
      # room for all that it takes.
      Wave = Struct.new(:salad, :number, :of, :places, :due, :over, :fits, keyword_init: true)

      # @param roster [Roster] a day that is placed @param solution [Solution] of it
      # @param plays [Integer] how often
      def initialize(roster, solution = roster.solution, plays: PLAYS)
        @roster, @solution, @practice, @plays = roster, solution, roster.plan.brief.practice, plays
      end

      # @return [Float] how often all is ready
      def ready = outcome.count { |late| all_ready?(late) }.fdiv(@plays)

      # @return [Integer] of a hundred days, those on which all is ready; never 100 where one was late once
      def days = in_hundred(outcome) { |late| all_ready?(late) }

      # Ready as often as a plan is made for.
      def enough? = ready >= aim

      # @return [Hash] ready for JSON
      def to_h
        {
          "plays" => @plays,
          "days" => days,
          "enough" => enough?,
          "said" => said,
          "waves" => waves.map { |wave| wave_words(wave) },
          "blame" => blamed,
          "cases" => cases
        }
      end

      # "Ready in 93 of 100 days; the beetroot decides."
      def said
        nowhere = waves.reject(&:fits).map(&:salad).uniq
        return "Ready in #{days} of 100 days: there is no room for #{nowhere.join("; ")}." if nowhere.any?

        first = blamed.first
        return "Ready in #{days} of 100 days." if first.nil?

        "Ready in #{days} of 100 days; #{first["name"].downcase} decides."
      end

      # What is to blame for what is late, the most first: of the minutes over the plan on the way to the wave
      # that was late, the share of each preparation. @return [Array<Hash>]
      def blamed
        outcome
        all = @blame.values.sum
        return [] if all.zero?

        @blame
          .sort_by { |name, minutes| [-minutes, name] }
          .first(BLAMED)
          .map { |name, minutes| words_of(name, (minutes / all).round(2)) }
      end

      private

      def words_of(name, share)
        { "name" => name, "share" => share, "text" => @practice.writer.share(share) }
      end

      def all_ready?(late) = late.values.all?(&:zero?)
      def in_hundred(outcome, &) = outcome.count(&) * 100 / outcome.size
      def aim = @practice.fetch("chance/aim/share")
      def course = @course ||= Course.new(@solution)

      # The tasks that put a wave on the plates, by when it is wanted.
      def waves
        @waves ||=
          @roster
            .plan
            .waves
            .zip(@roster.plan.builds)
            .flat_map { |each, build| each.list.map { |wave| wave_of(each, wave, build.at) } }
      end

      def wave_of(waves, wave, at)
        tasks = @solution.instance.tasks.select { |task| task.key.start_with?("#{at}/plate/#{wave.number}/") }
        keys = tasks.map(&:key) - @solution.unplaced
        Wave.new(
          salad: waves.portion.salad.name,
          number: wave.number,
          of: waves.list.size,
          places: keys.map { |key| course.last_of(key) },
          due: wave.from.minutes,
          over: wave.to.minutes,
          fits: tasks.none? { |task| homeless?(task) }
        )
      end

      # Has it, or anything that it waits for, no place in the day?
      def homeless?(task)
        (@homeless ||= {}).fetch(task.key) do |key|
          @homeless[key] = @solution.unplaced.include?(key) ||
            task.after.any? { |link| homeless?(@solution.instance[link.task]) }
        end
      end

      # Minutes late of each wave, each time. @return [Array<Hash{Wave=>Float}>]
      def outcome
        @outcome ||=
          begin
            @blame = Hash.new(0.0)
            played(course, @plays) { |minutes, ends, by| blame(minutes, ends, by) }
          end
      end

      # @yield [minutes, ends, by] of each play
      def played(course, plays, held = course.planned, slower: {})
        random, rows = Random.new(SEED), course.stretches
        Array.new(plays) do
          pace = Hash.new { |all, cook| all[cook] = drawn("pace", random) }
          minutes =
            rows.map do |stretch|
              each = stretch.minutes * (stretch.kind ? drawn(stretch.kind, random) : 1.0)
              each *= pace[stretch.cook] if stretch.cook
              each * slower.fetch(stretch.kind, 1.0)
            end
          ends, by = course.play(minutes, held)
          yield minutes, ends, by if block_given?
          waves.to_h { |wave| [wave, late(wave, ends, minutes)] }
        end
      end

      # Plating begins so long after the first guest that it is noticed, or is over so long after the last;
      # or it is never begun.
      def late(wave, ends, minutes)
        return Float::INFINITY unless wave.fits
        return 0.0 if wave.places.empty?

        begun = wave.places.map { |place| ends[place] - minutes[place] }.max - wave.due
        [begun, wave.places.map { |place| ends[place] }.max - wave.over].max.then do |late|
          late > grace ? late : 0.0
        end
      end

      # Minutes that no guest minds.
      def grace = @grace ||= @practice.fetch("chance/grace/minutes")

      def drawn(kind, random) = quantiles(kind)[random.rand(GRAIN)]

      # Of a triangle between the shortest and the longest with its top at 1.
      def quantiles(kind)
        (@quantiles ||= {})[kind] ||= begin
          least, most = %w[least most].map { |end_of| @practice.fetch("chance/#{kind}/#{end_of}_times") }
          least, most = [least, 1.0].min, [most, 1.0].max
          width = most - least
          Array.new(GRAIN) do |index|
            share = (index + 0.5) / GRAIN
            next 1.0 if width.zero?
            if share * width < 1 - least
              least + Math.sqrt(share * width * (1 - least))
            else
              most - Math.sqrt((1 - share) * width * (most - 1))
            end
          end
        end
      end

      # Back from what was late along what each stretch waited for: what each took over its plan.
      def blame(minutes, ends, by)
        waves.each do |wave|
          next unless wave.fits && late(wave, ends, minutes).positive?

          place = wave.places.max_by { |each| ends[each] }
          while place
            stretch = course.stretches[place]
            over = minutes[place] - stretch.minutes
            @blame[name_of(stretch.task)] += over if over.positive?
            place = by[place]
          end
        end
      end

      def name_of(task) = @solution.instance[task].name.split(":").first.split(",").first

      def wave_words(wave)
        late = outcome.map { |each| each[wave] }
        missed = late.select(&:positive?)
        {
          "salad" => wave.salad,
          "wave" => wave.number,
          "of" => wave.of,
          "by" => @roster.moment(wave.due),
          "days" => in_hundred(late, &:zero?),
          "fits" => wave.fits,
          "late" => missed.empty? || !wave.fits ? nil : @practice.writer.min(missed.sum / missed.size)
        }
      end

      # @return [Array<Hash>] named mishaps, each with how often all is ready then
      def cases
        slow = @practice.fetch("chance/cases/oven/times")
        wait = @practice.fetch("chance/cases/delivery/minutes")
        ill =
          cooks.map do |cook|
            played = played(Course.new(@solution, ill: cook.key), CASE_PLAYS)
            mishap("#{cook.name} is ill", played)
          end
        [
          *ill,
          mishap("The oven and the stove are slow", played(course, CASE_PLAYS, slower: { "heat" => slow })),
          mishap(
            "The delivery is #{@practice.writer.min(wait)} late",
            played(course, CASE_PLAYS, held_by(wait))
          )
        ]
      end

      def cooks
        working = course.stretches.map(&:cook).uniq
        found = @solution.instance.of_kind(COOK).select { |cook| working.include?(cook.key) }
        found.size > 1 ? found : []
      end

      # What waits for nothing before it on the day of the service begins so much later.
      def held_by(minutes)
        course.stretches.map do |stretch|
          stretch.after.empty? && stretch.from >= 0 ? stretch.from + minutes : stretch.from
        end
      end

      def mishap(name, played)
        { "name" => name, "days" => in_hundred(played) { |late| all_ready?(late) } }
      end
    end
  end
end
