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
      "#{limits_in_words(writer)} Your local code and your food-safety lead decide."
    end

    # The limits alone.
    def limits_in_words(writer)
      "Cold at #{writer.celsius(cold_celsius)} or less, hot at #{writer.celsius(hot_celsius)} or more. " \
        "Out of the cold #{writer.min(fetch("out_minutes"))} at most. " \
        "Kept #{writer.days(fetch("days"))}, the day it is made being the first. Cooled to " \
        "#{writer.celsius(fetch("first_celsius"))} in #{writer.min(fetch("first_minutes"))} " \
        "and to #{writer.celsius(cold_celsius)} in #{writer.min(fetch("cooled_minutes"))} in all."
    end

    # Limits that are laxer than the laxest of the model codes. @return [Array<String>]
    def lax
      Safety::Catalogue.shipped.floors.filter_map do |limit, floor|
        limit if figures[limit] > (floor["most"] || Float::INFINITY) || figures[limit] < (floor["least"] || 0)
      end
    end

    # What of it cannot all be true, in words. @return [Array<String>]
    def at_odds
      cold, first, hot = %w[cold_celsius first_celsius hot_celsius].map { |limit| fetch(limit) }
      [
        ("cold is no colder than the first step of cooling" if cold >= first),
        ("the first step of cooling is no colder than hot" if first >= hot),
        (
          if fetch("first_minutes") >= fetch("cooled_minutes")
            "the first step of cooling takes no less than all of it"
          end
        )
      ].compact
    end

    # One limit and the floor it is under, in words.
    # @param writer [Amount::Writer]
    def said(limit, writer)
      floor = Safety::Catalogue.shipped.floors.fetch(limit)
      own, theirs =
        [fetch(limit), floor["most"] || floor["least"]].map { |value| written(limit, value, writer) }
      "#{LIMIT_NAMES.fetch(limit)} #{own}, where the laxest code has #{theirs}"
    end

    LIMIT_NAMES = {
      "cold_celsius" => "cold at",
      "hot_celsius" => "hot at",
      "out_minutes" => "out of the cold for",
      "days" => "kept for",
      "first_celsius" => "the first step of cooling to",
      "first_minutes" => "the first step of cooling in",
      "cooled_minutes" => "cooled in"
    }.freeze

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

      sound(
        new(
          key: key,
          name: name,
          figures: Figures.new("rules/#{key}", numbers.freeze, { "any" => source }.freeze)
        ),
        fields
      )
    end

    # Refused where it contradicts itself.
    def self.sound(rules, fields)
      rules.at_odds.each do |what|
        fields.fault(nil, "#{rules.name} contradicts itself: #{what}.", "Mend one of the two limits.")
      end
      rules if rules.at_odds.empty?
    end
    private_class_method :sound

    private

    def written(limit, value, writer)
      case limit.split("_").last
      when "celsius"
        writer.celsius(value)
      when "days"
        writer.days(value)
      else
        writer.min(value)
      end
    end
  end
end
