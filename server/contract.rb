# frozen_string_literal: true

require "committee"
require "yaml"

module Scullion
  # The one description of the API: openapi.yaml, with what follows from the ways of cooking filled in, so
  # that a method added as a folder is in the contract too.
  module Contract
    FILE = File.expand_path("openapi.yaml", __dir__)

    class << self
      # @return [Hash] OpenAPI 3
      def document
        read = YAML.safe_load_file(FILE)
        schemas = read.fetch("components").fetch("schemas")
        schemas["CookingMethod"]["enum"] = Cook::Parcels.keys
        schemas["Cook"]["properties"].merge!(options)
        read
      end

      # @return [String] the same as YAML, written once
      def text = @text ||= document.to_yaml.freeze

      # @return [Committee::Drivers::OpenAPI3::Schema]
      def schema
        Committee::Drivers.load_from_data(
          document,
          FILE,
          parser_options: {
            strict_reference_validation: true
          }
        )
      end

      private

      # Every choice that some method has within it; which belong to which is for the salad's reader.
      def options
        Cook::Parcels
          .all
          .values
          .flat_map { |parcel| parcel.choices.to_a }
          .group_by(&:first)
          .transform_values do |same|
            { "type" => "string", "enum" => same.flat_map { |_, choices| choices.keys }.uniq }
          end
      end
    end
  end
end
