# frozen_string_literal: true

module Scullion
  module Api
    # The sets of safety limits that the kitchen chooses from and may change.
    module HouseRuleSets
      def self.registered(app)
        app.helpers Reading
        app.get("/api/house-rules") { json(house_rules) }

        app.put("/api/house-rules/:key") do
          document = body_document.merge("key" => params["key"])
          read(document) { |fields| HouseRules.read(fields, "Your house rules.") }
          Records::HouseRules.find_or_initialize_by(key: params["key"]).update!(document.merge("source" => "Your house rules."))
          json(house_rules)
        end
      end

      # Helpers of these routes.
      module Reading
        # The sets to choose from, each also in words as this house writes.
        def house_rules
          writer = Amount::Writer.for(Amount::Measures.read(DocumentReader.new(Records::Kitchen.ours.to_brief["measures"])))
          Records::HouseRules.order(:key).map do |record|
            record.to_document.merge("words" => HouseRules.read(DocumentReader.new(record.to_document), "").in_words(writer))
          end
        end
      end
    end
  end
end
