# frozen_string_literal: true

module Scullion
  module Day
    # The tasks that make one preparation ready: trim and cut, treat, cook, cool. Derived from the
    # plan, with its minutes. A dressing that goes in while it is warm is poured on its way to the cold.
    class Jobs
      PART = ", one of "

      # @param need [Count::Need]
      # @param prep [Prep::Line]
      # @param brief [Brief]
      # @param cut [Boolean] it comes in ready cut
      # @param heat [Heat, nil] what cooking it takes @param pours [Array<Dress::Pour>] while it is warm
      def initialize(need, prep, brief, heat: nil, cut: false, pours: [])
        @need, @prep, @cooking, @brief, @practice, @heat, @bought_cut, @pours =
          need,
          prep,
          prep.cooking,
          brief,
          brief.practice,
          heat,
          cut,
          pours
      end

      # @return [Array<Task>] in the order they are done
      def tasks
        @tasks ||=
          begin
            cut = cutting
            raw = @need.treated_after? || !component.treat ? [] : [treating(last(cut))]
            soaked = soaking(last(cut + raw))
            all = cut + raw + soaked + heating(last(cut + raw + soaked))
            last(all).each { |task| task.earliest = not_before }
            all
          end
      end

      # What the next one waits for. @return [Array<String>]
      def done = last(tasks).map(&:key)

      # At its best by its kind, once it is ready, min. @return [Integer]
      def keeps = @practice.fetch("holds/#{component.hold_class}/kept_minutes").to_i

      def hold = @practice.words("holds", component.hold_class)["name"]

      # By its date mark: it may not be made before this minute, the midnight that begins the first day it may
      # be kept from.
      # @return [Integer, nil] nil where no date mark is needed
      def not_before = component.tcs? ? (1 - @brief.rules.fetch("days").to_i) * Moment::DAY : nil

      # At the bench, with a knife or a machine, min.
      def cutting_minutes = cutting.sum(&:minutes)

      attr_reader :need, :heat

      private

      # All that none of the others comes after.
      def last(tasks)
        waited_for = tasks.flat_map { |task| task.after.map(&:task) }
        tasks.reject { |task| waited_for.include?(task.key) }
      end

      def component = @need.component
      def cut_name = component.cut ? @practice.cuts.fetch(component.cut)["name"].downcase : component.trim

      # With a knife each piece is trimmed and cut; for a machine all of it is trimmed first, and nobody waits
      # for the machine meanwhile.
      def cutting
        return [] unless @prep.bench? && !@bought_cut && (component.trim || component.cut)

        trimming, cutting = @prep.trimming_minutes, @prep.cutting_minutes + @prep.tool_minutes
        unless tool.any? && trimming.positive?
          return at_bench("cut", [component.trim, cut_name].compact.uniq.join(", "), trimming + cutting, tool)
        end

        trimmed = at_bench("trim", component.trim, trimming)
        trimmed + at_bench("cut", cut_name, cutting, tool, trimmed)
      end

      # A long job is shared out in parts, which any cook may take at any time.
      def at_bench(step, said, minutes, uses = [], before = [])
        return [] unless minutes.positive?

        parts = minutes.fdiv(@practice.fetch("day/chunk/most_minutes")).ceil
        Amount::Split
          .evenly(whole(minutes), parts)
          .each_with_index
          .map do |part, index|
            task(
              "#{@prep.at}/#{step}#{"/#{index + 1}" if parts > 1}",
              "#{@need.name}: #{said.tr("-", " ")}#{"#{PART}#{parts} parts" if parts > 1}",
              "prep",
              @prep.at,
              [segment(part, hands(blade || KNIFE), *uses)],
              before
            )
          end
      end

      def blade = @prep.tool && @practice.words("tools", @prep.tool)["skill"]
      def tool
        @prep.tool && !@practice.words("tools", @prep.tool)["plain"] ? [use("tool-#{@prep.tool}")] : []
      end

      def treating(before)
        task(
          "#{@prep.at}/treat",
          "#{@need.name}: #{@practice.words("treats", component.treat)["name"].downcase}",
          "prep",
          @prep.at,
          treatment,
          before
        )
      end

      def treatment
        wait = whole(@practice.fetch("treats/#{component.treat}/minutes"))
        sink = @prep.treat_water_grams.positive? ? [use("sink")] : []
        [
          segment(whole(@prep.treating_minutes), hands(KNIFE), *sink, name: "By hand"),
          segment(wait, name: "Waits")
        ]
      end

      # Pulses stand in water over night, and longer in the cold if that suits the day.
      def soaking(before)
        return [] unless @cooking&.soaking_minutes&.positive?

        [
          task(
            "#{@cooking.at}/soak",
            "#{@need.name}: soak",
            "cook",
            @cooking.at,
            [
              segment(
                whole(@practice.fetch("day/soak/cover_minutes")),
                hands(STOVE),
                name: "Cover with water"
              ),
              segment(whole(@cooking.soaking_minutes), name: "Soaks")
            ],
            before
          )
        ]
      end

      # Soaked or cut, it waits for the pot so long at most.
      def waits(before)
        @practice.fetch(
          "day/#{before.any? { |each| each.key.end_with?("/soak") } ? "soak" : "raw"}/kept_minutes"
        ).to_i
      end

      # Out of the pot, then mashed while it is warm, then into the cold: nothing of it may wait, so it is one
      # task.
      def heating(before)
        return [] unless @cooking

        warm = @heat.segments + (@need.treated_after? ? treatment : []) + spreading
        segments = warm + @pours.map { |pour| pouring(pour) } + chilling
        [
          task(
            @cooking.at,
            "#{@need.name}: #{@cooking.setting}",
            "cook",
            @cooking.at,
            segments,
            before,
            most: waits(before),
            why: "waiting for the pot"
          ).tap do |task|
            task.after +=
              @pours.each_index.map do |index|
                whisked(@pours[index], (warm + segments[warm.size, index]).sum(&:minutes))
              end
          end
        ]
      end

      # Its dressing is ready when it is poured, so many minutes into the task.
      def whisked(pour, into)
        Link.new(task: Assembly.whisk_key(pour.stage.dressing), least: -into, why: "poured in warm")
      end

      def pouring(pour)
        minutes =
          @practice.fetch("day/pour/setup_minutes") +
            (@practice.fetch("day/pour/per_kg_minutes") * pour.grams / 1000)
        segment(whole(minutes), hands(DRESSING), name: "Pour in #{pour.stage.dressing.recipe.name}")
      end

      def chilled = @chilled ||= Chill.new(@cooking, @brief)
      def spreading
        if @cooking.cools?
          [
            segment(
              whole(@practice.fetch("day/cool/spread_minutes")),
              hands(STOVE),
              *chilled.trays,
              name: "Spread to cool"
            )
          ]
        else
          []
        end
      end
      def chilling = @cooking.cools? ? [segment(chilled.minutes, *chilled.uses, name: "Chills")] : []

      def task(key, name, stage, at, segments, before = [], most: nil, why: nil)
        Task.new(
          key: key,
          name: name,
          segments: segments.reject { |each| each.minutes.zero? },
          about: about(stage, at),
          after: before.map { |earlier| Link.new(task: earlier.key, least: 0, most: most, why: why) }
        )
      end

      def about(stage, at)
        salads = @need.layers.map { |layer| layer.portion.salad.name }.uniq
        {
          "stage" => stage,
          "at" => at,
          "preparation" => component.preparation,
          "colour" => @need.ingredient.colour,
          "for" => salads
        }
      end

      def hands(skill) = Use.new(kind: COOK, amount: 1, skill: skill)
      def use(kind) = Use.new(kind: kind, amount: 1)
      def segment(minutes, *uses, name: nil) = Segment.new(minutes: minutes, uses: uses, name: name)
      def whole(minutes) = minutes.ceil
    end
  end
end
