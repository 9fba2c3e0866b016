# frozen_string_literal: true

module Scullion
  module Day
    # The day of one plan, solved: what is done when, by whom, with how much slack; what would be
    # late, unsafe or past its best, and why. Asked for apart from the plan, because it is worked
    # out by trying. Rules of the job, "The day".
    class Roster
      include Choices

      WORST_FIRST = %i[unsafe late stale].freeze
      # What is done while guests are served.
      SERVING = %r{/(?:finish|plate)/}.freeze

      attr_reader :plan, :progress, :layout

      # @param plan [Plan] @param progress [Progress] as the brief has it, unless another is tried
      # @raise [UnworkableDay]
      def initialize(plan, progress = plan.brief.progress)
        @plan, @progress = plan, progress
        @layout = Layout.new(plan, progress)
      end

      def instance = @layout.instance
      def solution = @solution ||= breaks.into(solved(instance)) { |day| solved(day) }
      # Minutes that everything should be in its place before it is wanted.
      def air = plan.brief.practice.fetch("day/calm/minutes").to_i

      # As it was solved elsewhere. @param parts [Array] as Solution#to_a gives them @return [Roster]
      def solved_as(*parts)
        @solution = Solution.new(breaks.with(parts.first), *parts)
        self
      end

      # The day decided otherwise; planned anew where the plan follows from it.
      def with(progress)
        Roster.new(same?(progress) ? plan : Plan.for(plan.brief.with(progress: progress)), progress)
      end

      # Does the plan not follow from what is decided otherwise? @param progress [Progress]
      def same?(progress)
        [progress, self.progress].map do |each|
            [each.left_out, each.otherwise, each.cut, each.brings, each.makes, each.borrowed.count(PLATER)]
          end
          .uniq
          .one?
      end

      def moment(minutes) = Moment.new(date, minutes).to_s
      def iso(minutes) = Moment.new(date, minutes).iso
      # The other way round. @param iso [String] "2026-11-28T09:40" @return [Integer]
      def minute(iso)
        Moment.at(date, iso[11, 5], days: (Date.iso8601(iso[0, 10]) - date).to_i).minutes
      end

      # @return [Hash] ready for JSON
      def to_h = RosterSheet.new(self).to_h

      # For whoever only has to know whether it still stands: when it begins, and whether it works.
      # @return [Hash] ready for JSON
      def brief_word
        first = moment(solution.first)
        placed = in_place ? ", in its place by #{moment(in_place)}" : ""
        said = works? ? "begins #{first}#{placed}" : "does not work: #{says.first}"
        { "first" => first, "works" => works?, "said" => said }
      end

      # Everything is placed, in time, safe and at its best.
      def works?
        solution.misses.empty? && solution.unplaced.empty? && lots.none?(&:breaks?) && together.over.empty?
      end

      # What is made once for several services. @return [Together]
      def together = @together ||= Together.new(self)

      # What is made, each with where it is until it is eaten. @return [Array<Safety::Lot>]
      def lots = @lots ||= Safety::Lots.new(self).to_a

      # What can hurt somebody, on this day as in its plan, the gravest first.
      # @return [Array<Safety::Finding>]
      def hazards
        @hazards ||=
          (plan.hazards + plan.safety.of_lots(lots)).sort_by.with_index do |finding, index|
            [Safety::Hazard::GRAVE.index(finding.grave), index]
          end
      end

      # Those that touch a task. @param task [Task] @return [Array<Safety::Finding>]
      def hazards_of(task) = hazards.select { |finding| [task.key, task.about["at"]].include?(finding.at) }

      # Stops that nobody has taken on, and that keep this task from being begun.
      def bars(task) = hazards_of(task).select(&:bars?)

      # Where this task may begin if nothing else moves.
      def ranges(key)
        Ranges
          .new(solution)
          .of(key)
          .map do |from, to|
            { "from" => iso(from), "to" => iso(to), "text" => "#{moment(from)} to #{moment(to)}" }
          end
      end

      # The minute by which everything is in its place: all that is left then is to finish, to plate and to
      # clear. Nil where something of it has no place.
      # @return [Integer, nil]
      def in_place
        before = instance.tasks.reject { |task| Clearing.of?(task) || task.key.match?(SERVING) }
        return if before.empty? || before.any? { |task| solution.unplaced.include?(task.key) }

        before.map { |task| worked_until(task) }.max
      end

      # What making something again takes, and whose break has no place. @return [Array<String>]
      def notes = again_of_all + breaks.missing(solution).map { |owed| no_break(owed) }

      # What this day takes of the kitchen's own, borrowed things aside, as another service's brief has it.
      # @return [Array<Hash>] on, from, to, amount, mode, for
      def taken
        own = Resources.new(plan.brief, 0, Progress.new).resources.map(&:key)
        solution
          .enum_for(:each_stretch)
          .flat_map do |segment, from, used, _|
            segment
              .uses
              .select { |use| own.include?(used[use.kind]) }
              .map { |use| stretch(use, used[use.kind], from, segment.minutes) }
          end
      end

      # When each thing of the order is first wanted on the bench. @return [Hash{String=>Integer}] by key
      def needed_by = @needed_by ||= Wanted.new(self).to_h

      def date = plan.brief.service.from.date

      # Plainly, the worst first.
      def says
        if progress.now && progress.now > plan.brief.service.to.minutes
          return ["The service is over: its day is shown as it was planned."]
        end
        if plan.brief.kitchen.cooks.empty? && progress.extra.empty?
          return ["No cook is on shift: add one to the kitchen, with hours."]
        end

        [*nobody, *too_much_work, *left_out, *worst_of_each.map { |miss| said(miss) }, *together.over].uniq
      end

      # Which half-hour is too full, of what, by how much.
      def problem
        return if works?

        worst = overload.worst or return
        name =
          (
            if worst.kind == COOK
              ["Hands", *(worst.skill && skill(worst.skill)["where"])].join(" ")
            else
              instance.of_kind(worst.kind).first&.name || worst.kind
            end
          )
        {
          "what" =>
            "#{name}, #{moment(worst.from)} to #{moment(worst.from + Overload::SLOT)}: #{worst.wanted} " \
              "min wanted, #{worst.have} there, #{worst.over} too many.",
          "kind" => worst.kind,
          "from" => iso(worst.from),
          "to" => iso(worst.from + Overload::SLOT),
          "over_minutes" => worst.over
        }
      end

      private

      # What has to be made again takes as much again of what it is made from.
      def again_of_all
        progress
          .marks
          .each_value
          .select { |mark| mark.state == "failed" }
          .filter_map do |mark|
            job = @layout.jobs.find { |each| each.tasks.any? { |task| task.key == mark.task } } or next
            again(job.need, mark.share || 1.0)
          end
      end

      def no_break(owed)
        "#{owed.cook.name} has no break of #{plan.brief.practice.writer.min(breaks.minutes)} on " \
          "#{Moment.new(date, owed.shift.first).date.strftime("%A")}: no gap is left outside the service. " \
          "Your local law decides what is owed."
      end

      # Until hands leave it; what nobody has in hand, until it is over.
      def worked_until(task)
        last = task.segments.rindex(&:hands?) || (task.segments.size - 1)
        solution.start(task.key) + task.segments.first(last + 1).sum(&:minutes)
      end

      def solved(day)
        Calm.of(Room.new(day) { |solution| Chance.new(self, solution).enough? }.solve, air)
      end
      def breaks = @breaks ||= Breaks.new(instance, plan.brief, progress)

      def stretch(use, key, from, minutes)
        {
          "on" => key,
          "from" => iso(from),
          "to" => iso(from + minutes),
          "amount" => use.amount,
          "mode" => use.mode,
          "for" => plan.brief.service.name,
          "rest" => use.who && true
        }.compact
      end

      def again(need, share)
        writer = plan.brief.practice.writer
        more = plan.preps.find { |prep| prep.need.equal?(need) }.ap_grams * share
        over =
          plan.purchases.find { |purchase| purchase.ingredient.equal?(need.ingredient) }&.surplus_grams || 0.0
        "#{need.name}, #{writer.share(share)} once more: #{writer.g(more)} of " \
          "#{need.ingredient.name.downcase} as bought. #{writer.g(over)} is over" \
          "#{more <= over ? "." : "; without more, what is left serves #{served_without(share)}."}"
      end

      # Covers that are left without so much of the food.
      def served_without(share) = Amount::Whole.down(plan.brief.service.covers * (1 - share))

      # Of the parts of one job only the one that misses by the most.
      def worst_of_each
        sorted = solution.misses.sort_by { |miss| [WORST_FIRST.index(miss.kind), -miss.minutes] }
        sorted.uniq { |miss| [miss.kind, whole_job(about(miss))] }
      end

      def about(miss) = miss.link ? instance[miss.link.task] : miss.task
      def whole_job(task) = task.name.split(Jobs::PART).first.split(Jobs::BATCH).first

      def overload = @overload ||= Overload.new(instance)

      def nobody
        overload.nobody.map do |key|
          "Nobody on shift is down for #{skill(key)["name"].downcase}: tick it for a cook in Kitchen."
        end
      end

      def left_out
        Unfit
          .new(solution, write: plan.brief.practice.writer.method(:min))
          .reasons
          .map { |task, why| "#{whole_job(task)}: fits nowhere in the hours there are, as #{why}." }
      end

      def too_much_work
        wanted, had = overload.hands
        writer = plan.brief.practice.writer
        return unless wanted > had
        ["The work is #{writer.min(wanted)} with hands; the shifts of these days have #{writer.min(had)}."]
      end

      def said(miss)
        minutes = plan.brief.practice.writer.min(miss.minutes)
        case miss.kind
        when :late
          "#{whole_job(miss.task)} is #{minutes} late: done at #{moment(solution.end(miss.task.key))}, " \
            "wanted by #{moment(miss.task.latest)}."
        when :unsafe
          "#{whole_job(about(miss))} waits #{minutes} longer than is safe (#{miss.link.why})."
        else
          "#{whole_job(about(miss))} is #{minutes} past its best when used (#{miss.link.why})."
        end
      end
    end
  end
end
