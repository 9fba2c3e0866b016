# frozen_string_literal: true

module Scullion
  # The words of a day: what is done, by whom and on what, and for how long.
  module Day
    COOK = "cook"
    # A cook who plates, of whom there can be one more for a day.
    PLATER = "plater"
    # What a cook can be down for, see facts/practice/skills.
    SKILLS = [
      KNIFE = "knife",
      BLADES = "blades",
      STOVE = "stove",
      DRESSING = "dressing",
      BUILD = "build"
    ].freeze

    # What a stretch of work takes while it lasts: so many of one kind of resource, all from one of
    # them. mode: what it must be set to meanwhile (an oven's °C). skill: of a cook, what she must be down
    # for. who: the key of the one that it must be, whose own time it is.
    Use =
      Struct.new(:kind, :amount, :mode, :skill, :who, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s).compact
        def hands? = kind == COOK && who.nil?
      end

    # Minutes that follow each other without a wait inside one task; with hands when a cook works for it.
    Segment =
      Struct.new(:minutes, :uses, :name, keyword_init: true) do
        def hands? = uses.any?(&:hands?)
        def to_h = { "minutes" => minutes, "name" => name, "uses" => uses.map(&:to_h) }.compact
      end

    # From the end of an earlier task to the start of this one: at least so many minutes (fewer than
    # none: only so long after this one has begun), at most so many (nil for no limit). safety: passing the
    # most is unsafe, not only stale. air: minutes more than the least that there should be, if they can be
    # had.
    Link =
      Struct.new(:task, :least, :most, :safety, :why, :air, keyword_init: true) do
        def to_h
          {
            "task" => task,
            "least" => least,
            "most" => most,
            "safety" => safety || nil,
            "why" => why,
            "air" => air
          }.compact
        end
      end

    # So much of a resource is another service's meanwhile; of a moded one, at that mode. name: of that
    # service; rest: it is a break.
    Busy =
      Struct.new(:from, :to, :amount, :mode, :name, :rest, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s).compact
        def minutes_within(start, stop) = [[to, stop].min - [from, start].max, 0].max
      end

    # A burner, an oven, a cook … open: when it can be used, nil for always, as [from, to] in
    # minutes. moded: everything on it at once needs the same mode. skills: what a cook is down for,
    # nil for everything. busy: what others have of it, nil for nothing.
    Resource =
      Struct.new(:key, :name, :kind, :capacity, :open, :moded, :skills, :busy, keyword_init: true) do
        def does?(skill) = skill.nil? || skills.nil? || skills.include?(skill)
        def takes?(use) = does?(use.skill) && (use.who.nil? || use.who == key)

        # Minutes of it that there are between two times, one for each of what it has room for.
        def minutes_within(start, stop)
          open = (self.open || [[start, stop]]).sum { |from, to| [[to, stop].min - [from, start].max, 0].max }
          [
            (capacity * open) - (busy || []).sum { |each| each.amount * each.minutes_within(start, stop) },
            0
          ].max
        end

        def to_h
          {
            "key" => key,
            "name" => name,
            "kind" => kind,
            "capacity" => capacity,
            "open" => open,
            "moded" => moded || nil,
            "skills" => skills,
            "busy" => busy&.map(&:to_h)
          }.compact
        end
      end

    # One job of the day. earliest: it may not begin before; latest: it must end by; pinned: it begins then.
    # about: what the plan says of it, passed through.
    Task =
      Struct.new(:key, :name, :segments, :after, :earliest, :latest, :pinned, :about, keyword_init: true) do
        # A copy that is given other segments is measured anew.
        def initialize_copy(other)
          super
          @minutes = @equipment = @demands = nil
        end

        def minutes = @minutes ||= segments.sum(&:minutes)
        # The kinds of resource it holds from beginning to end, beside hands.
        def equipment = @equipment ||= segments.flat_map(&:uses).map(&:kind).uniq - [COOK]

        # Everything it takes beside hands: from how many minutes after its start, for how many, and what.
        # @return [Array<Array(Integer, Integer, Use)>]
        def demands
          @demands ||=
            segments
              .zip(offsets)
              .flat_map { |segment, at| segment.uses.map { |use| [at, segment.minutes, use] } }
              .reject { |_, _, use| use.kind == COOK }
        end

        # When each of its segments begins, in minutes after its start.
        def offsets = segments.reduce([0]) { |all, segment| all << (all.last + segment.minutes) }
        def hands_minutes = segments.select(&:hands?).sum(&:minutes)

        def to_h
          {
            "key" => key,
            "name" => name,
            "segments" => segments.map(&:to_h),
            "after" => after.map(&:to_h),
            "earliest" => earliest,
            "latest" => latest,
            "pinned" => pinned
          }.compact
        end
      end
  end
end
