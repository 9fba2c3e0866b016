# frozen_string_literal: true

module Scullion
  module Records
    # An ingredient as the kitchen keeps it: the facts of core's larder, as JSON.
    class Ingredient < ActiveRecord::Base
      self.inheritance_column = nil
      attribute :facts, ActiveRecord::Type::Json.new

      def self.document(facts) = { key: facts["key"], name: facts["name"], facts: facts }

      # What still uses it, in words: salads by name.
      def used_in
        ids =
          Component.where(ingredient: self).pluck(:salad_id) |
            DressingPart.where(ingredient: self).pluck(:salad_id)
        Salad.where(id: ids).order(:name).pluck(:name)
      end

      def to_document = facts.merge("version" => lock_version)
    end
  end
end
