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
        return value if value.is_a?(Numeric) && value.between?(least, most)

        refuse("value", "#{@value.inspect[0, 80]} cannot be.", "Use #{least} to #{most} #{unit}.")
      end

      def refuse(where, what, remedy)
        raise(InvalidBrief, Fault.new(what: what, where: "/#{where}", remedy: remedy))
      end
    end
  end
end
