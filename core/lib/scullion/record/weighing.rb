# frozen_string_literal: true

module Scullion
  module Record
    # What one service says of one figure. at: the figure's address; name: of what; usual: as it was planned
    # with; value: as it was; sheet: of the plan that it belongs to, or the house; unit: how it is written;
    # by: whose hands it was, where one pair's.
    Weighing = Struct.new(:at, :name, :usual, :value, :sheet, :unit, :by, keyword_init: true)
  end
end
