# frozen_string_literal: true

# The cook has said that an unusual amount of a dressing's part is meant.
class UnusualButRightInADressing < ActiveRecord::Migration[7.2]
  def change
    add_column :dressing_parts, :right, :boolean, null: false, default: false
  end
end
