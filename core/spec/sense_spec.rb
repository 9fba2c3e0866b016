# frozen_string_literal: true

# A day as someone who runs a kitchen would lay it out.
RSpec.describe "Sense in a day" do
  def roster(day = {}, **options, &change)
    made = plan(**options, &change)
    fields = Scullion::DocumentReader.new(day)
    progress = Scullion::Day::ProgressForm.new(fields, made.brief.service.from.date).read
    Scullion::Day::Roster.new(made, progress)
  end
  def shifts(*hours)
    hours.each_with_index.map do |(from, to), index|
      { "initials" => "C#{index}", "from" => from, "to" => to }
    end
  end
  def breaks(roster)
    roster
      .solution
      .instance
      .tasks
      .select { |task| task.key.start_with?("break/") }
      .map { |task| [roster.solution.start(task.key), roster.solution.taken[task.key].first["cook"]] }
  end

  describe "breaks" do
    # Doors at 11:45. On shift from 6:30, longer than six hours: 20 min, begun 90 min after that at the
    # soonest, six hours after it at the latest, and over 45 min before the doors.
    it "gives one to whoever is on shift longer than it takes to owe one, and to nobody else" do
      there = roster { |data| data["kitchen"]["cooks"] = shifts(%w[06:30 14:30], %w[08:00 14:00]) }
      expect(breaks(there).map(&:last)).to eq ["cook-0"]
      expect(breaks(there).first.first).to be_between(480, 11 * 60 + 45 - 45 - 20)
      one_more = roster { |data| data["kitchen"]["cooks"] = shifts(%w[06:30 14:30], %w[08:00 14:01]) }
      expect(breaks(one_more).map(&:last)).to eq %w[cook-0 cook-1]
    end

    it "keeps it out of the service, and from being work" do
      found = roster
      expect(broken(found.solution)).to be_empty
      rest = found.to_h["tasks"].select { |task| task["stage"] == "break" }
      expect(rest.map { |task| task["hands_minutes"] }).to eq [0, 0]
      expect(rest.map { |task| task["end"][11..] }).to all(be <= "11:00")
    end

    it "gives none where the kitchen's own shifts have one, or another service has given it" do
      parted =
        roster do |data|
          data["kitchen"]["cooks"] = shifts(%w[06:30 14:30]).map do |cook|
            cook.merge("break_from" => "10:00", "break_to" => "10:20")
          end
        end
      expect(breaks(parted)).to be_empty

      date = parted.plan.brief.service.from.date.iso8601
      given = { "on" => "cook-0", "from" => "#{date}T08:00", "to" => "#{date}T08:20", "for" => "Breakfast" }
      one = ->(data) { data["kitchen"]["cooks"] = shifts(%w[06:30 14:30]) }
      expect(breaks(roster({ "taken" => [given.merge("rest" => true)] }, &one))).to be_empty
      expect(breaks(roster({ "taken" => [given] }, &one)).size).to eq 1
    end

    it "stays where a cook has put it" do
      date = roster.plan.brief.service.from.date.iso8601
      pinned = roster({ "pins" => [{ "task" => "break/cook-0/390", "at" => "#{date}T08:05" }] })
      expect(breaks(pinned).first).to eq [485, "cook-0"]
      expect(pinned.to_h["tasks"].find { |task| task["key"] == "break/cook-0/390" }["pinned"]).to be true
    end

    # Doors at 11:00: from 8:30 to 9:55 before them, from 12:00 to 13:00 (six hours on shift) after the last
    # guest. She is elsewhere before; and after it until 13:00, or a minute longer.
    it "may be after the last guest, up to when it is owed, and the day works with it" do
      at = ->(free) do
        day = {
          "taken" =>
            [%w[08:25 10:15], ["12:15", free]].map do |from, to|
              {
                "on" => "cook-1",
                "from" => "2026-11-28T#{from}",
                "to" => "2026-11-28T#{to}",
                "for" => "Breakfast"
              }
            end
        }
        roster(day, covers: 20) do |data|
          data["service"].merge!("from" => "11:00", "to" => "12:00")
          data["kitchen"]["cooks"] = shifts(%w[07:00 12:55], %w[07:00 15:00])
        end
      end
      last = at["13:00"]
      expect([breaks(last), last.works?, last.says]).to eq [[[780, "cook-1"]], true, []]
      expect(breaks(at["13:01"])).to be_empty
    end

    it "makes room where every gap is taken, and says so where there is none" do
      alone = ->(hours) { ->(data) { data["kitchen"]["cooks"] = shifts(hours) } }
      full = roster(covers: 60, &alone.call(%w[06:30 14:30]))
      expect(breaks(full).size).to eq 1
      date = full.plan.brief.service.from.date.iso8601
      away = { "on" => "cook-0", "from" => "#{date}T06:30", "to" => "#{date}T11:00", "for" => "Breakfast" }
      none = roster({ "taken" => [away] }, covers: 60, &alone.call(%w[06:30 14:30]))
      expect(breaks(none)).to be_empty
      expect(none.notes).to include(/\AC0 has no break of 20 min on Saturday/)
    end
  end

  describe "one job" do
    it "is one cook's from stretch to stretch, where hands are wanted again soon" do
      found = roster
      handover = found.instance.handover
      found.instance.tasks.each do |task|
        by = task.segments.each_index.map { |index| found.solution.taken[task.key][index]["cook"] }
        ends = task.offsets
        with = by.each_index.select { |index| by[index] }
        with.each_cons(2) do |one, other|
          if ends[other] - ends[one + 1] > handover ||
               task.segments[one].uses[0].skill != task.segments[other].uses[0].skill
            next
          end

          expect(by[one]).to eq(by[other]), task.name
        end
      end
    end

    # Two hands free at 100; whoever has begun is away from 20 to 30, so that both stretches are the other's.
    it "waits for one who can do all of it" do
      day = ->(handover) do
        cook = ->(key, *busy) do
          { "key" => key, "name" => key, "kind" => "cook", "capacity" => 1, "busy" => busy }
        end
        by_hand = { "minutes" => 10, "uses" => [{ "kind" => "cook", "amount" => 1 }] }
        Scullion::Day::Instance.from_h(
          "from" => 0,
          "to" => 200,
          "handover" => handover,
          "resources" => [
            cook.call("a", { "from" => 90, "to" => 100, "amount" => 1 }),
            cook.call("b", { "from" => 70, "to" => 80, "amount" => 1 })
          ],
          "tasks" => [
            {
              "key" => "blanch",
              "name" => "Blanch",
              "latest" => 100,
              "after" => [],
              "segments" => [by_hand, { "minutes" => 10, "uses" => [] }, by_hand]
            }
          ]
        )
      end
      solved = ->(handover) { Scullion::Day::Solver.new(day.call(handover)).solve }
      by = ->(solution) { solution.taken["blanch"].filter_map { |used| used["cook"] } }
      expect([solved.call(nil).start("blanch"), by.call(solved.call(nil))]).to eq [70, %w[a b]]
      expect([solved.call(10).start("blanch"), by.call(solved.call(10)).uniq.size]).to eq [60, 1]
      expect(solved.call(9).start("blanch")).to eq 70
    end

    it "does not begin where nobody is there to switch it on" do
      found = roster { |data| data["kitchen"]["cooks"] = shifts(%w[06:30 14:30], %w[06:30 14:30]) }
      first =
        found.instance.tasks.select { |task| task.segments.any?(&:hands?) }.map { |task| task.segments.first }
      expect(first).to all(be_hands)
    end
  end

  describe "clearing" do
    it "goes along before the doors, and is everybody's when the last guest is served" do
      found = roster.to_h
      along = found["tasks"].select { |task| task["key"].start_with?("clear/") }
      expect(along.map { |task| task["end"][11..] }).to all(be <= "11:45")
      down = found["tasks"].select { |task| task["key"].start_with?("clean/") }
      expect(down.map { |task| task["start"][11..] }.uniq).to eq ["13:30"]
      expect(down.map { |task| task["segments"].first["cook"] }).to match_array %w[ML TR OK]
      # 12 min, and of the salad's 8 the 5 that did not go along: 17 between three.
      expect(down.map { |task| task["minutes"] }).to eq [6, 6, 6]
    end

    it "is one cook's where one is there, and nothing waits for it" do
      one = roster { |data| data["kitchen"]["cooks"] = shifts(%w[06:30 15:30]) }
      expect(one.instance.tasks.select { |task| task.key.start_with?("clean/") }.map(&:minutes)).to eq [17]
      expect(one.instance.tasks.flat_map(&:after).map(&:task)).not_to include(a_string_starting_with("cl"))
    end
  end

  describe "in its place" do
    it "is when the last of what is not finished or plated leaves hands, and is said" do
      found = roster
      last =
        found.to_h["tasks"]
          .reject { |task| %w[clear break].include?(task["stage"]) }
          .reject { |task| task["key"].match?(%r{/(finish|plate)/}) }
          .map do |task|
            (task["segments"].reverse.find { |each| each["hands"] } || task["segments"].last)["to"]
          end
          .max
      air = found.plan.brief.practice.writer.min(found.plan.brief.service.from.minutes - found.in_place)
      expect(found.to_h["in_place"]).to eq(
        "at" => last,
        "said" => "Everything is in its place by #{last[11..]}, #{air} before the doors."
      )
    end

    it "is not said of a day that does not fit" do
      late = roster(covers: 3000)
      expect(late.solution.unplaced).not_to be_empty
      expect(late.in_place).to be_nil
    end
  end
end
