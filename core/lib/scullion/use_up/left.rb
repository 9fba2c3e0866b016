# frozen_string_literal: true

module Scullion
  class UseUp
    # One thing that is left, as a cook wrote it: what it is, how much of it can be used once what is bad is
    # trimmed away, and what becomes of it: used, asked about, or binned, with why. Safety comes first: what
    # is only doubtful is asked, what can hurt is thrown. Rules of the job, "Use-up".
    class Left
      HOW_MUCH = "How much is there? Write a weight or a number.".freeze
      WHAT = "What is it? Nothing in the larder is called so.".freeze
      WHEN = "When was it made, or when did it come? Without a date it is not used.".freeze

      PAST = "When it is eaten its date is past; what is kept cold by its date is not used after it.".freeze

      attr_reader :text, :ingredient, :conditions, :fate, :why, :source

      # @param text [String] one line @param house [House] @param today [Date] @param used [Date] when it is
      #   eaten
      def initialize(text, house, today:, used: today)
        @text, @house, @said = text.strip, house, Said.new(text, house, today)
        @days = (used - today).to_i
        read_line
        @conditions = @said.conditions.select { |each| ingredient && each.of?(ingredient, kind) }
        judge
      end

      def fate?(name) = fate == name

      # How it comes into a salad. @return [Hash, nil]
      def component = @taken && way_in.component
      def way_in = @way_in ||= WayIn.new(@taken.component, conditions, kind, @house)

      # g of it, as it lies there. @return [Float, nil]
      def grams = @taken&.weighed

      # g of it that can be used, as it lies there and finished: trimmed, cut and cooked as it goes in.
      def usable = usable_share * grams
      def finished = usable_share * @taken.grams * way_in.times
      def usable_share = conditions.reduce(1.0) { |left, condition| left * (1 - condition.lost(kind)) }

      # Already cooked: it is not cooked once more.
      def ready? = !@read.nil? && !@read.words["cooked"].nil?

      # Of which facts/practice/use_up says what its condition means. @return [String]
      def kind(food = ingredient)
        return "cooked" if ready? && food.family != "bread"
        return "hard-cheese" if @house.practice.words("use_up", "hard_cheese").include?(food.facts["kind"])

        kinds = @house.practice.words("use_up", "kinds")
        kinds.keys.find { |name| kinds[name].include?(food.family) } || "dry"
      end

      # In money, what is usable of it. @return [Float]
      def worth = usable / 1000 * (ingredient.figures["price/per_kg"] || 0.0)

      private

      def read_line
        item = @said.item or return
        line = Recipe::Page::Line.new(number: 1, row: 1, text: @said.rest, kind: "ingredient", item: item)
        @read = Recipe::LineReader.new(@house).read(line)
        # Of what is left "roast" tells what has been done, not what is to be.
        @read.words["cooked"] = true if @read.words["cook"]
        @ingredient = @read.guesses.first or return
        @taken = Recipe::Taken.new(@read, ingredient, @house, 1)
      end

      def judge
        bad =
          conditions.find do |condition|
            foods.any? { |food| condition.bins?(kind(food), food.family, cold: cold?(food)) }
          end
        @fate, @why, @source =
          if ingredient.nil?
            ["ask", WHAT]
          elsif bad
            ["bin", bad.why, bad.source]
          elsif past?
            ["bin", PAST, @house.sources["fc-date"]]
          elsif too_long?
            ["bin", too_old, @house.sources["fc-date"]]
          elsif dated? && @said.doubt
            ["ask", @said.doubt, @house.sources["fc-date"]]
          elsif kept? && !since_when?
            ["ask", WHEN, @house.sources["fc-date"]]
          elsif @read.status != "sure"
            ["ask", @read.guesses.one? ? @read.why : "#{@read.why} #{names_of_guesses}?"]
          elsif grams.nil? || !grams.positive?
            ["ask", HOW_MUCH]
          else
            ["use", way_in.said || conditions.map(&:why).first, conditions.map(&:source).first]
          end
      end

      # All that it may be, where the line leaves that open: the worst of them counts.
      def foods = @read&.status == "sure" ? [ingredient] : [*@read&.guesses]

      # Must it be kept cold, as it is?
      def cold?(food = ingredient)
        Safety::Catalogue.shipped.kind(food).cold?(cooked: ready?, cut: cut?)
      end

      def cut? = conditions.any? { |each| each.key == "cut" } || ready? || @said.open?

      def names_of_guesses = @read.guesses.map { |food| food.name.downcase }.join(", ")

      # Longer than it may be kept; but what is raw and closed goes by the date on it, where there is one.
      def too_long?
        return false unless kept? && @said.age
        return false if raw_dated? && @said.until && !@said.open?

        @said.age + @days >= days
      end

      # Is it said how long it may still be kept? The date on a packet holds only while that is closed.
      def since_when? = !@said.age.nil? || (!@said.until.nil? && !@said.open?)

      # It runs by a date: cooked, opened, or raw meat and fish, and needs the cold.
      def kept? = (ready? || @said.open? || raw_dated?) && cold?

      # Of all that it may be: does it run by a date that is said?
      def dated? = foods.any? { |food| cold?(food) || raw_dated?(food) }
      def past? = @said.until && @said.until < @days && dated?

      def raw_dated?(food = ingredient)
        !ready? && @house.practice.words("use_up", "raw_dated").include?(food.family)
      end

      # Days that it may be kept, the day it was made or came being the first.
      def days
        return @house.practice.fetch("use_up/raw_kept/days").to_i if raw_dated?

        cook = @taken.component["cook"] || Salad::Component::RAW
        made =
          Salad::Component.new(ingredient: ingredient, grams: 1.0, role: @taken.component["role"], cook: cook)
        Hold::Dates.new(@house).days_of(made)
      end

      def too_old
        "It may be kept #{days} days, the day it was made or came being the first; then nobody serves it."
      end
    end
  end
end
