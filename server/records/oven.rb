# frozen_string_literal: true

module Scullion
  module Records
    # An oven: tray positions, fan or not.
    class Oven < ActiveRecord::Base
      belongs_to :kitchen

      def to_document = slice("name", "positions", "fan").to_h
    end
  end
end
