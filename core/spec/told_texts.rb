# frozen_string_literal: true

# What is told of the foods of a text, and what comes of it.
module ToldTexts
  def read(text, **rest) = Scullion::Recipe::Draft.new(text, house, **rest).to_h
  def told(text, **rest) = read(text, **rest)["told"].map { |fact| fact["what"] }
  def steps(*lines) = "Serves 4\n400 g carrots\n200 g puy lentils, dry\n4 eggs\nMethod\n#{lines.join("\n")}"

  def cook(text, key, **rest)
    read(text, **rest)["salad"]["components"].find { |each| each["ingredient"] == key }["cook"]
  end
end
