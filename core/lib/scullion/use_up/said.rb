# frozen_string_literal: true

module Scullion
  class UseUp
    # What a cook writes of one thing that is left, apart: its condition and its age, and the rest, which is
    # read as any line of a recipe. A word that belongs to the food's own name ("brown rice") says nothing of
    # its condition.
    class Said
      WEEKDAYS = Date::DAYNAMES.each_with_index.to_h
      # "From Sat", not "sun dried".
      SHORT = WEEKDAYS.transform_keys { |name| name[0, 3] }.freeze
      SINCE = /\b(?:since|from|on|made|opened|cooked|dated)\s+/i.freeze
      BEFORE =
        /(?:(?:made|cooked|boiled|roasted|opened|open|open(?:ed)?\s+since|since|from|on|done|dated)\s+)*
        /ix.freeze
      DAYS_OLD = /\b(\d+|two|three|four|five|six|seven)\s+days?\s+(?:old|ago)\b/i.freeze
      COUNTED = %w[zero one two three four five six seven].freeze
      AGO = { "today" => 0, "this morning" => 0, "yesterday" => 1, "last night" => 1 }.freeze
      OPEN = /\b(?:open|opened)\b/i.freeze
      # What only says how bad it is.
      BESIDE =
        /\b(?:bit|little|very|quite|slightly|rather|gone|going|getting|turning|starting\ to|on\ it|at\ the)\b
        /ix.freeze

      # condition words that count, days since it was made or opened (nil: not said), and the line without
      # them.
      attr_reader :conditions, :age, :rest

      # @param text [String] @param house [House] @param today [Date]
      def initialize(text, house, today)
        @house, @today, @rest = house, today, text.strip
        @open = text.match?(OPEN)
        aged
        @conditions = Condition.all(house).select { |condition| said?(condition) }
        @rest = @rest.gsub(/\(\s*\)|\s+(?=,)|,\s*(?=,|\z)|[\s,;:-]+\z/, "").gsub(/\s+/, " ").strip
      end

      # A packet that is open.
      def open? = @open

      # @return [Recipe::Item, nil] the food that the rest names
      def item = item_of(rest)

      private

      def item_of(text) = @house.recipe_items.of(text).find(&:food?)

      def aged
        take(/#{BEFORE}\b(#{WEEKDAYS.keys.join("|")})(?:'s|s)?\b/i) { |found| ago(WEEKDAYS, found[1]) }
        take(/#{BEFORE}#{SINCE}(#{SHORT.keys.join("|")})\b/i) { |found| ago(SHORT, found[1]) }
        take(DAYS_OLD) { |found| COUNTED.index(found[1].downcase) || found[1].to_i }
        AGO.each { |words, days| take(/#{BEFORE}\b#{words}(?:'s)?\b/i) { days } }
      end

      def ago(days, name) = (@today.wday - days.fetch(name.capitalize)) % 7

      def take(pattern)
        return if @age

        found = @rest.match(pattern) or return
        @age = yield(found)
        @rest = "#{found.pre_match} #{found.post_match}".strip
      end

      # Taken out of the rest, but for what is of the food's own name.
      def said?(condition)
        condition.words.any? do |word|
          found = @rest.match(/\b#{Regexp.escape(word)}\b/i) or next
          without = "#{found.pre_match.sub(/#{BESIDE}\s*\z/o, "")} #{found.post_match}"
          next unless same_food?(without)

          @rest = without.strip
          true
        end
      end

      def same_food?(without)
        before, after = item_of(@rest), item_of(without)
        !after.nil? && (before.nil? || before.foods.first == after.foods.first)
      end
    end
  end
end
