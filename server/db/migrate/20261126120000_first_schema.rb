# frozen_string_literal: true

# Everything that a kitchen keeps. Order and equality of text are by its bytes on every database.
class FirstSchema < ActiveRecord::Migration[7.2]
  def change
    larder
    salads
    kitchens
    services
    decided
  end

  private

  # Text that is looked up or sorted by.
  def plain = connection.adapter_name == "PostgreSQL" ? { collation: "C" } : {}

  # Both are restricted or taken along as the parent goes.
  def with(parent) = { null: false, foreign_key: { to_table: parent, on_delete: :cascade } }
  def needed(other) = { null: false, foreign_key: { to_table: other, on_delete: :restrict } }

  def larder
    create_table :ingredients do |t|
      t.string :key, null: false, index: { unique: true }, **plain
      t.string :name, null: false, **plain
      t.text :facts, null: false
      t.integer :lock_version, null: false, default: 0, index: true
    end
  end

  def salads
    create_table :salads do |t|
      t.string :key, null: false, index: { unique: true }, **plain
      t.string :name, null: false, **plain
      t.string :serves_as, null: false, default: "main"
      t.string :dressing_name
      t.string :dressing_preset
      t.text :dressing_stages
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "length(trim(name)) > 0", name: "salads_named"
      t.check_constraint "serves_as IN ('side', 'starter', 'main')", name: "salads_serves_as"
    end
    components
    dressing_parts
    create_table :earlier_builds do |t|
      t.references :salad, **with(:salads)
      t.text :build, null: false
      t.datetime :changed_at, null: false
    end
  end

  def components
    create_table :components do |t|
      t.references :salad, **with(:salads)
      t.references :ingredient, **needed(:ingredients)
      t.integer :position, null: false
      t.float :grams, null: false
      t.float :held_back, null: false, default: 0
      t.boolean :right, null: false, default: false
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
  end

  def dressing_parts
    create_table :dressing_parts do |t|
      t.references :salad, **with(:salads)
      t.references :ingredient, **needed(:ingredients)
      t.integer :position, null: false
      t.string :role, null: false
      t.float :ml
      t.float :grams
      t.boolean :right, null: false, default: false
      t.index %i[salad_id position], unique: true
      t.check_constraint "(ml IS NULL) <> (grams IS NULL)", name: "dressing_parts_one_measure"
      t.check_constraint "coalesce(ml, grams) > 0", name: "dressing_parts_weigh_something"
    end
  end

  def kitchens
    house_rules
    create_table :kitchens do |t|
      t.string :name, null: false
      t.references :house_rules, **needed(:house_rules)
      t.string :system, null: false, default: "metric"
      t.string :degrees, null: false, default: "c"
      t.float :cup_ml, null: false, default: 250
      t.float :tablespoon_ml, null: false, default: 15
      t.float :teaspoon_ml, null: false, default: 5
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "system IN ('metric', 'us')", name: "kitchens_system"
      t.check_constraint "degrees IN ('c', 'f')", name: "kitchens_degrees"
    end
    vessels
    heat
    hands
  end

  def house_rules
    create_table :house_rules do |t|
      t.string :key, null: false, index: { unique: true }, **plain
      t.string :name, null: false
      t.float :cold_celsius, null: false
      t.float :hot_celsius, null: false
      t.integer :out_minutes, null: false
      t.integer :days, null: false
      t.float :first_celsius, null: false
      t.integer :first_minutes, null: false
      t.integer :cooled_minutes, null: false
      t.string :source, null: false
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "cold_celsius < hot_celsius", name: "house_rules_cold_below_hot"
      t.check_constraint "first_minutes < cooled_minutes", name: "house_rules_cooling_in_order"
    end
  end

  def vessels
    create_table :vessels do |t|
      t.references :kitchen, **with(:kitchens)
      t.string :kind, null: false
      t.string :key, null: false
      t.string :name, null: false
      %i[diameter_cm height_cm length_cm width_cm depth_cm litres boil_factor].each { |size| t.float size }
      t.integer :count
      t.index %i[kitchen_id kind key], unique: true
      t.check_constraint "kind IN ('pot', 'tray', 'pan', 'bowl')", name: "vessels_kind"
      t.check_constraint "coalesce(diameter_cm, length_cm, litres) > 0", name: "vessels_have_a_size"
      t.check_constraint "boil_factor IS NULL OR boil_factor > 0", name: "vessels_boil_factor"
    end
  end

  def heat
    create_table :ovens do |t|
      t.references :kitchen, **with(:kitchens)
      t.string :name, null: false
      t.integer :positions, null: false
      t.boolean :fan, null: false, default: false
      t.float :kw, null: false, default: 10
      t.float :least_celsius, null: false, default: 50
      t.float :most_celsius, null: false, default: 280
      t.check_constraint "positions > 0", name: "ovens_have_positions"
      t.check_constraint "least_celsius < most_celsius", name: "ovens_have_a_range"
    end

    create_table :appliances do |t|
      t.references :kitchen, **with(:kitchens)
      t.string :kind, null: false
      t.string :name, null: false
      t.string :cooling
      %i[count positions shelves].each { |number| t.integer number }
      %i[kw watts kg_per_day bin_kg].each { |size| t.float size }
      t.check_constraint "kind IN ('burner', 'steamer', 'microwave', 'chiller', 'ice_machine')",
                         name: "appliances_kind"
      t.check_constraint "coalesce(kw, watts, shelves, kg_per_day) > 0", name: "appliances_have_a_size"
    end
  end

  def hands
    create_table :tools do |t|
      t.references :kitchen, **with(:kitchens)
      t.string :key, null: false
      t.index %i[kitchen_id key], unique: true
    end

    create_table :cooks do |t|
      t.references :kitchen, **with(:kitchens)
      t.string :initials, null: false
      t.string :from, null: false, **plain
      t.string :to, null: false, **plain
      t.string :break_from
      t.string :break_to
      t.text :skills
      t.check_constraint "\"from\" < \"to\"", name: "cooks_shift"
    end
  end

  def services
    create_table :services do |t|
      t.string :name, null: false, **plain
      t.date :date, null: false
      t.string :from, null: false, **plain
      t.string :to, null: false, **plain
      t.integer :covers, null: false
      t.integer :tables
      t.string :served_as, null: false, default: "plates"
      t.float :over_prep, null: false, default: 0.05
      t.text :stock
      t.text :day
      t.text :calendar
      t.integer :lock_version, null: false, default: 0
      t.check_constraint "covers BETWEEN 1 AND 5000", name: "services_covers"
      t.check_constraint "tables IS NULL OR tables BETWEEN 1 AND 1000", name: "services_tables"
      t.check_constraint "over_prep BETWEEN 0 AND 0.5", name: "services_over_prep"
      t.check_constraint "\"from\" < \"to\"", name: "services_window"
    end

    create_table :service_lines do |t|
      t.references :service, **with(:services)
      t.references :salad, **needed(:salads)
      t.integer :position, null: false
      t.integer :covers
      t.float :portion_grams
      t.index %i[service_id position], unique: true
      t.check_constraint "covers IS NULL OR covers BETWEEN 1 AND 5000", name: "service_lines_covers"
    end
  end

  def decided
    # Figures set by hand: for one service, or with no service for the whole kitchen.
    create_table :own_figures do |t|
      t.references :service, foreign_key: { on_delete: :cascade }
      t.string :at, null: false, **plain
      t.float :value, null: false
      t.string :set_by
      t.date :set_on
      t.integer :lock_version, null: false, default: 0
      t.index %i[service_id at], unique: true
      t.index :at, unique: true, where: "service_id IS NULL", name: "own_figures_of_the_kitchen"
    end

    # What is ticked off at the bench.
    create_table :ticks do |t|
      t.references :service, **with(:services)
      t.string :key, null: false, **plain
      t.index %i[service_id key], unique: true
    end
  end
end
