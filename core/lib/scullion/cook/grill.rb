# frozen_string_literal: true

module Scullion
  module Cook
    # Charred on a ridged pan, or on trays under a hot grill; one layer, turned once.
    class Grill < Method
      KEY = "grill"
      FACTS = %i[raw_grams minutes batches batch_grams oil_grams salt_grams heat_up_minutes total_minutes hands_minutes raw_ml finished_ml].freeze
      FORM = "grilled"
      include OnMetal

      def vessel = (school("on") == "pan" ? kitchen.pans : kitchen.trays).last
      def setting = "char on a #{school('on') == 'pan' ? 'ridged pan' : 'tray under the grill'}"

      def rescues
        [{ "if" => "Black outside, raw inside", "then" => "finish in a moderate oven; thinner slices next time." },
         { "if" => "Grey, no marks", "then" => "hotter metal, drier food, fewer at once." }]
      end
    end
  end
end
