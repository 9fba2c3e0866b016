# frozen_string_literal: true

module Scullion
  module Exchange
    # An ingredient written short is completed: from another that it is like, and from what its
    # family usually has. The way in for a cook's own ingredient and for every imported row.
    class NewIngredient
      # @param house [House] @param beside [Hash{String=>Hash}] key => facts of the rows beside this one
      def initialize(house, beside = {})
        @likeness = Likeness.new(house.larder.transform_values(&:facts).merge(beside))
        @fill_in, @sources, @practice = house.fill_in, house.sources, house.practice
      end

      # @param facts [Hash] as sent @param where [String] @param faults [Array<Fault>] collects
      # @return [Hash] complete facts, as they will be kept
      def complete(facts, where: "", faults: [])
        made = @fill_in.complete(@likeness.resolve(facts, where: where, faults: faults))
        IngredientForm.read(made, sources: @sources, practice: @practice, where: where, faults: faults)
        made
      end

      # A key from a name: "Wild dill (own)" becomes "wild-dill-own".
      def self.key_for(name)
        name
          .to_s
          .unicode_normalize(:nfkd)
          .downcase
          .gsub(/\p{M}/, "")
          .gsub(/[^a-z0-9]+/, "-")
          .gsub(/\A-+|-+\z/, "")[
          0,
          80
        ]
      end
    end
  end
end
