# frozen_string_literal: true

# Who set a figure and when; and what is ticked off at the bench.
class WhoAndWhen < ActiveRecord::Migration[7.2]
  def change
    change_table :own_figures, bulk: true do |t|
      t.string :set_by
      t.date :set_on
    end

    create_table :ticks do |t|
      t.references :service, null: false, foreign_key: { on_delete: :cascade }
      t.string :key, null: false
      t.index %i[service_id key], unique: true
    end
  end
end
