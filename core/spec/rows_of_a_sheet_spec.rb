# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# Rows that head, name or go on: parts with how much of them is made, names of the dish, the same of another.
RSpec.describe "Rows of a recipe's sheet" do
  include ReadTexts
  include TakenLines

  it "takes as much of the second food of a row as of the first, where it is the same of it" do
    expect(all("Serves 20\n1 tsp mustard powder, same of sugar")).to eq all(
         "Serves 20\n1 tsp mustard powder\n1 tsp sugar"
       )
    expect(all("Serves 20\na handful of dill and the same of parsley").map(&:first)).to eq %w[dill parsley]
  end

  it "knows a part that is made, and how much of it, by its own row, below amounts for each" do
    text = "Serves 24\n\nPer plate\n70 g celeriac\n%s\n120 g mayonnaise\n20 g dijon"
    made = ["REMOULADE, makes 700 g", "Tahini dressing (yield 4 l, need 3)", "Dressing - makes 700 g"]
    grams = made.to_h { |row| [row, all(text % row).last(2).map { |food| food[1] }] }
    expect(grams.values.uniq).to eq([[120, 20]]), grams.inspect
    # A food with what it gives is no part.
    expect(all("Serves 24\n12 cucumbers, gives 3 kg peeled").first.first(2)).to eq ["cucumber", 3000]
  end

  it "takes names below the title, each of which is listed again, for no food" do
    list = "3 kg beetroot\n1 kg dry lentils\n200 g creamed horseradish"
    names = "Harvest lunch, serves 60\nBeetroot, lentil, horseradish\n#{list}"
    expect(all(names)).to eq all("Harvest lunch, serves 60\n#{list}")
    # Not each of them is listed again.
    expect(all("Harvest lunch, serves 60\nBeetroot, lentil, sumac\n#{list}").size).to be > 3
  end

  it "tempers the seed, pickles in what stands behind a short word, and buys chillies dry" do
    expect(all("Serves 25\n2 kg carrots\n\nTempering:\nmustard 2 tsp").last.first).to eq "mustard-seed"
    expect(all("Serves 25\n1.5 kg red onions, quick pkl (300 g sugar, 60 g salt)").last).to eq "?"
    expect(all("Serves 25\n4 dry red chillies").first.first).to eq "dried-chilli"
    expect(all("Serves 25\n12 pomegranates, seeds only, 1.2 kg yld").first[1]).to eq 1200
  end
end
