# frozen_string_literal: true

class AddCoolingToHouseRules < ActiveRecord::Migration[7.2]
  def change
    change_table :house_rules, bulk: true do |t|
      t.float :first_celsius, null: false, default: 21
      t.integer :first_minutes, null: false, default: 120
      t.integer :cooled_minutes, null: false, default: 360
      t.check_constraint "first_minutes < cooled_minutes", name: "house_rules_cooling_in_order"
    end
  end
end
