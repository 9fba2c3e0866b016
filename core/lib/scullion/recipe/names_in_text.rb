# frozen_string_literal: true

module Scullion
  module Recipe
    # The larder's own names where they stand in running text. For Lexicon, which it is a part of.
    module NamesInText
      # Foods whose own names or aliases stand among these words, in the larder's order, each by the first.
      # @param words [Array<String>] @return [Hash{String=>String}] names by key
      def named_in(words)
        found = words.each_index.flat_map { |at| named_from(words, at) }.uniq.sort
        found.each_with_object({}) { |(_, _, key, name), all| all[key] ||= name }
      end

      # Is that a name of a food that the larder has by another's figures?
      # @param name [String] as it is written @param food [Ingredient] that it was taken for
      def stand_in?(name, food)
        @stand_ins ||= words("stand_ins").to_h { |each| [named(each), true] }
        @stand_ins.key?(named(name)) && named(name) != named(food.name)
      end

      private

      # A name that may be looked for: its words, its place in the larder and among the names of its food.
      def names_of(food)
        @places ||= @larder.keys.each_with_index.to_h
        [food.name, *food.aliases].each_with_index.filter_map do |name, index|
          next if name.length < Lexicon::SHORTEST || name.include?(",")

          [Lexicon.words_of(name).join(" "), @places.fetch(food.key), index, food.key, name.downcase]
        end
      end

      # Foods by each of their names: places in the larder and among its names, key and name.
      def by_name
        @by_name ||=
          @larder
            .values
            .flat_map { |food| names_of(food) }
            .group_by(&:first)
            .transform_values { |all| all.map { |_, *rest| rest } }
      end

      # Words to the longest name that begins with each.
      def name_sizes
        @name_sizes ||=
          by_name
            .keys
            .map(&:split)
            .group_by(&:first)
            .transform_values { |names| [names.map(&:size).max, Lexicon::LONGEST].min }
      end

      def named_from(words, at)
        (1..name_sizes.fetch(words[at], 0)).flat_map { |size| by_name.fetch(words[at, size].join(" "), []) }
      end
    end
  end
end
