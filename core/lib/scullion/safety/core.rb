# frozen_string_literal: true

module Scullion
  module Safety
    # What the thickest part must reach, and for how long it stays there, by class of food and set of house
    # rules.
    class Core
      attr_reader :key, :celsius, :seconds

      # The class that a method asks for whatever the food is.
      METHODS = { "microwave" => "microwave" }.freeze

      # @param row [Hash] celsius and seconds @param rules [HouseRules]
      def initialize(key, row, rules)
        @key, @celsius, @seconds = key, row["celsius"].to_f, row["seconds"]
        @rules = rules
      end

      # What this component is cooked to; nil where nothing animal is cooked, and for eggs in the shell, which
      # go by their minutes.
      # @param component [Salad::Component] @param asked [Asked]
      # @return [Core, nil]
      def self.of(component, asked)
        return unless component.method&.parcel&.hot? && component.method.key != "eggs"

        key = asked.kind(component.ingredient).core or return
        [key, *METHODS[component.method.key]].map { |each| asked.core(each) }.max_by(&:celsius)
      end

      # @param writer [Amount::Writer]
      def text(writer)
        return writer.celsius(celsius) if seconds <= 1

        "#{writer.celsius(celsius)}, held #{seconds < 60 ? "#{seconds} s" : writer.min(seconds / 60.0)}"
      end
    end
  end
end
