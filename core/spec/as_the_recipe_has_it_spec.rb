# frozen_string_literal: true

require_relative "read_texts"

# What the cook wrote goes with the salad, beside what the house makes of it; nothing follows from it.
RSpec.describe "A recipe's own words" do
  include ReadTexts

  let(:text) do
    "Quay radishes\nServes 36\n5.4 kg new potatoes, scrubbed, halved if large\n" \
      "3 bunches radishes, as thin as paper money\n500 g peanuts, crushed\n20 g capers per person\n" \
      "36 slices sourdough, on the side\n\nDressing:\n450 g crème fraîche\n1 shallot, brunoise"
  end
  let(:salad) { draft(text)["salad"].merge("key" => "quay-radishes") }

  def plan(salad, covers: 140) = Scullion::Salad::Trial.new(salad, house, covers: covers).plan

  it "goes with every component and every part, word for word, and says for how many it is" do
    written = salad["components"].to_h { |each| each.values_at("ingredient", "written") }
    expect(written).to include(
      "waxy-potato" => "5.4 kg new potatoes, scrubbed, halved if large (for 36)",
      "radish" => "3 bunches radishes, as thin as paper money (for 36)",
      "capers" => "20 g capers per person (a serving)"
    )
    expect(salad["dressing"]["parts"].map { |part| part["written"] }).to eq [
         "450 g crème fraîche (for 36)",
         "1 shallot, brunoise (for 36)"
       ]
    none_said = draft(text.sub("Serves 36\n", "").sub("36 slices sourdough, on the side\n", ""))["salad"]
    expect(none_said["components"].first["written"]).to end_with "halved if large"
  end

  it "is cut off at its most letters, and says that it goes on" do
    most = Scullion::Salad::Component::WRITTEN
    long = draft("Serves 36\n3 kg carrots, #{"scrubbed well and " * 30}peeled")["salad"]["components"].first
    expect(long["written"].size).to be_between(most - 1, most)
    expect(long["written"]).to end_with "… (for 36)"
  end

  it "stands at bench, stove and dressing, in the terminal and in the whole plan" do
    shown = plan(salad).to_h
    bench = shown["prep"].to_h { |line| line.values_at("ingredient", "written") }
    expect(bench).to include("peanuts" => "500 g peanuts, crushed (for 36)")
    expect(shown["cook"].map { |each| each["written"] }).to include(/halved if large/)
    expect(shown["dress"].first["parts"].last["written"]).to eq "1 shallot, brunoise (for 36)"
    paper = Scullion::Plan::Paper.new(plan(salad)).to_s
    expect(paper).to match(/^As written: Quay radishes$.*^  Peanuts +500 g peanuts, crushed \(for 36\)$/m)
  end

  it "stands once where two salads are prepped as one, each with its own" do
    other = draft(text.sub("crushed", "bashed"))["salad"].merge("key" => "other", "name" => "Other")
    both =
      brief do |data|
        data["salads"] = [salad, other]
        data["service"]["lines"] = %w[quay-radishes other].map { |key| { "salad" => key } }
      end
    lines = Scullion::Plan.for(both).to_h["prep"]
    said = lines.find { |line| line["ingredient"] == "peanuts" }["written"]
    expect(said).to eq "500 g peanuts, crushed (for 36); 500 g peanuts, bashed (for 36)"
    potatoes = lines.find { |line| line["ingredient"] == "waxy-potato" }["written"]
    expect(potatoes.scan("halved").size).to eq 1
  end

  it "changes no figure" do
    bare = JSON.parse(JSON.generate(salad))
    [*bare["components"], *bare["dressing"]["parts"]].each { |each| each.delete("written") }
    without = ->(node) do
      case node
      when Hash
        node.except("written").transform_values(&without)
      when Array
        node.map(&without)
      else
        node
      end
    end
    expect(without.call(plan(salad).to_h)).to eq plan(bare).to_h
  end

  it "says what stands on the table, with its allergens, and has it neither in the order nor in the salad" do
    made = plan(salad)
    said = "On the table beside Quay radishes: White country bread (gluten)."
    expect(made.portions.first.contains).not_to include "gluten"
    expect(made.snags.map(&:what)).to include said
    expect(made.to_h["count"].first["at_table"]).to eq ["White country bread (gluten)"]
    expect(made.purchases.map { |line| line.ingredient.key }).not_to include "white-loaf"
    expect(Scullion::Plan::Paper.new(made).to_s).to include said
  end

  it "refuses on the table what is in no larder" do
    expect { plan(salad.merge("at_table" => ["moon-cheese"])) }.to raise_error(
      Scullion::InvalidBrief,
      /There is no "moon-cheese" in the larder/
    )
    expect { plan(salad.merge("at_table" => [nil])) }.to raise_error(Scullion::InvalidBrief, /There is no/)
  end

  it "has twenty foods on the table, and leaves none of more out in silence" do
    keys = house.larder.keys.first(21)
    expect(plan(salad.merge("at_table" => keys.first(20))).portions.first.names_at_table.size).to eq 20
    expect { plan(salad.merge("at_table" => keys)) }.to raise_error(
      Scullion::InvalidBrief,
      /More than 20 foods/
    )
  end

  it "has on the table what the steps serve it with, and no list has" do
    list = "Carrot salad\nServes 6\n1 kg carrots\n100 g rocket\n75 g feta\n\n"
    {
      "Toss. Serve with crusty bread." => %w[white-loaf],
      "Serve with little gem leaves for scooping, and lemon wedges." => %w[little-gem lemon],
      "Serve with the rest of the dressing and grilled flatbreads." => %w[flatbread],
      "Serve scattered with the feta." => nil,
      "Serve with the cheese and more oil." => nil
    }.each { |steps, keys| expect([steps, draft(list + steps)["salad"]["at_table"]]).to eq [steps, keys] }
  end
end
