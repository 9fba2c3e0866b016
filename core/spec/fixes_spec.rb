# frozen_string_literal: true

# A day that does not work: what is said of it, and the ways out, each found by solving it again.
RSpec.describe Scullion::Day::Fixes do
  def roster(covers, progress = {}, &change)
    Scullion::Day::Roster.new(
      plan(covers: covers) do |data|
        data["day"] = progress
        change&.call(data)
      end
    )
  end

  # What a fix decides, as it would be kept.
  def kept(decide)
    (decide["all"] || [decide])
      .flat_map(&:to_a)
      .group_by(&:first)
      .transform_values { |said| said.map(&:last) }
  end

  # Trying all ways out of so full a day takes seconds: once for all examples.
  before(:context) do
    @full = roster(900)
    @fixes = described_class.new(@full).to_a
    @by_one = {}
  end

  let(:full) { @full }
  let(:fixes) { @fixes }

  it "offers a few, each with what to do, what it does and what to send" do
    expect(fixes.size).to be_between(1, described_class::MOST)
    expect(fixes).to all(include("what" => /\S/, "effect" => /\S/, "decide" => be_a(Hash)))
    expect(fixes.map { |fix| fix["what"] }.uniq.size).to eq fixes.size
    expect(fixes.first["effect"]).to match(/→/)
  end

  it "promises what deciding it then brings, and puts the best first" do
    troubles = fixes.first(4).map { |fix| roster(900, kept(fix["decide"])).solution.score.first(4) }
    expect(troubles).to eq troubles.sort
    expect(troubles).to all(satisfy { |trouble| (trouble <=> full.solution.score.first(4)).negative? })
  end

  it "says how sure each is, what it costs, the hands it takes and what it does to the food" do
    found = ways_by_one_cook(230)
    without = found.find { |fix| fix["what"] == "Leave out dill" }
    expect(without).to include(
      "chance" => /\Aready in \d+ of 100 days\z/,
      "cost" => /\Aorder −\d/,
      "hands" => /\Ahands −1 h/
    )
    hired = found.find { |fix| fix["what"].start_with?("One more cook") }
    expect(hired["cost"]).to match(/\A\d h.* of a cook\z/)
    expect(found).to all(include("sure" => true))
  end

  it "has a first answer early, and better ones as they come" do
    heard = []
    by_one_cook(230).then { |day| described_class.new(day).to_a { |*word| heard << word } }
    found = heard.map(&:last)
    expect(found.find(&:any?)).to all(include("sure" => false, "what" => /\S/))
    expect(found.index(&:any?)).to be <= heard.last[1] / 2
    worst = found.select(&:any?).map { |rows| rows.first["effect"] }
    expect(worst.last).not_to be_empty
  end

  describe "cooked otherwise" do
    def beans(progress = {})
      roster(140, progress) do |data|
        line = {
          "ingredient" => "dry-chickpeas",
          "grams" => 60,
          "role" => "base",
          "cook" => {
            "method" => "simmer"
          }
        }
        data["salads"].first["components"] = [line, *data["salads"].first["components"].drop(1)]
        # Nobody was there the day before to put them into water.
        data["day"] = progress.merge("since" => "#{data["service"]["date"]}T06:00")
      end
    end

    it "offers the quick soak and the tin where there is no night left, with what that does to them" do
      found = described_class.new(beans).to_a
      ways = found.select { |fix| fix["decide"].key?("otherwise") }.to_h { |fix| [fix["what"], fix["food"]] }
      expect(ways.keys).to include(/quick soak/, /from tins/)
      expect(ways.find { |what, _| what.include?("from tins") }.last).to start_with("Softer, and salted")
    end

    it "is planned, bought and said so when it is decided, and as the salad has it when it is not" do
      key = beans.plan.needs.first.component.preparation
      tins = beans({ "otherwise" => [{ "preparation" => key, "way" => "tin" }] })
      expect(tins.plan.purchases.map { |line| line.ingredient.key }).to include("chickpeas")
      expect(tins.plan.cooking.first.setting).to include("tin")
      said = /\AChickpeas, dry, in .*: from tins for this service\.\z/
      expect(tins.plan.snags.map(&:what)).to include(said)
      expect(tins.to_h["decided"]["otherwise"]).to eq [
           { "preparation" => key, "text" => "Chickpeas, dry: from tins" }
         ]
      expect(tins.solution.score.first).to be < beans.solution.score.first
      odd = beans({ "otherwise" => [{ "preparation" => key, "way" => "no=way" }] })
      expect(odd.plan.to_h["buy"]).to eq beans.plan.to_h["buy"]
    end
  end

  describe "made with an earlier service" do
    let(:earlier) do
      roster(40) { |data| data["service"].merge!("name" => "Breakfast", "from" => "08:30", "to" => "09:30") }
    end

    it "offers what that makes as well, and minds what it does to that day" do
      late = by_one_cook(350)
      found = Scullion::Day::WaysOut.new(late, [[7, earlier]]).to_a.select { |fix| fix.kinds == ["together"] }
      expect(found.map(&:what)).to include(/\ARoast carrot: made with Breakfast\z/)
      carrot = found.find { |fix| fix.what.start_with?("Roast carrot") }
      expect(carrot.decide["together"]["service"]).to eq 7
      theirs = carrot.elsewhere.call.plan.needs.find { |need| need.name == "Roast carrot" }
      mine = late.plan.needs.find { |need| need.name == "Roast carrot" }
      expect(theirs.for_others_grams).to be_within(0.1).of(mine.finished_grams)
      day = late.with(carrot.change[late.progress])
      expect(day.instance.tasks.map(&:name)).not_to include(/Roast carrot/)
    end
  end

  def ways_by_one_cook(covers) = @by_one[covers] ||= described_class.new(by_one_cook(covers)).to_a

  def by_one_cook(covers, progress = {})
    roster(covers, progress) do |data|
      data["kitchen"]["cooks"] = [{ "initials" => "A", "from" => "09:00", "to" => "14:30" }]
    end
  end

  # One cook for 350: no single one of them is enough.
  it "tries two together where none is enough" do
    both = ways_by_one_cook(350).first
    expect(both["decide"]["all"].size).to eq 2
    troubles =
      [both["decide"], *both["decide"]["all"]].map do |decide|
        by_one_cook(350, kept(decide)).solution.score.first(4)
      end
    expect(troubles.drop(1)).to all(satisfy { |trouble| (trouble <=> troubles.first).positive? })
  end

  it "puts what asks least of the kitchen first among those that do the same, and never pairs them" do
    enough = ways_by_one_cook(150)
    expect(enough.map { |fix| fix["effect"] }.uniq.size).to eq 1
    expect(enough.map { |fix| fix["decide"].keys.first }.uniq).to eq %w[extra left_out]
  end

  it "has somebody there for what is to be done after the last has gone" do
    gone =
      roster(140) do |data|
        data["kitchen"]["cooks"] = [{ "initials" => "A", "from" => "07:00", "to" => "12:00" }]
      end
    expect(gone.says).to include(/Plate .* fits nowhere in the hours there are/)
    expect(described_class.new(gone).to_a.first).to include(
      "what" => "One more cook, 11:00 to 14:07",
      "effect" => a_string_starting_with("not done at all: 2 → 0 tasks")
    )
  end

  it "offers hands only while somebody is there to work beside them" do
    alone = by_one_cook(150)
    shifts = alone.instance.of_kind("cook").flat_map(&:open)
    hours = ways_by_one_cook(150).flat_map { |fix| kept(fix["decide"])["extra"] || [] }
    expect(hours).not_to be_empty
    read = roster(150, { "extra" => hours }).progress.extra
    read.each do |from, to|
      expect(shifts.any? { |opens, closes| from >= opens - 1 && to <= closes + 60 }).to be true
    end
  end

  it "offers a second pot where one is filled over and over" do
    few = roster(900) { |data| data["kitchen"]["pots"].select! { |pot| pot["key"] == "pot-40" } }
    expect(few.short_of).to include("pot-pot-40")
    expect(few.called("pot-pot-40")).to eq "40 cm pot"
    expect(few.called("oven")).to eq "oven"
  end

  # One oven of two places: the carrots go in by many loads, and seeds wait for them.
  it "finds where the oven is too small, and says what could go in by more loads" do
    small =
      roster(140) do |data|
        data["kitchen"]["ovens"] = [data["kitchen"]["ovens"].first.merge("positions" => 5)]
      end
    expect(small.divisible.map(&:first)).to include("Roast carrot")
    name, preparation, loads = small.divisible.first
    again =
      roster(140, { "loads" => [{ "preparation" => preparation, "loads" => loads }] }) do |data|
        data["kitchen"]["ovens"] = [data["kitchen"]["ovens"].first.merge("positions" => 5)]
      end
    expect(again.divisible.find { |each| each.first == name }&.last).to eq(loads + 1).or be_nil
  end

  it "moves to the day before only what keeps, and buys ready cut only what is cut" do
    half_a_day, moved = 12 * 60, full.movable.map(&:last)
    keeps, gone = full.layout.jobs.partition { |job| moved.include?(job.need.component.preparation) }
    expect(keeps).to all(
      satisfy do |job|
        job.keeps >= half_a_day && job.tasks.any? { |task| full.solution.start(task.key) >= 0 }
      end
    )
    expect(gone).to all(
      satisfy do |job|
        job.keeps < half_a_day || job.tasks.all? { |task| full.solution.start(task.key).negative? }
      end
    )
    expect(full.cut_here.map(&:first)).to include("Roast carrot", "Cucumber, salted")
    expect(full.cut_here.map(&:first)).not_to include("Pearl barley", "White beans")
    expect(full.cut_here.first.first).to eq "Roast carrot"
  end

  it "offers no second time what was decided already" do
    barley = full.layout.jobs.find { |job| job.need.name == "Pearl barley" }.need.component.preparation
    carrot = full.cut_here.first.last
    decided = roster(900, { "ahead" => [{ "preparation" => barley, "days" => 1 }], "cut" => [carrot] })
    expect(decided.movable.map(&:last)).not_to include(barley)
    expect(decided.cut_here.map(&:last)).not_to include(carrot)
  end

  it "has nothing to offer for a day that works" do
    expect(described_class.new(roster(140)).to_a).to eq []
  end

  describe "what is said" do
    it "names a job once, by the part that misses the most" do
      said = full.says.map { |line| line[/\A[^:]+: [a-z, 0-9]+/] || line }
      expect(said.uniq.size).to eq said.size
      expect(full.says.join).not_to include("one of")
    end

    it "says the unsafe first, then the late, then the stale" do
      kinds =
        full.says.filter_map do |line|
          { "longer than is safe" => 0, " late" => 1, "past its best" => 2 }.find do |words, _|
              line.include?(words)
            end
            &.last
        end
      expect(kinds).to eq kinds.sort
    end

    it "says when the shifts cannot hold the work, and never hangs at it" do
      much = roster(2000)
      expect(much.says.first).to match(
        /\AThe work is \d+ h \d* ?with hands; the shifts of these days have \d+ h/
      )
      expect(much.solution.unplaced).not_to be_empty
      expect(much.solution.placed).not_to be_empty
    end

    it "names the fullest half-hour by what is short in it" do
      problem = full.problem
      expect(problem["what"]).to match(/\A\S.*: \d+ min wanted, \d+ there, \d+ too many\.\z/)
      expect(problem["over_minutes"]).to be_positive
      expect(roster(140).problem).to be_nil
    end
  end
end
