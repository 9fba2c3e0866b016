# frozen_string_literal: true

# A salad may split its dressing its own way.
class DressingsOfTheirOwnStages < ActiveRecord::Migration[7.2]
  def change
    add_column :salads, :dressing_stages, :text
  end
end
