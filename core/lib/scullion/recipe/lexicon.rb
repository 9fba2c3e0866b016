# frozen_string_literal: true

require "yaml"

module Scullion
  module Recipe
    # The words of a written recipe, each with its role (facts/words), and every name that a house has for a
    # food. What stands in a line is looked up here, the longest first.
    class Lexicon
      ROOT = File.expand_path("../../../facts/words", __dir__)
      ROLES = %w[cuts trims treats states pieces containers places].freeze
      # Words to the longest phrase.
      LONGEST = 5

      # What one phrase is: role => value.
      attr_reader :sections, :verbs

      # @param house [House]
      def initialize(house)
        @larder = house.larder
        @phrases, @foods = Hash.new { |all, phrase| all[phrase] = {} }, {}
        ROLES.each { |role| words(role).each { |phrase, value| @phrases[Lexicon.fold(phrase)][role] = value } }
        house.practice.words("recipe_words", "cook").each { |phrase, value| say("cooks", phrase, value) }
        house.practice.loose.words.each { |word| say("loose", word, word) }
        @asides = words("asides").to_h { |word| [Lexicon.fold(word), true] }
        @sections, @headings, @verbs = words("sections"), words("headings"), words("verbs").to_h { [_1, true] }
        name_foods
      end

      # Lower case, without marks, with the apostrophes and hyphens of words gone.
      def self.fold(text)
        text
          .downcase
          .unicode_normalize(:nfkd)
          .gsub(/\p{M}/, "")
          .gsub(/['’.]/, "")
          .gsub(/[^\p{L}\p{N}#&+ ]/, " ")
          .squeeze(" ")
          .strip
      end

      # A file of them, read once. @return [Hash, Array]
      def self.words(file) = (@words ||= {})[file] ||= YAML.safe_load_file(File.join(ROOT, "#{file}.yml")).freeze

      # One of it: "tomatoes" as "tomato". @param word [String] folded
      def self.singular(word)
        case word
        when /(?:ss|us|is|ous)\z/
          word
        when /ies\z/
          word.length > 4 ? word.sub(/ies\z/, "y") : word.chomp("s")
        when /(?:toes|ches|shes|xes|sses|choes)\z/
          word.delete_suffix("es")
        when /ves\z/
          word == "olives" || word == "chives" || word == "endives" ? word.chomp("s") : word
        else
          word.length > 3 ? word.chomp("s") : word
        end
      end

      # @param words [Array<String>] folded @return [Hash] roles of the phrase that they are, may be empty
      def roles(words) = @phrases.fetch(words.join(" "), NOTHING)
      NOTHING = {}.freeze

      # @return [Array<String>, nil] keys of the larder that are called so
      def food(words) = @foods[words.map { |word| Lexicon.singular(word) }.join(" ")]

      def aside?(word) = @asides.key?(word)
      def heading(kind) = @headings.fetch(kind)

      # Foods whose name has this word as its head, as a guess.
      # @return [Array<String>] keys
      def headed(word) = @headed.fetch(Lexicon.singular(word), [])

      private

      def words(file) = Lexicon.words(file)
      def say(role, phrase, value) = @phrases[Lexicon.fold(phrase)][role] = value

      def name_foods
        @headed = Hash.new { |all, word| all[word] = [] }
        @larder.each_value do |ingredient|
          [ingredient.name, ingredient.key.tr("-", " "), *ingredient.aliases].each do |name|
            called(name).each { |each| name_food(each, [ingredient.key]) }
          end
        end
        words("names").each do |name, keys|
          there = Array(keys).select { |key| @larder.key?(key) }
          @foods[named(name)] = there if there.any?
        end
        @headed.default = nil
      end

      # "Cranberries, dried" is also asked for the other way round, and so is "dry" before a pulse.
      def called(name)
        first, tail = name.split(/,\s*/, 2)
        tail ? ["#{tail} #{first}", "#{first} #{tail}"] : [name]
      end

      def name_food(name, keys)
        words = named(name)
        return if words.empty?

        @foods[words] = [*@foods[words], *keys].uniq
        @headed[words.split.last].concat(keys).uniq!
      end

      def named(name) = Lexicon.fold(name).split.map { |word| Lexicon.singular(word) }.join(" ")
    end
  end
end
