# frozen_string_literal: true

module Scullion
  # Finds ingredients by any of their names, typos forgiven. Names are indexed by their pairs of
  # letters; a name scores by the pairs it shares with what was typed (Dice's coefficient), and
  # higher when it begins with it or holds it whole.
  class Finder
    LEAST = 0.34

    # @param ingredients [Enumerable<Ingredient>]
    def initialize(ingredients)
      @names = named(ingredients)
      @pairs = Hash.new { |index, pair| index[pair] = [] }
      @sizes =
        @names.each_with_index.map do |(name, _), place|
          pairs(name).each { |pair| @pairs[pair] << place }.size
        end
      @pairs.default = [].freeze
    end

    # @param text [String] @param most [Integer]
    # @return [Array<Ingredient>] best first; ties by name
    def find(text, most: 40) = ranked(text, most: most).map(&:first)

    # The same with their scores: above 2 the name itself, above 1 it begins with it.
    # @return [Array<Array(Ingredient, Float)>]
    def ranked(text, most: 40)
      wanted = fold(text)
      return [] if wanted.empty?

      best = Hash.new(0.0).compare_by_identity
      scores(wanted).each { |place, score| best[@names[place].last] = [best[@names[place].last], score].max }
      best
        .select { |_, score| score >= LEAST }
        .sort_by { |ingredient, score| [-score, ingredient.name] }
        .first(most)
    end

    private

    # A name with a comma, as an index has it ("Cranberries, dried"), is also asked for the other
    # way round ("dried cranberries"), and by what stands before the comma where nothing else does.
    def named(ingredients)
      names =
        ingredients.flat_map do |ingredient|
          [ingredient.name, *ingredient.aliases].map { |name| [name, ingredient] }
        end
      parted =
        names.filter_map { |name, ingredient| [*name.split(", ", 2), ingredient] if name.include?(", ") }
      heads = names.map { |name, _| fold(name.split(", ").first) }.tally
      turned = parted.map { |head, tail, ingredient| ["#{tail} #{head}", ingredient] }
      alone = parted.filter_map { |head, _, ingredient| [head, ingredient] if heads[fold(head)] == 1 }
      (names + turned + alone).map { |name, ingredient| [fold(name), ingredient] }
    end

    def scores(wanted)
      asked = pairs(wanted)
      shared = Hash.new(0)
      asked.each { |pair| @pairs[pair].each { |place| shared[place] += 1 } }
      shared.to_h do |place, count|
        [place, (2.0 * count / (asked.size + @sizes[place])) + bonus(@names[place].first, wanted)]
      end
    end

    def bonus(name, wanted)
      return 2 if name == wanted
      return 1 if name.start_with?(wanted)

      name.include?(wanted) ? 0.5 : 0
    end

    # Marked at both ends, so that first letters count and one-letter words have pairs too.
    def pairs(word) = "^#{word}$".each_char.each_cons(2).map(&:join).uniq
    def fold(text)
      text
        .to_s
        .unicode_normalize(:nfkd)
        .gsub(/\p{M}/, "")
        .downcase
        .gsub(/[^\p{L}\p{N} ]/, " ")
        .squeeze(" ")
        .strip
    end
  end
end
