# frozen_string_literal: true

module Scullion
  module Records
    # A pot, tray, pan or mixing bowl.
    class Vessel < ActiveRecord::Base
      belongs_to :kitchen

      SIZES = {
        "pot" => %w[diameter_cm height_cm boil_factor],
        "tray" => %w[length_cm width_cm depth_cm count],
        "pan" => %w[diameter_cm count],
        "bowl" => %w[litres count]
      }.freeze

      def to_document = slice("key", "name", *SIZES.fetch(kind)).to_h.compact
    end
  end
end
