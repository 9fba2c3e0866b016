# frozen_string_literal: true

module Scullion
  module Cook
    # One component cooked by itself, asked for by its finished or its raw weight: the same
    # arithmetic as in a plan, for a cook who only wants to know about this pot.
    class Single
      FIELDS = %w[ingredient cook trim cut treat finished_grams raw_grams].freeze
      MOST = 2_000_000.0

      attr_reader :plan

      # @param data [Hash] ingredient, cook (method and school), finished_grams or raw_grams
      # @param house [House]
      # @raise [InvalidBrief]
      def self.read(data, house)
        fields = DocumentReader.new(data)
        fields.only(*FIELDS)
        unless fields.given?("cook")
          fields.fault("cook", "This is missing.", "Name a method, for example {\"method\": \"roast\"}.")
        end
        if fields.given?("finished_grams") == fields.given?("raw_grams")
          fields.fault("finished_grams", "Give either finished_grams or raw_grams.", "Send one of them.")
        end
        grams =
          fields.number(
            fields.given?("raw_grams") ? "raw_grams" : "finished_grams",
            1..MOST,
            "grams",
            default: 1.0
          )
        raise InvalidBrief, fields.faults if fields.faults.any?

        component = data.slice("ingredient", "cook", "trim", "cut", "treat")
        single = new(component, grams, house)
        data.key?("raw_grams") ? new(component, grams * grams / single.raw_grams, house) : single
      end

      # g for the share of a component that is left of what goes in.
      A_KILO = 1000.0

      # @param component [Hash] of a salad @param house [House]
      # @return [Float, nil] what is left of a g that goes in; nil where it cannot be planned so
      def self.left(component, house)
        A_KILO / new(component.slice("ingredient", "cook", "trim", "cut", "treat"), A_KILO, house).raw_grams
      rescue InvalidBrief
        nil
      end

      def initialize(component, finished_grams, house)
        covers = [(finished_grams / 5000).ceil, 1].max
        @plan =
          Plan.for(
            Brief.read(brief(component, finished_grams / covers, [covers, Service::MOST_COVERS].min), house)
          )
      rescue InvalidBrief => e
        raise e.within("/salads/0/components/0")
      end

      def cooking = plan.cooking.first
      def raw_grams = cooking.public_send(cooking.raw_name)

      # @return [Hash] the cooking sheet, its prep and order, snags, and every figure's working
      def to_h
        {
          "cooking" => cooking.to_h,
          "prep" => plan.preps.first.to_h,
          "buy" => plan.purchases.map(&:to_h),
          "snags" => plan.snags.select { |snag| snag.stage == "cook" }.map(&:to_h),
          "hazards" => plan.hazards.reject { |found| found.at == "service" }.map(&:to_h),
          "workings" => cooking.class.shown.map { |figure| cooking.working(figure.name).to_h }
        }
      end

      private

      def brief(component, grams, covers)
        {
          "format" => Brief::FORMAT,
          "service" => {
            "name" => "One component",
            "date" => "2000-01-01",
            "from" => "12:00",
            "to" => "13:00",
            "covers" => covers,
            "over_prep" => 0,
            "lines" => [{ "salad" => "one" }]
          },
          "salads" => [
            {
              "key" => "one",
              "name" => "One component",
              "components" => [component.merge("grams" => grams, "role" => "base")]
            }
          ]
        }
      end
    end
  end
end
