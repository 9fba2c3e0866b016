# frozen_string_literal: true

# How an egg is boiled is what the cook wrote, by its word or by its minutes, and no other.
RSpec.describe "Yolks as they are written" do
  # [yolk, as the desk says it]
  def yolk(line, steps = "")
    draft = Scullion::Recipe::Draft.new("Salad for 12\n#{line}\n\nMethod\n#{steps}", house)
    taken = draft.taken(draft.reads.first)
    [taken.component.dig("cook", "yolk"), taken.done&.slice(/\w+ boiled|jammy/)]
  end

  it "are soft, jammy or hard by their line" do
    expect(yolk("12 soft-boiled eggs")).to eq ["soft", "soft boiled"]
    expect(yolk("12 eggs, soft boiled")).to eq ["soft", "soft boiled"]
    expect(yolk("eggs 12 (soft)").first).to eq "soft"
    expect(yolk("12 jammy eggs").first).to eq "jammy"
    expect(yolk("12 hard-boiled eggs")).to eq ["hard", "hard boiled"]
    expect(yolk("12 eggs").first).to be_nil
    # What it stands in afterwards is no time of boiling.
    expect(yolk("12 soft-boiled eggs, chill 10 min in ice").first).to eq "soft"
  end

  it "are by the minutes that stand beside them, and said so" do
    figures = %w[soft jammy hard].to_h { |yolk| [yolk, house.practice.fetch("eggs/minutes/#{yolk}")] }
    figures.each { |yolk, minutes| expect(yolk("12 eggs, boiled #{minutes} min").first).to eq yolk }
    expect(yolk("12 eggs, boiled 7 min").last).to eq "jammy"
    expect(yolk("12 eggs, 10½ min").first).to eq "hard"
  end

  it "are by a step, where the line leaves it open" do
    expect(yolk("12 eggs", "Soft-boil the eggs, peel and halve.").first).to eq "soft"
    expect(yolk("12 eggs", "Boil the eggs for 10 minutes.").first).to eq "hard"
  end

  it "are asked about where a line has two" do
    draft = Scullion::Recipe::Draft.new("For 6\n6 eggs, 4 hard-boiled, two soft-boiled", house)
    expect(draft.reads.none? { |read| draft.settled?(read) }).to be true
  end
end
