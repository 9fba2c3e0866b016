# frozen_string_literal: true

require_relative "read_texts"

# So much of a food done so, and so much so: shares, counts and weights, which are all of it together.
RSpec.describe Scullion::Recipe::SharedWays do
  include ReadTexts

  def lines(text) = draft("Salad for 20\n2 kg pearl barley\n#{text}")["lines"].drop(2)
  def components(text) = draft("Salad for 20\n#{text}")["salad"]["components"]
  def worked(text) = components(text).map { |each| [each["cut"], each.dig("cook", "method")] }

  def weighed(text)
    draft = Scullion::Recipe::Draft.new("Salad for 20\n#{text}", house)
    draft.reads.sum { |read| draft.taken(read).weighed }
  end

  it "does each as its own words say" do
    {
      "2 fennel, one shaved one roasted in wedges" => [["shaved", nil], %w[wedges roast]],
      "4 fennel, 2 roasted for 25 mins in wedges, 2 shaved on a mandoline" => [
        %w[wedges roast],
        ["shaved", nil]
      ],
      "4 courgettes, two grilled two raw" => [%w[diced grill], ["diced", nil]],
      "12 carrots: 4 grated, 4 in ribbons, 4 roasted in batons" => [
        ["grated", nil],
        ["ribbons", nil],
        %w[batons roast]
      ],
      "2 cauliflowers, one in florets and roasted, the other shaved raw" => [
        %w[florets roast],
        ["shaved", nil]
      ],
      "2 kg tomatoes, a third roasted, two thirds raw in wedges" => [%w[chunks roast], ["wedges", nil]],
      "1 kg red onions, 400 g diced, the rest roasted in wedges" => [["diced", nil], %w[wedges roast]],
      "400 g halloumi, half grilled, half fried" => [%w[crumbled grill], %w[crumbled sear]],
      "1 bunch parsley, half chopped, half left whole" => [["chopped", nil], [nil, nil]],
      "2 kg carrots, half roasted at 200, half grated" => [%w[chunks roast], ["grated", nil]]
    }.each { |line, done| expect(worked(line)).to eq(done), line }
  end

  it "takes neither more nor less of it than there is" do
    {
      "12 carrots" => ["4 grated, 4 in ribbons, 4 roasted", "three grated, the rest roasted"],
      "2 kg tomatoes" => ["a third roasted, two thirds raw", "half roasted", "1.5 kg roasted, 500 g raw"],
      "1 kg red onions" => ["400 g pickled, 600 g roasted", "¼ pickled, ¾ roasted"]
    }.each do |whole, shares|
      shares.each do |share|
        expect(lines("#{whole}, #{share}").size).to be > 1, share
        expect(weighed("#{whole}, #{share}")).to be_within(0.01).of(weighed(whole)), share
      end
    end
    expect(weighed("half the carrots grated, half roasted, 2 kg in all")).to be_within(0.01).of(2000)
  end

  it "asks how much there is where only its halves are said" do
    expect(lines("half the carrots grated, half roasted").map { |line| line["why"] }).to eq(
      ["No amount could be read."] * 2
    )
  end

  it "pickles what is pickled of it, and cooks the rest" do
    onions = components("1 kg red onions, 400 g pickled, 600 g roasted in wedges")
    expect(onions.map { |each| each.values_at("ingredient", "treat") }).to eq(
      [%w[red-onion quick-pickle], ["red-onion", nil]]
    )
  end

  it "goes one way where all is done alike, where the numbers do not add up, or a share is a cut" do
    [
      "2 kg carrots, half grated, half grated",
      "12 carrots, 4 grated, 5 roasted",
      "4 carrots, cut in half, roasted",
      "200 g feta, half in, half on top"
    ].each { |line| expect(lines(line).size).to eq(1), line }
  end

  it "asks where nobody says how much is done so" do
    {
      "10 radishes, some sliced, some whole" => "some",
      "3 heads broccoli; florets roasted, stalks shaved" => "florets"
    }.each { |line, word| expect(lines(line).first["why"]).to eq("What is “#{word}” here?"), line }
    expect(lines("3 bunches coriander, leaves picked, stalks chopped").first["why"]).to be_nil
  end

  it "takes a verb for how it is cut, a share behind a comma for how much there is, and the last of a row" do
    mushrooms = "600 g chestnut mushrooms: ⅔ quarter → roast; ⅓ raw, shave → last"
    expect(worked(mushrooms)).to eq [%w[wedges roast], ["shaved", nil]]
    expect(lines(mushrooms).map { |line| line["to"] }).to eq %w[salad top]
    expect(lines("small red onion, ½, shaved").size).to eq 1
  end

  it "takes so many of several foods of a line apart, each by its own words" do
    onions = "2 red onions, one sliced, one diced, 3 carrots, grated"
    expect(
      components("#{onions}\n1 kg barley").first(3).map { |each| each.values_at("ingredient", "cut") }
    ).to eq([%w[red-onion sliced], %w[red-onion diced], %w[carrot grated]])
    expect(lines("1 kg strawberries, half sliced, half crushed with 50 g sugar").size).to eq 3
  end

  it "dresses with some of them, and leaves the others as they were" do
    places = lines("12 radishes, 4 grated for the dressing").map { |line| line["to"] }
    expect(places).to eq %w[dressing salad]
  end

  # A hundredth more than there is, and a gram less than that.
  it "takes weights for all of it up to a hundredth off, and not from there" do
    expect(lines("2 kg tomatoes, 1.5 kg roasted, 519 g raw").size).to eq 2
    expect(lines("2 kg tomatoes, 1.5 kg roasted, 520 g raw").size).to eq 1
    expect(lines("2 kg tomatoes, 1.5 kg roasted, 481 g raw").size).to eq 2
    expect(lines("2 kg tomatoes, 1.5 kg roasted, 480 g raw").size).to eq 1
  end
end
