# frozen_string_literal: true

# How long the cook treats a component, where that is said.
class MinutesOfATreatment < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :treat_minutes, :float
  end
end
