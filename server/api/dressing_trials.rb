# frozen_string_literal: true

module Scullion
  module Api
    # A dressing tried: brought to another ratio, and corrected when it tastes wrong.
    module DressingTrials
      def self.registered(app)
        app.post("/api/trials/ratio") do
          document = body_document
          json(trial_of(document).with_ratio(document["times"].to_f).to_h)
        end

        app.post("/api/salads/:key/correct") do
          document = body_document
          parts = Salad::Trial.new(salad.to_build, house).dressing.parts
          left = Dress::Jug.grams(document["left"], parts, house)
          json(Dress::Correction.new(parts, left, document["complaint"], house).to_h)
        end
      end
    end
  end
end
