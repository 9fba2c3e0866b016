# frozen_string_literal: true

module Scullion
  module Records
    # A burner, steamer, microwave, chiller or ice machine.
    class Appliance < ActiveRecord::Base
      belongs_to :kitchen

      SIZES = {
        "burner" => %w[kw count],
        "steamer" => %w[positions kw],
        "microwave" => %w[watts],
        "chiller" => %w[shelves],
        "ice_machine" => %w[kg_per_day bin_kg]
      }.freeze

      # In the document a chiller's way of cooling is its method, which a record may not be named.
      def self.from(document, kind)
        new(document.except("method").merge("kind" => kind, "cooling" => document["method"]))
      end

      def to_document
        slice("name", *SIZES.fetch(kind)).to_h.merge(cooling ? { "method" => cooling } : {})
      end
    end
  end
end
