# frozen_string_literal: true

module Scullion
  module Records
    # An ingredient as the kitchen keeps it: the facts of core's larder, as JSON.
    class Ingredient < ActiveRecord::Base
      self.inheritance_column = nil
      attribute :facts, ActiveRecord::Type::Json.new

      def self.document(facts) = { key: facts["key"], name: facts["name"], facts: facts }

      # New ones, and others with what they are from now on; versions move.
      # @param list [Array<Hash>] facts
      def self.bring_in(list)
        return if list.empty?

        theirs = "name = excluded.name, facts = excluded.facts, lock_version = #{table_name}.lock_version + 1"
        upsert_all(list.map { |facts| document(facts) }, unique_by: :key, on_duplicate: Arel.sql(theirs))
      end

      # What still uses it, in words: salads by name.
      def used_in
        ids =
          Component.where(ingredient: self).pluck(:salad_id) |
            DressingPart.where(ingredient: self).pluck(:salad_id) | below.map(&:salad_id) |
            Salad.where.not(at_table: nil).select { |salad| salad.at_table.include?(key) }.map(&:id)
        Salad.where(id: ids).order(:name).pluck(:name)
      end

      def to_document = facts.merge("version" => lock_version)

      private

      # Components that it is a part of, or cooks along with.
      def below
        Component
          .where.not(made: nil)
          .or(Component.where.not(along: nil))
          .select { |component| Component.keys_of(component.to_document).include?(key) }
      end
    end
  end
end
