# frozen_string_literal: true

module Scullion
  # A chosen set of safety limits. Never law: the local code and the food-safety lead decide.
  class HouseRules
    attr_reader :key, :name, :figures

    def initialize(key:, name:, figures:)
      @key, @name, @figures = key, name, figures
      freeze
    end

    # @raise [MissingFigure]
    def fetch(at) = figures.fetch(at)

    def cold_celsius = fetch("cold_celsius")
    def hot_celsius = fetch("hot_celsius")

    # The set in a sentence or two, as this house writes heat and hours.
    # @param writer [Amount::Writer]
    def in_words(writer)
      "Cold at #{writer.celsius(cold_celsius)} or less, hot at #{writer.celsius(hot_celsius)} or more. " \
        "Out of the cold #{writer.min(fetch("out_minutes"))} at most. " \
        "Kept #{writer.days(fetch("days"))}, the day it is made being the first. Cooled to " \
        "#{writer.celsius(fetch("first_celsius"))} in #{writer.min(fetch("first_minutes"))} " \
        "and to #{writer.celsius(cold_celsius)} in #{writer.min(fetch("cooled_minutes"))} in all. Your " \
        "local code and your food-safety lead decide."
    end

    LIMITS = {
      "cold_celsius" => 0..15,
      "hot_celsius" => 50..90,
      "out_minutes" => 10..480,
      "days" => 1..14,
      "first_celsius" => 10..40,
      "first_minutes" => 30..360,
      "cooled_minutes" => 60..720
    }.freeze

    # @return [HouseRules, nil]
    def self.read(fields, source)
      before = fields.faults.size
      fields.only("key", "name", *LIMITS.keys)
      key, name = fields.key("key"), fields.text("name")
      numbers = LIMITS.to_h { |limit, range| [limit, fields.number(limit, range, limit.split("_").last)] }
      return if fields.faults.size > before

      new(
        key: key,
        name: name,
        figures: Figures.new("rules/#{key}", numbers.freeze, { "any" => source }.freeze)
      )
    end
  end
end
