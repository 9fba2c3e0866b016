# frozen_string_literal: true

module Scullion
  module Recipe
    # Which of the facts that steps tell of a line stand in the plan: of several times one, none of a way that
    # its food has not, and nothing that the plan cannot take. For Bound, which it is a part of.
    module StandingFacts
      FIGURES = %w[minutes celsius].freeze
      # How what is cooked long begins.
      BEGUN = /\b(?:boil|simmer|bubble)\w*\b[^.;]*\b(?:hard|fast|rapidly|vigorously|high)\b/i.freeze

      private

      # What the plan cannot take is only shown: minutes of what is not cooked, heat of what has none, warm or
      # cold where its way leaves no choice.
      def taken(facts)
        @set = facts.select(&:set).group_by(&:line)
        facts.map do |fact|
          next fact if !fact.set || fact.line.nil? || stands?(fact, of_line(fact.line))

          fact.dup.tap { |own| own.can = own.set = false }
        end
      ensure
        @set = nil
      end

      # A line as all that is told of it leaves it; nothing of one that is left out. @return [Hash]
      def of_line(number)
        @of_line ||= {}
        @of_line[number] ||= begin
          read = @reads.find { |each| each.line.number == number }
          food = food(read)
          food ? cooked(Taken.new(read, food, @house, 1).component, read, food) : {}
        end
      end

      # @param component [Hash] as it is with it @return [Boolean] whether it stands there
      def stands?(fact, component)
        cook, said = component.fetch("cook", {}), Array(fact.value).last
        case fact.fact
        when "minutes"
          cook["minutes"] == said || cook.key?("yolk")
        when "celsius"
          cook["celsius"] == said
        when *BoundPrep::PREP
          prepped_so?(fact, component)
        when "cut_after"
          cook.key?("cut_after")
        when *Bound::DRESSED
          cook.key?("serve") && (fact.fact == "warm") == (cook["serve"] == "warm")
        else
          true
        end
      end

      # Minutes and heat of a way that a food does not have are none of another way's.
      def with_their_way(facts)
        sentence = ->(fact) { [fact.line, fact.text] }
        ways = facts.select { |fact| fact.fact == "method" && fact.line }.group_by(&sentence)
        lacking = ways.reject { |_, all| all.any?(&:can) }
        facts.map do |fact|
          next fact unless FIGURES.include?(fact.fact) && lacking.key?(sentence[fact])

          fact.dup.tap { |own| own.can = own.set = false }
        end
      end

      # Of several times of one food one is taken: the first that is told, or the longest of its sentence; not
      # the ten minutes that beans boil hard before they simmer an hour.
      def one_time_each(facts)
        times = facts.select { |fact| fact.set && fact.fact == "minutes" }.group_by(&:line)
        taken = times.transform_values { |told| longest_of(told) }
        facts.map do |fact|
          shorter = fact.fact == "minutes" && fact.set && !taken[fact.line].equal?(fact)
          shorter ? fact.dup.tap { |own| own.set = false } : fact
        end
      end

      def longest_of(told)
        first = told.first
        begun = first.text.match?(BEGUN) ? told : told.select { |fact| fact.text == first.text }
        begun.max_by { |fact| fact.value.last }
      end
    end
  end
end
