# frozen_string_literal: true

module Scullion
  module Record
    # A made, dated batch, as it was when it was made; times are the kitchen's own, as ISO text. grams: as
    # planned; taken_by: keys of the tasks of its service that use it; shared: another service has some of it
    # too; cooling: how it was to cool; component: of a food, how it comes into a salad, and its preparation.
    Lot =
      Struct.new(
        :code,
        :name,
        :colour,
        :service,
        :service_name,
        :task,
        :batch,
        :made,
        :best,
        :discard,
        :grams,
        :allergens,
        :control,
        :limits,
        :taken_by,
        :shared,
        :cooling,
        :component,
        :preparation,
        keyword_init: true
      )
  end
end
