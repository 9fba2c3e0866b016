# frozen_string_literal: true

module Scullion
  module Prep
    # How fast a food is trimmed, by what is done to it. For Line, which it is a part of.
    module Trimming
      extend Worksheet::Figures

      assumption :trim_rate,
                 "Trimmed in an hour",
                 :kg_per_h,
                 book: :practice,
                 none: -> { [1.0, ready_cut? ? Said::BOUGHT_CUT : "Not trimmed."] },
                 at: -> { "trimming/kg_per_h/#{trimmed_how}" if trim }

      private

      # What is picked loses nearly nothing and is only looked over, or leaves its stalks: one by one from a
      # herb, by the handful from others.
      def trimmed_how
        return picked_how if component.trim == "picked"

        practice.figures.key?("trimming/kg_per_h/#{component.trim}") ? component.trim : "any"
      end

      def picked_how
        left = ingredient.fetch("trims/picked/yield")
        return "picked over" if left >= practice.fetch("trimming/picked_over_share")

        ingredient.family == "herb" ? "picked" : "stripped"
      end
    end
  end
end
