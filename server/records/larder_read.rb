# frozen_string_literal: true

module Scullion
  module Records
    # The larder as core has it, read anew only where it has changed.
    module LarderRead
      # One ingredient, the version of its record that it was read from, and the names it is found by.
      Read = Struct.new(:version, :ingredient, :names)
      SLICE = 10

      # @param before [Hash{String=>Read}, nil] @param sources [Hash{String=>String}] see IngredientForm
      # @yield when there is very much to read
      # @return [Array(Hash{String=>Read}, Array<String>)] by key, and the keys of what has changed
      def self.after(before, sources)
        versions = Ingredient.order(:id).pluck(:key, :lock_version, :id)
        kept = before || {}
        fresh = versions.reject { |key, version, id| kept[key]&.version == [id, version] }
        yield if before && fresh.size > House::MUCH
        news = read(fresh.map(&:last), sources)
        larder = versions.to_h { |key, _| [key, news[key] || kept[key]] }
        [larder.compact, news.keys | (kept.keys - larder.keys)]
      end

      # Others take their turns in between.
      def self.read(ids, sources)
        ids
          .each_slice(SLICE)
          .flat_map { |some| Ingredient.where(id: some).to_a }
          .to_h do |record|
            Thread.pass
            ingredient = IngredientForm.known(record.facts, sources: sources)
            [record.key, Read.new([record.id, record.lock_version], ingredient, Finder.names(ingredient))]
          end
      end
      private_class_method :read
    end
  end
end
