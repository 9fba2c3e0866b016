# frozen_string_literal: true

# How much dressing a salad has where that is written; otherwise what its components carry.
class DressingAsWritten < ActiveRecord::Migration[7.2]
  def change
    add_column :salads, :dressing_grams, :float
    add_check_constraint :salads, "dressing_grams > 0", name: "salads_dressing_weighs_something"
  end
end
