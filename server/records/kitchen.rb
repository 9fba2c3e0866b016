# frozen_string_literal: true

module Scullion
  module Records
    # The kitchen: one per database, with its vessels and the house rules it chose.
    class Kitchen < ActiveRecord::Base
      belongs_to :house_rules, class_name: "HouseRules"
      has_many :vessels, -> { order(:id) }, dependent: :destroy, inverse_of: :kitchen
      has_many :ovens, -> { order(:id) }, dependent: :destroy, inverse_of: :kitchen

      KINDS = { "pots" => "pot", "trays" => "tray", "pans" => "pan", "bowls" => "bowl" }.freeze

      def self.ours = includes(:vessels, :ovens, :house_rules).first!

      # @param document [Hash] a kitchen that core has read without fault
      # @raise [ActiveRecord::StaleObjectError]
      def write(document, rules:, version: nil)
        transaction do
          self.lock_version = version if version
          assign_attributes(name: document["name"], burner_kw: document["burner_kw"], house_rules: rules)
          name_will_change!
          save!
          [vessels, ovens].each(&:destroy_all)
          KINDS.each { |list, kind| document[list].each { |vessel| vessels.create!(vessel.merge("kind" => kind)) } }
          document["ovens"].each { |oven| ovens.create!(oven) }
        end
        reload
      end

      def to_brief
        { "name" => name, "burner_kw" => burner_kw, "ovens" => ovens.map(&:to_document) }
          .merge(KINDS.to_h { |list, kind| [list, vessels.select { |vessel| vessel.kind == kind }.map(&:to_document)] })
      end

      def to_document = to_brief.merge("house_rules" => house_rules.key, "version" => lock_version)
    end
  end
end
