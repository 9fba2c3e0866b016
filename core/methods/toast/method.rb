# frozen_string_literal: true

module Scullion
  module Cook
    # Nuts and seeds toasted in a dry pan or on oven trays, one layer. Rules of the job,
    # "Pan and oven crispness".
    class Toast < Method
      include OneLayer

      shows at_the_stove: %i[
              raw_grams
              minutes
              batches
              batch_grams
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes]

      assumption :toast_yield, "Left after toasting", :share, book: :ingredient, at: "toast/yield"
      assumption :load, "One layer", :kg_per_m2, book: :practice, at: "toast/load"
      assumption :minutes, "Each batch", :min, book: :practice, at: -> { "toast/#{on}/minutes" }, shown: true

      figure(
        :raw_grams,
        "Raw",
        :g,
        how: "toasted weight ÷ what is left after toasting"
      ) { |finished_grams, toast_yield| finished_grams / toast_yield }

      def setting
        if over_flame?
          "toast, dry pan, medium-low"
        else
          "toast on trays, #{writer.celsius(practice.fetch("toast/tray/celsius"))}"
        end
      end

      def rescues
        [
          { "if" => "One side pale", "then" => "shake or turn, 1 min more; look every 30 s." },
          { "if" => "Smells sharp", "then" => "tip out at once; bitter ones go in the bin." }
        ]
      end
    end
  end
end
