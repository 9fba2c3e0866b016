# frozen_string_literal: true

module Scullion
  module Dress
    # Dressing kept for later: how much of it the salad will have drunk by the last guest.
    class KeptBack < Stage
      brought :held_minutes, of: :dressing
      brought :drunk_share, of: :dressing
      figure(:share, "Share of the batch", :share, from: -> { by_hold? ? [:drunk_share] : [] }, how: "what the salad drinks while it stands, at least a twentieth",
             source: -> { "The split \"#{dressing.words['preset']}\"." unless by_hold? }) { @stage["share"] }
      figure(:needed_grams, "It will drink", :g, from: -> { [[dressing, :drunk_grams]] },
             how: "what its components drink of their dressing while they stand") { dressing.drunk_grams }

      def by_hold? = @stage["by_hold"]
    end
  end
end
