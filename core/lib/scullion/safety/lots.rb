# frozen_string_literal: true

module Scullion
  module Safety
    # Every lot that a day makes: each load of what is cooked, each preparation that is only cut, each
    # dressing, each mixed salad (each wave, where it is dressed wave by wave).
    class Lots
      include Served

      # @param roster [Day::Roster]
      def initialize(roster)
        @roster, @plan, @brief = roster, roster.plan, roster.plan.brief
        @solution, @rules, @asked = roster.solution, @brief.rules, @plan.safety.asked
      end

      # @return [Array<Lot>]
      def to_a = [*prepared, *dressings, *salads, *without_place]

      private

      def date = @roster.date
      def moment(minutes) = Moment.new(date, minutes)
      def lot(**facts) = Lot.new(facts, @roster, @asked)
      def service_to = @brief.service.to.minutes

      def prepared
        @roster.layout.jobs.reject { |job| job.tasks.empty? }.flat_map { |job| of_job(job) }
      end

      def of_job(job)
        return [cut(job)] if job.lots.empty?

        job.lots.filter_map { |load| cooked(job, load) unless unplaced?(load.task) }
      end

      def unplaced?(key) = @solution.unplaced.include?(key)

      def cut(job)
        made = job.done.map { |key| @solution.end(key) }.max
        cold, way = job.need.component.tcs?, served(job)
        begun = [way.first.from, made].max
        cutting = @roster.instance[job.done.last].minutes
        path =
          Path.new(
            [
              stretch("out", made - cutting, made, "On the bench"),
              stretch(cold ? "cold" : "stable", made, begun, cold ? "Kept cold" : "Kept"),
              *way
            ],
            cold ? @rules : RULES_OF_NONE,
            last_day: cold ? last_day(job, made) : nil
          )
        labelled(job, made, path, nil, nil)
      end

      def cooked(job, load)
        task = @roster.instance[load.task]
        made, heat = @solution.end(load.task), out_of_the_heat(load)
        eaten = served(job)
        begun = [eaten.first.from, made].max
        way = @plan.control.of(@plan.cooking.find { |each| each.at == task.about["at"] })
        path =
          Path.new(
            [*stretch_of(way, heat, made), *kept(way, made, begun), *eaten],
            way ? @rules : RULES_OF_NONE,
            **(way == Control::COLD && load.chill ? cooling(load, made) : { first: made, cold: made }),
            last_day: way && last_day(job, heat)
          )
        batch = load.of > 1 ? "#{load.number} of #{load.of}" : nil
        labelled(job, made, path, batch, way, task: load.task, points: points(load, heat, made), day: heat)
      end

      # °C in the middle by the minutes since it left the heat. @return [Array, nil]
      def points(load, heat, made)
        chill = load.chill or return
        waited = made - chill.minutes - heat
        [[0, chill.from.round(1)], *chill.curve.map { |minutes, celsius| [waited + minutes, celsius] }]
      end

      # The minute that the first of a load leaves the heat.
      def out_of_the_heat(load)
        @solution.start(load.task) + load.load.segments.sum(&:minutes) - load.load.waited
      end

      def stretch_of(way, heat, made)
        case way
        when Control::COLD
          [stretch("cooling", heat, made, "Cooling")]
        when Control::CLOCK
          [stretch("clock", heat, made, "On the clock")]
        else
          [stretch("stable", heat, made, "Stands")]
        end
      end

      def kept(way, made, begun)
        state = { Control::COLD => "cold", Control::CLOCK => "clock" }.fetch(way, "stable")
        words = { "clock" => "On the clock", "cold" => "Kept cold" }.fetch(state, "Kept")
        [stretch(state, made, begun, words)]
      end

      # The minutes at which it leaves the hot zone and is cold.
      def cooling(load, made)
        into_the_cold = made - load.chill.minutes
        first, cold = load.chill.reached
        { first: first && (into_the_cold + first).ceil, cold: cold && (into_the_cold + cold).ceil }
      end

      def last_day(job, made)
        moment(made).end_of_day(job.days_kept - 1).minutes
      end

      # day: the minute on which it counts as made: out of the heat, also where it is cold only after
      # midnight.
      def labelled(job, made, path, batch, way, task: job.done.last, points: nil, day: made)
        component = job.need.component
        discard = discard(job, day, path, way)
        lot(
          name: job.need.name,
          task: task,
          path: path,
          made: made,
          batch: batch,
          control: way,
          points: points,
          best: [moment(made + job.keeps), discard].min,
          discard: discard,
          allergens: touched(job, component)
        )
      end

      # By its date mark; on the clock when its time out is over.
      def discard(job, made, path, way)
        return moment(path.from + @rules.fetch("out_minutes").to_i) if way == Control::CLOCK

        component = job.need.component
        component.tcs? ? moment(last_day(job, made)) : moment(made).end_of_day(@rules.fetch("days").to_i - 1)
      end

      # Of all that has touched it by then: itself, what it is cooked in and with, and what is poured in warm.
      def touched(job, component)
        seasonings = @plan.cooking.find { |each| each.need.equal?(job.need) }&.uses || []
        brought = component.brings.map { |name| @brief.larder.fetch(@brief.practice.seasoning(name)) }
        with = seasonings.map { |name, _| @brief.larder.fetch(@brief.practice.seasoning(name)) }
        poured = job.pours.flat_map { |pour| pour.stage.dressing.recipe.parts.map(&:ingredient) }
        [component.ingredient, *component.with.map(&:ingredient), *brought, *with, *poured].flat_map(
          &:allergens
        )
          .uniq
          .sort
      end

      def dressings
        @plan.dressings.filter_map do |batch|
          key = Day::Assembly.whisk_key(batch)
          next if unplaced?(key)

          made, keeping = @solution.end(key), Keeping.new(batch.recipe.parts, @brief.practice)
          discard = moment(made).end_of_day(keeping.days - 1)
          lot(
            name: batch.recipe.name,
            task: key,
            made: made,
            control: keeping.cold? ? Control::COLD : nil,
            path: Path.new(poured(batch, made), @rules, last_day: discard.minutes),
            best: discard,
            discard: discard,
            allergens: batch.recipe.parts.flat_map { |part| part.ingredient.allergens }.uniq.sort
          )
        end
      end

      # In the cold, and in the jugs on the tables out of it.
      def poured(batch, made)
        jugs = batch.stages.find { |stage| stage.into == "table" }
        filled = jugs && @solution.starts["#{jugs.at}/jugs"]
        return [stretch("cold", made, service_to, "Kept cold")] unless filled

        [
          stretch("cold", made, filled, "Kept cold"),
          stretch("out", filled, service_to, "In jugs on the tables")
        ]
      end

      def salads
        @plan
          .builds
          .zip(@plan.windows)
          .flat_map do |build, window|
            mixes =
              @roster.instance.tasks.select { |task| task.about["at"] == build.at && mixes?(task, window) }
            mixes.reject { |task| unplaced?(task.key) }.map { |task| mixed(task, window) }
          end
      end

      # Mixed at once; or dressed for each wave, where it would not last.
      def mixes?(task, window)
        waves = @plan.waves.find { |each| each.window.equal?(window) }
        task.key.match?(waves.dressed_in_waves? ? %r{/finish/} : %r{/mix(/|\z)})
      end

      def mixed(task, window)
        made = @solution.end(task.key)
        cold = window.portion.components.any?(&:tcs?)
        path = Path.new(from_then(task), cold ? @rules : RULES_OF_NONE)
        lot(
          name: window.portion.salad.name,
          task: task.key,
          made: made,
          path: path,
          control: nil,
          best: [best_until(task, window), gone(task, window, path)].min,
          discard: gone(task, window, path),
          marked: marked(window),
          allergens: window.portion.contains
        )
      end

      # When what it may be out is over, or its days are; mixed at once it is as the plan says, or sooner.
      def gone(task, window, path)
        last = path.stretches.last
        left = @rules.fetch("out_minutes").to_i - (path.out - (last&.minutes || 0))
        [
          marked(window),
          moment((last&.from || @solution.end(task.key)) + left),
          *(window.discard_by unless task.key.include?("/finish/"))
        ].min
      end

      # The earliest of its parts' days, as the day has them made. @return [Moment]
      def marked(window)
        parts =
          @roster.layout.jobs.select do |job|
            job.need.component.tcs? && job.need.layers.any? { |layer| layer.portion.equal?(window.portion) }
          end
        days = parts.reject { |job| job.tasks.empty? }.map { |job| moment(last_day(job, first_made(job))) }
        [window.date_mark, *days, *brought(window).map { |each| moment(each.discard) }].min
      end

      # What another service has made for it, and lots on hand that go into it, with their days.
      def brought(window)
        @plan
          .needs
          .select { |need| need.layers.any? { |layer| layer.portion.equal?(window.portion) } }
          .flat_map { |need| [need.brought, *need.lots].compact }
          .select(&:discard)
      end

      # The minute that the first of it counts as made.
      def first_made(job)
        loads = job.lots.reject { |load| unplaced?(load.task) }
        loads.map { |load| out_of_the_heat(load) }.min || job.done.map { |key| @solution.end(key) }.max
      end

      # From when it is dressed: all at once, or for its wave.
      def best_until(task, window)
        made = @solution.end(task.key)
        task.key.include?("/finish/") ? moment(made) + window.dressed_minutes : window.best_until
      end

      def without_place
        @solution.unplaced.map do |key|
          lot(name: @roster.instance[key].name, task: key, placed: false, allergens: [])
        end
      end

      def stretch(state, from, to, name) = Path::Stretch.new(state: state, from: from, to: to, name: name)

      # What needs no cold breaks no rule of it.
      RULES_OF_NONE =
        HouseRules.new(
          key: "none",
          name: "none",
          figures: Figures.new("rules/none", Hash.new(Float::INFINITY).freeze, { "any" => "none" }.freeze)
        )
      private_constant :RULES_OF_NONE
    end
  end
end
