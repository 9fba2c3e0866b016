# frozen_string_literal: true

# Where rules turn: each sign, bound and choice once on either side of it.
RSpec.describe "Where rules turn" do
  def told(step)
    text = "Salad\nServes 4\n\n400 g pearl barley\n300 g carrots\n\n#{step}"
    Scullion::Recipe::Draft.new(text, house).told_facts
  end

  it "adds the parts of a time" do
    {
      "1 1/2 hours" => 90,
      "1½ h" => 90,
      "2 hrs" => 120,
      "45 min" => 45,
      "3/4 hour" => 45
    }.each do |said, meant|
      facts = told("Simmer the barley for #{said}.").select { |fact| fact.fact == "minutes" }
      expect(facts.map(&:value)).to eq([[meant, meant]]), said
    end
  end

  it "takes a time before service for no time of cooking" do
    expect(told("Dress the barley 5 minutes before serving, the carrots an hour ahead.")).to all(
      have_attributes(fact: "order")
    )
  end

  it "takes those whom it is for for no minutes" do
    expect(told("For 6: simmer the barley and roast the carrots.").map(&:fact)).not_to include "minutes"
    expect(told("Simmer the barley for 6, then rest.").map(&:fact)).to include "minutes"
  end

  it "gives a time to the food before it, and a way of cooking to the one behind" do
    facts = told("Simmer the barley 30 min and roast the carrots 40 min.")
    minutes = facts.select { |fact| fact.fact == "minutes" }.map { |fact| [fact.of.first, fact.value.last] }
    expect(minutes).to eq [["pearl-barley", 30], ["carrot", 40]]
    ways = facts.select { |fact| fact.fact == "method" }.map { |fact| [fact.of.first, fact.value.first] }
    expect(ways.last).to eq %w[carrot roast]
  end

  it "hears what a sentence tells within its first letters, and no further" do
    [0, 1].each do |beyond|
      said = "Simmer the barley for an hour"
      step = ("well " * 900)[0, Scullion::Recipe::Told::LONGEST - said.length + beyond] + said
      items = Scullion::Recipe::Items.new(Scullion::Recipe::Page.new("barley", house).lexer)
      page = Struct.new(:sentences, :told_items).new([step], items)
      reads = Scullion::Recipe::Draft.new("Salad\nServes 4\n\n400 g pearl barley", house).reads
      found =
        Scullion::Recipe::Bound.new(page, reads, house, []).told.select { |fact| fact.fact == "minutes" }
      expect(found.size).to eq(1 - beyond)
    end
  end

  it "says how long a service may last" do
    data = example
    data["service"].merge!("from" => "12:00", "to" => "12:00")
    expect { Scullion::Brief.read(data, house) }.to raise_error(Scullion::InvalidBrief, /at most 16 h after/)
  end

  # A cup of the house's own is kept; the usual one is turned with the units.
  it "turns the usual cup, and keeps one that is off by more than a hair" do
    metric = Scullion::Amount::Measures::METRIC
    near = Scullion::Amount::Measures::NEAR_ML
    turned = ->(cup) { metric.dup.tap { |own| own.cup = cup }.turned.cup }
    expect(turned[250.0]).to be_within(0.01).of(236.59)
    expect(turned[250.0 + near - 0.001]).to be_within(0.01).of(236.59)
    expect(turned[250.0 + near + 0.001]).to eq 250.0 + near + 0.001
  end

  it "asks for the probe where anything is cooked, and not only where all is" do
    found = ->(made) do
      Scullion::Day::Roster.new(made).hazards.map(&:what).grep(/Before the first temperature/)
    end
    expect(found[plan]).not_to be_empty
    raw =
      plan do |data|
        data["salads"][0]["components"] = [{ "ingredient" => "cucumber", "grams" => 100, "role" => "base" }]
      end
    expect(found[raw]).to be_empty
  end

  it "cuts a word that no row can hold, and loses no letter of it" do
    longest = Scullion::Recipe::Rows::LONGEST_ROW
    word = "a" * ((longest * 2) + 7)
    expect(Scullion::Recipe::Rows.new("Salad\n#{word}").texts.drop(1).join).to eq word
    spaced = "#{"b" * 300} #{"c" * 300}"
    expect(Scullion::Recipe::Rows.new("Salad\n#{spaced}").texts.drop(1)).to eq ["b" * 300, "c" * 300]
  end

  it "names ten foods of the steps that the list has not, and no more" do
    foods = %w[celery rocket spinach feta mint dill parsley cucumber radish fennel beetroot asparagus]
    text = "Salad\nServes 4\n\n400 g pearl barley\n\nMix the barley with #{foods.join(", then ")}."
    missing = Scullion::Recipe::Draft.new(text, house).to_h["missing"]
    expect(missing.size).to eq Scullion::Recipe::AgainstSteps::MOST
  end

  it "asks of a house's own set what the strictest of all sets asks" do
    catalogue = Scullion::Safety::Catalogue.shipped
    codes = YAML.safe_load_file(File.expand_path("../facts/safety/codes.yml", __dir__)).values
    own = catalogue.code("one of our own")
    longest, shortest = %w[boil_minutes soak_boil_minutes], %w[ambient_minutes rice_days hot_display_minutes]
    longest.each { |field| expect(own[field]).to eq(codes.map { |code| code[field] }.max), field }
    shortest.each { |field| expect(own[field]).to eq(codes.map { |code| code[field] }.min), field }
    own["core"].each do |kind, asked|
      expect(asked["celsius"]).to eq(codes.map { |code| code["core"][kind]["celsius"] }.max), kind
    end
  end

  it "says a house's rules in words, and who decides" do
    words = house.rules.in_words(house.practice.writer)
    expect(words).to eq(
      "Cold at 5 °C or less, hot at 57 °C or more. Out of the cold 4 h at most. Kept 7 days, the day it " \
        "is made being the first. Cooled to 21 °C in 2 h and to 5 °C in 6 h in all. Your local code and " \
        "your food-safety lead decide."
    )
  end

  # On the day that the clocks go on an hour at two, three is two hours after midnight; before the hour that
  # is left out nothing changes, at it all does.
  it "counts the minutes that pass where the clocks change" do
    zone, ENV["TZ"] = ENV.fetch("TZ", nil), "Europe/London"
    forward, back = Date.new(2026, 3, 29), Date.new(2026, 10, 25)
    { 59 => 59, 120 => 60, 121 => 61, 180 => 120 }.each do |reading, passed|
      expect(Scullion::Moment.minute(forward, reading)).to eq(passed), reading.to_s
    end
    { 59 => 59, 120 => 180, 180 => 240 }.each do |reading, passed|
      expect(Scullion::Moment.minute(back, reading)).to eq(passed), reading.to_s
    end
    # The day after, the minute of the change lies 22 hours back.
    [-1321, -1320, -1319].each do |passed|
      shown = Scullion::Moment.reading(forward + 1, passed)
      expect(Scullion::Moment.minute(forward + 1, shown)).to eq(passed), passed.to_s
    end
    [forward, back].each do |day|
      [0, 59, 60, 61, 119, 120, 179, 180, 181, 600].each do |passed|
        shown = Scullion::Moment.reading(day, passed)
        expect(Scullion::Moment.reading(day, Scullion::Moment.minute(day, shown))).to eq(shown), passed.to_s
      end
    end
  ensure
    ENV["TZ"] = zone
  end

  it "shows what another service has of a cook as one stretch where it touches, else as two" do
    cook = Scullion::Day::Roster.new(plan).to_h["lanes"].find { |lane| lane["kind"] == "cook" }["key"]
    stretches = [%w[07:00 07:30], %w[07:30 08:00], %w[08:05 08:20]]
    taken =
      stretches.map do |from, to|
        {
          "on" => cook,
          "amount" => 1,
          "for" => "Quay",
          "from" => "2026-11-28T#{from}",
          "to" => "2026-11-28T#{to}"
        }
      end
    taken << taken.first.merge("for" => "Sluice", "from" => "2026-11-28T08:20", "to" => "2026-11-28T08:30")
    made = plan { |data| data["day"] = { "taken" => taken } }
    lane = Scullion::Day::Roster.new(made).to_h["lanes"].find { |each| each["key"] == cook }
    shown = lane["busy"].map { |each| [each["from"][-5..], each["to"][-5..], each["name"]] }
    expect(shown).to contain_exactly(%w[07:00 08:00 Quay], %w[08:05 08:20 Quay], %w[08:20 08:30 Sluice])
  end

  # What lies on top of, or beside, several may be left out; what a salad is made of alone may not.
  it "does without what its role can spare, and never without all of a salad" do
    spare = ->(made) { Scullion::Day::Roster.new(made).spare.map(&:first) }
    salad = ->(*roles) do
      foods = %w[cucumber radish celery]
      lambda do |data|
        data["salads"][0]["components"] = roles
          .zip(foods)
          .map { |role, food| { "ingredient" => food, "grams" => 50, "role" => role } }
        data["salads"] = data["salads"].first(1)
        data["service"]["lines"] = [{ "salad" => data["salads"][0]["key"] }]
      end
    end
    expect(spare[plan(&salad["base", "accent"])].map(&:downcase)).to eq %w[radishes]
    expect(spare[plan(&salad["accent"])]).to eq []
    expect(spare[plan(&salad["base", "base"])]).to eq []
  end

  it "gives a part of the dressing that is to taste what is usual of it" do
    text = "Salad\nServes 4\n400 g cucumber\n100 ml oil\nblack pepper to taste"
    draft = Scullion::Recipe::Draft.new(text, house).to_h
    pepper = draft["salad"]["dressing"]["parts"].find { |part| part["ingredient"] == "black-pepper" }
    whole = draft["lines"].sum { |line| line["grams"].to_f } * 4
    usual = house.larder["black-pepper"].figures["usual/low"]
    expect(pepper["grams"]).to be_within(0.02).of(usual * whole / 100)
  end
end
