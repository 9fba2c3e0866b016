# frozen_string_literal: true

# What a component is made of, where it is a made part, what cooks along with it, and what comes from whole
# fruit.
class MadeParts < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :made, :text
    add_column :components, :along, :text
    add_column :components, :fruit, :string
    add_column :dressing_parts, :fruit, :string
  end
end
