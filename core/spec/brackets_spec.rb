# frozen_string_literal: true

require_relative "taken_lines"

# A bracket that lists several foods behind one word: none of them is lost, and none taken for all of them.
RSpec.describe "Foods that a bracket lists" do
  include TakenLines

  def asked(line) = Scullion::Recipe::Draft.new("Serves 20\n#{line}", house).reads.map(&:why)
  def keys(line)
    Scullion::Recipe::Draft.new("Serves 20\n#{line}", house).reads.map { |r| r.guesses[0]&.key }
  end

  {
    "2 kg root veg (carrot, parsnip, swede)" => %w[carrot parsnip swede],
    "berries (strawberries, raspberries) 1 kg" => %w[strawberries raspberries],
    "500 g leaves (rocket, spinach)" => %w[rocket spinach],
    "seeds (pumpkin, sunflower) 100 g" => %w[pumpkin-seeds sunflower-seeds]
  }.each do |line, foods|
    it "are each asked about in “#{line}”" do
      expect(keys(line)).to eq foods
      expect(all("Serves 20\n#{line}").uniq).to eq ["?"]
    end
  end

  it "are one of them where they are kinds of one food" do
    expect(asked("tomatoes (plum, cherry) 2 kg")).to eq ["Plum tomato, or cherry tomatoes?"]
    expect(asked("cheese (feta or goat) 200 g").first).to match(/, or .*goat/i)
    expect(asked("oil (olive or rapeseed) 200 ml").first).to eq "Olive oil, or rapeseed oil?"
  end

  it "are what the word itself is a mixture of, and stay that" do
    expect(all("Serves 20\nmixed nuts (walnuts, almonds) 200 g")).to eq [["mixed-nuts", 200, "salad"]]
    expect(all("Serves 20\nherbs (mint, dill) 50 g")).to eq [["mixed-herbs", 50, "salad"]]
  end

  it "have amounts of their own where the bracket gives them, and one alone says which it is" do
    expect(all("Serves 20\n6 crumpets (40 g butter, nutmeg)").last).to eq ["nutmeg", nil, "dressing"]
    expect(all("Serves 20\nonion (red) 1").first.first).to eq "red-onion"
    expect(all("Serves 20\nvinegar (half a cup, white wine)").first.first).to eq "white-wine-vinegar"
  end
end
