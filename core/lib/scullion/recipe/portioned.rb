# frozen_string_literal: true

module Scullion
  module Recipe
    # A line's amount in grams, ready to serve: by density or piece of the form it is written in,
    # then through trim, cut, treatment and cooking, unless it is written as cooked.
    class Portioned
      # How the thing itself is counted, and what it then is, the likeliest first.
      ITSELF = %w[each baby small medium large head heart].freeze
      WHOLE = %w[medium each head fillet loaf bulb].freeze
      AS_EATEN = %w[drained boned].freeze
      STONES = %w[pitted shelled].freeze
      # Measured in a cup, what is cut one way lies as what is cut the other.
      ALIKE = { "chopped" => "diced", "diced" => "chopped" }.freeze
      FORMS = %w[dry whole liquid drained cooked boiled].freeze

      # @param house [House] @param servings [Integer] of the recipe, for what is written for each of them
      def initialize(read, ingredient, component, house, servings)
        @read, @ingredient, @component, @house = read, ingredient, component, house
        @practice = house.practice
        @times = read.per_head ? servings : 1
      end

      # As it is written, nothing done to it. @return [Float, nil] nil when no amount was read, or it has no
      # weight
      def weighed
        amount = @read.amount
        return if amount.nil? || amount.unit == :taste

        amount.grams(@ingredient, form) * pressed * @times
      rescue MissingFigure
        whole(amount)&.*(amount.value * @times)
      end

      # Ready to serve. @return [Float, nil]
      def grams
        weight = weighed or return
        YieldChain.new(yields).gives(weight)
      end

      # As the line itself prepares it, before any cooking; from a tin, drained. @return [Float, nil]
      def prepared
        weight = weighed or return
        return weight if @read.words["cooked"] || (@read.amount.unit == :ml && @read.words["cut"])

        said = [(trim if said?("trim")), (cut if said?("cut")), (cooking if drained_here?)]
        said.compact.reduce(weight, :*)
      end

      private

      # "4 cups kale, packed": leaf that lies loose in a cup is pressed into it; cut, it lies close already.
      def pressed
        return 1.0 unless @read.amount.unit == :ml && @read.line.item.said?(:pressed)
        return 1.0 if @read.words["cut"]

        loose = @ingredient.density(form) < @practice.fetch("reading/pressed/loose_density")
        loose ? @practice.fetch("reading/pressed/times") : 1.0
      end

      # Said, and to be done to what is weighed.
      def said?(kind)
        return true if kind == "trim" && (@read.line.item.said?(:untrimmed) || stone?)

        !prepared_already? && @read.words.key?(kind)
      end

      # What nobody eats of a thing that is counted.
      def stone? = @read.amount.unit == :piece && STONES.include?(@component["trim"])
      def prepared_already? = @read.amount.unit == :g && @read.line.item.said?(:prepared)

      # The tin's weight is said, and what is in it is drained here.
      def drained_here? = @read.packed && @component.dig("cook", "method") == "tinned"

      # One of it where nothing is known of its size: a head of a lettuce, a fillet of a fish; a big one
      # weighs more. @return [Float, nil] g
      def whole(amount)
        return unless amount.unit == :piece && piece?(amount)

        one = WHOLE.filter_map { |piece| @ingredient.figures["pieces/#{piece}"] }.first
        one && (one * Counted.big(amount.piece, @practice))
      end

      # Counted and weighed things are written as bought; a cup of diced is diced.
      def form
        spooned = @read.amount.unit == :ml
        wanted = [
          *([@read.words["cut"], ALIKE[@read.words["cut"]], cut_here] if spooned),
          ("cooked" if @read.words["cooked"]),
          ("drained" if @ingredient.facts.key?("tinned")),
          *FORMS
        ].compact
        wanted.find { |each| @ingredient.figures.key?("density/#{each}") } || "whole"
      end

      # "Shredded" cheddar is grated here.
      def cut_here = (@component["cut"] if @read.words["cut"])

      # The thing itself is counted, not a part of it of which nobody knows the weight.
      def piece?(amount) = ITSELF.include?(amount.piece)

      # What is cooked already is trimmed and cut too; what is measured cut has been cut and trimmed.
      def yields
        return [1.0] if @read.words["cooked"]
        return treat, cooking if prepared_already? || (@read.amount.unit == :ml && @read.words["cut"])

        [trim, cut, treat, cooking]
      end

      def trim
        return 1.0 if as_eaten?

        left(@component["trim"]) / (without_brine? ? left("drained") : 1.0)
      end

      def left(trim) = @ingredient.figures["trims/#{trim}/yield"] || 1.0

      # "100 g olives, stoned", "9 olives, stones out": what such a trim leaves of a jar is figured from the
      # brine on, and nobody weighs or counts that.
      def without_brine?
        @component["trim"] != "drained" && @read.line.item.container.nil? &&
          left(@component["trim"]) < left("drained")
      end

      # "100 g pickled ginger", "400 g cooked chicken": nobody weighs the brine or the bones, but for what is
      # counted by its jar or by the bird.
      def as_eaten?
        AS_EATEN.include?(@component["trim"]) && @read.line.item.container.nil? && @component["cook"].nil? &&
          @read.amount.unit != :piece
      end
      def cut = @practice.figures["cuts/#{@component["cut"]}/yield"] || 1.0
      def treat
        %w[gain yield]
          .filter_map { |word| @ingredient.figures["treats/#{@component["treat"]}/#{word}"] }
          .first || 1.0
      end

      def cooking
        method = @component.dig("cook", "method")
        return 1.0 if method.nil? || (method == "tinned" && !@read.packed)

        @house.left_after(@component) || usually_left(method)
      end

      # Where it cannot be planned so.
      def usually_left(method)
        figures = @ingredient.figures
        figures["#{method}/uptake/tender"]&.+(1) ||
          %w[gain yield drained].filter_map { |word| figures["#{method}/#{word}"] }.first || 1.0
      end
    end
  end
end
