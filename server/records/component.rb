# frozen_string_literal: true

module Scullion
  module Records
    # One component of a salad, in its place.
    class Component < ActiveRecord::Base
      belongs_to :salad
      belongs_to :ingredient
      attribute :cook, ActiveRecord::Type::Json.new
      attribute :made, ActiveRecord::Type::Json.new
      attribute :along, ActiveRecord::Type::Json.new

      # Keys of all that it takes, also below it. @return [Array<String>]
      def self.keys_of(document)
        below = (document.dig("made", "parts") || []) + (document["with"] || [])
        [document, *below].flat_map { |row| keys_of_row(row) }
      end

      # Its own, and that of the whole fruit which is bought for it.
      def self.keys_of_row(row)
        key = row["ingredient"]
        row["fruit"] == "juice" ? [key, key.delete_suffix("-juice")] : [key]
      end

      def to_document
        {
          "ingredient" => ingredient.key,
          "name" => name,
          "grams" => grams,
          "pieces" => pieces,
          "role" => role,
          "trim" => trim,
          "cut" => cut,
          "treat" => treat,
          "treat_minutes" => treat_minutes,
          "held_back" => held_back,
          "cook" => cook,
          "made" => made,
          "with" => along,
          "fruit" => fruit,
          "right" => right || nil,
          "written" => written
        }.compact
      end
    end
  end
end
