# frozen_string_literal: true

module Scullion
  module Day
    # The tasks that make one preparation ready: trim and cut, treat, cook, cool. Derived from the
    # plan, with its minutes. A dressing that goes in while it is warm is poured on its way to the cold.
    class Jobs
      include Benches
      include Loads

      BATCH = ", batch "

      # @param need [Count::Need]
      # @param prep [Prep::Line]
      # @param brief [Brief]
      # @param cut [Boolean] it comes in ready cut
      # @param heat [Heat, nil] what cooking it takes @param pours [Array<Dress::Pour>] while it is warm
      # @param control [Safety::Control] cold, or on the clock
      # @param whisked [Array<String>] tasks that make the dressings of its salads
      def initialize(need, prep, brief, control, heat: nil, cut: false, pours: [], whisked: [])
        @control, @whisked = control, whisked
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
            cut = @prep.made ? making(@prep.made) : cut_before
            raw = @need.treated_after? || !component.treat ? [] : [treating(last(cut))]
            soaked = soaking(last(cut + raw))
            hot = heating(last(cut + raw + soaked))
            hot += trimmed_and_cut(hot) if cut_cold?
            all = cut + raw + soaked + hot
            (hot.empty? ? last(all) : hot).each { |task| task.earliest = not_before }
            all
          end
      end

      # What the next one waits for: every load of it. @return [Array<String>]
      def done = @cooking && !cut_cold? ? tasks.last(lots.size).map(&:key) : last(tasks).map(&:key)

      # Out of the cold while it is cut, of what must be kept cold and is not cooked.
      def bench_minutes
        return 0 unless component.tcs? && (@cooking.nil? || cut_cold?)

        tasks.last&.minutes.to_i
      end

      # What is cooked and cooled together, in order. @return [Array<Lot>]
      def lots = @lots ||= []

      # On the clock, its minutes count from the heat.
      def on_the_clock? = !@cooking.nil? && clock?

      # At its best by its kind, once it is ready, min. @return [Integer]
      def keeps = @practice.fetch("holds/#{component.hold_class}/kept_minutes").to_i

      def hold = @practice.words("holds", component.hold_class)["name"]

      # By its date mark: it may not be made before this minute, the midnight that begins the first day it may
      # be kept from.
      # @return [Integer, nil] nil where no date mark is needed
      def not_before
        return unless component.tcs?

        Moment.minute(@brief.service.from.day, (1 - days_kept) * Moment::DAY)
      end

      # By the house rules, the day that it is made being the first; cooked rice and the like may have fewer.
      # @return [Integer]
      def days_kept = Hold::Dates.new(@brief).days_of(component)

      # Room for what its last work may run over, min: a share of the longest that it takes.
      # @return [Integer]
      def air
        over =
          done.flat_map { |key| tasks.find { |task| task.key == key }.segments }.sum { |each| run_over(each) }
        (over * @practice.fetch("chance/air/share")).ceil
      end

      # At the bench, with a knife or a machine, min.
      def cutting_minutes = cutting.sum(&:minutes)

      attr_reader :need, :heat, :pours

      private

      def run_over(segment)
        kind = Course.kind_of(segment) or return 0
        segment.minutes * [@practice.fetch("chance/#{kind}/most_times") - 1, 0].max
      end

      # All that none of the others comes after.
      def last(tasks)
        waited_for = tasks.flat_map { |task| task.after.map(&:task) }
        tasks.reject { |task| waited_for.include?(task.key) }
      end

      def component = @need.component
      def cut_name = component.cut ? @practice.cuts.fetch(component.cut)["name"].downcase : component.trim

      # A made part is weighed out and made in one go.
      def making(made)
        [
          task(
            "#{@prep.at}/make",
            "#{@need.name}: #{made.do_it.downcase}",
            "prep",
            @prep.at,
            [segment(whole(made.hands_minutes), hands(KNIFE)), *clean_between]
          )
        ]
      end

      # Cooked whole, it is cut once it is cooked: warm where a dressing goes in warm, else out of the cold.
      def cut_after? = !@cooking.nil? && !@bought_cut && component.cut_after?
      def cut_cold? = cut_after? && @pours.empty?
      def cut_before = cut_after? ? trimmed_before : cutting

      # What is cooked in its skin is scrubbed first; nuts are shelled, and fish is boned.
      def trimmed_before
        if component.trim && !component.trimmed_after?
          at_bench("trim", component.trim, @prep.trimming_minutes)
        else
          []
        end
      end

      # With hands while it is warm: cut, mashed and the like. @return [Array<Segment>]
      def warm_work
        cut =
          (
            if cut_after? && @pours.any?
              [segment(whole(cut_minutes), hands(KNIFE), *tool, name: "Cut it warm")]
            else
              []
            end
          )
        cut + (@need.treated_after? ? treatment : [])
      end

      def cut_minutes = trim_minutes + @prep.cutting_minutes + @prep.tool_minutes
      def trim_minutes = cut_after? && !component.trimmed_after? ? 0 : @prep.trimming_minutes

      def treating(before)
        task(
          "#{@prep.at}/treat",
          "#{@need.name}: #{@practice.words("treats", component.treat)["name"].downcase}",
          "prep",
          @prep.at,
          treatment,
          before
        ).tap do |made|
          made.after += dressed.map { |key| Link.new(task: key, least: 0, why: "worked with it") }
        end
      end

      # What is massaged is massaged with some of its dressing.
      def dressed = @practice.words("treats", component.treat)["dressed"] ? @whisked : []

      def treatment
        wait = whole(component.treated_for(@practice))
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
