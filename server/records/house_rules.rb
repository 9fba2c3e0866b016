# frozen_string_literal: true

module Scullion
  module Records
    # A set of safety limits to choose from.
    class HouseRules < ActiveRecord::Base
      self.table_name = "house_rules"

      def to_document
        slice(
          "key",
          "name",
          "cold_celsius",
          "hot_celsius",
          "out_minutes",
          "days",
          "first_celsius",
          "first_minutes",
          "cooled_minutes"
        ).to_h
      end
    end
  end
end
