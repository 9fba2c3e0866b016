# frozen_string_literal: true

module Scullion
  module Api
    # Reads what a cook writes, one line or many, with the house's cup and spoons.
    module Amounts
      def self.registered(app)
        app.helpers Reading
        app.post("/api/amounts/read") do
          document = body_document
          reader = Amount::Reader.new(loose: Records.facts.practice.loose, house: house_units(document["house"]))
          json(document["texts"].map { |text| understood(reader, text, document["ingredient"], document["form"]) })
        end
      end

      # Helpers of this route.
      module Reading
        # One line read, or the part of it that could not be.
        def understood(reader, text, key, form)
          amount = reader.read(text)
          { "text" => text, "low" => amount.low.round(3), "high" => amount.high.round(3), "unit" => amount.unit.to_s, "piece" => amount.piece, "part" => amount.part,
            "rest" => amount.rest, "estimated" => amount.estimated, "metric" => written(amount, Amount::Measures::METRIC), "us" => written(amount, Amount::Measures::US),
            "grams" => key && amount.grams(ingredient(key), form || "whole").round(2) }.compact
        rescue UnreadableAmount, MissingFigure => e
          { "text" => text, "fault" => e.faults.first.to_h.transform_keys(&:to_s) }
        end

        private

        # The cup and spoons that were sent, else the kitchen's own.
        def house_units(sent) = Amount::Measures.read(DocumentReader.new(Records::Kitchen.ours.to_brief["measures"].merge(sent || {})))

        def written(amount, house)
          return unless %i[g ml].include?(amount.unit)

          [amount.low, amount.high].uniq.map { |value| Amount::Writer.for(house).write(value, amount.unit) }.uniq.join(" to ")
        end

        def ingredient(key)
          record = Records::Ingredient.find_by!(key: key)
          IngredientForm.read(record.facts, sources: Records.facts.sources)
        end
      end
    end
  end
end
