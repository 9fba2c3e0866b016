# frozen_string_literal: true

module Scullion
  module Api
    # Calibrating a pot: weighed with its water before and after a simmer.
    module Calibration
      def self.registered(app)
        app.helpers Reading
        app.post("/api/kitchen/pots/:key/calibration") do
          kitchen, document = Records::Kitchen.ours, body_document
          pot = kitchen.vessels.find_by!(kind: "pot", key: params["key"])
          on_stale(-> { kitchen.reload.to_document }) do
            kitchen.transaction do
              kitchen.lock_version = document["version"]
              kitchen.name_will_change!
              kitchen.save!
              pot.update!(boil_factor: document["before_grams"] ? weighed(pot, document.except("version")).factor : nil)
            end
            json(kitchen.reload.to_document)
          end
        end
      end

      # Helpers of this route.
      module Reading
        # @raise [InvalidBrief]
        def weighed(pot, document)
          numbers = document.to_h { |field, value| [field, field == "lid" ? value : Formats::WrittenNumber.read(value)] }
          vessel = Scullion::Kitchen::Pot.new(key: pot.key, name: pot.name, diameter_cm: pot.diameter_cm, height_cm: pot.height_cm)
          read(numbers) { |fields| Cook::Calibration.read(fields, vessel, Records.facts.practice) }
        end
      end
    end
  end
end
