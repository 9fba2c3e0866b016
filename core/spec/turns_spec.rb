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
      page = Struct.new(:sentences).new([step])
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
end
