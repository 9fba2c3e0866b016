# frozen_string_literal: true

module Scullion
  module Records
    # One salad of a service.
    class ServiceLine < ActiveRecord::Base
      belongs_to :service
      belongs_to :salad

      def to_document = { "salad" => salad.key, "covers" => covers, "portion_grams" => portion_grams }.compact
    end
  end
end
