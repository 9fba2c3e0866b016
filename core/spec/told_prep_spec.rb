# frozen_string_literal: true

# How the steps say that a food is cut, where the list does not.
RSpec.describe Scullion::Recipe::ToldPrep do
  let(:house) { Scullion::House.shipped }
  let(:list) { "2 kg carrots\n5 red onions\n12 eggs\n1 kg cucumbers\n1 kg tomatoes\n3 bunches parsley" }

  def draft(list, steps, declined: [])
    text = "Salad\nServes 20\n\n#{list}\n\nMethod\n#{steps}"
    Scullion::Recipe::Draft.new(text, house, declined: declined)
  end

  # @return [Hash{String=>String, nil}] the cut of each food, as the plan takes it
  def cuts(list, steps, **given)
    read = draft(list, steps, **given)
    read.reads.to_h { |each| read.taken(each).component.values_at("ingredient", "cut") }
  end

  it "takes what is told of one food, of several, of them and of what is cooked before" do
    {
      "Slice the onions thinly." => {
        "red-onion" => "sliced"
      },
      "Thinly slice the onions and grate the carrots." => {
        "red-onion" => "sliced",
        "carrot" => "grated"
      },
      "Coarsely grate the carrots; halve the tomatoes." => {
        "carrot" => "grated",
        "tomato" => "halved"
      },
      "Peel the carrots and cut them into matchsticks." => {
        "carrot" => "strips"
      },
      "Boil the eggs for 7 minutes, cool, peel and quarter." => {
        "hen-egg" => "wedges"
      },
      "Boil the eggs for 7 minutes, then halve." => {
        "hen-egg" => "halved"
      },
      "Boil the eggs 9 min. Cool, peel and halve them." => {
        "hen-egg" => "halved"
      },
      "Quarter the tomatoes." => {
        "tomato" => "wedges"
      },
      "Cut the cucumbers into 2 cm cubes." => {
        "cucumber" => "chunks"
      },
      "Shave the carrots and cucumbers into ribbons." => {
        "carrot" => "ribbons",
        "cucumber" => "ribbons"
      },
      "Roughly chop the parsley and tear up the tomatoes." => {
        "parsley" => "chopped"
      },
      "Add the grated carrots and the sliced onions." => {
        "carrot" => "grated",
        "red-onion" => "sliced"
      },
      "The carrots are grated." => {
        "carrot" => "grated"
      },
      "Roast the carrots till black, skin off, strips." => {
        "carrot" => "strips"
      },
      "Slice the onions wafer-thin." => {
        "red-onion" => "shaved"
      },
      "Slice the onions as thin as you can." => {
        "red-onion" => "shaved"
      },
      "Tear the parsley into pieces." => {
        "parsley" => cuts("3 bunches parsley, torn", "Serve.").values.first
      },
      "Boil the carrots. Slice 1 cm while hot." => {
        "carrot" => cuts("1 kg carrots, 1 cm slices", "").values.first
      },
      "Peel the cucumbers, discard the seeds and cut the flesh into half moons." => {
        "cucumber" => "sliced"
      },
      "Cucumbers 1/2 moons (seeds out)." => {
        "cucumber" => "sliced"
      },
      "Tomatoes in wedges, cucumbers into half moons." => {
        "tomato" => "wedges",
        "cucumber" => "sliced"
      },
      "Build: tomatoes, onions (sliced fine), parsley." => {
        "red-onion" => "sliced"
      },
      "Meanwhile cut up the cucumbers into half moons." => {
        "cucumber" => "sliced"
      },
      "Roast the carrots, batons, 30 min." => {
        "carrot" => "batons"
      },
      "Halve the tomatoes, then slice them." => {
        "tomato" => "sliced"
      }
    }.each { |steps, told| expect(cuts(list, steps)).to include(told), steps }
  end

  it "takes all that is done to one food, and binds none of it to another" do
    {
      "Boil the eggs. Peel, halve and slice the onions." => %w[red-onion peeled sliced],
      "Boil the eggs. Wash, deseed and dice the tomatoes." => %w[tomato seeded diced],
      "Peel the cucumbers, then deseed and slice them." => ["cucumber", "peeled and seeded", "sliced"],
      "Scrub the carrots and cut in batons." => %w[carrot scrubbed batons],
      "Add the peeled cucumbers." => ["cucumber", "peeled", nil]
    }.each do |steps, (key, trim, cut)|
      read = draft(list, steps)
      parts = read.reads.to_h { |each| [each.line.item.foods.first, read.taken(each).component] }
      expect([steps, parts[key]["trim"], (parts[key]["cut"] if cut)]).to eq [steps, trim, cut]
      expect(parts["hen-egg"].slice("trim", "cut")).to be_empty
    end
  end

  it "peels once they are cooked those that are scrubbed before, and none that keep their skin" do
    peeled = ->(line) do
      read = draft(line, "Boil the potatoes 20 minutes. Peel and slice.")
      read.taken(read.reads.first).component["trim"]
    end
    expect(["4 kg potatoes", "4 kg potatoes, scrubbed"].map(&peeled)).to eq %w[peeled peeled]
    expect(["4 kg potatoes, skin on", "4 kg potatoes, unpeeled"].map(&peeled)).to eq %w[scrubbed scrubbed]
    expect(cuts("4 kg potatoes", "Roast the potatoes, skin on.")).to eq cuts(
         "4 kg potatoes",
         "Roast the potatoes."
       )
  end

  it "leaves what the line says itself, a share of it, and what is only spoken of" do
    usual = cuts(list, "Serve.")
    expect(cuts(list.sub("carrots", "carrots, diced"), "Grate the carrots.")).to include("carrot" => "diced")
    [
      "Slice half the carrots and grate the rest.",
      "Serve with a slice of tomato.",
      "Don't slice the carrots.",
      "Toss the tomatoes and carrots in half the dressing.",
      "Dress with a quarter of the dressing.",
      "Cut the string off the parsley.",
      "No need to grate the carrots.",
      "Onions in, carrots, grilled tomatoes."
    ].each { |steps| expect(cuts(list, steps)).to eq(usual), steps }
  end

  it "shows each as found, and leaves what is declined" do
    read = draft(list, "Grate the carrots.").to_h
    found = read["told"].find { |fact| fact["key"].include?("/cut/") }
    expect(found).to include("line" => 3, "what" => "grated", "can" => true, "set" => true)
    expect(cuts(list, "Grate the carrots.", declined: [found["key"]])["carrot"]).not_to eq "grated"
    other = draft(list.sub("carrots", "carrots, diced"), "Grate the carrots.").to_h
    expect(other["told"].map { |fact| fact.values_at("what", "can", "set") }).to include [
              "grated",
              false,
              false
            ]
    same = draft(list.sub("carrots", "carrots, grated"), "Grate the carrots.").to_h
    expect(same["told"].map { |fact| fact["key"] }.grep(%r{/cut/})).to be_empty
  end

  it "shows one of two cuts as taken" do
    told = draft(list, "Dice the carrots. Add the grated carrots.").to_h["told"]
    expect(told.map { |fact| fact.values_at("what", "set") }).to include ["diced", true], ["grated", false]
  end

  it "cuts once it is cooked what is cooked first" do
    read = draft("4 kg potatoes", "Boil the potatoes 15 min, cool and dice.")
    potatoes = read.taken(read.reads.first).component
    expect(potatoes).to include("cut" => "diced", "cook" => include("cut_after" => true, "minutes" => 15.0))
  end

  it "knows a smoked eel by its last word, and the lemons of the steps from the lemon of the list" do
    list = "120 g capers\n1.2 kg smoked eel\n1 lemon"
    told = draft(list, "Chop the capers. Skin the eel, take it off the bone, flake. Juice the lemons.").to_h
    expect(told["told"].filter_map { |fact| fact["line"] if fact["what"] == "flaked" }).to eq [4]
    expect(told["missing"]).to be_empty
  end

  it "says at the desk what is told beside what is usual" do
    line = draft(list, "Grate the carrots.").to_h["lines"].find { |each| each["text"].include?("carrots") }
    expect(line["usual"].to_s).not_to include "grated"
  end
end
