# frozen_string_literal: true

# Pictures that go with entries: only ever added to, as these are.
class Pictures < ActiveRecord::Migration[7.2]
  def up
    create_table(:pictures) do |table|
      table.string :uid, null: false, index: { unique: true }, **plain
      table.binary :jpeg, null: false
    end
    kept
  end

  def down = drop_table(:pictures)

  private

  def postgres? = connection.adapter_name == "PostgreSQL"
  def plain = postgres? ? { collation: "C" } : {}

  def kept
    return execute(<<~SQL.squish) if postgres?
        CREATE TRIGGER pictures_stay BEFORE UPDATE OR DELETE ON pictures
        FOR EACH ROW EXECUTE FUNCTION never_changed()
      SQL

    %w[UPDATE DELETE].each { |verb| execute(<<~SQL.squish) }
        CREATE TRIGGER pictures_stay_#{verb.downcase} BEFORE #{verb} ON pictures
        BEGIN SELECT RAISE(ABORT, 'the record is only added to'); END
      SQL
  end
end
