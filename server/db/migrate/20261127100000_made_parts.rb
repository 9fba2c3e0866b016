# frozen_string_literal: true

# What a component is made of, where it is a made part, and what cooks along with it.
class MadeParts < ActiveRecord::Migration[7.2]
  def change
    add_column :components, :made, :text
    add_column :components, :along, :text
  end
end
