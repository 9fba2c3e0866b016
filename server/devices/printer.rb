# frozen_string_literal: true

module Scullion
  module Devices
    # Prints labels, one at a time.
    class Printer
      ERRORS = {
        "E JAM" => "The label printer is jammed. Free it, then print again.",
        "E EMPTY" => "The label printer is out of labels. Put a roll in, then print again."
      }.freeze

      # @param address [String]
      def initialize(address)
        @line = Line.new(address)
      end

      # @param text [String] a label @return [Integer] labels that it has left @raise [Gone]
      def print(text)
        said = @line.ask("PRINT #{text.bytesize}", text)
        left = said[/\AOK (\d+)\z/, 1] or
          raise Gone, ERRORS.fetch(said) { "The label was not printed: #{said[0, 40]}" }
        left.to_i
      end
    end
  end
end
