# frozen_string_literal: true

module Scullion
  module Record
    # What one service says of one figure. at: the figure's address; name: of what; usual: as it was planned
    # with; value: as it was; sheet: of the plan that it belongs to; unit: how it is written.
    Weighing = Struct.new(:at, :name, :usual, :value, :sheet, :unit, keyword_init: true)
  end
end
