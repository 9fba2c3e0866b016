# frozen_string_literal: true

module Scullion
  module Day
    # The tasks that put one salad together: whisk, fill the table jugs, marinate, mix (and dress)
    # and rest, or dress wave by wave, top, plate. Each wave is due when its first guest comes.
    class Assembly
      include Finishing

      # @param waves [Build::Waves] @param build [Build::Bowls] @param batch [Dress::Batch, nil]
      # @param jobs [Array<Jobs>] of its preparations @param cold [Boolean] is there a chiller?
      def initialize(waves, build, batch, jobs, practice, cold:)
        @waves, @build, @batch, @jobs, @practice, @cold = waves, build, batch, jobs, practice, cold
      end

      # @return [Array<Task>]
      def tasks
        [
          *whisk,
          *jugs,
          *marinades.map(&:task),
          *mixes,
          *@waves.list.flat_map { |wave| [*finishes(wave), *plate(wave)] }
        ]
      end

      # The task that makes a batch of dressing. @param batch [Dress::Batch]
      def self.whisk_key(batch) = "#{batch.at}/whisk"

      private

      def at = @build.at
      def salad = @build.portion.salad
      def window = @waves.window

      def whisk
        return [] unless @batch

        [
          task(
            Assembly.whisk_key(@batch),
            "Whisk #{@batch.recipe.name}",
            "dress",
            @batch.at,
            minutes("whisk", "per_kg", @batch.whisk_grams / 1000) + @batch.parts.sum(&:fruit_minutes),
            []
          )
        ]
      end

      # A job's minutes: setting up, and so many for each of what it is counted by.
      def minutes(job, by, count)
        @practice.fetch("day/#{job}/setup_minutes") + (@practice.fetch("day/#{job}/#{by}_minutes") * count)
      end

      def stages(into) = (@batch&.stages || []).select { |stage| stage.into == into }

      # On the tables before the first guest.
      def jugs
        stages("table").map do |stage|
          task(
            "#{stage.at}/jugs",
            "Fill #{@practice.writer.jugs(stage.jugs)} with #{@batch.recipe.name}",
            "dress",
            @batch.at,
            minutes("jugs", "per_jug", stage.jugs),
            after_whisk,
            latest: @waves.list.first.from.minutes
          )
        end
      end

      # most: minutes that it may wait for the rest once it has stood
      Marinade = Struct.new(:task, :jobs, :most)

      # Raw cuts stand in some of it before the rest joins them.
      # @return [Array<Marinade>] with the jobs that it waits for
      def marinades
        @marinades ||=
          stages(Dress::Stage::AHEAD).map do |stage|
            jobs =
              @jobs.select do |job|
                job.need.layers.any? { |layer| stage.pours.any? { |pour| pour.layer.equal?(layer) } }
              end
            made =
              task(
                "#{stage.at}/marinate",
                "#{stage.name} #{stage.pours.map { |pour| pour.layer.component.name.downcase }.join(", ")}",
                "dress",
                @batch.at,
                minutes("pour", "per_kg", stage.grams / 1000),
                after_whisk + waiting_for(jobs)
              )
            made.segments += [Segment.new(minutes: stage.stands_minutes, uses: [], name: stands(stage))]
            Marinade.new(made, jobs, [limp, stage.stands_minutes].max)
          end
      end

      # What stands longer than raw cuts may at most stands in the cold, and may as long again.
      def stands(stage) = stage.stands_minutes > limp ? "Stands in it, covered, in the cold" : "Stands in it"
      def limp = @practice.fetch("day/marinate/most_minutes").to_i

      # All at once, and shared out between cooks where it takes long; none where it is dressed wave by wave.
      def mixes
        return [] if dressed?

        @mixes ||=
          begin
            parts = parts_of(minutes("mix", "per_bowl", @build.batches))
            Amount::Split
              .evenly(@build.batches.to_i, parts)
              .each_with_index
              .map { |bowls, index| mix(bowls, index, parts) }
          end
      end

      def mix(bowls, index, parts)
        several = parts > 1
        mixed =
          task(
            "#{at}/mix#{"/#{index + 1}" if several}",
            "Mix and dress #{salad.name}#{shared(parts)}",
            "build",
            at,
            minutes("mix", "per_bowl", bowls),
            ready(held: false),
            use("bowl-#{@build.bowl.key}", [bowls, @build.bowl.count / parts].min.clamp(1, nil)),
            earliest: @cold ? nil : out_from(window.service_to)
          )
        mixed.segments += [Segment.new(minutes: rest, uses: [], name: rests)] if rest.positive?
        mixed
      end

      # Covered, in the cold where there is one.
      def rests = @cold ? "Rests, in the cold" : "Rests"

      # Begun sooner it would be out of the cold longer than the house rules let it be, when the last has it.
      # What was cut out of the cold has so much of it behind it.
      def out_from(eaten)
        return unless @build.portion.components.any?(&:tcs?)

        eaten.minutes - @waves.rules.fetch("out_minutes").to_i + (@jobs.map(&:bench_minutes).max || 0)
      end

      def rest = window.rest_minutes.to_i

      # How many share it between them, no more than there are bowls; and how that is said.
      def parts_of(minutes)
        minutes.fdiv(@practice.fetch("day/chunk/most_minutes")).ceil.clamp(1, @build.batches.to_i)
      end
      def shared(parts) = parts > 1 ? "#{Jobs::PART}#{parts} parts" : ""

      # What goes into the bowl (held: false), on top (held: true) or both (nil), each no longer ready than it
      # keeps.
      def ready(held:)
        chosen =
          @jobs.select do |job|
            held.nil? ||
              job.need.layers.any? do |layer|
                layer.portion.equal?(@build.portion) &&
                  (held ? layer.held_back.positive? : layer.held_back < 1)
              end
          end
        return waiting_for(chosen) if held

        [
          *after_whisk,
          *waiting_for(chosen - marinades.flat_map(&:jobs)),
          *marinades.map { |each| Link.new(task: each.task.key, least: 0, most: each.most, why: "marinated") }
        ]
      end

      def after_whisk = whisk.map { |each| Link.new(task: each.key, least: 0) }
      def waiting_for(jobs)
        jobs.flat_map do |job|
          job.done.map do |key|
            if job.on_the_clock?
              clocked(job, key)
            else
              Link.new(task: key, least: 0, most: job.keeps, why: job.hold, air: job.air)
            end
          end
        end
      end

      # Its minutes out count from the heat to the last plate.
      def clocked(job, key)
        served = window.service_to - (dressed? ? @waves.list.first.from : window.dress_at)
        left = window.out_minutes - job.tasks.last.segments.last.minutes - served
        Link.new(
          task: key,
          least: 0,
          most: left.floor.clamp(0, job.keeps),
          safety: true,
          why: "#{window.rules.name}: on the clock"
        )
      end

      def task(key, name, stage, place, minutes, after, *uses, earliest: nil, latest: nil)
        hands = Use.new(kind: COOK, amount: 1, skill: stage == "dress" ? DRESSING : BUILD)
        Task.new(
          key: key,
          name: name,
          segments: [Segment.new(minutes: [minutes.ceil, 1].max, uses: [hands, *uses])],
          after: after,
          earliest: earliest,
          latest: latest,
          about: {
            "stage" => stage,
            "at" => place,
            "colour" => nil,
            "for" => [salad.name]
          }
        )
      end

      def use(kind, amount = 1) = Use.new(kind: kind, amount: amount)
    end
  end
end
