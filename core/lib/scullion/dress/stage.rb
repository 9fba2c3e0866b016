# frozen_string_literal: true

module Scullion
  module Dress
    # One stage of a dressing: into the warm grain, over everything, or kept back. Its grams are
    # a whole share of the batch, and its pours onto components a whole share of it.
    class Stage < Worksheet
      attr_reader :dressing, :pours

      brought :batch_grams, of: :dressing
      brought :whisk_grams, of: :dressing
      brought :batch_ml, of: :dressing
      brought :servings, of: :dressing
      decision(
        :share,
        "Share of the batch",
        :share,
        change: nil,
        source: -> { "The split \"#{dressing.words["preset"]}\"." }
      ) { @stage["share"] }
      figure(
        :grams,
        "Pour",
        :g,
        writes: :g_exact,
        how: "batch × share, in whole scale steps so that the stages add up exactly"
      ) { |_batch_grams, _share| @split }
      figure(
        :ml,
        "By the jug",
        :ml,
        how: "pour ÷ whisked up × in the jug: what sticks is no part of it"
      ) { |grams, whisk_grams, batch_ml| grams / whisk_grams * batch_ml }
      figure(:per_serving_ml, "Per serving", :ml, how: "jug ÷ portions to make") do |ml, servings|
        ml / servings
      end

      # @return [Array<Stage>] their grams add up to the batch
      def self.of(dressing, stages)
        dressing
          .split(dressing.batch_grams, stages.map { |stage| stage["share"] })
          .each_with_index
          .map do |grams, index|
            kind(stages[index]).new("#{dressing.at}/stages/#{index}", dressing, stages[index], grams)
          end
      end

      def self.kind(stage) = { "table" => OnTables, "back" => KeptBack }.fetch(stage["into"], Stage)
      private_class_method :kind

      def initialize(at, dressing, stage, grams)
        super(at)
        @dressing, @stage, @split = dressing, stage, grams
        @pours = pour(targets)
      end

      def practice = dressing.practice
      def key = @stage["key"]
      def name = @stage["name"]

      BOWL = "bowl"
      WARM = "warm"
      AHEAD = "ahead"
      BACK = "back"

      # Where it goes: bowl (what is in it while warm, or ahead of the rest), plate or table; back is kept for
      # later.
      def into = @stage.fetch("into", BOWL)
      # Poured before the bowl: in while it is warm, where it is, or on ahead of the rest.
      def before_bowl?(layer) = into == AHEAD || (into == WARM && layer.component.dressed_warm?(practice))
      def onto_components? = [BOWL, WARM, AHEAD].include?(into)

      def words
        {
          "at" => at,
          "key" => @stage["key"],
          "name" => @stage["name"],
          "when" => @stage["when"],
          "into" => into,
          "to" => Array(@stage["to"]),
          "ladles" => Ladles.new(practice).of(onto_components? || into == BACK ? ml : per_serving_ml),
          "pours" => pours.map(&:to_h)
        }
      end

      private

      # Components of the stage's uptake classes that carry dressing; all of them if none match.
      def targets
        carrying = dressing.portion.layers.select { |layer| layer.uptake.positive? }
        chosen = carrying.select { |layer| Array(@stage["to"]).include?(layer.component.uptake_class) }
        return [] unless onto_components?

        chosen.empty? ? carrying : chosen
      end

      def pour(layers)
        parts =
          Amount::Split.steps(@split, layers.map(&:dressing_grams), Amount::Split.step(dressing.batch_grams))
        parts.each_with_index.map do |grams, index|
          Pour.new("#{at}/pours/#{index}", self, layers[index], grams)
        end
      end
    end
  end
end
