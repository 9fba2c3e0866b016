# frozen_string_literal: true

require "yaml"

module Scullion
  module Cook
    # Every way of cooking there is, each from its folder in core/methods. Lists elsewhere (choices on
    # screen, the contract, words of recipes, forms, labour) are read off these and kept nowhere else.
    module Parcels
      ROOT = File.expand_path("../../../methods", __dir__)

      class << self
        # @return [Hash{String=>Parcel}] by key, in their own order
        # @raise [InvalidFacts] one line for each that a parcel lacks
        def all = @all ||= read(Dir[File.join(ROOT, "*/")])

        def keys = all.keys

        # @return [Class, nil] the kind of Cook::Method, nil for no way of cooking that there is
        def kind(key) = all[key]&.kind

        # The figures and words of practice that parcels bring, by the file that they would stand in.
        # @return [Hash{String=>Hash}]
        def practice
          each = ->(field) { all.transform_values(&field) }
          {
            "labour" => each[:labour],
            "doneness" => each[:done],
            "forms" => forms,
            "schools" => each[:choices].merge("names" => names),
            "salt" => {
              "kept" => each[:salt_kept]
            },
            "oil" => {
              "kept" => each[:oil_kept].compact
            },
            "recipe_words" => {
              "cook" => words
            },
            **each[:figures]
          }
        end

        # With one more folder while the block runs.
        # @raise [InvalidFacts]
        def with(folder)
          before = all
          @all = in_order([*before.values, Parcel.read(folder)])
          yield
        ensure
          @all = before
        end

        private

        def read(folders) = in_order(folders.map { |folder| Parcel.read(folder) })

        def in_order(parcels)
          faults = parcels.flat_map(&:faults) + forms_at_odds(parcels)
          raise InvalidFacts, faults if faults.any?

          parcels.sort_by(&:order).to_h { |parcel| [parcel.key, parcel] }.freeze
        end

        def forms_at_odds(parcels)
          parcels
            .group_by(&:form)
            .values
            .select { |same| same.map(&:form_facts).uniq.size > 1 }
            .map do |same|
              Fault.new(
                what:
                  "#{same.map(&:key).join(" and ")} give #{same.first.form} and say different things of it.",
                where: "methods",
                remedy: "Let packing, hold and carries agree."
              )
            end
        end

        def forms
          all.values.to_h { |parcel| [parcel.form, parcel.form_facts] }.reject { |_, facts| facts.empty? }
        end
        def names = all.values.map(&:option_names).reduce({}, :merge)
        def words = all.values.flat_map { |parcel| parcel.words.map { |word| [word, parcel.key] } }.to_h
      end
    end
  end
end
