# frozen_string_literal: true

module Scullion
  module Api
    # Reads what a cook writes, one line or many, with the house's cup and spoons.
    module Amounts
      def self.registered(app)
        app.helpers Reading
        app.post("/api/amounts/read") do
          document = body_document
          reader = house.practice.measured_in(measures(document["house"])).reader
          json(
            document["texts"].map do |text|
              understood(reader, text, document["ingredient"], document["form"])
            end
          )
        end
      end

      # Helpers of this route.
      module Reading
        # One line read, or the part of it that could not be.
        def understood(reader, text, key, form)
          amount = reader.read(text)
          {
            "text" => text,
            "low" => amount.low.round(3),
            "high" => amount.high.round(3),
            "unit" => amount.unit.to_s,
            "piece" => amount.piece,
            "part" => amount.part,
            "rest" => amount.rest,
            "estimated" => amount.estimated,
            "metric" => written(amount, Amount::Measures::METRIC),
            "us" => written(amount, Amount::Measures::US),
            "grams" => key && amount.grams(ingredient(key), form || "whole").round(2)
          }.compact
        rescue UnreadableAmount, MissingFigure => e
          { "text" => text, "fault" => e.faults.first.to_h.transform_keys(&:to_s) }
        end

        private

        # The cup and spoons that were sent, else the kitchen's own.
        def measures(sent)
          ours = Records::Kitchen.ours.to_brief["measures"]
          Amount::Measures.read(DocumentReader.new(ours.merge(sent || {})))
        end

        def written(amount, measures)
          return unless %i[g ml].include?(amount.unit)

          writer = Amount::Writer.for(measures)
          [amount.low, amount.high].uniq.map { |value| writer.write(value, amount.unit) }.uniq.join(" to ")
        end

        def ingredient(key) = house.larder[key] || raise(ActiveRecord::RecordNotFound)
      end
    end
  end
end
