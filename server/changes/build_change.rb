# frozen_string_literal: true

module Scullion
  module Changes
    # What one build of a salad has and an earlier one had not, in words.
    class BuildChange
      # @param before [Hash] @param after [Hash] builds as a brief has them
      # @param house [House] whose larder names the ingredients
      def initialize(before, after, house)
        @before, @after, @house = before, after, house
      end

      # @return [String]
      def to_s
        said = [*renamed, *lines, *dressing]
        said.empty? ? "put in another order, or prepared another way" : said.join("; ")
      end

      private

      def renamed = @before["name"] == @after["name"] ? [] : ["was called #{@before["name"]}"]

      def lines
        before, after =
          [@before, @after].map { |build| build["components"].to_h { |line| [called(line), line["grams"]] } }
        gone = (before.keys - after.keys).map { |name| "#{name} taken out" }
        come = (after.keys - before.keys).map { |name| "#{name} added" }
        weighed =
          (before.keys & after.keys)
            .reject { |name| before[name] == after[name] }
            .map { |name| "#{name} #{plain(before[name])} → #{plain(after[name])} g" }
        gone + come + weighed
      end

      def dressing
        was, is = @before["dressing"], @after["dressing"]
        return [] if was == is
        return ["dressing #{is ? "added" : "taken out"}"] unless was && is

        if was.except("preset", "stages") == is.except("preset", "stages")
          ["dressing split another way"]
        else
          ["dressing changed"]
        end
      end

      def called(line) = line["name"] || @house.larder[line["ingredient"]]&.name || line["ingredient"]
      def plain(grams) = grams == grams.to_i ? grams.to_i : grams.round(1)
    end
  end
end
