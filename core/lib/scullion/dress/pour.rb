# frozen_string_literal: true

module Scullion
  module Dress
    # What one component gets in one stage.
    class Pour < Worksheet
      attr_reader :stage, :layer

      brought :stage_grams, of: :stage, as: :grams
      brought :dressing_grams, of: :layer
      figure(
        :grams,
        "Pour",
        :g,
        writes: :g_exact,
        how:
          "the stage × what this component carries of it, in whole scale steps so that the pours add up " \
            "exactly"
      ) { |_stage_grams, _dressing_grams| @split }

      def initialize(at, stage, layer, grams)
        super(at)
        @stage, @layer, @split = stage, layer, grams
      end

      def practice = stage.practice

      def words = { "at" => at, "name" => layer.component.name, "colour" => layer.ingredient.colour }
    end
  end
end
