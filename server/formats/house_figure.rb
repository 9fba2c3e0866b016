# frozen_string_literal: true

module Scullion
  module Formats
    # One figure of the larder set for the whole kitchen, or put back to the larder's own.
    class HouseFigure
      def initialize(at, value)
        @at, @value = at, value
      end

      # @raise [InvalidBrief] when there is no such figure, or it cannot have this value
      def write
        record = Records::OwnFigure.find_or_initialize_by(service: nil, at: @at)
        return record.destroy! if @value.nil?

        record.update!(value: checked)
      end

      private

      def checked
        key, address = @at.to_s.delete_prefix("larder/").split("/", 2)
        ingredient = Briefing.larder[key]
        refuse("at", "There is no figure #{@at.to_s[0, 120].inspect}.", "Use the address that the ingredient's page gives.") unless
          @at.start_with?("larder/") && ingredient&.figures&.key?(address.to_s) && IngredientForm.bound(address)
        least, most, unit = IngredientForm.bound(address)
        value = WrittenNumber.read(@value)
        return value if value.is_a?(Numeric) && value.between?(least, most)

        refuse("value", "#{@value.inspect[0, 80]} cannot be.", "Use #{least} to #{most} #{unit}.")
      end

      def refuse(where, what, remedy) = raise(InvalidBrief, Fault.new(what: what, where: "/#{where}", remedy: remedy))
    end
  end
end
