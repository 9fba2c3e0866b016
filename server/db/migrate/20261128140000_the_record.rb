# frozen_string_literal: true

# What really happened: entries, and the lots that were made. Both are only ever added to; the database itself
# refuses to change or take out a row. A service that goes leaves its record.
class TheRecord < ActiveRecord::Migration[7.2]
  KEPT = %w[entries lots].freeze

  def up
    create_table(:entries) { |t| entry(t) }
    create_table(:lots) { |t| lot(t) }
    KEPT.each { |table| kept(table) }
  end

  def down
    KEPT.reverse_each { |table| drop_table(table) }
    execute("DROP FUNCTION IF EXISTS never_changed()") if postgres?
  end

  private

  def postgres? = connection.adapter_name == "PostgreSQL"
  # Text that is looked up or sorted by.
  def plain = postgres? ? { collation: "C" } : {}

  def entry(table)
    table.string :uid, null: false, index: { unique: true }, **plain
    table.string :at, null: false, index: true, **plain
    table.string :clock, null: false, **plain
    table.string :recorded, null: false, **plain
    table.string :by
    table.string :kind, null: false, **plain
    table.string :of
    table.integer :service, index: true
    table.string :service_name
    table.string :task, **plain
    table.string :lot, index: true, **plain
    table.string :about
    table.float :value
    table.string :unit
    table.string :device
    table.text :note
    table.string :mends, **plain
    table.boolean :void, null: false, default: false
  end

  def lot(table)
    table.string :code, null: false, index: { unique: true }, **plain
    table.integer :service, index: true
    table.string :service_name, null: false
    table.string :task, null: false, **plain
    table.string :batch
    table.string :name, null: false, **plain
    table.string :colour
    table.string :preparation, **plain
    table.string :made, null: false, **plain
    table.string :best, null: false, **plain
    table.string :discard, null: false, **plain
    table.float :grams
    table.text :facts, null: false
  end

  def kept(table)
    return in_postgres(table) if postgres?

    %w[UPDATE DELETE].each { |verb| execute(<<~SQL.squish) }
        CREATE TRIGGER #{table}_stay_#{verb.downcase} BEFORE #{verb} ON #{table}
        BEGIN SELECT RAISE(ABORT, 'the record is only added to'); END
      SQL
  end

  def in_postgres(table)
    execute(<<~SQL)
      CREATE OR REPLACE FUNCTION never_changed() RETURNS trigger AS $$
      BEGIN RAISE EXCEPTION 'the record is only added to'; END $$ LANGUAGE plpgsql
    SQL
    execute(<<~SQL.squish)
      CREATE TRIGGER #{table}_stay BEFORE UPDATE OR DELETE ON #{table}
      FOR EACH ROW EXECUTE FUNCTION never_changed()
    SQL
  end
end
