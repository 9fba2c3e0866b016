# frozen_string_literal: true

module Scullion
  module Cook
    # What a day has beside the kitchen, and asks of one preparation.
    # borrowed: kinds of resource, one more of each; loads: into the oven, one after the other, at least.
    Beside =
      Struct.new(:borrowed, :loads, keyword_init: true) do
        # How many more there are of a kind.
        def more(kind) = borrowed.count(kind)
      end
  end
end
