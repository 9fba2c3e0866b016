# frozen_string_literal: true

module Scullion
  module Formats
    # The kitchen's larder as core reads it, kept in memory until an ingredient is added, changed
    # or taken out: reading hundreds of ingredients anew for every request is what would be slow.
    module Shelf
      Stock = Struct.new(:stamp, :larder, :finder)

      class << self
        # @return [Hash{String=>Ingredient}]
        def larder = stock.larder

        # @return [Finder] over the whole larder
        def finder = stock.finder ||= Finder.new(larder.values)

        private

        def stock
          now = stamp
          @stock = Stock.new(now, read) unless @stock&.stamp == now
          @stock
        end

        # Every write moves a version, and every row added or taken out moves the count or the last id.
        def stamp
          database = ActiveRecord::Base.connection_db_config.database
          [database, *Records::Ingredient.pick(Arel.sql("COUNT(*), COALESCE(SUM(lock_version), 0), COALESCE(MAX(id), 0)"))]
        end

        def read
          Records::Ingredient.all.to_h { |record| [record.key, IngredientForm.read(record.facts, sources: Records.facts.sources)] }.freeze
        end
      end
    end
  end
end
