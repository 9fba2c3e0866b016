# frozen_string_literal: true

# The smallest step that a kitchen's scale can weigh, in g.
class ScaleOfTheHouse < ActiveRecord::Migration[7.2]
  def change
    add_column :kitchens, :scale_g, :float, null: false, default: 0.1
  end
end
