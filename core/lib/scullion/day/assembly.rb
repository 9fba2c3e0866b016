# frozen_string_literal: true

module Scullion
  module Day
    # The tasks that put one salad together: whisk, mix (and dress) or dress wave by wave, top,
    # plate. Each wave is due when its first guest comes.
    class Assembly
      # @param waves [Build::Waves] @param build [Build::Bowls] @param batch [Dressing::Batch, nil]
      # @param jobs [Array<Jobs>] of its preparations
      def initialize(waves, build, batch, jobs, practice)
        @waves, @build, @batch, @jobs, @practice = waves, build, batch, jobs, practice
      end

      # @return [Array<Task>]
      def tasks = [*whisk, *(@waves.dressed_in_waves? ? [] : [mix]), *@waves.list.flat_map { |wave| [finish(wave), *plate(wave)] }]

      private

      def at = @build.at
      def salad = @build.portion.salad
      def window = @waves.window

      def whisk
        return [] unless @batch

        minutes = @practice.fetch("day/whisk/setup_minutes") + (@practice.fetch("day/whisk/per_kg_minutes") * @batch.whisk_grams / 1000)
        [task("#{@batch.at}/whisk", "Whisk #{@batch.recipe.name}", "dress", @batch.at, minutes, [])]
      end

      def mix
        task("#{at}/mix", "Mix and dress #{salad.name}", "build", at, @practice.fetch("day/mix/setup_minutes") + (@practice.fetch("day/mix/per_bowl_minutes") * @build.batches),
             ready(held: false), use("bowl-#{@build.bowl.key}", [@build.batches.to_i, @build.bowl.count].min))
      end

      # Topped, and dressed where it would not last from the first guest to the last.
      def finish(wave)
        dressed = @waves.dressed_in_waves?
        kind = dressed ? "mix" : "top"
        minutes = @practice.fetch("day/#{kind}/setup_minutes") + (@practice.fetch("day/#{kind}/per_bowl_minutes") * @build.batches / @waves.waves.to_f)
        after = dressed ? ready(held: nil) : [Link.new(task: "#{at}/mix", least: window.rest_minutes.to_i, most: lasting(wave), why: "best once dressed"), *ready(held: true)]
        task("#{at}/finish/#{wave.number}", "#{dressed ? 'Dress and top' : 'Top'} #{salad.name}#{named(wave)}", "build", at, minutes, after, latest: wave.from.minutes)
      end

      # From the end of mixing, so that the last guest of the wave still has it at its best.
      def lasting(wave) = [(window.dressed_minutes - (wave.to - wave.from)).to_i, window.rest_minutes.to_i].max

      # A job for each plater, from shortly before the wave until it is over.
      def plate(wave)
        stands, out = (wave.to - wave.from) + @waves.lead_minutes.to_i, @waves.rules.fetch("out_minutes").to_i
        finished = Link.new(task: "#{at}/finish/#{wave.number}", least: 0, most: [stands, out].min, safety: out < stands,
                            why: out < stands ? "#{@waves.rules.name}: out of the cold" : "finished and waiting")
        Array.new(@waves.platers.to_i) do |index|
          task("#{at}/plate/#{wave.number}/#{index + 1}", "Plate #{salad.name}#{named(wave)}", "build", at, @waves.plating_minutes, [finished],
               earliest: wave.from.minutes - @waves.lead_minutes.to_i, latest: plated_by(wave))
        end
      end

      # Ahead of the guests: what is not plated when the wave comes is so in the first part of it.
      def plated_by(wave)
        lasts = wave.to - wave.from
        wave.from.minutes + [@waves.plating_minutes.ceil - @waves.lead_minutes.to_i, (lasts * @practice.fetch("day/plating/ahead_share")).round].max.clamp(0, lasts)
      end

      def named(wave) = @waves.list.size > 1 ? ", wave #{wave.number} of #{@waves.list.size}" : ""

      # What goes into the bowl (held: false), on top (held: true) or both (nil), each no longer ready than it keeps.
      def ready(held:)
        chosen = @jobs.select { |job|
          held.nil? || job.need.layers.any? { |layer|
            layer.portion.equal?(@build.portion) && (held ? layer.held_back.positive? : layer.held_back < 1)
          }
        }
        links = chosen.flat_map { |job| job.done.map { |key| Link.new(task: key, least: 0, most: job.keeps, why: job.hold) } }
        held ? links : [*whisk.map { |each| Link.new(task: each.key, least: 0) }, *links]
      end

      def task(key, name, stage, place, minutes, after, *uses, earliest: nil, latest: nil)
        Task.new(key: key, name: name, segments: [Segment.new(minutes: [minutes.ceil, 1].max, uses: [use(COOK), *uses])], after: after, earliest: earliest, latest: latest,
                 about: { "stage" => stage, "at" => place, "colour" => nil, "for" => [salad.name] })
      end

      def use(kind, amount = 1) = Use.new(kind: kind, amount: amount)
    end
  end
end
