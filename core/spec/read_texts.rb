# frozen_string_literal: true

# What the reader makes of a text, for specs.
module ReadTexts
  def draft(text) = Scullion::Recipe::Draft.new(text, house).to_h

  # What the last line of a salad for ten is taken for.
  def line(text) = draft("Salad for 10\n2 kg waxy potatoes\n200 ml olive oil\n#{text}")["lines"].last

  # @return [Hash{String=>Hash}] lines by the food that they were taken for
  def taken(text)
    lines = draft(text)["lines"].select { |line| line["taken"] }
    lines.to_h { |line| [line["taken"]["key"], line] }
  end

  def grams(text) = taken(text).transform_values { |line| line["serving"] }
  # @param pairs [Hash{String=>String}] a line, and the lines that it comes to
  def expect_the_same(pairs)
    pairs.each do |line, lines|
      expect(grams("Salad for 10\n#{line}")).to eq(grams("Salad for 10\n#{lines}")), line
    end
  end

  def kinds(text) = draft(text)["lines"].map { |line| line["kind"] }
end
