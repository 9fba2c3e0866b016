# frozen_string_literal: true

# What a cook is down for; everything where it says nothing.
class CooksSkills < ActiveRecord::Migration[7.2]
  def change = add_column(:cooks, :skills, :text)
end
