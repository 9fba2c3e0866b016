# frozen_string_literal: true

# The row of the recipe that a component or a part of the dressing came from, and what stands on the table.
class AsTheRecipeHasIt < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :written, :string
    add_column :dressing_parts, :written, :string
    add_column :salads, :at_table, :text
  end
end
