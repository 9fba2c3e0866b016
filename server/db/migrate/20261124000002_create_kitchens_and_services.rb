# frozen_string_literal: true

class CreateKitchensAndServices < ActiveRecord::Migration[7.2]
  def change
    create_table :house_rules do |t|
      t.string :key, null: false, index: { unique: true }
      t.string :name, null: false
      t.float :cold_celsius, null: false
      t.float :hot_celsius, null: false
      t.integer :out_minutes, null: false
      t.integer :days, null: false
      t.string :source, null: false
      t.check_constraint "cold_celsius < hot_celsius", name: "house_rules_cold_below_hot"
    end

    create_table :kitchens do |t|
      t.string :name, null: false
      t.float :burner_kw, null: false
      t.references :house_rules, null: false, foreign_key: { on_delete: :restrict }
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "burner_kw > 0", name: "kitchens_have_heat"
    end

    create_table :vessels do |t|
      t.references :kitchen, null: false, foreign_key: { on_delete: :cascade }
      t.string :kind, null: false
      t.string :key, null: false
      t.string :name, null: false
      t.float :diameter_cm
      t.float :height_cm
      t.float :length_cm
      t.float :width_cm
      t.float :litres
      t.integer :count
      t.index %i[kitchen_id kind key], unique: true
      t.check_constraint "kind IN ('pot', 'tray', 'pan', 'bowl')", name: "vessels_kind"
      t.check_constraint "coalesce(diameter_cm, length_cm, litres) > 0", name: "vessels_have_a_size"
    end

    create_table :ovens do |t|
      t.references :kitchen, null: false, foreign_key: { on_delete: :cascade }
      t.string :name, null: false
      t.integer :positions, null: false
      t.boolean :fan, null: false, default: false
      t.check_constraint "positions > 0", name: "ovens_have_positions"
    end

    create_table :services do |t|
      t.string :name, null: false
      t.date :date, null: false
      t.string :from, null: false
      t.string :to, null: false
      t.integer :covers, null: false
      t.float :over_prep, null: false, default: 0.05
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "covers BETWEEN 1 AND 5000", name: "services_covers"
      t.check_constraint "over_prep BETWEEN 0 AND 0.5", name: "services_over_prep"
      t.check_constraint "\"from\" < \"to\"", name: "services_window"
    end

    create_table :service_lines do |t|
      t.references :service, null: false, foreign_key: { on_delete: :cascade }
      t.references :salad, null: false, foreign_key: { on_delete: :restrict }
      t.integer :position, null: false
      t.integer :covers
      t.float :portion_grams
      t.index %i[service_id position], unique: true
      t.check_constraint "covers IS NULL OR covers BETWEEN 1 AND 5000", name: "service_lines_covers"
    end

    # Figures set by hand: for one service, or with no service for the whole kitchen.
    create_table :own_figures do |t|
      t.references :service, foreign_key: { on_delete: :cascade }
      t.string :at, null: false
      t.float :value, null: false
      t.index %i[service_id at], unique: true
      t.index :at, unique: true, where: "service_id IS NULL", name: "own_figures_of_the_kitchen"
    end
  end
end
