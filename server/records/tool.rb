# frozen_string_literal: true

module Scullion
  module Records
    # A tool that the kitchen has beside those that every kitchen has.
    class Tool < ActiveRecord::Base
      belongs_to :kitchen

      def to_document = slice("key").to_h
    end
  end
end
