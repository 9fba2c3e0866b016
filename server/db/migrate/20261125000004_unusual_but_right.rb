# frozen_string_literal: true

# The cook has said that an unusual amount is meant.
class UnusualButRight < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :right, :boolean, null: false, default: false
  end
end
