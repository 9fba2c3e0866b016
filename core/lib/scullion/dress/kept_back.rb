# frozen_string_literal: true

module Scullion
  module Dress
    # Dressing kept for later: how much of it the salad will have drunk by the last guest.
    class KeptBack < Stage
      brought :held_minutes, of: :dressing
      brought :drunk_share, of: :dressing
      brought :drunk_grams, of: :dressing
      figure(
        :share,
        "Share of the batch",
        :share,
        how: "what the salad drinks while it stands, at least a twentieth",
        decided: -> { @stage["share"] unless by_hold? },
        source: -> { "The split \"#{dressing.words["preset"]}\"." }
      ) { |_drunk_share| @stage["share"] }
      figure(
        :needed_grams,
        "It will drink",
        :g,
        how: "what its components drink of their dressing while they stand"
      ) { |drunk_grams| drunk_grams }

      def by_hold? = @stage["by_hold"]
    end
  end
end
