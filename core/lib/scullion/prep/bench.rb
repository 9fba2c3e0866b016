# frozen_string_literal: true

module Scullion
  module Prep
    # One bench of the prep: the lines that are worked there, and how long hands are on them.
    class Bench < Worksheet
      attr_reader :name, :preps

      gather(:of_lines, :hands_minutes) { preps }
      gather(:of_tools, :tool_minutes) { one_of_each_tool }
      figure(
        :hands_minutes,
        "Hands on, at this bench",
        :min,
        how: "its lines added up, and each tool set up and washed once"
      ) { |of_lines, of_tools| of_lines.sum + of_tools.sum }

      # @return [Array<Bench>] in the order they are first met
      def self.of(preps)
        preps
          .select(&:bench?)
          .group_by(&:bench)
          .each_with_index
          .map { |(name, lines), index| new("bench/#{index}", name, lines) }
      end

      def initialize(at, name, preps)
        super(at)
        @name, @preps = name, preps
      end

      def practice = preps.first.practice
      def one_of_each_tool = preps.select(&:tool).uniq(&:tool)
      def words = { "at" => at, "name" => name, "lines" => preps.map(&:at) }
    end
  end
end
