# frozen_string_literal: true

module Scullion
  # How far the source of a larder's figure can be followed, in a word that stands beside it: nothing is shown
  # as looked up that was not.
  module SourceKind
    # What the text of a source begins with, the first that fits.
    KINDS = {
      "looked up" => /\A#{Regexp.escape(Tables::NAME)}, /o,
      "recalled" => /\ARecalled, not looked up|\(recalled\)/,
      "practice" => /\A(?:Kitchen practice|Usual catering pack)/,
      "typical" => /\A(?:Typical|As the food that it is like)/,
      "worked out" => /\A(?:Worked out|Physical constant|Of )/,
      "label" => /\AUsual label/,
      "placeholder" => /\APlaceholder/,
      "rule" => /\A(?:Model food code|US |Regulation|The Food Safety|FDA|Public-health)/
    }.freeze
    # Of nobody else.
    OWN = "yours"

    # @param source [String] as the larder names it @return [String]
    def self.of(source) = KINDS.find { |_, begins| source.match?(begins) }&.first || OWN

    # @param larder [Hash{String=>Ingredient}]
    # @return [Hash{String=>Integer}] how many of its figures are of each kind, the most first
    def self.counted(larder)
      larder
        .each_value
        .flat_map { |food| food.figures.addresses.map { |at| of(food.figures.source(at)) } }
        .tally
        .sort_by { |kind, count| [-count, kind] }
        .to_h
    end
  end
end
