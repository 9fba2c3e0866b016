# frozen_string_literal: true

# How a service goes out, what was decided about its day and what is done of it; and breaks.
class Days < ActiveRecord::Migration[7.2]
  def change
    change_table :services, bulk: true do |t|
      t.string :served_as, null: false, default: "plates"
      t.text :day
      t.text :stock
    end
    change_table :cooks, bulk: true do |t|
      t.string :break_from
      t.string :break_to
    end
  end
end
