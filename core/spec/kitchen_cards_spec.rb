# frozen_string_literal: true

require_relative "taken_lines"

# Cards and sheets as kitchens write them: weights in pounds and ounces, what comes ready made, what is left
# out, and the rest of the herbs.
RSpec.describe "A kitchen's card" do
  include TakenLines

  def of(text, key) = all(text).find { |food| food.include?(key) }

  it "has pounds and ounces as one weight, wherever they stand" do
    rows = [
      "AP WEIGHT   ITEM       EP",
      "16 lb       Cabbage    12 lb 12 oz",
      "3 lb        Carrots    2 lb 8 oz"
    ]
    sheet = ["Slaw (approx 80 x 4 oz)", "", *rows].join("\n")
    expect(all(sheet).map { |each| each[1] }).to eq [5783, 1134]
    expect(reads(sheet).to_h["servings"]).to eq 80
    expect(taken("3 lb carrots (2 lb 8 oz peeled)").map { |each| each[1] }).to eq [1134]
    expect(taken("5 lb carrots (4 lb peeled)").map { |each| each[1] }).to eq [1814]
  end

  it "is called by what stands before its batch, and weighs nothing out of that" do
    text = "GREEK ORZO (cold bar)   batch: 6 L tub   shelf life: 3 d\norzo 2 kg"
    expect(all(text)).to eq [["orzo", 2000, "salad"]]
  end

  it "asks of a dressing that nobody here makes, and heads one by how much of it there is" do
    expect(all("Salad for 8\n2 kg tomatoes\ndressing = house vin 750 ml").last).to eq "?"
    expect(all("Salad for 8\n2 kg tomatoes\nDressing (5 l batch, use 3.5)\n200 ml oil").map(&:last)).to eq %w[
         salad
         dressing
       ]
    expect(
      reads("Salad for 8\n2 kg tomatoes\nDressing: about 20 ml each").to_h["lines"].last["kind"]
    ).to eq "heading"
  end

  it "leaves out what it says no to, and nothing else" do
    ["anchovies – no, she's allergic", "anchovies - nope", "onion: no thanks"].each do |line|
      expect(taken(line)).to eq([]), line
    end
    expect(taken("eggs – no. 12").first.first).to eq "hen-egg"
  end

  it "drains all tins to the number that is said without its unit" do
    expect(taken("tuna 10 tins (160g, drained 112)")).to eq taken("tuna 10 tins (160 g, drained 112 g)")
  end

  it "tips in what is no tip" do
    lines = ->(row) { reads("Salad for 8\n2 kg beans\n\nMethod\n#{row}").to_h["lines"].last["kind"] }
    expect(lines["Tip in the beans, warm."]).to eq "step"
    expect(lines["Tip: use more beans."]).to eq "note"
  end

  it "keeps the rest of each where most of all of them goes in" do
    list =
      "Salad for 8\n1 bunch each mint and parsley\n1 pomegranate\n2 spring onions\n2 kg freekeh\n\nMethod\n"
    told = "Seed the pomegranate; tear the herbs; slice the leeks. Fold most of these through. "
    held = ->(text) do
      reads(list + text).to_h["salad"]["components"]
        .to_h { |each| each.values_at("ingredient", "held_back") }
        .compact
    end
    expect(held["#{told}Finish with the rest of the herbs, pomegranate and dressing."]).to eq(
      "mint" => 0.25,
      "parsley" => 0.25,
      "pomegranate" => 0.25
    )
    expect(held["#{told}Serve."]).to eq({})
  end

  it "lays over and scatters in one sentence" do
    list = "Salad for 8\n2 kg rocket\n2 avocados\n50 g pumpkin seeds\n\nMethod\n"
    told = "Fold through the rocket, lay the sliced avocado over and scatter the seeds."
    expect(all(list + told).map(&:last)).to eq %w[salad top top]
  end

  it "lists what stands between strokes, and roasts no parsley with it" do
    text =
      "Orzo for 25\nRAW\norzo 1250\ncourgette 1000 / aubergine 1000 / pepper 800 (roast 20 min)\n" \
        "parsley 60 mint 30\nDRESSING\nharissa 90, oil 180\nFINISH\nfeta 300"
    found = all(text).reject { |each| each == "?" }
    expect(found.map { |key, grams, into| [key, grams, into] }).to include(
      ["courgette", 1000, "salad"],
      ["aubergine", 1000, "salad"],
      ["parsley", 60, "salad"],
      ["mint", 30, "salad"]
    )
    heads = reads(text).to_h["lines"].select { |line| line["kind"] == "heading" }
    expect(heads.map { |line| line["text"] }).to eq %w[RAW DRESSING FINISH]
  end

  it "has the name behind its mark, as often as is said, and serves nobody by an ounce" do
    expect(taken("2 cups vinegar, red wine").map { |each| each[0] }).to eq %w[red-wine-vinegar]
    expect(taken("a tub of rocket (500 g) x 3")).to eq taken("rocket 1.5 kg")
    expect(taken("2 bags spinach (200 g) x 2")).to eq taken("spinach 800 g")
    card = "Chickpea salad\nTarget yield: 30 lb   Portion: 3 fl oz ladle   Shelf: 48 hr\n3 lb feta"
    expect(reads(card).to_h["servings_said"]).to be_falsey
    expect(reads(card).to_h["lines"].map { |line| line["kind"] }).to eq %w[title note ingredient]
    expect(reads("Noodles\nPortion (x1):\n80 g rice noodles").to_h["servings"]).to eq 1
  end

  it "cuts each of several that the line dices first" do
    [
      "1 cup each diced celery, green pepper and red onion",
      "1 cup each of diced celery, green pepper and red onion"
    ].each do |line|
      draft = reads("Salad for 20\n2 kg barley\n#{line}")
      expect(draft.reads.drop(1).map { |read| draft.taken(read).component["cut"] }).to eq(
        %w[diced diced diced]
      ),
      line
    end
    draft = reads("Salad for 20\n2 kg barley\n2 kg each peeled carrots and parsnips")
    expect(draft.reads.drop(1).map { |read| draft.taken(read).prepared.round }).to eq [2000, 2000]
  end

  it "trims what running text orders, and zests nothing that is peeled" do
    told = "For six. Peel 500 g beetroot and boil it. Scrub 900 g carrots and roast. Shell 300 g pistachios."
    draft = reads("#{told} Peel and dice 4 apples.")
    trims =
      draft.reads.to_h { |read| [draft.taken(read).ingredient.key, draft.taken(read).component["trim"]] }
    expect(trims).to include("beetroot" => "peeled", "carrot" => "scrubbed", "apple" => "peeled")
    expect(trims.keys).to include("pistachios")
    expect(all("For six. Peel of 1 lemon, 300 g rocket.").first).to include("lemon")
  end

  it "candies with the sugar that stands behind it" do
    expect(taken("pecans 600 g - candied by Jo, sugar 150 g").last).to eq ["caster-sugar", 150, "cook"]
  end

  it "opens a pack and takes as much of it as is said" do
    {
      "salad cream, the big jar (2 kg), about three quarters of it" => 1500,
      "mayonnaise, 1 tub (2 kg), half of it" => 950,
      "honey, a jar (450 g), about half" => 225,
      "feta 400 g, three quarters of it" => 300
    }.each { |line, grams| expect(taken(line).first[1]).to be_within(60).of(grams), line }
    halves = reads("Salad for 20\n2 kg barley\n1 kg carrots, half of them grated")
    expect(halves.reads.drop(1).map { |read| halves.taken(read).prepared.round }).to eq [485, 500]
    expect(taken("4 punnets cherry tomatoes, half").map { |each| each[1] }).to eq [1000]
  end

  it "has a part that is one of the list, and ends it there" do
    text =
      "Salad for 34\n- 500 g kale\n- sauce: 1 kg silken tofu, 200 g tahini, juice of 5 lemons\n- 200 g feta"
    expect(all(text).map(&:last)).to eq %w[salad dressing dressing dressing salad]
    expect(all("Salad for 34\n- croutons: 2 baguettes\n- 200 g feta").map(&:last)).to eq %w[top salad]
  end

  it "brushes with all of what a row brushes with" do
    expect(
      taken("miso butter: 500 g butter, 150 g white miso, 40 g honey -> brush").map(&:last).uniq
    ).to eq %w[cook]
  end

  it "soaks in bowls that stand nowhere, boils with a few leaves, and dresses all three that are listed" do
    told =
      "For 12. Soak 400 g dried borlotti and 300 g dried cannellini overnight in separate bowls. " \
        "Boil each with a bay leaf, an onion and a few sage leaves. Dress both beans warm with 150 ml oil."
    expect(all(told).map { |each| each.values_at(0, 2) }).to eq [
         %w[dry-borlotti salad],
         %w[dry-cannellini salad],
         %w[bay-leaf pot],
         %w[white-onion pot],
         %w[sage pot],
         %w[olive-oil dressing]
       ]
    expect(taken("black olives 500 g (separate bowl)").last.last).to eq "top"
  end

  it "finishes with what has no place of its own before it, and roasts in the oil whose amount comes again" do
    list =
      "Salad for 4\n500 g carrots\n1 tbsp olive oil\n3 tbsp olive oil for the rice\n40 g rice\n90 g rocket"
    told = "Roast the carrots at 200 with the tablespoon of oil. Rocket under, carrots over, rice to finish."
    expect(all("#{list}\n\nMethod\n#{told}").map(&:last)).to eq %w[salad cook cook top salad]
  end
end
