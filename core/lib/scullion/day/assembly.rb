# frozen_string_literal: true

module Scullion
  module Day
    # The tasks that put one salad together: whisk, fill the table jugs, marinate, mix (and dress)
    # and rest, or dress wave by wave, top, plate. Each wave is due when its first guest comes.
    class Assembly
      # @param waves [Build::Waves] @param build [Build::Bowls] @param batch [Dress::Batch, nil]
      # @param jobs [Array<Jobs>] of its preparations
      def initialize(waves, build, batch, jobs, practice)
        @waves, @build, @batch, @jobs, @practice = waves, build, batch, jobs, practice
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
            minutes("whisk", "per_kg", @batch.whisk_grams / 1000),
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

      Marinade = Struct.new(:task, :jobs)

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
            made.segments += [
              Segment.new(
                minutes: @practice.fetch("day/marinate/minutes").ceil,
                uses: [],
                name: "Stands in it"
              )
            ]
            Marinade.new(made, jobs)
          end
      end

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
            use("bowl-#{@build.bowl.key}", [bowls, @build.bowl.count / parts].min.clamp(1, nil))
          )
        mixed.segments += [Segment.new(minutes: rest, uses: [], name: "Rests")] if rest.positive?
        mixed
      end

      def rest = window.rest_minutes.to_i

      # How many share it between them, no more than there are bowls; and how that is said.
      def parts_of(minutes)
        minutes.fdiv(@practice.fetch("day/chunk/most_minutes")).ceil.clamp(1, @build.batches.to_i)
      end
      def shared(parts) = parts > 1 ? "#{Jobs::PART}#{parts} parts" : ""

      # Topped, and dressed where it would not last from the first guest to the last; what was kept back goes
      # over it.
      # No wave is begun before the one that goes out first, nor so early that its last guest has it past its
      # best.
      # Shared out between cooks where it takes long.
      def finishes(wave)
        before =
          (
            if wave.number > 1
              finish_keys(wave.number - 1).map { |key| Link.new(task: key, least: -finish_minutes) }
            else
              []
            end
          )
        mixed =
          mixes.map do |each|
            Link.new(task: each.key, least: 0, most: lasting(wave) - rest, why: "best once dressed")
          end
        after = before + (dressed? ? ready(held: nil) : mixed + ready(held: true))
        finish_keys(wave.number).map do |key|
          task(
            key,
            "#{finish_name} #{salad.name}#{named(wave)}#{shared(finishers)}",
            "build",
            at,
            finish_minutes,
            after,
            earliest: wave.dress_from && (wave.dress_from.minutes - finish_minutes),
            latest: (wave.dress_by || wave.from).minutes
          )
        end
      end

      def dressed? = @waves.dressed_in_waves?
      def again? = stages(Dress::Stage::BACK).any?
      def finish_keys(number)
        if finishers == 1
          ["#{at}/finish/#{number}"]
        else
          Array.new(finishers) { |index| "#{at}/finish/#{number}/#{index + 1}" }
        end
      end

      def finish_name
        return "Dress and top" if dressed?

        again? ? "Re-dress and top" : "Top"
      end

      def finishing
        bowls = @build.batches / @waves.waves.to_f
        minutes(dressed? ? "mix" : "top", "per_bowl", bowls) +
          (again? ? minutes("redress", "per_bowl", bowls) : 0)
      end

      def finishers = parts_of(finishing)
      def finish_minutes = (finishing / finishers).ceil

      # From the end of mixing, so that the last guest of the wave still has it at its best.
      def lasting(wave) = [(window.dressed_minutes - (wave.to - wave.from)).to_i, rest].max

      # A job for each plater, from shortly before the wave until it is over.
      def plate(wave)
        rests = dressed? ? rest : 0
        stands, out =
          (wave.to - wave.from) + @waves.lead_minutes.to_i + rests,
          @waves.rules.fetch("out_minutes").to_i
        finished =
          finish_keys(wave.number).map do |key|
            Link.new(
              task: key,
              least: [rests - @waves.lead_minutes.to_i, 0].max,
              most: [stands, out].min,
              safety: out < stands,
              why: out < stands ? "#{@waves.rules.name}: out of the cold" : "finished and waiting"
            )
          end
        Array.new(@waves.platers.to_i) do |index|
          task(
            "#{at}/plate/#{wave.number}/#{index + 1}",
            "Plate #{salad.name}#{named(wave)}",
            "build",
            at,
            @waves.plating_minutes,
            finished,
            earliest: wave.from.minutes - @waves.lead_minutes.to_i,
            latest: plated_by(wave)
          )
        end
      end

      # Ahead of the guests: what is not plated when the wave comes is so in the first part of it.
      def plated_by(wave)
        lasts = wave.to - wave.from
        wave.from.minutes +
          [
            @waves.plating_minutes.ceil - @waves.lead_minutes.to_i,
            (lasts * @practice.fetch("day/plating/ahead_share")).round
          ].max.clamp(0, lasts)
      end

      def named(wave) = @waves.list.size > 1 ? ", wave #{wave.number} of #{@waves.list.size}" : ""

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

        most = @practice.fetch("day/marinate/most_minutes").to_i
        [
          *after_whisk,
          *waiting_for(chosen - marinades.flat_map(&:jobs)),
          *marinades.map { |each| Link.new(task: each.task.key, least: 0, most: most, why: "marinated") }
        ]
      end

      def after_whisk = whisk.map { |each| Link.new(task: each.key, least: 0) }
      def waiting_for(jobs)
        jobs.flat_map do |job|
          job.done.map { |key| Link.new(task: key, least: 0, most: job.keeps, why: job.hold) }
        end
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
