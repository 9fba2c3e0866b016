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
end
