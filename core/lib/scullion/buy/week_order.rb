# frozen_string_literal: true

module Scullion
  module Buy
    # The orders of several services as one: what each takes of an ingredient added up, what is on
    # hand taken off once, and only then rounded up to packs.
    class WeekOrder
      # What a purchase reads of a brief, for all services together.
      Brief = Struct.new(:service, :practice)
      Services = Struct.new(:covers, :stock)

      # @param plans [Array<Plan>] in the order of their services
      def initialize(plans)
        @plans = plans
      end

      # @return [Array<Purchase>] by section, then by name
      def lines
        @lines ||=
          begin
            bought =
              purchases
                .group_by { |each| each.ingredient.key }
                .values
                .sort_by { |(one)| [one.ingredient.section, one.ingredient.name] }
            bought.each_with_index.map do |all, index|
              Purchase.new(
                "week/#{index}",
                all.first.ingredient,
                all.map { |each| [each, :need_grams] },
                brief
              )
            end
          end
      end

      def cost = lines.sum(&:cost)
      # In words. @param writer [Amount::Writer]
      def price(writer) = Price.words(cost, lines.any?(&:unpriced?), writer)

      # Packs that would come in beside these if each service ordered for itself.
      def packs_saved = [purchases, lines].map { |orders| orders.reject(&:loose?).sum(&:packs) }.reduce(:-)

      # @return [Array<Hash>] each line as an order has it, with what each service takes
      def to_a
        lines.map do |line|
          line.to_h.merge(counted(line), "services" => line.uses.map { |purchase, _| taken(purchase) })
        end
      end

      private

      # What is counted is counted for each service, as it is bought for each.
      def counted(line)
        bought = line.uses.map(&:first)
        fruit = bought.select(&:fruit?)
        count, kinds = fruit.sum(&:fruit_count), fruit.flat_map(&:fruit_kinds)
        pieces = bought.sum(&:pieces)
        {
          "fruit" => (Purchase.fruit_words(count, kinds) if fruit.any?),
          "pieces" => ("#{line.writer.write(pieces, :pieces)} for the plates" if pieces.positive?)
        }.compact
      end

      def purchases = @plans.flat_map(&:purchases)

      def brief
        @brief ||=
          Brief.new(
            Services.new(@plans.sum { |plan| plan.brief.service.covers }, stock),
            @plans.first.brief.practice
          )
      end

      # The first count of an ingredient is what there is when the week begins.
      def stock = @plans.map { |plan| plan.brief.service.stock }.reverse.reduce({}, :merge)

      def taken(purchase)
        service = @plans.find { |plan| plan.purchases.include?(purchase) }.brief.service
        {
          "name" => service.name,
          "date" => service.from.date.iso8601,
          "grams" => purchase.writer.g(purchase.need_grams)
        }
      end
    end
  end
end
