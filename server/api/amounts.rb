# frozen_string_literal: true

module Scullion
  module Api
    # Reads what a cook writes, one line or many, with the house's cup and spoons.
    module Amounts
      def self.registered(app)
        app.helpers Reading
        app.post("/api/amounts/read") do
          document = body_document
          reader = Amount::Reader.new(loose: Records.facts.practice.loose, house: house_units(document.fetch("house", {})))
          json(document["texts"].map { |text| understood(reader, text, document["ingredient"], document["form"]) })
        end
      end

      # Helpers of this route.
      module Reading
        # One line read, or the part of it that could not be.
        def understood(reader, text, key, form)
          amount = reader.read(text)
          { "text" => text, "low" => amount.low.round(3), "high" => amount.high.round(3), "unit" => amount.unit.to_s, "piece" => amount.piece, "part" => amount.part,
            "rest" => amount.rest, "estimated" => amount.estimated, "metric" => written(amount, Amount::Writer), "us" => written(amount, Amount::UsWriter),
            "grams" => key && amount.grams(ingredient(key), form || "whole").round(2) }.compact
        rescue UnreadableAmount, MissingFigure => e
          { "text" => text, "fault" => e.faults.first.to_h.transform_keys(&:to_s) }
        end

        private

        def house_units(own)
          spoons = Units::METRIC.to_h.to_h { |name, ml| [name, own.fetch("#{name}_ml", ml)] }
          Units::House.new(**spoons)
        end

        def written(amount, writer)
          return unless %i[g ml].include?(amount.unit)

          [amount.low, amount.high].uniq.map { |value| writer.public_send(amount.unit, value) }.uniq.join(" to ")
        end

        def ingredient(key)
          record = Records::Ingredient.find_by!(key: key)
          IngredientForm.read(record.facts, sources: Records.facts.sources)
        end
      end
    end
  end
end
