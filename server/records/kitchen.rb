# frozen_string_literal: true

module Scullion
  module Records
    # The kitchen: one per database, with all that stands in it and the house rules it chose.
    class Kitchen < ActiveRecord::Base
      belongs_to :house_rules, class_name: "HouseRules"
      PARTS = %i[vessels ovens appliances tools cooks].freeze
      PARTS.each { |part| has_many part, -> { order(:id) }, dependent: :destroy, inverse_of: :kitchen }

      VESSELS = { "pots" => "pot", "trays" => "tray", "pans" => "pan", "bowls" => "bowl" }.freeze
      APPLIANCES = {
        "burners" => "burner",
        "steamers" => "steamer",
        "microwaves" => "microwave",
        "chillers" => "chiller",
        "ice_machines" => "ice_machine"
      }.freeze
      MEASURES = %w[system degrees cup_ml tablespoon_ml teaspoon_ml scale_g].freeze
      USUAL_SCALE = { "scale_g" => Amount::Measures::METRIC.scale }.freeze

      def self.ours = includes(:house_rules, *PARTS).first!

      # @param document [Hash] a kitchen that core has read without fault
      # @raise [ActiveRecord::StaleObjectError]
      def write(document, rules:, version: nil)
        transaction do
          self.lock_version = version if version
          assign_attributes(
            name: document["name"],
            house_rules: rules,
            **USUAL_SCALE,
            **document.fetch("measures", {})
          )
          name_will_change!
          save!
          PARTS.each { |part| public_send(part).destroy_all }
          write_parts(document)
        end
        reload
      end

      # Keeps what a pot boils off against the usual.
      # @yield [] the factor as it was weighed, or nil for not weighed
      # @raise [ActiveRecord::StaleObjectError] @raise [ActiveRecord::RecordNotFound]
      def calibrate(key, version:)
        pot = vessels.find_by!(kind: "pot", key: key)
        transaction do
          self.lock_version = version
          name_will_change!
          save!
          pot.update!(boil_factor: yield)
        end
        reload
      end

      # @param measures [Amount::Measures]
      def measure_in(measures)
        update!(
          system: measures.system,
          degrees: measures.degrees,
          cup_ml: measures.cup,
          tablespoon_ml: measures.tablespoon,
          teaspoon_ml: measures.teaspoon,
          scale_g: measures.scale
        )
        reload
      end

      def to_brief
        {
          "name" => name,
          "measures" => measures,
          **of_kind(VESSELS, vessels),
          **of_kind(APPLIANCES, appliances),
          "ovens" => ovens.map(&:to_document),
          "tools" => tools.map(&:to_document),
          "cooks" => cooks.map(&:to_document)
        }
      end

      # How it measures; a scale as most have it is not worth a word.
      def measures
        said = slice(*MEASURES).to_h
        said["scale_g"] == USUAL_SCALE["scale_g"] ? said.except("scale_g") : said
      end

      def to_document = to_brief.merge("house_rules" => house_rules.key, "version" => lock_version)

      private

      def write_parts(document)
        VESSELS.each do |list, kind|
          document[list].each { |vessel| vessels.create!(vessel.merge("kind" => kind)) }
        end
        APPLIANCES.each do |list, kind|
          document.fetch(list, []).each { |appliance| appliances << Appliance.from(appliance, kind) }
        end
        document["ovens"].each { |oven| ovens.create!(oven) }
        document.fetch("tools", []).each { |tool| tools.create!(tool) }
        document.fetch("cooks", []).each { |cook| cooks.create!(cook) }
      end

      def of_kind(kinds, records)
        kinds.to_h { |list, kind| [list, records.select { |record| record.kind == kind }.map(&:to_document)] }
      end
    end
  end
end
