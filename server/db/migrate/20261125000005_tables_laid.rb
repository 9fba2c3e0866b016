# frozen_string_literal: true

# A service may say how many tables are laid, for the jugs on them.
class TablesLaid < ActiveRecord::Migration[7.2]
  def change
    add_column :services, :tables, :integer
    add_check_constraint :services, "tables IS NULL OR tables BETWEEN 1 AND 1000", name: "services_tables"
  end
end
