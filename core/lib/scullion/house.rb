# frozen_string_literal: true

module Scullion
  # One kitchen as its rules may ask about it: its larder and practice with its own figures in them, how
  # it measures, what stands in it, and the house rules it chose. Whatever needs a figure is handed the
  # house, and there is no other way to one. A house is never changed; another is made from it.
  class House
    # practice, larder: with the house's own figures; rules: those chosen of rule_sets.
    # stamp: of what it was made from, where whoever made it gave one: the same stamp, the same house.
    attr_reader :larder, :practice, :kitchen, :rules, :rule_sets, :stamp

    # The house as it comes, for a kitchen that has decided nothing yet.
    # @param book [Facts::Book]
    def self.shipped(book = Facts.load)
      new(
        book,
        larder: book.larder,
        practice: book.practice,
        kitchen: book.kitchen,
        rules: book.house_rules.values.first,
        rule_sets: book.house_rules
      )
    end

    # @param book [Facts::Book] what every house has alike
    # @param larder [Hash{String=>Ingredient}]
    # @param practice [Practice]
    # @param kitchen [Kitchen, nil] nil while its data has faults
    # @param rules [HouseRules, nil] @param rule_sets [Hash{String=>HouseRules}] to choose from
    # @param finder [#call, nil] makes the finder over its larder, where some of that is done already
    # @yield [String] how the house measures; gives its larder as it is sold where one measures so, where that
    #   is known already
    def initialize(book, larder:, practice:, kitchen:, rules:, rule_sets:, finder: nil, stamp: nil)
      @book, @as_written, @kitchen, @rules, @rule_sets = book, larder, kitchen, rules, rule_sets
      @stamp, @left = stamp, {}
      @make_finder = finder || Finder.method(:new)
      @practice = kitchen ? practice.measured_in(kitchen.measures) : practice
      @larder = ((yield measures.system if block_given?) || sold(larder)).freeze
    end

    # Another house, for the rest like this one.
    # @param figures [Hash{String=>Array(Float, String)}] own figures by address ("larder/carrot/…",
    #   "practice/…"): the value, and who it is set for; unknown addresses are the caller's to refuse
    # @param brought [Hash{String=>Ingredient}] over those of the larder
    # @param changes [Hash] larder, kitchen, rules, rule_sets, and finder and stamp of the new one
    # @return [House]
    def with(figures: {}, brought: {}, **changes)
      same = { larder: @as_written, kitchen: kitchen, rules: rules, rule_sets: rule_sets, **changes }
      others = brought.merge(set(same[:larder], brought, below("larder", figures)))
      practice = @practice.with(below("practice", figures))
      House.new(@book, **same, larder: over(same[:larder], others), practice: practice) do |system|
        over(@larder, sold(others, system)) if !changes.key?(:larder) && system == measures.system
      end
    end

    def sources = @book.sources
    def families = @book.families
    def seasons = @book.seasons
    def words = @book.words
    def starters = @book.starters

    # Reads and writes amounts as this house measures.
    def reader = practice.reader
    def writer = practice.writer
    def measures = practice.measures

    # Over the whole larder. @return [Finder]
    def finder = @finder ||= @make_finder.call(larder)

    # What its written recipes are read with. @return [Recipe::Items]
    def recipe_items = Recipe::Items.new(recipe_lexer)
    # @param written [Recipe::OwnMeasures, nil] what a recipe says of its spoons and pints
    def recipe_lexer(written = nil)
      Recipe::Lexer.new(
        lexicon,
        practice,
        written&.measures || practice.measures,
        imperial: written&.imperial? == true
      )
    end
    def lexicon = @lexicon ||= Recipe::Lexicon.new(self)

    # What is left of a g of it that is cooked so, by its own sheet; nil where it cannot be planned so. Kept,
    # as many lines of recipes ask the same.
    # @param component [Hash] of a salad @return [Float, nil]
    def left_after(component)
      asked = component.slice("ingredient", "cook", "trim", "cut", "treat")
      @left.fetch(asked) do
        @left.clear if @left.size >= MOST_KEPT
        @left[asked] = Cook::Single.left(asked, self)
      end
    end
    MOST_KEPT = 2000

    def fill_in = @fill_in ||= FillIn.new(families, practice)
    def gaps = @gaps ||= Gaps.new(families)
    def swap = @swap ||= Salad::Swap.new(self)

    # How an ingredient usually comes into a salad. @param ingredient [Ingredient]
    def default_component(ingredient) = DefaultComponent.new(ingredient, families)

    # The bounds of the figure at this address.
    # @param at [String] "larder/carrot/trims/peeled/yield", "practice/evaporation/lid-on"
    # @return [Array(Float, Float, String), nil] least, most, unit; nil where there is no such figure to set
    def bound(at)
      book, rest = at.to_s.split("/", 2)
      case book
      when "practice"
        Practice.bound(rest) if practice.figures.key?(rest.to_s)
      when "larder"
        key, address = rest.to_s.split("/", 2)
        IngredientForm.bound(address) if larder[key]&.figures&.key?(address.to_s)
      end
    end

    private

    def below(book, figures)
      figures
        .filter_map { |at, change| [at.delete_prefix("#{book}/"), change] if at.start_with?("#{book}/") }
        .to_h
    end

    # @return [Hash{String=>Ingredient}] those that have own figures, with them
    def set(larder, brought, figures)
      by_key = figures.group_by { |at, _| at[%r{\A[^/]+}] }
      by_key.each_with_object({}) do |(key, changes), found|
        ingredient = brought[key] || larder[key] or next

        own = changes.to_h { |at, change| [at.delete_prefix("#{key}/"), change] }
        found[key] = ingredient.with(own)
      end
    end

    # A larder may be of thousands; where nothing is put over it, it stays the same one.
    def over(larder, others) = others.empty? ? larder : larder.merge(others)

    def sold(larder, system = measures.system)
      larder.transform_values { |ingredient| ingredient.sold_in(system) }
    end
  end
end
