# frozen_string_literal: true

module Scullion
  module Api
    # The sets of safety limits that the kitchen chooses from and may change.
    module HouseRuleSets
      OWN = "Your house rules."

      def self.registered(app)
        app.helpers Reading
        app.get("/api/house-rules") { json(house_rules) }

        app.put("/api/house-rules/:key") do
          document = body_document.merge("key" => params["key"])
          read(document) { |fields| HouseRules.read(fields, OWN) }
          Records::HouseRules.find_or_initialize_by(key: params["key"]).update!(
            document.merge("source" => OWN)
          )
          house_anew
          json(house_rules)
        end
      end

      # Helpers of these routes.
      module Reading
        # The sets to choose from, each also in words as this house writes.
        def house_rules
          Records::HouseRules
            .order(:key)
            .map do |record|
              record.to_document.merge("words" => house.rule_sets.fetch(record.key).in_words(house.writer))
            end
        end
      end
    end
  end
end
