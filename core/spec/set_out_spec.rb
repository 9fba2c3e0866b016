# frozen_string_literal: true

require_relative "read_texts"
require_relative "told_texts"

# Recipes that are set out in other ways than a list: cells one under the other, question and answer, spoken
# without a mark; with a kitchen's own short words.
RSpec.describe "Recipes set out in their own way" do
  include ReadTexts
  include ToldTexts

  let(:list) { grams("Salad for 10\n1.2 kg bulgur wheat\n800 g carrots, grated\n4 lemons, juice") }

  it "are read as a sheet where its cells stand one under the other" do
    cells = [%w[Ingredient Amount Prep], ["Bulgur wheat", "1.2 kg", "Soak"], ["Carrots", "800 g", "Grated"]]
    cells << %w[Lemons 4 Juice]
    expect(grams("Salad for 10\n\n#{cells.flatten.join("\n")}\n\nMix it all.")).to eq list
  end

  it "are no sheet without a column of foods and one of amounts" do
    [%w[Item Prep], %w[Amount Prep]].each do |heads|
      rows = [heads, %w[Carrots diced], %w[Leeks sliced], %w[Peas blanched]]
      text = "Salad for 10\n\n#{rows.flatten.join("\n")}"
      expect(draft(text)["lines"].map { |line| line["text"] }).to include("Carrots", "Leeks", "Peas")
    end
  end

  it "are read as a sheet where each cell is under its label, or behind it" do
    cells = { "Bulgur wheat" => %w[1.2kg soak], "Carrots" => %w[800g grated], "Lemons" => %w[4 juice] }
    under = cells.map { |food, (much, how)| "Item\n#{food}\nQty\n#{much}\nPrep\n#{how}\n" }.join("\n")
    behind = cells.map { |food, (much, how)| "Item: #{food}\nQty: #{much}\nPrep: #{how}" }.join("\n")
    [under, behind].each { |text| expect(grams("Salad for 10\n#{text}")).to eq(list), text }
    expect(draft("#{under}\nYield 10 portions")["servings"]).to eq 10
  end

  it "are read by question and answer" do
    text = <<~TEXT
      What is it? — A lentil salad.
      For how many? — A dozen.
      Lentils? — 750 g of puy
      Leeks? — Six, sliced.
      Dressing? — 4 tablespoons of sherry vinegar, 150 ml of olive oil.
      Anything on top? — Chives, a small bunch.
    TEXT
    expect(draft(text)["servings"]).to eq 12
    expect(taken(text).transform_values { |line| line["to"] }).to include(
      "dry-puy-lentils" => "salad",
      "leek" => "salad",
      "sherry-vinegar" => "dressing",
      "chives" => "top"
    )
  end

  it "are told by what is said where nothing parts it, each food in its own place" do
    text =
      "you want three kilos of chicken thigh that gets roasted with two teaspoons of smoked paprika half " \
        "an hour then shred it then a kilo of green grapes halved four hundred grams of pecans toasted and " \
        "for the mayo bit it's a litre of mayo two hundred and fifty of natural yoghurt juice of three " \
        "lemons and a big handful of tarragon chopped that does forty as a main oh and six little gems " \
        "to sit it on"
    lines = taken(text)
    expect(lines.values_at("yoghurt", "mayonnaise").map { |line| [line["grams"], line["to"]] }).to eq [
         [6.25, "dressing"],
         [23.75, "dressing"]
       ]
    roasted = read(text)["told"].select { |fact| fact["what"].match?(/30 min|roast/) }
    expect(roasted.map { |fact| fact["line"] }.uniq.size).to eq 1
  end

  it "have foods by their first letter" do
    {
      "2 r/onions" => "red-onion",
      "1 kg s/potato" => "sweet-potato",
      "4 bags w/cress" => "watercress",
      "1 w/melon" => "watermelon",
      "2 kg c/tomatoes" => "cherry-tomato",
      "500 g g/beans" => "green-beans",
      "200 ml o/oil" => "olive-oil",
      "2 carrots w/oil" => "carrot"
    }.each { |written, key| expect(taken("Salad for 10\n#{written}")).to have_key(key), written }
  end

  it "are asked which food a letter means where it may be two" do
    expect(line("3 s/onions")).to include("status" => "doubtful")
    expect(line("1 kg b/beans")["why"]).to include "“b”"
  end

  it "keep their foods where dots lead to the amount, also behind a space" do
    expect(
      taken("Salad for 10\n couscous .......... 600 g\n chickpeas ......... 1 tin (400 g)\n").keys
    ).to eq %w[couscous chickpeas]
  end

  # 3 lb are 1,361 g; 2 lb of peas keep 0.98 of it boiled.
  it "do not end a sentence at a short word, however long the paragraph" do
    letter = <<~TEXT.tr("\n", " ")
      Dear Committee, here is how the rice salad is made for the regatta tea, for 60. He cooked 3 lb. of
      long grain rice the evening before (boiled in a lot of salted water for 12 minutes, well rinsed,
      spread on trays). To this went 2 lb. of frozen peas just thawed, four green peppers cut small, a
      pound of sultanas and two bunches of spring onions; then half a pint of salad oil and a quarter
      pint of cider vinegar, which he shook in a jar with a little salt. He allowed one lettuce to every
      ten people for underneath.
    TEXT
    expect(letter.length).to be > Scullion::Recipe::Rows::LONGEST_ROW
    expect(draft(letter)["servings"]).to eq 60
    expect(taken(letter).slice("white-rice", "frozen-peas").transform_values { |each| each["grams"] }).to eq(
      "white-rice" => 22.68,
      "frozen-peas" => 14.82
    )
  end
end
