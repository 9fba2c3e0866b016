# frozen_string_literal: true

module Scullion
  module Day
    # A day to be scheduled: tasks and resources, minutes counted from midnight of the service day.
    # Plain data, so that another solver can read it (see docs/day.md).
    class Instance
      FORMAT = "scullion/day@1"

      attr_reader :tasks, :resources, :from, :to, :handover

      # @param from [Integer] first minute of the days that may be used @param to [Integer] last
      # @param handover [Integer, nil] minutes without hands within a task after which another cook may go on
      #   with it; nil: anybody after any stretch
      def initialize(tasks:, resources:, from:, to:, handover: nil)
        @tasks, @resources, @from, @to, @handover = tasks, resources, from, to, handover
        @by_key = tasks.to_h { |task| [task.key, task] }
      end

      def [](key) = @by_key[key]
      # What of each task is one cook's. @return [Array<Hands::Stint>]
      def stints(task) = (@stints ||= {})[task.key] ||= Hands.stints(task, handover)
      # What it waits for and what waits for it, where hands are to stay with a job.
      # @return [Array<String>] keys
      def beside(task)
        return [] unless handover

        (@beside ||= {})[task.key] ||= task.after.map(&:task) +
          followers[task.key].map { |other, _| other.key }
      end
      def of_kind(kind) = (@kinds ||= resources.group_by(&:kind))[kind] || []

      # The tasks that wait for each task. @return [Hash{String=>Array<Array(Task, Link)>}]
      def followers
        @followers ||=
          tasks.each_with_object(Hash.new { |all, key| all[key] = [] }) do |task, all|
            task.after.each { |link| all[link.task] << [task, link] }
          end
      end

      # @return [Array<Task>] each after all it waits for
      # @raise [UnworkableDay] when tasks wait for each other in a ring
      def in_order
        @in_order ||=
          begin
            waiting = tasks.to_h { |task| [task.key, task.after.size] }
            ready, sorted = tasks.select { |task| waiting[task.key].zero? }, []
            while (task = ready.shift)
              sorted << task
              followers[task.key]
                .map(&:first)
                .each { |follower| ready << follower if (waiting[follower.key] -= 1).zero? }
            end
            ring(tasks - sorted) if sorted.size < tasks.size
            sorted
          end
      end

      # The longest way to the start of each task, and from its end.
      # @return [Hash{String=>Integer}] minutes by task
      def heads = @heads ||= longest(in_order) { |task| task.after.map { |link| [link.task, link.least] } }
      def tails
        @tails ||=
          longest(in_order.reverse) do |task|
            followers[task.key].map { |follower, link| [follower.key, link.least] }
          end
      end

      # The longest chain of tasks that wait for each other that this one is on, and that there is.
      def chain(task) = heads.fetch(task.key) + task.minutes + tails.fetch(task.key)
      def longest_chain = tasks.map { |task| chain(task) }.max || 0

      # The same day with other tasks or resources.
      def with(tasks: @tasks, resources: @resources)
        Instance.new(tasks: tasks, resources: resources, from: from, to: to, handover: handover)
      end

      def to_h
        {
          "format" => FORMAT,
          "from" => from,
          "to" => to,
          "handover" => handover,
          "resources" => resources.map(&:to_h),
          "tasks" => tasks.map(&:to_h)
        }.compact
      end

      # @param data [Hash] as #to_h gives it @return [Instance]
      def self.from_h(data)
        resources =
          data["resources"].map do |each|
            Resource.new(
              key: each["key"],
              name: each["name"],
              kind: each["kind"],
              capacity: each["capacity"],
              open: each["open"],
              moded: each["moded"],
              skills: each["skills"],
              busy: each["busy"]&.map { |other| Busy.new(**other.transform_keys(&:to_sym)) }
            )
          end
        tasks =
          data["tasks"].map do |each|
            Task.new(
              key: each["key"],
              name: each["name"],
              earliest: each["earliest"],
              latest: each["latest"],
              pinned: each["pinned"],
              segments: each["segments"].map { |part| segment(part) },
              after: (each["after"] || []).map { |link| Link.new(**link.transform_keys(&:to_sym)) }
            )
          end
        new(
          tasks: tasks,
          resources: resources,
          from: data["from"],
          to: data["to"],
          handover: data["handover"]
        )
      end

      def self.segment(part)
        Segment.new(
          minutes: part["minutes"],
          name: part["name"],
          uses: (part["uses"] || []).map { |use| Use.new(**use.transform_keys(&:to_sym)) }
        )
      end
      private_class_method :segment

      private

      def longest(order)
        order.each_with_object({}) do |task, done|
          done[task.key] = yield(task).map { |key, least| done[key] + self[key].minutes + least }.push(0).max
        end
      end

      def ring(left)
        raise UnworkableDay,
              Fault.new(
                what: "#{left.first.name} waits for itself, by way of #{left.last.name}.",
                where: "day",
                remedy: "Take one of the two orders out."
              )
      end
    end
  end
end
