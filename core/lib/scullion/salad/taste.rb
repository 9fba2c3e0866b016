# frozen_string_literal: true

module Scullion
  class Salad
    # How a plan's salads taste on the plate, what they cost, whom they suit and how they are
    # balanced: one answer a portion, from the same sheets that the rest of the plan is made of.
    class Taste
      attr_reader :ledgers, :labels, :costs

      # @param plan [Plan] @param worked [Array<Array(Need, Cook::Method, Prep)>]
      # @param dressings [Hash{Portion=>Dress::Batch}]
      def initialize(plan, worked, dressings)
        @plan, @dressings = plan, dressings
        @by_layer =
          worked.flat_map { |need, method, prep| need.layers.map { |layer| [layer, [method, prep]] } }.to_h
        @ledgers =
          plan.portions.each_with_index.map do |portion, index|
            Ledger.new("taste/#{index}", portion, taste_lines(portion, index))
          end
        @labels = @ledgers.each_with_index.map { |ledger, index| Label.new("label/#{index}", ledger) }
        @costs =
          plan.portions.each_with_index.map do |portion, index|
            Cost.new("cost/#{index}", portion, cost_lines(portion, index))
          end
      end

      def sheets = [*ledgers, *ledgers.flat_map(&:lines), *labels, *costs, *costs.flat_map(&:lines)]

      # @return [Array<Hash>] one a portion
      def to_a
        @plan.portions.each_with_index.map do |portion, index|
          {
            "salad" => portion.salad.key,
            "name" => portion.salad.name,
            "ledger" => ledgers[index].to_h,
            "label" => labels[index].to_h,
            "cost" => costs[index].to_h,
            "suits" => suits[index].to_h.merge("diets" => counted(suits[index])),
            "balance" => balance(portion, index).to_h
          }
        end
      end

      def balance(portion, index) = Salad::Balance.new(portion, ledgers[index], @plan.brief.larder)

      private

      def suits
        @suits ||= @plan.portions.map { |portion| Salad::DietsAndAllergens.new(portion.lines_eaten) }
      end

      # Each diet with the portions of the whole service that suit it.
      def counted(one)
        one.to_h["diets"].map do |diet|
          eaten = @plan.portions.zip(suits).select { |_, other| other.diets.fetch(diet["name"]).empty? }
          diet.merge(
            "portions" =>
              @plan.portions.first.writer.write(eaten.sum { |portion, _| portion.servings }, :portions)
          )
        end
      end

      # What "in stock" and "oil" mean here.
      def seasonings
        @seasonings ||=
          %w[stock oil].to_h { |name| [name, @plan.brief.larder.fetch(@plan.brief.practice.seasoning(name))] }
      end

      def parts_of(portion) = @dressings[portion]&.parts || []

      def taste_lines(portion, index)
        lines =
          portion.layers.map { |layer| [TasteLine::OfLayer, layer, *@by_layer.fetch(layer), seasonings] } +
            parts_of(portion).map { |part| [TasteLine::OfPart, part] }
        lines.each_with_index.map { |(type, *about), line| type.new("taste/#{index}/lines/#{line}", *about) }
      end

      def cost_lines(portion, index)
        lines =
          portion.layers.map { |layer| [Cost::OfLayer, layer, @by_layer.fetch(layer).last] } +
            portion.layers.flat_map { |layer| along(layer) } +
            parts_of(portion).map { |part| [Cost::OfPart, portion, part] }
        lines.each_with_index.map { |(type, *about), line| type.new("cost/#{index}/lines/#{line}", *about) }
      end

      def along(layer)
        (@by_layer.fetch(layer).first&.along || []).map { |along| [Cost::OfAlong, layer, along] }
      end
    end
  end
end
