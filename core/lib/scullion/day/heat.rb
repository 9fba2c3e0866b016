# frozen_string_literal: true

module Scullion
  module Day
    # What a cooking method takes of the kitchen, stretch by stretch.
    class Heat
      # Ovens are set in steps; a few degrees apart is the same heat.
      STEP = 10

      def initialize(cooking, practice, kitchen)
        @cooking, @practice, @kitchen = cooking, practice, kitchen
      end

      # @return [Array<Segment>] a pot that is too small is filled and emptied as often as it takes
      def segments
        first, *rest = stretches
        return [first] if rest.empty?

        [first, *Array.new(rounds) { rest.map { |each| share(each) } }.flatten]
      end

      private

      def rounds = @cooking.respond_to?(:pot) ? @cooking.batches.to_i : 1

      # Waits last as long in each round; hands are shared out.
      def share(segment) = segment.hands? ? Segment.new(minutes: (segment.minutes / rounds.to_f).ceil, uses: segment.uses, name: segment.name) : segment

      # Soaking is a task of its own; tins take no heat.
      def stretches
        @cooking.stretches.filter_map do |kind, name|
          minutes = @cooking.public_send(name).ceil
          next if minutes.zero? || name == :soak_minutes

          Segment.new(minutes: minutes, name: @cooking.class.definitions.fetch(name).label,
                      uses: (kind == :hands ? [use(COOK)] : []) + (@cooking.instance_of?(Cooking::Tinned) ? [] : equipment))
        end
      end

      def equipment
        case @cooking
        when Cooking::InPot then [use("burner"), use("pot-#{@cooking.pot.key}")]
        when Cooking::InOven then in_oven(@cooking.celsius, @cooking.trays)
        when Cooking::Steam then @kitchen.steamers.any? ? [use("steamer", [@cooking.trays.to_i, @kitchen.steamers.map(&:positions).max].min)] : [use("burner")]
        when Cooking::Microwave then @kitchen.microwaves.any? ? [use("microwave")] : []
        else on_tray? ? in_oven(@practice.fetch("#{@cooking.class::KEY}/#{@cooking.on}/celsius"), @cooking.batches) : [use("burner")]
        end
      end

      def on_tray? = @cooking.respond_to?(:on) && !%w[pan fry].include?(@cooking.on) && @kitchen.ovens.any?

      def in_oven(celsius, trays)
        most = @kitchen.ovens.map(&:positions).max or return [use("burner")]
        [Use.new(kind: "oven", amount: [trays.to_i, most].min.clamp(1, most), mode: (celsius / STEP.to_f).round * STEP)]
      end

      def use(kind, amount = 1) = Use.new(kind: kind, amount: amount)
    end
  end
end
