# frozen_string_literal: true

module Scullion
  module Records
    # What the product has learnt to say of a food since a house took it into its larder: what the house has
    # written stays, what nobody could say then is filled in.
    module LarderSince
      WORDS = %w[binds contents_of us].freeze
      # Groups of which single entries may be new.
      GROUPS = %w[hold carries treats content].freeze
      PACKING = "packing"

      # @param facts [Hash] as the house has them @param shipped [Hash, nil] as the product has them
      # @param fill_in [FillIn] for a food of the house's own
      # @return [Hash]
      def self.of(facts, shipped, fill_in)
        return fill_in.complete(facts) unless shipped

        known = facts.fetch("sources", {})
        sources = new_entries(facts, shipped).filter_map { |group, key| source_of(shipped, group, key) }.to_h
        facts
          .merge(shipped.slice(*WORDS).except(*facts.keys))
          .merge(grouped(facts, shipped))
          .merge("density" => packed(facts, shipped), **moistened(facts, shipped))
          .merge("sources" => sources.merge(known))
      end

      def self.new_entries(facts, shipped)
        GROUPS.flat_map do |group|
          (shipped[group].to_h.keys - facts[group].to_h.keys).map { |key| [group, key] }
        end
      end

      # Where that entry is said to be from, by itself or as all of its group.
      def self.source_of(shipped, group, key)
        said = shipped["sources"].values_at("#{group}/#{key}", group).compact.first
        ["#{group}/#{key}", said] if said
      end

      def self.grouped(facts, shipped)
        GROUPS
          .select { |group| shipped[group].is_a?(Hash) }
          .to_h { |group| [group, shipped[group].merge(facts[group].to_h)] }
      end

      # What was worked out from how a cut packs is worked out as it is now.
      def self.packed(facts, shipped)
        facts["density"].to_h.to_h do |form, density|
          again = facts.dig("sources", "density/#{form}") == PACKING && shipped.dig("density", form)
          [form, again || density]
        end
      end

      def self.moistened(facts, shipped)
        shipped["tcs"].to_a.include?("moisten") ? { "tcs" => facts["tcs"].to_a | ["moisten"] } : {}
      end
      private_class_method :new_entries, :source_of, :grouped, :packed, :moistened
    end
  end
end
