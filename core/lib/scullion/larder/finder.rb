# frozen_string_literal: true

module Scullion
  # Finds ingredients by any of their names, typos forgiven. Names are indexed by their pairs of
  # letters; a name scores by the pairs it shares with what was typed (Dice's coefficient), and
  # higher when it begins with it or holds it whole.
  class Finder
    LEAST = 0.34

    # @param ingredients [Enumerable<Ingredient>]
    def initialize(ingredients)
      @names = ingredients.flat_map { |ingredient| [ingredient.name, *ingredient.aliases].map { |name| [fold(name), ingredient] } }
      @pairs = Hash.new { |index, pair| index[pair] = [] }
      @sizes = @names.each_with_index.map do |(name, _), place|
        pairs(name).each { |pair| @pairs[pair] << place }.size
      end
      @pairs.default = [].freeze
    end

    # @param text [String] @param most [Integer]
    # @return [Array<Ingredient>] best first; ties by name
    def find(text, most: 40)
      wanted = fold(text)
      return [] if wanted.empty?

      best = Hash.new(0.0).compare_by_identity
      scores(wanted).each { |place, score| best[@names[place].last] = [best[@names[place].last], score].max }
      best.select { |_, score| score >= LEAST }.sort_by { |ingredient, score| [-score, ingredient.name] }.first(most).map(&:first)
    end

    private

    def scores(wanted)
      asked = pairs(wanted)
      shared = Hash.new(0)
      asked.each { |pair| @pairs[pair].each { |place| shared[place] += 1 } }
      shared.to_h { |place, count| [place, (2.0 * count / (asked.size + @sizes[place])) + bonus(@names[place].first, wanted)] }
    end

    def bonus(name, wanted)
      return 2 if name == wanted
      return 1 if name.start_with?(wanted)

      name.include?(wanted) ? 0.5 : 0
    end

    # Marked at both ends, so that first letters count and one-letter words have pairs too.
    def pairs(word) = "^#{word}$".each_char.each_cons(2).map(&:join).uniq
    def fold(text) = text.to_s.unicode_normalize(:nfkd).gsub(/\p{M}/, "").downcase.gsub(/[^\p{L}\p{N} ]/, " ").squeeze(" ").strip
  end
end
