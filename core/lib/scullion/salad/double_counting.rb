# frozen_string_literal: true

module Scullion
  class Salad
    # Slips of counting twice: one thing in two lines, salt in two places, and salt added to what
    # was cooked in salt already. Rules of the job, "Slips".
    class DoubleCounting
      SALT = "salt"
      Line = Struct.new(:ingredient, :same, :grams, :at, :right, keyword_init: true)

      # @param portion [Count::Portion]
      # @param dressing [Dress::Batch, nil]
      # @param ledger [Salad::Ledger] of the same salad
      def initialize(portion, dressing, ledger)
        @portion, @dressing, @ledger = portion, dressing, ledger
      end

      # @return [Array<Hash>] as Slip#to_h with where it stands; a reading of no grams says to take the line
      #   out
      def to_a = [*repeated, salted_again].compact

      private

      def writer = @portion.writer

      def lines
        @lines ||= layers + parts
      end

      def layers
        @portion.layers.each_with_index.map do |layer, index|
          component = layer.component
          Line.new(
            ingredient: layer.ingredient,
            same: salt?(layer.ingredient) ? SALT : component.preparation,
            grams: layer.grams,
            at: "components/#{index}",
            right: component.right
          )
        end
      end

      def parts
        (@dressing&.parts || []).each_with_index.map do |part, index|
          Line.new(
            ingredient: part.ingredient,
            same: salt?(part.ingredient) ? SALT : ["dressing", part.ingredient.key],
            grams: @portion.dressing_grams * part.share,
            at: "dressing/parts/#{index}",
            right: part.part.right
          )
        end
      end

      def salt?(ingredient) = ingredient.family == SALT

      # The second of two, and any after it.
      def repeated
        lines
          .group_by(&:same)
          .values
          .flat_map do |first, *others|
            others
              .reject(&:right)
              .map do |line|
                told(line, said_twice(first, line), "Usual: in one line.", taken_out("said twice"))
              end
          end
      end

      def said_twice(first, line)
        "#{line.ingredient.name} stands here again: #{writer.g(first.grams)} a serving before, " \
          "#{writer.g(line.grams)} here."
      end

      # Either of the two would be enough, and both are too much.
      def salted_again
        added = lines.select { |line| line.same == SALT }
        if added.size != 1 || added.first.right ||
             @ledger.salt_share < @ledger.most_share * @portion.practice.fetch("slips/salt/over_times")
          return
        end

        cooked = @ledger.lines.grep(Salad::TasteLine::OfLayer).sum(&:cooked_salt_grams)
        line, over = added.first, @ledger.salt_grams - (@ledger.most_share * @ledger.portion_grams)
        return if [cooked, line.grams].min < over

        told(
          line,
          salt_twice(cooked, line.grams),
          "Aim: no more than #{writer.share(@ledger.most_share)}.",
          less(line, over)
        )
      end

      def salt_twice(cooked, added)
        "Salt counts twice: cooking brings #{writer.g(cooked)} a serving, this adds #{writer.g(added)}; " \
          "#{writer.share(@ledger.salt_share)} of the salad in all."
      end

      def less(line, over)
        left = (line.grams - over).round(2)
        return taken_out("cooking brings enough") unless left.positive?

        {
          "grams" => left,
          "factor" => left / line.grams,
          "text" => writer.g(left),
          "name" => "what cooking brings is counted"
        }
      end

      def taken_out(name) = { "grams" => 0, "factor" => 0, "text" => writer.g(0), "name" => name }
      def told(line, what, range, reading)
        {
          "ingredient" => line.ingredient.key,
          "what" => what,
          "range" => range,
          "reading" => reading,
          "at" => line.at
        }
      end
    end
  end
end
