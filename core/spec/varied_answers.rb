# frozen_string_literal: true

require_relative "edge_answers"

# Texts as cooks jot them down, each line of them written a little otherwise: what is read hangs on every
# word, number and mark, so that a rule that asks for two of them is tried without either.
module VariedAnswers
  NUMBERS = %w[0 1 2 3 4 5 8 10 12 20 24 50 75 100 250 400 1000 2500].freeze
  MARKS = [",", ";", ":", " -", ".", " (", ")", " /", " +", " &", " or", " and", " with", " then"].freeze

  # Each takes a line and the dice.
  WAYS = {
    "a word less" => ->(line, dice) do
      words = line.split
      words.delete_at(dice.rand(words.size))
      words.join(" ")
    end,
    "two words the other way about" => ->(line, dice) do
      words = line.split
      at = dice.rand(words.size)
      words.insert(at - 1, words.delete_at(at)).join(" ")
    end,
    "another number" => ->(line, dice) do
      numbers = line.scan(/\d+/)
      numbers.empty? ? line : line.sub(numbers.sample(random: dice), NUMBERS.sample(random: dice))
    end,
    "another mark" => ->(line, dice) do
      words = line.split
      at = dice.rand(words.size)
      words[at] = "#{words[at].delete(",;:.()")}#{MARKS.sample(random: dice)}"
      words.join(" ")
    end,
    "cut short" => ->(line, dice) { line[0, 1 + dice.rand(line.length)] },
    "clauses the other way about" => ->(line, _) { line.split(", ").rotate.join(", ") }
  }.freeze

  module_function

  # @return [Hash{String=>Proc}] what is asked, by the name of its file
  def all
    { "varied" => -> { every_second.to_h { |name, text| [name, EdgeAnswers.read(varied(name, text))] } } }
  end

  # As many as there is time for: the others are read as they stand.
  def every_second
    EdgeAnswers.jotted.each_slice(2).to_h(&:first)
  end

  # @param name [String] of the text, which its dice go by
  def varied(name, text)
    dice = Random.new(name.sum)
    text
      .lines(chomp: true)
      .map { |line| line.strip.empty? ? line : WAYS.values.sample(random: dice).call(line, dice) }
      .join("\n")
  end
end
