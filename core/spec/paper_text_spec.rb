# frozen_string_literal: true

# The plan as text, the way bin/plan --text and bin/cook print it.
RSpec.describe Scullion::Plan::Paper do
  let(:made) { plan }
  let(:text) { described_class.new(made).to_s }

  def line(label) = text.lines.find { |each| each.strip.start_with?(label) }.to_s

  it "begins with the service, and goes through the work in the order it is done" do
    expect(text.lines.first(2).join).to include(made.brief.service.name, "140 covers")
    headings = text.lines.map(&:chomp).reject { |each| each.empty? || each.start_with?("  ") }
    expect(headings.map { |each| each[/\A[A-Z]\w+/] }.drop(2)).to eq %w[
         Before
         Count
         Buy
         Prep
         Cook
         Cook
         Cook
         Cook
         Dress
         Build
         Hold
       ]
  end

  # 140 × 110 g × 1.05 = 16.17 kg of barley; 15.40 kg of carrots as bought.
  it "prints the figures of the plan as they are written on screen" do
    expect(line("Pearl barley")).to match(/110 g\s+16.17 kg to make/)
    expect(text).to match(/Carrots\s+16.10 kg\s+needs 16.09 kg, over 15 g/)
    expect(text).to match(/Roast carrot\s+16.09 kg\s+AP → .* EP → .* cut → .* ready/)
    expect(text).to match(/Roast carrot.* ready; peeled; batons 50 × 10 mm/)
    expect(line("Portion")).to include("326 g", "147 portions, contains gluten, milk, mustard")
  end

  it "says how each pot is done, and how the dressing is poured" do
    expect(text.scan("  Done: ").size).to eq made.cooking.size
    made.dressings.first.stages.each { |stage| expect(line(stage.name)).to include(stage.words["when"]) }
  end

  it "says what is held back, and names the house rules beside every hold" do
    expect(text).to match(/Sunflower seeds\s+0 g a bowl\s+1,470 g for the top/)
    expect(text).to include("Hold: Barley, roast carrot, dill (House rules A; your local code decides)")
    expect(line("Dress no earlier")).to include("09:30")
  end

  it "prints snags before anything else, the worst first, and nothing where there are none" do
    expect(text).not_to include("Snags")
    full = described_class.new(plan(covers: 900)).to_s
    expect(full.index("Snags")).to be < full.index("Count:")
    expect(full[/^Snags\n(  .*\n)+/].lines.drop(1)).to all(match(/\A  (STOP|LOOK)  \S/))
  end

  it "prints a salad without dressing and one component alone" do
    bare = described_class.new(plan { |data| data["salads"][0].delete("dressing") }).to_s
    expect(bare).not_to match(/^Dress:/)
    pots = described_class.new(made).cooking_only
    expect(pots.lines.first).to start_with("Cook: Pearl barley")
    expect(pots).not_to match(/^(Count|Buy|Prep|Dress|Build|Hold)/)
  end

  it "never breaks a line that is too wide to read on the wall" do
    expect(text.lines.map(&:length).max).to be <= 200
  end
end
