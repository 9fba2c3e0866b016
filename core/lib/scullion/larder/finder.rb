# frozen_string_literal: true

module Scullion
  # Finds ingredients by any of their names, typos forgiven. Names are indexed by their pairs of
  # letters; a name scores by the pairs it shares with what was typed (Dice's coefficient), and
  # higher when it begins with it or holds it whole. A finder is never changed; another is made from it.
  class Finder
    LEAST = 0.34
    # More changes than these are quicker made from the beginning.
    FEW = 50

    # One way to ask for an ingredient. head: it stands only while no other name begins so.
    Name = Struct.new(:text, :pairs, :key, :head)
    # All ways to ask for one ingredient, and what its names begin with.
    Names = Struct.new(:all, :heads)

    # @param larder [Hash{String=>Ingredient}]
    # @param names [Hash{String=>Names}] by key, as Finder.names gave them
    # @yield after each ingredient whose names are indexed
    def initialize(larder, names = {}, index: nil, heads: nil, &between)
      @larder = larder
      @names = names.size == larder.size ? names : larder.transform_values { |each| Finder.names(each) }
      @index, @heads = index || indexed(between), heads || @names.each_value.flat_map(&:heads).tally
    end

    # @return [Names] of an ingredient
    def self.names(ingredient)
      called = [ingredient.name, *ingredient.aliases]
      heads = called.map { |name| fold(name.split(", ").first) }
      Names.new(called.zip(heads).flat_map { |name, head| named(name, head, ingredient.key) }, heads)
    end

    # A name with a comma, as an index has it ("Cranberries, dried"), is also asked for the other
    # way round ("dried cranberries"), and by what stands before the comma where nothing else does.
    def self.named(name, head, key)
      first, tail = name.split(", ", 2)
      turned = tail ? [["#{tail} #{first}"], [first, head]] : []
      [[name], *turned].map do |text, alone|
        folded = fold(text)
        Name.new(folded, pairs(folded), key, alone)
      end
    end
    private_class_method :named

    # Marked at both ends, so that first letters count and one-letter words have pairs too.
    def self.pairs(word) = "^#{word}$".each_char.each_cons(2).map(&:join).uniq

    def self.fold(text)
      text
        .to_s
        .unicode_normalize(:nfkd)
        .gsub(/\p{M}/, "")
        .downcase
        .gsub(/[^\p{L}\p{N} ]/, " ")
        .squeeze(" ")
        .strip
    end

    # Over another larder, of which only some is called otherwise.
    # @param larder [Hash{String=>Ingredient}]
    # @param changed [Hash{String=>Names, nil}] by key; nil for what is gone
    # @yield now and then, where very much is called otherwise
    # @return [Finder]
    def over(larder, changed, &)
      names = @names.merge(changed).compact
      return Finder.new(larder, names, &) if changed.size > FEW

      index, heads = @index.dup, @heads.dup
      changed.each do |key, now|
        drop(@names[key], index, heads) if @names[key]
        add(now, index, heads) if now
      end
      Finder.new(larder, names, index: index, heads: heads)
    end

    # @param text [String] @param most [Integer]
    # @return [Array<Ingredient>] best first; ties by name
    def find(text, most: 40) = ranked(text, most: most).map(&:first)

    # The same with their scores: above 2 the name itself, above 1 it begins with it.
    # @return [Array<Array(Ingredient, Float)>]
    def ranked(text, most: 40)
      wanted = Finder.fold(text)
      return [] if wanted.empty?

      best = Hash.new(0.0)
      scores(wanted) { |name, score| best[name.key] = score if score > best[name.key] }
      best
        .select { |_, score| score >= LEAST }
        .map { |key, score| [@larder.fetch(key), score] }
        .sort_by { |ingredient, score| [-score, ingredient.name] }
        .first(most)
    end

    private

    def indexed(between)
      @names
        .each_value
        .with_object({}) do |names, index|
          names.all.each { |name| name.pairs.each { |pair| (index[pair] ||= []) << name } }
          between&.call
        end
    end

    def drop(names, index, heads)
      names.heads.each { |head| heads[head] -= 1 }
      names.all.each do |name|
        name.pairs.each { |pair| index[pair] = index[pair].reject { |each| each.equal?(name) } }
      end
    end

    def add(names, index, heads)
      names.heads.each { |head| heads[head] = heads.fetch(head, 0) + 1 }
      names.all.each { |name| name.pairs.each { |pair| index[pair] = [*index[pair], name] } }
    end

    def scores(wanted)
      asked = Finder.pairs(wanted)
      shared = Hash.new(0).compare_by_identity
      asked.each { |pair| @index[pair]&.each { |name| shared[name] += 1 } }
      shared.each do |name, count|
        next if name.head && @heads[name.head] != 1

        yield name, (2.0 * count / (asked.size + name.pairs.size)) + bonus(name.text, wanted)
      end
    end

    def bonus(name, wanted)
      return 2 if name == wanted
      return 1 if name.start_with?(wanted)

      name.include?(wanted) ? 0.5 : 0
    end
  end
end
