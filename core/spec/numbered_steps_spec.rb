# frozen_string_literal: true

# Rows numbered in their order are the steps below a list that is not numbered, at each of its limits.
RSpec.describe Scullion::Recipe::NumberedSteps do
  def steps(*rows) = described_class.among(rows) { |row| row.match?(/\d g\z/) }.to_a

  let(:run) { ["1. farro in water", "2. mushrooms in batches"] }

  it "needs two rows of a list above it, and two rows of its own that begin with 1" do
    expect(steps("farro 300 g", "dill 20 g", *run)).to eq run
    expect(steps("farro 300 g", *run)).to eq []
    expect(steps("farro 300 g", "dill 20 g", run.first)).to eq []
    expect(steps("farro 300 g", "dill 20 g", "2. farro", "3. dill")).to eq []
    expect(steps("farro 300 g", "dill 20 g", run.first, "3. dill")).to eq []
  end

  it "is a list itself where more than half of its rows are of one" do
    half = ["1. farro in water", "2. dill 30 g"]
    expect(steps("farro 300 g", "dill 20 g", *half)).to eq half
    expect(steps("farro 300 g", "dill 20 g", *half, "3. leeks 90 g")).to eq []
  end

  # What stands between them is the rest of a step, where it is set to a width.
  it "puts a step together that was broken off at the edge" do
    broken = [
      "1. Drain the beans and cover with fresh",
      "water. Simmer until they are soft.",
      *<<~TEXT.lines(chomp: true)
      2. Roast the squash in a hot oven, and
      tear the bread over for the last 6.
      3. Dress the beans.
    TEXT
    ]

    read =
      Scullion::Recipe::Draft.new(
        ["2 kg squash", "500 g bread", "1 kg white beans", *broken].join("\n"),
        house
      )
    expect(read.to_h["lines"].select { |line| line["kind"] == "step" }.map { |line| line["text"] }).to eq [
         "1. Drain the beans and cover with fresh water. Simmer until they are soft.",
         "2. Roast the squash in a hot oven, and tear the bread over for the last 6.",
         "3. Dress the beans."
       ]
    expect(read.told_facts.select { |fact| fact.value == [6.0, 6.0] }.map(&:of)).to eq [["white-loaf"]]
  end

  it "leaves what begins anew below a numbered row, or is far from the edge" do
    rows = ["1. Potatoes", "2 kg, boiled", "2. Beans", "1 kg, blanched", "3. Dressing", "400 ml oil"]
    wrapped = Scullion::Recipe::Rows.new(rows.join("\n")).texts
    expect(wrapped).to eq rows
  end

  # Three numbered rows are steps; a row that is twelve letters short of the fullest may have been full.
  it "puts steps together from three on, and up to twelve letters from the edge" do
    texts = ->(*rows) { Scullion::Recipe::Rows.new(rows.join("\n")).texts }
    step = ->(number, letters) { ["#{number}. Add #{"a" * (letters - 7)}", "and stir."] }
    last = "3. Serve."
    expect(texts[*step[1, 40], *step[2, 40], last].size).to eq 3
    expect(texts[*step[1, 40], *step[2, 40]].size).to eq 4
    expect(texts[*step[1, 40], *step[2, 28], last].size).to eq 3
    expect(texts[*step[1, 40], *step[2, 27], last].size).to eq 5
  end

  it "is a sentence of its own where no mark stands behind the number, from so many letters on" do
    row = ->(letters) { "1 Beans #{"a" * letters}." }
    expect([24, 23].map { |letters| described_class.number(row[letters]) }).to eq [1, nil]
    expect(described_class.number("1 #{"beans #{"a" * 40}."}")).to be_nil
  end
end
