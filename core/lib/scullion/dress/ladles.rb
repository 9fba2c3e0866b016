# frozen_string_literal: true

module Scullion
  module Dress
    # A volume as ladles: the largest that goes into it, in halves, so that it can be counted out.
    class Ladles
      def initialize(practice)
        @practice = practice
        @sizes = practice.words("ladles", "sizes")
      end

      # @param millilitres [Float] @return [String] e.g. "3½ ladles of 120 ml"
      def of(millilitres)
        size = @sizes.reverse.find { |each| each <= millilitres } || @sizes.first
        halves = [(millilitres.fdiv(size) * 2).round, 1].max
        count = "#{halves / 2 unless halves == 1}#{"½" if halves.odd?}"
        "#{count} #{size < 60 ? "spoon" : "ladle"}#{"s" if halves > 2} of #{size} ml"
      end
    end
  end
end
