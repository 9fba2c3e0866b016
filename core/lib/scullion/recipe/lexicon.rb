# frozen_string_literal: true

module Scullion
  module Recipe
    # The words of a written recipe, each with its role (facts/words), and every name that a house has for a
    # food. What stands in a line is looked up here, the longest first.
    class Lexicon
      include Families
      include NamesInText

      ROLES = %w[cuts trims treats states pieces containers places].freeze
      COUNTED_BY = %w[pieces containers].freeze
      # One of it, as it grows.
      ONE = %w[each medium].freeze
      # Words of which the one of each is remembered.
      MOST_WORDS = 20_000
      # Letters to a name that is looked for in running text.
      SHORTEST = 4
      # Words to the longest phrase.
      LONGEST = 5

      # What a part of a recipe may be called by its heading, where it stands before what belongs to it.
      PART =
        '(?<name>(?:for\s+)?(?:the\s+)?(?-i:(?:[[:alpha:]]+\s+){0,2}?)(?:%s)' \
          '|for\s+the\s+(?-i:[[:alpha:]]+(?:\s+[[:alpha:]]+){0,2})(?=\s*[:=]|\s+[-–—]\s)' \
          '|(?-i:(?:[[:alpha:]]+\s+){1,4}?)' \
          '(?:to\s+serve|(?:for|on|at)\s+the\s+table|on\s+the\s+side)(?=\s*:))'
      AFTER_PART =
        '(?:(?:\s+\d+(?:\.\d+)?\s*(?:ml|g|kg|l)(?:\s*(?:/|per|each|a)\s*(?-i:[[:alpha:]]*))?(?=\s*[:=(]))?' \
          '(?:\s*\([^()\d]*(?:\d[^():]*)?\)(?=\s*[:=]))?' \
          '\s*(?:[:=]|!+|\s[-–—]{1,2}\s|\()|\s+(?:is|was|of)\s)(?<rest>.*)'

      # What one phrase is: role => value; a part and what stands behind it; what something is filled with
      # ("of rice"), and what an amount without a number begins with.
      attr_reader :sections, :verbs, :part, :fill, :fills, :unit_words

      # @param house [House]
      def initialize(house)
        @larder, @words = house.larder, house.words
        @own = {}
        @phrases, @foods = Hash.new { |all, phrase| all[phrase] = {} }, {}
        ROLES.each do |role|
          words(role).each { |phrase, value| @phrases[Lexicon.fold(phrase)][role] = value }
        end
        several_of_one
        house.practice.words("recipe_words", "cook").each { |phrase, value| say("cooks", phrase, value) }
        house.practice.loose.words.each { |word| say("loose", word, word) }
        @asides = words("asides").to_h { |word| [Lexicon.fold(word), true] }
        @sections, @headings, @verbs =
          words("sections"),
          words("headings"),
          words("verbs").to_h { [_1, true] }
        @pairs = words("pairs").transform_keys { |name| Lexicon.fold(name) }
        write_patterns(house.practice.loose)
        name_foods
      end

      # Lower case, without marks, with the apostrophes and hyphens of words gone.
      def self.fold(text)
        plain = text.downcase
        plain = plain.unicode_normalize(:nfkd).gsub(/\p{M}/, "") unless plain.ascii_only?
        plain
          .gsub(/['’.]/, "")
          .gsub(/[^\p{L}\p{N}#&+ ]/, " ")
          .gsub(/[&+]/) { |sign| " #{sign} " }
          .squeeze(" ")
          .strip
      end

      # The words of a name, one of each. @return [Array<String>]
      def self.singulars(name) = fold(name.to_s).split.map { |word| singular(word) }

      # One of it: "tomatoes" as "tomato". @param word [String] folded
      def self.singular(word) = @singular.fetch(word) { @singular[word] = one_of(word) }

      def self.one_of(word)
        @singular.clear if @singular.size > MOST_WORDS
        case word
        when /(?:ss|us|ous)\z/, "this"
          word
        when /(?:toes|ches|shes|xes|sses|choes)\z|\Achill?ies\z/
          word.delete_suffix("es")
        when /ies\z/
          word.length > 4 ? word.sub(/ies\z/, "y") : word.chomp("s")
        when /ves\z/
          %w[olives chives endives].include?(word) ? word.chomp("s") : word
        else
          word.length > 3 ? word.chomp("s") : word
        end
      end
      private_class_method :one_of
      @singular = {}

      # Words to the longest name or phrase that begins with this one; two may stand in either order.
      # @param word [String] folded @return [Integer]
      def longest_from(word)
        @longest ||=
          [@foods, @phrases, @asides, @pairs, words("ways").to_h { |way| [way, true] }].flat_map(&:keys)
            .each_with_object(Hash.new(2)) do |name, longest|
              first, rest = name.split(" ", 2)
              longest[first] = [longest[first], rest.to_s.count(" ") + 2].max if rest
            end
        [@longest[word], @longest[Lexicon.singular(word)]].max
      end

      # @param words [Array<String>] folded @return [Hash] roles of the phrase that they are, may be empty
      def roles(words) = @phrases.fetch(words.join(" "), NOTHING)
      NOTHING = {}.freeze

      # @return [Array<String>, nil] keys of the larder that are called so
      def food(words)
        found = @foods[words.join(" ")] and return found

        singular = words.map { |word| Lexicon.singular(word) }
        # "Potato salad" is a dish, salad potatoes are a food.
        turned = words.size == 2 && singular.last != "salad"
        @foods[singular.join(" ")] || (@turned[singular.sort.join(" ")] if turned)
      end

      # Is it a name only when its two words stand the other way round? @param words [Array<String>] folded
      def turned?(words)
        [words, words.map { |word| Lexicon.singular(word) }].none? { |each| @foods.key?(each.join(" ")) }
      end

      # A text's words as names are looked up in it. @return [Array<String>]
      def self.words_of(text) = text.downcase.split(/[^[:alnum:]'’]+/).reject(&:empty?)

      # Words of a file, as they stand there. @return [Hash, Array]
      def words(file) = @words.fetch(file)

      # Both foods that one name stands for. @return [Array<String>, nil] keys
      def pair(words) = @pairs[words.join(" ")]

      # What others are cooked in, or with, and what gives a dressing its taste.
      def cooked_in?(key) = words("kept").fetch("pot").include?(key)
      def aromatic?(key) = words("kept").fetch("dressing").include?(key)

      # How the yolk of an egg is wanted. @param text [String] @return [Array<String>]
      def yolks(text)
        said = " #{Lexicon.fold(text)} "
        words("yolks").select { |words, _| said.include?(" #{words} ") }.values.uniq
      end

      # @return [Hash{String=>Array<Array<String>>}] words that take back what was said, by their first
      def taken_back
        @taken_back ||=
          words("kept").fetch("taken_back").map(&:split).sort_by { |said| -said.size }.group_by(&:first)
      end

      # Does it have figures for that cut, or for one like it?
      def cut_so?(key, cut) = !@larder[key].nil? && !WrittenWay.cut(cut, @larder[key], self).nil?

      # @return [Hash{String=>String}] what each word of a text says of a food, by its role
      def roles_in(text)
        Lexicon.fold(text).split.map { |word| roles([word]) }.reduce({}) { |all, one| one.merge(all) }
      end

      # What a word that is done to a food may mean of it: "fried" halloumi is seared. @return [String, nil]
      def cooked_so(key, word)
        done = word.end_with?("ed") || words("kept").fetch("orders").include?(word)
        ways = done ? words("told").fetch("cook").fetch(word, []) : []
        ways.find { |way| @larder[key]&.facts&.key?(way) }
      end

      # Is it there for its juice or zest, whole as it is written?
      def squeezed?(key) = words("kept").fetch("squeezed").include?(key)

      # Is this word in the food's own names: "cheese" of a brined white cheese?
      def in_name?(key, word)
        ingredient = @larder[key] or return false
        [ingredient.name, *ingredient.aliases].any? do |name|
          named(name).split.include?(Lexicon.singular(word))
        end
      end

      # Is the weight of one of it known, as it grows?
      def one_known?(key) = ONE.any? { |piece| piece_known?(key, piece) }
      # What one of it weighs, as it grows. @return [Float, nil] g
      def one_weighs(key) = ONE.filter_map { |piece| @larder[key]&.figures&.[]("pieces/#{piece}") }.first
      # Does the larder know what one such piece of it weighs?
      def piece_known?(key, piece) = @larder[key]&.figures&.key?("pieces/#{piece}") || false

      # May it be topped: "French beans, top"?
      def topped?(key) = @larder[key]&.trims&.key?("topped") || false

      # Is this a food's own name, and no other way to call it?
      def own?(words) = @own.key?(words.map { |word| Lexicon.singular(word) }.join(" "))

      # "Purple carrots": a colour that makes no other food of it.
      def coloured?(key, word)
        coloured = words("kept").fetch("coloured")
        coloured["words"].include?(word) && coloured["families"].include?(family(key))
      end

      # Counted as fruit, of which nothing is said but that it goes into a dressing: for its juice.
      # @param item [Item]
      def juiced?(item)
        item.counted? && item.parts.empty? && item.words.empty? && item.piece.nil? &&
          @larder.key?("#{item.foods.first}-juice")
      end

      # Is that what a part of a recipe is called?
      def part?(word)
        sections.key?(word) || words("made").each_value.any? { |names| names.key?(word) }
      end

      # The word that a scanner read wrong. @return [String, nil]
      def misread(word)
        @misread ||=
          Misread.new([*@foods.keys, *@phrases.keys, *@asides.keys, *@verbs.keys].flat_map(&:split))
        @misread.meant(word)
      end

      # "2 r/onions" are red onions. @param text [String]
      def initials(text) = (@initials ||= Initials.new(@foods, @own)).written_out(text)

      def aside?(word) = @asides.key?(word)
      def heading(kind) = @headings.fetch(kind)

      # Does a row begin as what is said beside a recipe?
      def note?(text)
        @notes ||= /\A\W*(?:#{Regexp.union(heading("notes")).source})(?:\W|\z)/i
        text.match?(@notes)
      end

      private

      # What a food is counted by is written of one and of several.
      def several_of_one
        COUNTED_BY
          .product(@phrases.keys)
          .each do |role, phrase|
            value = @phrases[phrase][role]
            next if value.nil? || phrase.length < SHORTEST || phrase.match?(/s\z|\A#|\d/)

            @phrases["#{phrase}s"][role] ||= value unless @phrases.key?("#{phrase}s")
          end
      end

      # @param loose [Amount::Loose]
      def write_patterns(loose)
        @part = /\A#{format(PART, sections.keys.join("|"))}#{AFTER_PART}\z/i
        @fills = loose.fills
        @fill = /(?:#{loose.fill_words.source})\s+/i
        @unit_words = /(?:#{[*loose.words, *loose.fills.keys].join("|")}|#{Quantities::BIG_WORDS}|[tdcpklq])/i
      end

      def say(role, phrase, value) = @phrases[Lexicon.fold(phrase)][role] = value

      def name_foods
        @larder.each_value do |food|
          food.aliases.each { |name| called(name).each { |each| name_food(each, food.key) } }
        end
        own =
          @larder.values.flat_map { |food| [food.key.tr("-", " "), *called(food.name)].product([food.key]) }
        own.each { |name, key| own_name(name, key) }
        everyday = words("names").transform_values { |keys| Array(keys).select { |key| @larder.key?(key) } }
        everyday = everyday.reject { |_, keys| keys.empty? }
        everyday.each { |name, keys| @foods[named(name)] = keys unless other_word?(named(name)) }
        @foods.merge!(everyday.transform_keys { |name| Lexicon.fold(name) })
        cut_short
        # "Almonds, flaked" and "flaked almonds".
        @turned =
          @foods.select { |name, _| name.count(" ") == 1 }.transform_keys { |name| name.split.sort.join(" ") }
      end

      # "Curry pwd" is curry powder.
      def cut_short
        words("abbreviated").each do |word, shorts|
          @foods
            .keys
            .grep(/ #{word}\z/)
            .product(shorts) { |name, short| @foods[name.sub(/#{word}\z/, short)] ||= @foods[name] }
        end
      end

      # "Pots" are potatoes, a pot is what something comes in; "crumbs" are bread, "feta, crumb" is crumbled.
      def other_word?(name) = @phrases.fetch(name, NOTHING).keys.intersect?(%w[containers cuts])

      # "Cranberries, dried" is also asked for the other way round, and so is "dry" before a pulse.
      def called(name)
        first, tail = name.split(/,\s*/, 2)
        tail ? ["#{tail} #{first}", "#{first} #{tail}"] : [name]
      end

      def name_food(name, key)
        words = named(name)
        @foods[words] = [*@foods[words], key].uniq unless words.empty?
      end

      # Its own name is before what others are called by the way.
      def own_name(name, key)
        @foods[named(name)] = [key]
        @own[named(name)] = true
      end

      def named(name) = Lexicon.singulars(name).join(" ")
    end
  end
end
