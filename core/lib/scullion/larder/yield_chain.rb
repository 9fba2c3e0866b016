# frozen_string_literal: true

module Scullion
  # A chain of yields by weight, walked both ways: what is needed for so much finished, and
  # what so much bought gives. Rules of the job, "Yield chain".
  class YieldChain
    # @param yields [Array<Numeric>] each above 0: trim, cut, treatment, cooking, draining
    def initialize(yields)
      @yields = yields
    end

    # @return [Float] the whole chain as one factor
    def factor = @yields.reduce(1.0, :*)

    # @param finished [Float] g @return [Float] g to start from
    def needed(finished) = finished / factor

    # @param bought [Float] g @return [Float] g finished
    def gives(bought) = bought * factor

    # How many covers so much bought serves.
    # @param per_cover [Float] g finished per cover @param over_prep [Float] share, applied once
    # @return [Integer]
    def covers(bought, per_cover:, over_prep:)
      Amount::Whole.down(gives(bought) / (per_cover * (1 + over_prep)))
    end
  end
end
