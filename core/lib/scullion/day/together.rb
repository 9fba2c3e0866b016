# frozen_string_literal: true

module Scullion
  module Day
    # What services of one kitchen make once between them: what this day makes for others, until when that is
    # good, and whether what others make for it still is when it is used. Rules of the job, "The day".
    class Together
      # @param roster [Roster]
      def initialize(roster)
        @roster, @plan, @solution = roster, roster.plan, roster.solution
      end

      # What a preparation of this day is for whoever else has some of it.
      # @param preparation [String] see Salad::Component#preparation
      # @return [Hash, nil] ready, best and discard, as moments; nil where it is not made here
      def made(preparation)
        job = job_of(preparation)
        return if job.nil? || job.tasks.empty? || job.done.any? { |key| @solution.unplaced.include?(key) }

        ready, begun =
          job.done.map { |key| @solution.end(key) }.max,
          job.done.map { |key| @solution.start(key) }.min
        {
          "ready" => @roster.iso(ready),
          "best" => @roster.iso(ready + job.keeps),
          "discard" => @roster.iso(last_minute(job, begun))
        }
      end

      # Preparations that could be made once for another service as well: not what is dressed while it is warm
      # or runs on the clock, which is this service's alone.
      # @return [Hash{String=>Count::Need}]
      def shareable
        @roster
          .layout
          .jobs
          .reject { |job| job.tasks.empty? || job.pours.any? || job.on_the_clock? || job.need.component.made }
          .to_h { |job| [job.need.component.preparation, job.need] }
      end

      # In words, what is used later than it is good for. @return [Array<String>]
      def over
        @over ||=
          @plan
            .needs
            .flat_map { |need| [need.brought, *need.lots].compact.map { |each| late(need, each) } }
            .compact
            .uniq
      end

      private

      def job_of(preparation)
        @roster.layout.jobs.find { |job| job.need.component.preparation == preparation }
      end

      # By its date mark; the day that it is made counts as the first.
      def last_minute(job, begun)
        Moment.new(@roster.date, begun).end_of_day(job.days_kept - 1).minutes
      end

      # @param brought [Progress::Brought, Progress::OnHand]
      def late(need, brought)
        used, lot = last_use(need), !brought.is_a?(Progress::Brought) || brought.lot
        what = lot ? "#{need.name} from #{brought.name}" : "#{need.name}, made with #{brought.name},"
        if !lot && brought.lost
          "#{what} has no place in that day."
        elsif past?(used, brought.discard)
          "#{what} is to be thrown by #{moment(brought.discard)}, and is used at #{moment(used)}."
        elsif past?(used, brought.best)
          "#{what} is good until #{moment(brought.best)}, and is used at #{moment(used)}."
        end
      end

      def past?(used, minute) = minute && used > minute
      def moment(minutes) = @roster.moment(minutes)

      # The last bowl that it goes into, mixed or on top.
      def last_use(need)
        used =
          @plan
            .builds
            .zip(@plan.waves)
            .flat_map do |build, waves|
              layers = need.layers.select { |layer| layer.portion.equal?(build.portion) }
              layers.flat_map { |layer| uses(build, waves, layer) }
            end
        used.map { |task| @solution.start(task.key) }.max || @plan.brief.service.from.minutes
      end

      def uses(build, waves, layer)
        topped = waves.dressed_in_waves? || layer.held_back.positive?
        @solution.instance.tasks.select do |task|
          task.about["at"] == build.at && task.key.include?(topped ? "/finish/" : "/mix")
        end
      end
    end
  end
end
