# frozen_string_literal: true

# Heat by the burner, cold, machines, tools and hands; how the house measures; what a pot was
# weighed to boil off.
class WidenKitchens < ActiveRecord::Migration[7.2]
  def up
    change_table :kitchens, bulk: true do |t|
      t.string :system, null: false, default: "metric"
      t.string :degrees, null: false, default: "c"
      t.float :cup_ml, null: false, default: 250
      t.float :tablespoon_ml, null: false, default: 15
      t.float :teaspoon_ml, null: false, default: 5
      t.check_constraint "system IN ('metric', 'us')", name: "kitchens_system"
      t.check_constraint "degrees IN ('c', 'f')", name: "kitchens_degrees"
    end

    change_table :vessels, bulk: true do |t|
      t.float :depth_cm
      t.float :boil_factor
      t.check_constraint "boil_factor IS NULL OR boil_factor > 0", name: "vessels_boil_factor"
    end

    change_table :ovens, bulk: true do |t|
      t.float :kw, null: false, default: 10
      t.float :least_celsius, null: false, default: 50
      t.float :most_celsius, null: false, default: 280
      t.check_constraint "least_celsius < most_celsius", name: "ovens_have_a_range"
    end

    appliances
    hands
    execute "INSERT INTO appliances (kitchen_id, kind, name, kw, count) " \
              "SELECT id, 'burner', 'Burner', burner_kw, 1 FROM kitchens"
    execute "UPDATE vessels SET count = 1 WHERE kind = 'pan' AND count IS NULL"
    remove_check_constraint :kitchens, name: "kitchens_have_heat"
    remove_column :kitchens, :burner_kw
  end

  def down = raise(ActiveRecord::IrreversibleMigration)

  private

  def appliances
    create_table :appliances do |t|
      t.references :kitchen, null: false, foreign_key: { on_delete: :cascade }
      t.string :kind, null: false
      t.string :name, null: false
      t.string :cooling
      t.integer :count
      t.integer :positions
      t.integer :shelves
      t.float :kw
      t.float :watts
      t.float :kg_per_day
      t.float :bin_kg
      t.check_constraint "kind IN ('burner', 'steamer', 'microwave', 'chiller', 'ice_machine')",
                         name: "appliances_kind"
      t.check_constraint "coalesce(kw, watts, shelves, kg_per_day) > 0", name: "appliances_have_a_size"
    end
  end

  def hands
    create_table :tools do |t|
      t.references :kitchen, null: false, foreign_key: { on_delete: :cascade }
      t.string :key, null: false
      t.index %i[kitchen_id key], unique: true
    end

    create_table :cooks do |t|
      t.references :kitchen, null: false, foreign_key: { on_delete: :cascade }
      t.string :initials, null: false
      t.string :from, null: false
      t.string :to, null: false
      t.check_constraint "\"from\" < \"to\"", name: "cooks_shift"
    end
  end
end
