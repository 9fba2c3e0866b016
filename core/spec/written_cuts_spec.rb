# frozen_string_literal: true

require_relative "read_texts"

# A cut that a line names is taken, or it is asked about; and what is left whole is not cut.
RSpec.describe "Words for cuts" do
  it "reads each cut of the house by its own name, and small, large or thick behind it with it" do
    words = house.lexicon.words("cuts")
    own = house.practice.keys("cuts").to_h { |cut| [cut, words[cut.tr("-", " ")]] }
    expect(own.reject { |cut, read| cut == read }).to eq({})
    read = ->(row) { house.recipe_items.of("2 kg carrots, #{row}").first.words["cuts"] }
    {
      "diced small" => "diced-small",
      "diced large" => "diced-large",
      "sliced thick" => "sliced-thick",
      "cut thin" => "sliced",
      "in chunks" => "chunks",
      "small chunks" => "diced"
    }.each { |row, cut| expect(read[row]).to eq(cut), row }
  end
end

RSpec.describe Scullion::Recipe::StrangeCut do
  include ReadTexts

  def line(text) = draft("Salad for 20\n2 kg pearl barley\n#{text}")["lines"].last
  def component(text) = draft("Salad for 20\n#{text}")["salad"]["components"].last
  def asked(text) = line(text)["why"].to_s[/“(.+)”: there are no figures/, 1]

  it "takes a cook's words for a cut" do
    {
      "slabs" => "sliced-thick",
      "lardons" => "batons",
      "spears" => "wedges",
      "hunks" => "chunks",
      "splinters" => "strips",
      "small pieces" => "diced",
      "lozenges" => "diced-large"
    }.each { |word, cut| expect(component("2 kg carrots, in #{word}")["cut"]).to eq(cut), word }
    expect(component("2 kg carrots, on the bias")["cut"]).to eq "sliced"
    expect(component("1 kg paneer, in slabs")["cut"]).to eq "sliced"
    expect(component("1 kg tofu, in 1 cm slabs")["cut"]).to eq "sliced-thick"
  end

  it "says what the written cut is of a food that is not cut so here, and asks where it is nothing like it" do
    expect(line("2 kg peanuts, crushed")["cut_for"]).to eq "chopped here"
    expect(line("12 onions, halved")["cut_for"]).to eq "wedges here"
    [
      "2 kg carrots, grated",
      "2 kg carrots, in 12 mm dice",
      "2 kg onions, grated",
      "2 kg carrots"
    ].each { |row| expect(line(row)["cut_for"]).to be_nil, row }
    expect(line("2 kg walnuts, grated")["why"]).to match(/“grated”: there are no figures/)
  end

  it "takes a word that stands alone behind its food for the cut that it is of this one" do
    {
      "2 kg red onion, thin, soaked 10 min" => "sliced",
      "red onion x9, thin, in vinegar" => "sliced",
      "3 bunches radishes, wafer-thin" => "shaved",
      "1 kg mushrooms thin" => "sliced",
      "parsley 2 bunches fine" => "chopped",
      "parsley rough, 2 bunches" => "chopped",
      "1 white cabbage, very fine" => "shredded",
      "2 kg carrots, fine" => "diced-small",
      "300 g pecorino, fine" => "grated",
      "walnuts 400 g, rough" => "chopped",
      "Slice 6 red onions finely" => "sliced",
      "1.5 kg cucumber small dice" => "diced-small"
    }.each { |row, cut| expect([row, component(row)["cut"]]).to eq [row, cut] }
  end

  it "leaves such a word to what is bought so" do
    {
      "bulgur 2 kg, coarse" => "coarse-bulgur",
      "burghul, fine, 400 g" => "fine-bulgur",
      "salt, fine 10 g" => "fine-salt",
      "500 g semolina, coarse" => "semolina",
      "sugar, fine, 30 g" => "caster-sugar"
    }.each do |row, key|
      expect([line(row)["status"], line(row).dig("taken", "key"), line(row)["done"]]).to eq(
        ["sure", key, nil]
      ),
      row
    end
  end

  it "cuts both of two that are joined, wherever their amount stands" do
    [
      "parsley + mint 2 bunch each, rough",
      "2 bunches each parsley & mint, fine",
      "parsley & mint, 2 bunches each, chopped",
      "parsley and mint (3 bunches each), chopped"
    ].each do |row|
      cuts = draft("Salad for 20\n2 kg barley\n#{row}")["salad"]["components"].last(2)
      expect([row, *cuts.map { |each| each["cut"] }]).to eq [row, "chopped", "chopped"]
    end
  end

  it "names every cut that stands in for another" do
    alike = house.lexicon.words("alike_cuts").slice(*house.practice.keys("cuts"))
    words = house.lexicon.words("cuts").invert
    house
      .larder
      .values
      .select { |food| food.family == "allium" }
      .each do |food|
        alike.each_key do |cut|
          next if food.cuts.include?(cut) || !alike[cut].intersect?(food.cuts)

          said = line("Serves 20\n2 kg #{food.aliases.first}, #{words.fetch(cut)}")
          expect(said["cut_for"] || said["why"] || said["to"]).not_to eq("salad"), "#{food.key} #{cut}"
        end
      end
  end

  it "asks about one that nobody knows" do
    {
      "in thirds" => "thirds",
      "into 2 cm plaits" => "plaits",
      "hedgehogged" => "hedgehogged"
    }.each { |said, word| expect(asked("2 kg carrots, #{said}")).to eq(word), said }
    expect(asked("2 kg carrots, remoulade cut")).to eq "remoulade cut"
    expect(asked("2 kg carrots, sliced, hedgehogged")).to eq "hedgehogged"
    # A cheese is sliced 3 mm thick here.
    expect(asked("1 kg halloumi, in 1 cm slabs")).to eq "1 cm slabs"
  end

  it "asks nothing of what changes no shape" do
    ["from the allotments", "in their skins", "peeled in stripes", "washed and dried"].each do |said|
      expect(line("2 kg carrots, #{said}")["why"]).to be_nil, said
    end
    expect(line("7 asparagus spears, snapped")["why"]).to be_nil
  end

  it "leaves whole what is written so, cooked or not" do
    ["boiled, left whole", "roasted whole", "kept whole", "whole"].each do |said|
      whole = component("2 kg new potatoes, #{said}")
      expect(whole).not_to have_key("cut"), said
      expect(line("2 kg new potatoes, #{said}").values_at("why", "done").first).to be_nil
    end
    expect(component("2 kg beetroot, boiled whole, then in wedges")["cut"]).to eq "wedges"
    expect(component("2 kg new potatoes, boiled whole, cut after")["cut"]).to eq "diced-small"
    expect(component("6 whole carrots, grated")["cut"]).to eq "grated"
  end
end
