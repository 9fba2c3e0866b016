# frozen_string_literal: true

# Which devices stand where; and each service as it was planned when it began, which is only ever added to.
class DevicesAndIssues < ActiveRecord::Migration[7.2]
  def up
    create_table(:devices) do |table|
      table.string :kind, null: false, index: { unique: true }, **plain
      table.string :address, null: false
    end
    create_table(:issues) do |table|
      table.integer :service, null: false, index: { unique: true }
      table.string :service_name, null: false
      table.string :at, null: false, **plain
      table.text :brief, null: false
    end
    kept
  end

  def down
    drop_table(:issues)
    drop_table(:devices)
  end

  private

  def postgres? = connection.adapter_name == "PostgreSQL"
  def plain = postgres? ? { collation: "C" } : {}

  def kept
    return execute(<<~SQL.squish) if postgres?
        CREATE TRIGGER issues_stay BEFORE UPDATE OR DELETE ON issues
        FOR EACH ROW EXECUTE FUNCTION never_changed()
      SQL

    %w[UPDATE DELETE].each { |verb| execute(<<~SQL.squish) }
        CREATE TRIGGER issues_stay_#{verb.downcase} BEFORE #{verb} ON issues
        BEGIN SELECT RAISE(ABORT, 'the record is only added to'); END
      SQL
  end
end
