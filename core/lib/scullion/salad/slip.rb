# frozen_string_literal: true

module Scullion
  class Salad
    # The mistakes that tired people make: an amount outside what that ingredient ever is in a
    # salad, with the usual range and the nearest reading that would fit. Rules of the job, "Slips".
    class Slip
      Reading = Struct.new(:grams, :factor, :name, keyword_init: true)

      attr_reader :ingredient, :grams, :total

      # @param ingredient [Ingredient] @param grams [Float] of it @param total [Float] g of the salad it is in
      def initialize(ingredient, grams, total, practice)
        @ingredient, @grams, @total, @practice = ingredient, grams, total, practice
      end

      # Is the amount one that this ingredient ever is?
      def slip?
        return false unless low && total.positive?

        more? || share < low * @practice.fetch("slips/beyond/under_times")
      end

      # Is it more than that?
      def more? = !low.nil? && total.positive? && share > most

      # The likeliest mistake that, mended, gives a usual amount; nil when none does.
      # @return [Reading, nil]
      def reading
        found = @practice.words("slips", "readings").find { |each| usual?(grams * each["factor"]) }
        found && Reading.new(grams: grams * found["factor"], factor: found["factor"], name: found["name"])
      end

      def what
        "#{writer.g(grams)} of #{ingredient.name.downcase} in #{writer.g(total)} is " \
          "#{share > high ? "more" : "less"} than it ever is."
      end
      def range = "Usual: #{writer.g(low * total / 100)} to #{writer.g(high * total / 100)}."

      def to_h
        mend = reading
        {
          "ingredient" => ingredient.key,
          "what" => what,
          "range" => range,
          "reading" =>
            mend &&
              {
                "grams" => mend.grams.round(2),
                "factor" => mend.factor,
                "text" => writer.g(mend.grams),
                "name" => mend.name
              }
        }.compact
      end

      # Every slip of a build and its dressing that the cook has not called right.
      # @param portion [Count::Portion]
      # @param ledger [Salad::Ledger]
      # @return [Array<Hash>] each with where it stands
      def self.of(portion, dressing, ledger)
        amounts(portion, dressing) + DoubleCounting.new(portion, dressing, ledger).to_a
      end

      def self.amounts(portion, dressing)
        total = portion.portion_grams
        layers =
          portion.layers.each_with_index.map do |layer, index|
            [layer.ingredient, layer.grams, "components/#{index}", layer.component.right]
          end
        parts =
          (dressing&.parts || []).each_with_index.map do |part, index|
            [part.ingredient, portion.dressing_grams * part.share, "dressing/parts/#{index}", part.part.right]
          end
        (layers + parts)
          .reject(&:last)
          .filter_map do |ingredient, grams, at, _|
            slip = new(ingredient, grams, total, portion.practice)
            slip.to_h.merge("at" => at) if slip.slip?
          end
      end
      private_class_method :amounts

      private

      def writer = @practice.writer
      def low = @ingredient.figures["usual/low"]
      def high = @ingredient.figures["usual/high"]

      def most
        [
          high * @practice.fetch("slips/beyond/over_times"),
          high + ((100 - high) * @practice.fetch("slips/beyond/way_share"))
        ].min
      end

      def share = grams / total * 100

      # Mending one line changes the whole a little; the rest of the salad is what stays.
      def usual?(weight) = (weight / (total - grams + weight) * 100).between?(low, high)
    end
  end
end
