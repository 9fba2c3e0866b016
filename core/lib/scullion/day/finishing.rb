# frozen_string_literal: true

module Scullion
  module Day
    # The last of a salad's Assembly, wave by wave: dressed where it would not last, topped, plated.
    module Finishing
      private

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
            earliest: [
              *(wave.dress_from && (wave.dress_from.minutes - finish_minutes)),
              *(out_from(wave.to) if dressed?)
            ].max,
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
              least: [rests - @waves.begun_before.to_i, 0].max,
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
            earliest: plating_from(wave),
            latest: plated_by(wave)
          )
        end
      end

      # The first as Build has it: begun so long before its first guest; the others by their first guest.
      # Where more salads are plated than there are cooks for, one after the other.
      def plating_from(wave) = wave.from.minutes - @waves.begun_before.to_i
      def plated_by(wave)
        begun = wave.number == 1 ? plating_from(wave) : wave.from.minutes
        begun + ([@waves.plating_minutes.ceil, 1].max * @waves.turns)
      end

      def named(wave) = @waves.list.size > 1 ? ", wave #{wave.number} of #{@waves.list.size}" : ""
    end
  end
end
