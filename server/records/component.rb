# frozen_string_literal: true

module Scullion
  module Records
    # One component of a salad, in its place.
    class Component < ActiveRecord::Base
      belongs_to :salad
      belongs_to :ingredient
      attribute :cook, ActiveRecord::Type::Json.new

      def to_document
        {
          "ingredient" => ingredient.key,
          "name" => name,
          "grams" => grams,
          "role" => role,
          "trim" => trim,
          "cut" => cut,
          "treat" => treat,
          "held_back" => held_back,
          "cook" => cook,
          "right" => right || nil
        }.compact
      end
    end
  end
end
