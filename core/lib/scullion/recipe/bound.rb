# frozen_string_literal: true

module Scullion
  module Recipe
    # What the steps tell, bound to the lines that it is about: the way of cooking, minutes and heat that the
    # plan takes unless the cook declines them, and what is only shown.
    class Bound
      include BoundPlaces
      include BoundPrep
      include StandingFacts

      # key: names it; line: number, nil for the salad; can: may it be taken at all? set: is it?
      Fact = Struct.new(:key, :line, :fact, :value, :text, :can, :set, keyword_init: true)
      DRESSED = %w[warm cold].freeze
      # What pulses and grain are soaked for is of their cooking.
      SOAKED = "cold-soak"
      # Times that what is treated may stand.
      STANDS = %w[minutes rest_minutes soak_minutes marinate_minutes].freeze
      COOKING = %w[method minutes celsius cut_after].freeze
      IN_OVEN = /\b(?:oven|trays?|bak(?:e|ed|ing)|roast\w*)\b|\b\d{3}\s?(?:°|º|C\b|F\b|fan\b)/i.freeze
      OVER_FLAME = /\b(?:pan|skillet|wok|hob|fry|fried|frying)\b/i.freeze
      MINUTES = /(?<![\d.,])(?<whole>\d{1,2}(?:[.,]\d)?)\s?(?<half>½)?\s?m(?:ins?|inutes?)?\b/i.freeze
      YOLKS = %w[soft hard].freeze
      SETS = %w[method minutes celsius warm cold cut trim cut_after treat].freeze

      # @param page [Page] @param reads [Array<LineReader::Read>] @param house [House]
      # @param declined [Array<String>] keys of facts that are not to be taken
      # @yield [LineReader::Read] @yieldreturn [Ingredient, nil] what it was taken for; else the first guess
      def initialize(page, reads, house, declined, &food)
        @page, @reads, @house, @declined = page, reads, house, declined
        @food = food || ->(read) { read.guesses.first }
      end

      # @return [Array<Told::Fact>] before they are bound to lines
      def told
        @told ||=
          Told.new(
            @page.sentences,
            mentions,
            @house.words.fetch("told"),
            fan_celsius: @house.practice.fetch("heating/oven/fan_celsius"),
            oven_celsius: @house.practice.fetch("reading/oven_celsius")
          ).facts
      end

      # Where the steps speak of the foods of the list. @return [Mentions]
      def mentions
        @mentions ||=
          begin
            listed = @reads.map { |read| read.line.item }.select(&:food?)
            Mentions.new(@page.told_items, listed, @house.larder)
          end
      end

      # @return [Array<Fact>] in the order they are told
      def facts
        @facts ||=
          told
            .flat_map do |fact|
              lines = lines_of(fact)
              (lines.empty? ? [nil] : lines).map { |read| bound(fact, read) }
            end
            .uniq(&:key)
            .reject { |fact| (fact.value == SOAKED && !fact.can) || said_itself?(fact) }
            .then { |all| taken(one_time_each(with_their_way(with_their_treat(all)))) }
      end

      # The way that steps say of a line by its name, where its food has no figures for it.
      # @param read [LineReader::Read] @return [Fact, nil]
      def lacking(read)
        @lacking ||= {}.compare_by_identity
        @lacking.fetch(read) { @lacking[read] = way_lacking(read) }
      end

      # A component with what is told of its line. @param component [Hash] @param read [LineReader::Read]
      # @param ingredient [Ingredient] @return [Hash]
      def cooked(component, read, ingredient)
        told = set(read)
        component = treated(component.merge(prep_of(told, ingredient)), read, told)
        method = way(component, read, told, ingredient)
        return component unless method

        cook = component["cook"] if component.dig("cook", "method") == method
        component.merge(
          "cook" => {
            **(cook || { "method" => method }),
            **figures(told, method, ingredient, read),
            **served(told, method),
            **on(told, method, read),
            **cut_after(told, component, read, ingredient)
          }
        )
      end

      private

      # What is told of a line and taken. @return [Array<Fact>]
      def set(read)
        @set ||= facts.select(&:set).group_by(&:line)
        @set.fetch(read.line.number, [])
      end

      def way_lacking(read)
        @ways ||= facts.select { |fact| fact.fact == "method" }.group_by(&:line)
        ways, food = @ways.fetch(read.line.number, []), food(read)
        return if food.nil? || ways.any?(&:can) || read.words.key?("cook") || read.words.key?("cooked")
        return unless WrittenWay.cooked?(read.line.item, food, @house.lexicon)

        names =
          read.name.split.select { |word| word.length >= Lexicon::SHORTEST }.map { |word| word.chomp("s") }
        ways.find { |way| with_the_next(way.text).any? { |text| names.any? { |name| text.include?(name) } } }
      end

      # "Heat a griddle until smoking. Griddle the broccoli." @return [Array<String>]
      def with_the_next(text)
        sentences = @page.sentences
        at = sentences.index { |each| each.strip[0, Told::SHOWN] == text }
        (at ? sentences[at, 2] : [text]).map(&:downcase)
      end

      # How long something stands that is only treated, and cooked by no word of that sentence, is of its
      # treatment.
      def with_their_treat(facts)
        told = facts.group_by { |fact| [fact.line, fact.text] }
        facts.map do |fact|
          beside = told.fetch([fact.line, fact.text])
          next fact unless STANDS.include?(fact.fact) && beside.none? { |each| each.fact == "method" }

          treat = beside.find { |each| each.fact == "treat" && each.set }&.value || written_treat(fact)
          treat ? standing(fact, treat) : fact
        end
      end

      def standing(fact, treat)
        waits = @house.practice.fetch("treats/#{treat}/minutes").positive?
        fact.dup.tap do |own|
          own.fact, own.can = "treat_minutes", waits
          own.set = waits && !@declined.include?(own.key)
        end
      end

      # By the line that says it itself.
      def written_treat(fact)
        read = fact.line && @reads.find { |each| each.line.number == fact.line }
        treat = read && read.words["treat"]
        if treat && food(read)&.facts.to_h.fetch("treats", {}).key?(treat) &&
             fact.text.include?(mentions.plain(read.line.text.to_s)[0, Told::SHOWN])
          treat
        end
      end

      def food(read) = @food.call(read)

      def lines_of(fact)
        lines = @reads.select { |read| read.line.item.foods.intersect?(fact.of) }
        return lines unless COOKING.include?(fact.fact)

        lines.reject { |read| raw?(read, lines) }
      end

      # "1 to shave raw", "200 g beetroot, raw" beside some that is not: what is told of the rest of it is not
      # told of this.
      def raw?(read, lines)
        read.line.item.said?(:stays_raw) || (read.eaten_raw? && !lines.all?(&:eaten_raw?))
      end

      def bound(fact, read)
        number = read&.line&.number
        can = !number.nil? && (placed?(fact, read) || (SETS.include?(fact.fact) && takes?(fact, read)))
        fact = of_food(fact, read)
        key = [number || "salad", fact.fact, Array(fact.value).join("-")].join("/")
        set = can && !@declined.include?(key)
        Fact.new(
          key: key,
          line: number,
          fact: fact.fact,
          value: fact.value,
          text: fact.text,
          can: can,
          set: set
        )
      end

      # Of several ways of cooking the one that this food has; only eggs are boiled in the shell.
      def of_food(fact, read)
        return fact unless fact.fact == "method"

        way = way_of(fact, read)
        fact.dup.tap { |own| own.value = way ? [way] : (fact.value - %w[eggs]).first(1) }
      end

      # "1.5 kg of cooked chickpeas": they are not cooked for it, nor is any food in a way that it has not.
      def takes?(fact, read)
        return treats?(fact, read) if fact.fact == "treat"
        return prepped?(fact, read) if PREP.include?(fact.fact)

        fact.fact != "method" || !(read.words["cooked"] || way_of(fact, read).nil?)
      end

      # What its line says of it goes before.
      def treats?(fact, read)
        !read.words["treat"] && food(read)&.facts.to_h.fetch("treats", {}).key?(fact.value)
      end

      def treated(component, read, told)
        treat = read.words["treat"] ? component["treat"] : told.find { |fact| fact.fact == "treat" }&.value
        return component unless treat

        minutes = told.find { |fact| fact.fact == "treat_minutes" }&.value&.last
        component.merge({ "treat" => treat, "treat_minutes" => minutes }.compact)
      end

      def way_of(fact, read)
        facts = read && food(read)&.facts
        fact.value.find { |each| facts&.key?(each) }
      end

      # What the line itself says goes before what a step says of it.
      def way(component, read, told, ingredient)
        return component.dig("cook", "method") if read.words["cook"] || read.words["cooked"]

        ways = told.select { |fact| fact.fact == "method" }.flat_map(&:value)
        ways.find { |way| ingredient.facts.key?(way) && Cook::Parcels.all.key?(way) } ||
          component.dig("cook", "method")
      end

      # The later end of a range: what is not done by the first is looked at again.
      def figures(told, method, ingredient, read)
        return { "yolk" => yolk(told, read) }.compact if method == "eggs"

        chosen = on(told, method, read)
        %w[minutes celsius]
          .filter_map do |name|
            fact = told.find { |each| each.fact == name }
            if fact && Cook::Parcels.all.fetch(method).writes?(name, ingredient, chosen)
              [name, fact.value.last]
            end
          end
          .select { |name, value| Salad::Below::WRITTEN[name].first.cover?(value) }
          .to_h
      end

      # Dressed warm or cooled first, where this way of cooking leaves the choice. What is said last is how it
      # meets the dressing.
      def served(told, method)
        choices = @house.practice.schools(method)["serve"] or return {}
        said = told.reverse.find { |each| DRESSED.include?(each.fact) } or return {}
        key = said.fact == "warm" ? "warm" : %w[cold cooled].find { |each| choices.key?(each) }
        choices.key?(key) ? { "serve" => key } : {}
      end

      # In a pan or on a tray, where this way of cooking leaves the choice and only one is said.
      def on(told, method, read)
        choices = @house.practice.schools(method)["on"].to_h
        return {} if choices.none? { |_, words| words["over_flame"] }

        cooking = told.select { |fact| COOKING.include?(fact.fact) }
        said = [read.line.text, *cooking.map(&:text)].join(" ")
        in_oven, over_flame = said.match?(IN_OVEN), said.match?(OVER_FLAME)
        return {} if in_oven == over_flame

        where = choices.find { |_, words| (words["over_flame"] == true) != in_oven }&.first
        where ? { "on" => where } : {}
      end

      # Said by a step, or by the line itself, which cooks it before it cuts it.
      def cut_after(told, component, read, ingredient)
        said = told.any? { |each| each.fact == "cut_after" } || read.words["cut_after"]
        component["cut"] && said && ingredient.figures.key?("density/whole") ? { "cut_after" => true } : {}
      end

      # The yolk that so many minutes give, else the one that its line or a step calls by a word.
      def yolk(told, read)
        text = read.line.text.to_s
        minutes = told.find { |each| each.fact == "minutes" }&.value&.last
        word = yolk_said(text, told.map(&:text)) unless minutes
        minutes ||= minutes_alone(text)
        return word if word || minutes.nil?

        @house.practice.schools("eggs")["yolk"].keys.min_by do |yolk|
          (@house.practice.fetch("eggs/minutes/#{yolk}") - minutes).abs
        end
      end

      # "12 eggs, 6½ min"
      def minutes_alone(text)
        found = text.to_s.match(MINUTES) or return
        found[:whole].to_f + (found[:half] ? 0.5 : 0)
      end

      # "Eggs 12 (soft)" is said of them alone by their own line.
      def yolk_said(line, texts)
        said = [line, *texts].lazy.flat_map { |text| @house.lexicon.yolks(text) }.first
        said || (YOLKS.find { |yolk| line.match?(/\b#{yolk}\b/i) })
      end
    end
  end
end
