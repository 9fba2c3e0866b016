# frozen_string_literal: true

module Scullion
  module Day
    # What a cooking method takes of the kitchen, stretch by stretch.
    class Heat
      # Ovens are set in steps; a few degrees apart is the same heat.
      STEP = 10

      # @param loads [Integer] into the oven, one after the other, where the cook wants more than must be
      # @param borrowed [Array<String>] kinds of resource of which there is one more each
      def initialize(cooking, practice, kitchen, loads: 1, borrowed: [])
        @cooking, @practice, @kitchen, @loads, @borrowed = cooking, practice, kitchen, loads, borrowed
      end

      # @return [Array<Segment>] a pot that is too small is filled and emptied as often as it takes, an oven loaded
      def segments
        first, *rest = stretches
        return [first] if rest.empty?

        [first, *Array.new(rounds) { rest.map { |each| share(each) } }.flatten]
      end

      # How often a pot is filled, or an oven loaded.
      def rounds
        case @cooking
        when Cook::InOven then [@cooking.loads.to_i, @loads].max
        when Cook::InPot then @cooking.batches.fdiv(pots).ceil
        else 1
        end
      end

      # The pot that there could be one more of, for fewer rounds. @return [String, nil] its kind of resource
      def short_of = @cooking.is_a?(Cook::InPot) && rounds > 1 ? pot_kind : nil

      # Several trays go in at once that could go in one after the other.
      def divisible? = @cooking.is_a?(Cook::InOven) && @cooking.trays > rounds

      private

      def pot_kind = "pot-#{@cooking.pot.key}"

      # Batches that cook side by side.
      def pots = [@cooking.batches.to_i, 1 + @borrowed.count(pot_kind), @kitchen.burners.sum(&:count) + @borrowed.count("burner")].min.clamp(1, nil)

      # Hands are shared out; a pot stands as long in each round, and an oven's wait is for all loads that must be.
      def share(segment)
        parts = if segment.hands? then rounds
                else @cooking.is_a?(Cook::InOven) ? @cooking.loads : 1
                end
        Segment.new(minutes: (segment.minutes / parts.to_f).ceil, uses: segment.uses, name: segment.name)
      end

      # Soaking is a task of its own; tins take no heat.
      def stretches
        @cooking.stretches.filter_map do |kind, name|
          minutes = @cooking.public_send(name).ceil
          next if minutes.zero? || name == :soak_minutes

          Segment.new(minutes: minutes, name: @cooking.class.definitions.fetch(name).label, uses: (kind == :hands ? [hands] : []) + held(name))
        end
      end

      # Tins are opened at the bench.
      def tinned? = @cooking.instance_of?(Cook::Tinned)
      def hands = Use.new(kind: COOK, amount: 1, skill: tinned? ? KNIFE : STOVE)

      # An oven heats up empty.
      def held(name)
        return [] if tinned?

        name == :heat_up_minutes ? equipment.reject { |each| each.kind.start_with?("tray-") } : equipment
      end

      def equipment
        case @cooking
        when Cook::InPot then [use("burner", pots), use(pot_kind, pots)]
        when Cook::InOven then in_oven(@cooking.celsius, @cooking.trays.fdiv(rounds).ceil)
        when Cook::Steam then @kitchen.steamers.any? ? [use("steamer", [@cooking.trays.to_i, @kitchen.steamers.map(&:positions).max].min)] : [use("burner")]
        when Cook::Microwave then @kitchen.microwaves.any? ? [use("microwave")] : []
        else on_tray? ? in_oven(@practice.fetch("#{@cooking.class::KEY}/#{@cooking.on}/celsius"), @cooking.batches) : [use("burner")]
        end
      end

      def on_tray? = @cooking.respond_to?(:on) && !%w[pan fry].include?(@cooking.on)

      def in_oven(celsius, trays)
        most = @kitchen.ovens.map(&:positions).max
        tray = @kitchen.trays.last
        [Use.new(kind: "oven", amount: trays.to_i.clamp(1, most), mode: (celsius / STEP.to_f).round * STEP), use("tray-#{tray.key}", trays.to_i.clamp(1, tray.count))]
      end

      def use(kind, amount = 1) = Use.new(kind: kind, amount: amount)
    end
  end
end
