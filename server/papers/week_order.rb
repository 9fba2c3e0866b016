# frozen_string_literal: true

module Scullion
  module Papers
    # The orders of a week's services as one, for the screen and as a list.
    class WeekOrder
      # @param monday [Date] @param plans [Array<Plan>] of the week's services
      def initialize(monday, plans)
        @monday, @plans, @order = monday, plans, Buy::WeekOrder.new(plans)
      end

      def to_h
        services = @plans.map { |plan| plan.brief.service }
        {
          "from" => @monday.iso8601,
          "services" =>
            services.map do |each|
              { "name" => each.name, "date" => each.from.date.iso8601, "covers" => each.covers }
            end,
          "lines" => lines,
          "cost" => @plans.empty? ? "" : @order.price(@plans.first.brief.practice.writer),
          "packs_saved" => @order.packs_saved
        }
      end

      # @param wanted [Hash{String=>Date}] by ingredient @return [Sheet]
      def sheet(wanted)
        rows =
          lines.map do |line|
            need, have, over, cost = line.values_at("need_grams", "on_hand_grams", "surplus_grams", "cost")
            [
              line["section"],
              line["name"],
              Sheet.order(line),
              cell(need),
              have["value"].positive? ? cell(have) : "",
              wanted[line["ingredient"]]&.then do |date|
                Sheet::Cell.new(date.strftime("%a %-d %b"), date.iso8601)
              end,
              line["services"].map { |each| "#{each["name"]} #{each["grams"]}" }.join("; "),
              cell(over),
              cell(cost)
            ]
          end
        Sheet.new(
          key: "week",
          title: "Order for the week of #{@monday.strftime("%a %-d %b %Y")}",
          rows: rows,
          head: ["Section", "Item", "Order", "Needed", "On hand", "Wanted by", "For", "Over", "Price"],
          widths: [],
          amounts: []
        )
      end

      private

      def cell(figure) = Sheet::Cell.of(figure, @plans.first.brief.practice.writer)

      def lines = @lines ||= @order.to_a
    end
  end
end
