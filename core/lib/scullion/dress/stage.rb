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

      # How long what stands in it ahead of the rest stands: as it is written, else as long as raw cuts do.
      # @return [Integer] minutes
      def stands_minutes = (@stage["minutes"] || practice.fetch("day/marinate/minutes")).ceil

      # When it is poured, and how long that stands where it is written.
      def told
        stands = "stands #{practice.writer.min(stands_minutes)}" if into == AHEAD && @stage["minutes"]
        [@stage["when"], stands].compact.join("; ")
      end

      # Components that it is meant for by name and that are not in the salad. @return [Array<String>] keys
      def missed
        classes = practice.words("dressing", "uptake").keys
        Array(@stage["to"]) - classes - dressing.portion.layers.map { |layer| layer.component.ingredient.key }
      end

      def words
        {
          "at" => at,
          "key" => @stage["key"],
          "name" => @stage["name"],
          "when" => @stage["when"],
          "told" => told,
          "minutes" => @stage["minutes"],
          "into" => into,
          "to" => Array(@stage["to"]),
          "ladles" => Ladles.new(practice).of(onto_components? || into == BACK ? ml : per_serving_ml),
          "pours" => pours.map(&:to_h)
        }.compact
      end

      private

      # The components that it names, and those of its uptake classes that carry dressing; all that carry some
      # if none match.
      def targets
        return [] unless onto_components?

        carrying = dressing.portion.layers.select { |layer| layer.uptake.positive? }
        chosen = dressing.portion.layers.select { |layer| named?(layer) || meant?(layer) }
        chosen.empty? ? carrying : chosen
      end

      def named?(layer) = Array(@stage["to"]).include?(layer.component.ingredient.key)
      def meant?(layer) = layer.uptake.positive? && Array(@stage["to"]).include?(layer.component.uptake_class)

      # By what each carries; by weight, where what it names carries none.
      def pour(layers)
        weights = layers.map(&:dressing_grams)
        weights = layers.map(&:grams) if weights.sum.zero?
        parts = Amount::Split.steps(@split, weights, writer.scale_step(dressing.batch_grams))
        parts.each_with_index.map do |grams, index|
          Pour.new("#{at}/pours/#{index}", self, layers[index], grams)
        end
      end
    end
  end
end
