# frozen_string_literal: true

class CreateLarderAndSalads < ActiveRecord::Migration[7.2]
  def change
    create_table :ingredients do |t|
      t.string :key, null: false, index: { unique: true }
      t.string :name, null: false
      t.text :facts, null: false
      t.integer :lock_version, null: false, default: 0
    end

    create_table :salads do |t|
      t.string :key, null: false, index: { unique: true }
      t.string :name, null: false
      t.string :serves_as, null: false, default: "main"
      t.string :dressing_name
      t.string :dressing_preset
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "length(trim(name)) > 0", name: "salads_named"
      t.check_constraint "serves_as IN ('side', 'starter', 'main')", name: "salads_serves_as"
    end

    create_table :components do |t|
      t.references :salad, null: false, foreign_key: { on_delete: :cascade }
      t.references :ingredient, null: false, foreign_key: { on_delete: :restrict }
      t.integer :position, null: false
      t.float :grams, null: false
      t.float :held_back, null: false, default: 0
      t.string :role, null: false
      t.string :name
      t.string :trim
      t.string :cut
      t.string :treat
      t.text :cook
      t.index %i[salad_id position], unique: true
      t.check_constraint "grams > 0", name: "components_weigh_something"
      t.check_constraint "held_back BETWEEN 0 AND 1", name: "components_held_back"
    end

    create_table :dressing_parts do |t|
      t.references :salad, null: false, foreign_key: { on_delete: :cascade }
      t.references :ingredient, null: false, foreign_key: { on_delete: :restrict }
      t.integer :position, null: false
      t.string :role, null: false
      t.float :ml
      t.float :grams
      t.index %i[salad_id position], unique: true
      t.check_constraint "(ml IS NULL) <> (grams IS NULL)", name: "dressing_parts_one_measure"
      t.check_constraint "coalesce(ml, grams) > 0", name: "dressing_parts_weigh_something"
    end
  end
end
