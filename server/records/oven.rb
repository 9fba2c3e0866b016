# frozen_string_literal: true

module Scullion
  module Records
    # An oven: tray positions, fan or not, power and range.
    class Oven < ActiveRecord::Base
      belongs_to :kitchen

      def to_document = slice("name", "positions", "fan", "kw", "least_celsius", "most_celsius").to_h
    end
  end
end
