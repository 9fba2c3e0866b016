# frozen_string_literal: true

module Scullion
  module Records
    # One part of a salad's dressing, by volume or by weight.
    class DressingPart < ActiveRecord::Base
      belongs_to :salad
      belongs_to :ingredient

      def to_document
        {
          "ingredient" => ingredient.key,
          "role" => role,
          "ml" => ml,
          "grams" => grams,
          "right" => right || nil,
          "fruit" => fruit,
          "written" => written
        }.compact
      end
    end
  end
end
