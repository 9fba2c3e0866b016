# frozen_string_literal: true

# A salad as it was before each change.
class EarlierBuilds < ActiveRecord::Migration[7.2]
  def change
    create_table :earlier_builds do |t|
      t.references :salad, null: false, foreign_key: { on_delete: :cascade }
      t.text :build, null: false
      t.datetime :changed_at, null: false
    end
  end
end
