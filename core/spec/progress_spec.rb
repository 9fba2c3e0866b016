# frozen_string_literal: true

# What the cook decided about the day and what has happened, read and laid over its tasks.
RSpec.describe Scullion::Day::Progress do
  def read(data)
    fields = Scullion::DocumentReader.new(data)
    [
      Scullion::Day::ProgressForm.new(fields, Date.new(2026, 11, 28)).read,
      fields.faults.to_h { |fault| [fault.where, fault.what] }
    ]
  end

  it "counts minutes from midnight of the service day, negative on the days before" do
    day, =
      read(
        "now" => "2026-11-27T23:30",
        "extra" => [{ "from" => "2026-11-28T07:00", "to" => "2026-11-28T09:15" }],
        "pins" => [{ "task" => "prep/1/cut", "at" => "2026-11-28T00:00" }]
      )
    expect([day.now, day.extra, day.pins]).to eq [-30, [[420, 555]], { "prep/1/cut" => 0 }]
  end

  it "plans nothing before it could be worked on, unless that was after the service began" do
    first =
      lambda do |since|
        Scullion::Day::Roster
          .new(plan { |data| data["day"] = { "since" => since } })
          .then { |day| [day.solution.first, day.to_h["since"]] }
      end
    expect(first["2026-11-28T06:00"]).to match [be >= 360, "06:00"]
    expect(first["2026-11-28T11:46"]).to match [be_negative, nil]
    expect(first["2026-11-20T08:00"]).to eq first["2026-11-28T12:00"]
  end

  it "keeps marks by task, the last of two" do
    day, =
      read(
        "marks" => [
          { "task" => "a", "state" => "started", "at" => "2026-11-28T09:00" },
          { "task" => "a", "state" => "late", "minutes" => 20 },
          { "task" => "b", "state" => "failed", "share" => 0.5 }
        ]
      )
    expect(day.marks.transform_values { |mark| [mark.state, mark.at, mark.minutes, mark.share] }).to eq(
      "a" => ["late", nil, 20, nil],
      "b" => ["failed", nil, nil, 0.5]
    )
  end

  it "takes days ahead and loads by preparation" do
    day, =
      read(
        "ahead" => [{ "preparation" => "carrot", "days" => 2 }],
        "loads" => [{ "preparation" => "carrot", "loads" => 3 }]
      )
    expect([day.ahead, day.loads]).to eq [{ "carrot" => 2 }, { "carrot" => 3 }]
  end

  it "borrows what there can be one more of, and passes over the rest" do
    day, = read("borrowed" => %w[oven burner pot-pot-40 tray-tray-60 mandoline cook])
    expect(day.borrowed).to eq %w[oven burner pot-pot-40 tray-tray-60]
  end

  it "says where and what cannot be" do
    _, faults =
      read(
        "now" => "now",
        "marks" => [
          { "task" => "a", "state" => "burnt" },
          { "task" => "b", "state" => "late", "minutes" => 0 }
        ],
        "extra" => [{ "from" => "2026-11-28T09:00", "to" => "2026-11-28T07:00" }],
        "ahead" => [{ "preparation" => "x", "days" => 9 }],
        "loads" => [{ "preparation" => "x", "loads" => 0 }],
        "pins" => [{ "task" => "a", "at" => "2026-13-40T09:00" }],
        "weather" => "fine"
      )
    expect(faults.keys).to include(
      "/now",
      "/marks/0/state",
      "/marks/1/minutes",
      "/extra/0/to",
      "/ahead/0/days",
      "/loads/0/loads",
      "/pins/0/at",
      "/weather"
    )
    expect(faults["/extra/0/to"]).to eq "This ends before it starts."
    expect(faults["/pins/0/at"]).to eq "2026-13-40T09:00 is not a day of the calendar."
  end

  it "changes one thing and leaves the others as they were" do
    day, = read("now" => "2026-11-28T08:00", "cut" => ["carrot"])
    changed = day.with(now: 500)
    expect([changed.now, changed.cut, day.now]).to eq [500, ["carrot"], 480]
  end

  describe Scullion::Day::Marks do
    def task(minutes = [10, 40, 5])
      segments =
        minutes.each_with_index.map do |long, index|
          Scullion::Day::Segment.new(
            minutes: long,
            name: "part #{index}",
            uses: index == 1 ? [] : [Scullion::Day::Use.new(kind: "cook", amount: 1)]
          )
        end
      Scullion::Day::Task.new(
        key: "t",
        name: "Roast carrot",
        segments: segments,
        after: [Scullion::Day::Link.new(task: "cut", least: 0)]
      )
    end

    def marked(now: 600, **mark)
      marks = mark.empty? ? {} : { "t" => Scullion::Day::Progress::Mark.new(task: "t", **mark) }
      described_class.new(Scullion::Day::Progress.new(now: now, marks: marks)).on([task]).first
    end

    it "begins nothing that waits before now" do
      expect([marked.earliest, marked(now: nil).earliest]).to eq [600, nil]
    end

    it "holds what is under way where it began" do
      expect(marked(state: "started", at: 590).pinned).to eq 590
      expect(marked(state: "started").pinned).to eq 600
    end

    it "ends what is done when it ended, and frees its hands" do
      done = marked(state: "done", at: 580)
      expect([done.pinned, done.minutes, done.hands_minutes, done.after]).to eq [525, 55, 0, []]
    end

    # The last stretch takes as much longer.
    it "draws out what runs late" do
      late = marked(state: "late", at: 560, minutes: 20)
      expect([late.pinned, late.segments.map(&:minutes)]).to eq [560, [10, 40, 25]]
      expect(marked(state: "late").segments.map(&:minutes)).to eq [10, 40, 5]
    end

    # Half of it again: half the hands, the oven's time whole, from now on.
    it "makes again what was spoilt, from now, with hands for its share" do
      again = marked(state: "failed", share: 0.5)
      expect([again.segments.map(&:minutes), again.earliest, again.name]).to eq [
           [5, 40, 3],
           600,
           "Roast carrot, once more"
         ]
      expect(marked(state: "failed").segments.map(&:minutes)).to eq [10, 40, 5]
    end

    it "leaves the task that it was given as it was" do
      given = task
      described_class.new(Scullion::Day::Progress.new(now: 700)).on([given])
      expect(given.earliest).to be_nil
    end
  end
end
