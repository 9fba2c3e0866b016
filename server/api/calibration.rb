# frozen_string_literal: true

module Scullion
  module Api
    # Calibrating a pot: weighed with its water before and after a simmer.
    module Calibration
      def self.registered(app)
        app.helpers Reading
        app.post("/api/kitchen/pots/:key/calibration") do
          kitchen, document = Records::Kitchen.ours, body_document
          on_stale(-> { kitchen.reload.to_document }) do
            kitchen.calibrate(params["key"], version: document["version"]) do
              weighed(params["key"], document.except("version")).factor if document["before_grams"]
            end
            json(kitchen.to_document)
          end
        end
      end

      # Helpers of this route.
      module Reading
        # @raise [InvalidBrief]
        def weighed(key, document)
          numbers =
            document.to_h do |field, value|
              [field, field == "lid" ? value : Changes::WrittenNumber.read(value)]
            end
          pot = house.kitchen.pot(key) or raise ActiveRecord::RecordNotFound
          read(numbers) { |fields| Cook::Calibration.read(fields, pot, house.practice) }
        end
      end
    end
  end
end
