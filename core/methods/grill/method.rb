# frozen_string_literal: true

module Scullion
  module Cook
    # Charred on a ridged pan, or on trays under a hot grill; one layer, turned once.
    class Grill < Method
      include OnMetal

      shows at_the_stove: %i[
              raw_grams
              minutes
              batches
              batch_grams
              oil_grams
              salt_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes metal_minutes]

      def vessel = (on_pan? ? kitchen.pans : kitchen.trays).last
      def setting = "char on a #{on_pan? ? "ridged pan" : "tray under the grill"}"

      def demands(beside)
        on_pan? ? super : OnTrays.demands(kitchen, practice.fetch("grill/tray/celsius"), vessel.count)
      end

      def rescues
        [
          {
            "if" => "Black outside, raw inside",
            "then" => "finish in a moderate oven; thinner slices next time."
          },
          { "if" => "Grey, no marks", "then" => "hotter metal, drier food, fewer at once." }
        ]
      end

      private

      def on_pan? = school("on") == "pan"
    end
  end
end
