# frozen_string_literal: true

module Scullion
  module Api
    # The kitchen's vessels, and the house rules it chose.
    module Kitchen
      def self.registered(app)
        app.get("/api/kitchen") { json(Records::Kitchen.ours.to_document) }
        app.get("/api/house-rules") { json(Records::HouseRules.order(:key).map(&:to_document)) }

        app.put("/api/kitchen") do
          kitchen, document = Records::Kitchen.ours, body_document
          plain = document.except("version", "house_rules")
          rules = nil
          read(plain) do |border|
            Scullion::Kitchen.read(border)
            rules = Records::HouseRules.find_by(key: document["house_rules"]) ||
                    border.fault("house_rules", "There are no such house rules.", "Use one of: #{Records::HouseRules.pluck(:key).join(', ')}.")
          end
          on_stale(-> { kitchen.reload.to_document }) { json(kitchen.write(plain, rules: rules, version: document["version"]).to_document) }
        end
      end
    end
  end
end
