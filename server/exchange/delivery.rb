# frozen_string_literal: true

module Scullion
  module Exchange
    # What was ordered for a service and what of it has come: whole, short, refused, or not yet.
    class Delivery
      # @param plan [Plan] @param log [Record::Log] of the service
      def initialize(plan, log)
        @plan, @received = plan, log.of(kind: "received").group_by(&:about)
      end

      # @return [Hash] ready for JSON
      def to_h
        lines = @plan.purchases.map { |line| line(line) }
        names = @plan.purchases.map { |each| each.ingredient.name }
        {
          "lines" => lines,
          "covers" => @plan.brief.service.covers,
          "come" => lines.count { |each| each["state"] },
          "more" =>
            (@received.keys.compact - names).map do |name|
              { "name" => name, "text" => got(@received[name].last) }.compact
            end
        }
      end

      private

      def writer = @plan.brief.practice.writer

      def line(purchase)
        said = @received[purchase.ingredient.name]&.last
        food = purchase.ingredient
        {
          "ingredient" => food.key,
          "name" => food.name,
          "colour" => food.colour,
          "section" => food.section,
          "order" => purchase.order,
          "needed" => writer.g(purchase.need_grams),
          "cold" => Safety::Catalogue.shipped.kind(food).cold?(cooked: false, cut: false),
          "state" => said&.of,
          "got" => got(said),
          "by" => said&.by,
          "note" => said&.note,
          "enough_for" => enough_for(purchase, said)
        }.compact
      end

      def got(entry) = entry&.value && writer.g(entry.value)

      # Of what is short: as many as it serves.
      def enough_for(purchase, entry)
        return unless entry&.of == "short" && entry.value

        swap = @plan.brief.house.swap
        Buy::ShortDelivery.new(@plan, purchase.ingredient.key, entry.value, swap).enough_for
      end
    end
  end
end
