# frozen_string_literal: true

module Scullion
  module Changes
    # One figure of the larder or of kitchen practice set for the whole kitchen, or put back.
    class HouseFigure
      # @param house [House] @param by [String, nil] who set it: initials
      def initialize(house, at, value, by: nil)
        @house, @at, @value, @by = house, at.to_s, value, by
      end

      # @raise [InvalidBrief] when there is no such figure, or it cannot have this value
      def write
        record = Records::OwnFigure.find_or_initialize_by(service: nil, at: @at)
        return record.destroy! if @value.nil?

        record.set(checked, @by)
      end

      private

      def checked
        least, most, unit =
          @house.bound(@at) ||
            refuse("at", "There is no figure #{@at[0, 120].inspect}.", "Use the address that the page gives.")
        value = WrittenNumber.read(@value)
        unless value.is_a?(Numeric) && value.between?(least, most)
          refuse("value", "#{@value.inspect[0, 80]} cannot be.", "Use #{least} to #{most} #{unit}.")
        end
        contents(value)
        ends(value)
        value
      end

      # What a pinch holds at least is no more than what it holds at most.
      def ends(value)
        measure, which = @at.match(%r{\Apractice/(measures/.+)/(low|high)\z})&.captures
        return unless measure

        other = @house.practice.fetch("#{measure}/#{which == "low" ? "high" : "low"}")
        return if which == "low" ? value <= other : value >= other

        refuse("value", "Then the least would be more than the most, #{other}.", "Set the other one first.")
      end

      # With what else is in it, it is no more than all of it.
      def contents(value)
        key, what = @at[%r{\Alarder/(.+)/content/\w+\z}, 1], @at[/\w+\z/]
        return unless key

        figures = @house.larder.fetch(key).figures
        content =
          figures
            .addresses
            .grep(%r{\Acontent/})
            .to_h { |at| [at.delete_prefix("content/"), figures[at]] }
            .merge(what => value)
        all = Possible.accounted(content)
        return if all <= Possible::MOST_PARTS

        refuse(
          "value",
          "With that, what is in it comes to #{all.round(1)} g of 100 g.",
          "Lower what else is in it first: #{(content.keys & Possible::PARTS - [what]).join(", ")}."
        )
      end

      def refuse(where, what, remedy)
        raise(InvalidBrief, Fault.new(what: what, where: "/#{where}", remedy: remedy))
      end
    end
  end
end
