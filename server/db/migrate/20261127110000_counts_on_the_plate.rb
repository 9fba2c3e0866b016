# frozen_string_literal: true

# How many of a component lie on a plate, where it is counted there.
class CountsOnThePlate < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :pieces, :float
  end
end
