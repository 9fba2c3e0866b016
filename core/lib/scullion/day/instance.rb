# frozen_string_literal: true

module Scullion
  module Day
    # What a stretch of work takes while it lasts: so many of one kind of resource, all from one of
    # them. mode: what it must be set to meanwhile (an oven's °C). skill: of a cook, what she must be down for.
    Use = Struct.new(:kind, :amount, :mode, :skill, keyword_init: true) do
      def to_h = { "kind" => kind, "amount" => amount, "mode" => mode, "skill" => skill }.compact
    end

    # Minutes that follow each other without a wait inside one task; with hands when a cook is among the uses.
    Segment = Struct.new(:minutes, :uses, :name, keyword_init: true) do
      def hands? = uses.any? { |use| use.kind == COOK }
      def to_h = { "minutes" => minutes, "name" => name, "uses" => uses.map(&:to_h) }.compact
    end

    # From the end of an earlier task to the start of this one: at least so many minutes (fewer than
    # none: only so long after this one has begun), at most so many (nil for no limit). safety: passing the most is unsafe, not only stale.
    Link = Struct.new(:task, :least, :most, :safety, :why, keyword_init: true) do
      def to_h = { "task" => task, "least" => least, "most" => most, "safety" => safety || nil, "why" => why }.compact
    end

    # So much of a resource is another service's meanwhile; of a moded one, at that mode. name: of that service.
    Busy = Struct.new(:from, :to, :amount, :mode, :name, keyword_init: true) do
      def to_h = { "from" => from, "to" => to, "amount" => amount, "mode" => mode, "name" => name }.compact
      def minutes_within(start, stop) = [[to, stop].min - [from, start].max, 0].max
    end

    # A burner, an oven, a cook … open: when it can be used, nil for always, as [from, to] in
    # minutes. moded: everything on it at once needs the same mode. skills: what a cook is down for,
    # nil for everything. busy: what others have of it, nil for nothing.
    Resource = Struct.new(:key, :name, :kind, :capacity, :open, :moded, :skills, :busy, keyword_init: true) do
      def does?(skill) = skill.nil? || skills.nil? || skills.include?(skill)

      # Minutes of it that there are between two times, one for each of what it has room for.
      def minutes_within(start, stop)
        open = (self.open || [[start, stop]]).sum { |from, to| [[to, stop].min - [from, start].max, 0].max }
        [(capacity * open) - (busy || []).sum { |each| each.amount * each.minutes_within(start, stop) }, 0].max
      end

      def to_h
        { "key" => key, "name" => name, "kind" => kind, "capacity" => capacity, "open" => open, "moded" => moded || nil, "skills" => skills, "busy" => busy&.map(&:to_h) }.compact
      end
    end

    # One job of the day. earliest: it may not begin before; latest: it must end by; pinned: it begins then.
    # about: what the plan says of it, passed through.
    Task = Struct.new(:key, :name, :segments, :after, :earliest, :latest, :pinned, :about, keyword_init: true) do
      # A copy that is given other segments is measured anew.
      def initialize_copy(other)
        super
        @minutes = @equipment = @demands = nil
      end

      def minutes = @minutes ||= segments.sum(&:minutes)
      # The kinds of resource it holds from beginning to end, beside hands.
      def equipment = @equipment ||= segments.flat_map(&:uses).map(&:kind).uniq - [COOK]

      # Everything it takes: from how many minutes after its start, for how many, and what.
      # @return [Array<Array(Integer, Integer, Use)>]
      def demands
        @demands ||= segments.zip(offsets).flat_map { |segment, at| segment.uses.map { |use| [at, segment.minutes, use] } }
      end

      # When each of its segments begins, in minutes after its start.
      def offsets = segments.reduce([0]) { |all, segment| all << (all.last + segment.minutes) }
      def hands_minutes = segments.select(&:hands?).sum(&:minutes)

      def to_h
        { "key" => key, "name" => name, "segments" => segments.map(&:to_h), "after" => after.map(&:to_h), "earliest" => earliest, "latest" => latest, "pinned" => pinned }.compact
      end
    end

    COOK = "cook"
    # A cook who plates, of whom there can be one more for a day.
    PLATER = "plater"
    # What a cook can be down for, see facts/practice/skills.
    SKILLS = [KNIFE = "knife", BLADES = "blades", STOVE = "stove", DRESSING = "dressing", BUILD = "build"].freeze

    # A day to be scheduled: tasks and resources, minutes counted from midnight of the service day.
    # Plain data, so that another solver can read it (see docs/day.md).
    class Instance
      FORMAT = "scullion/day@1"

      attr_reader :tasks, :resources, :from, :to

      # @param from [Integer] first minute of the days that may be used @param to [Integer] last
      def initialize(tasks:, resources:, from:, to:)
        @tasks, @resources, @from, @to = tasks, resources, from, to
        @by_key = tasks.to_h { |task| [task.key, task] }
      end

      def [](key) = @by_key[key]
      def of_kind(kind) = (@kinds ||= resources.group_by(&:kind))[kind] || []

      # The tasks that wait for each task. @return [Hash{String=>Array<Array(Task, Link)>}]
      def followers
        @followers ||= tasks.each_with_object(Hash.new { |all, key| all[key] = [] }) { |task, all| task.after.each { |link| all[link.task] << [task, link] } }
      end

      # @return [Array<Task>] each after all it waits for
      # @raise [UnworkableDay] when tasks wait for each other in a ring
      def in_order
        @in_order ||= begin
          waiting = tasks.to_h { |task| [task.key, task.after.size] }
          ready, sorted = tasks.select { |task| waiting[task.key].zero? }, []
          while (task = ready.shift)
            sorted << task
            followers[task.key].map(&:first).each { |follower| ready << follower if (waiting[follower.key] -= 1).zero? }
          end
          ring(tasks - sorted) if sorted.size < tasks.size
          sorted
        end
      end

      # The longest way to the start of each task, and from its end. @return [Hash{String=>Integer}] minutes by task
      def heads = @heads ||= longest(in_order) { |task| task.after.map { |link| [link.task, link.least] } }
      def tails = @tails ||= longest(in_order.reverse) { |task| followers[task.key].map { |follower, link| [follower.key, link.least] } }

      # The longest chain of tasks that wait for each other that this one is on, and that there is.
      def chain(task) = heads.fetch(task.key) + task.minutes + tails.fetch(task.key)
      def longest_chain = tasks.map { |task| chain(task) }.max || 0

      # The same day with other tasks or resources.
      def with(tasks: @tasks, resources: @resources) = Instance.new(tasks: tasks, resources: resources, from: from, to: to)

      def to_h = { "format" => FORMAT, "from" => from, "to" => to, "resources" => resources.map(&:to_h), "tasks" => tasks.map(&:to_h) }

      # @param data [Hash] as #to_h gives it @return [Instance]
      def self.from_h(data)
        resources = data["resources"].map { |each|
          Resource.new(key: each["key"], name: each["name"], kind: each["kind"], capacity: each["capacity"], open: each["open"], moded: each["moded"], skills: each["skills"],
                       busy: each["busy"]&.map { |other| Busy.new(**other.transform_keys(&:to_sym)) })
        }
        tasks = data["tasks"].map do |each|
          Task.new(key: each["key"], name: each["name"], earliest: each["earliest"], latest: each["latest"], pinned: each["pinned"],
                   segments: each["segments"].map { |part| segment(part) }, after: (each["after"] || []).map { |link| Link.new(**link.transform_keys(&:to_sym)) })
        end
        new(tasks: tasks, resources: resources, from: data["from"], to: data["to"])
      end

      def self.segment(part)
        Segment.new(minutes: part["minutes"], name: part["name"], uses: (part["uses"] || []).map { |use| Use.new(**use.transform_keys(&:to_sym)) })
      end
      private_class_method :segment

      private

      def longest(order)
        order.each_with_object({}) { |task, done| done[task.key] = yield(task).map { |key, least| done[key] + self[key].minutes + least }.push(0).max }
      end

      def ring(left)
        raise UnworkableDay, Fault.new(what: "#{left.first.name} waits for itself, by way of #{left.last.name}.", where: "day", remedy: "Take one of the two orders out.")
      end
    end
  end
end
