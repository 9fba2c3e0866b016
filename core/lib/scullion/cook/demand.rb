# frozen_string_literal: true

module Scullion
  module Cook
    # So many of one kind of the kitchen's things, held while something cooks. mode: what it must be
    # set to meanwhile (an oven's °C).
    Demand = Struct.new(:kind, :amount, :mode, keyword_init: true)
  end
end
