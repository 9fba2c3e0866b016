# frozen_string_literal: true

module Scullion
  module Cook
    # How to cool one cooked preparation in time: every method the house knows, the deepest layer
    # each may take, how many of the kitchen's trays that means, and the curve of the one chosen.
    # Asked for on its own, because it is simulated.
    class CoolDown
      # @param cooking [Method] what was cooked @param brief [Brief]
      # @param method [String, nil] a key of the cooling methods; that of the kitchen's first chiller when nil
      def initialize(cooking, brief, method = nil)
        @cooking, @brief = cooking, brief
        @method = keys.include?(method) ? method : @brief.kitchen.chillers.first&.method || keys.first
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "name" => @cooking.need.name,
          "rules" => @brief.rules.name,
          "weight" => @brief.practice.writer.g(@cooking.finished_grams),
          "volume" => @brief.practice.writer.ml(millilitres),
          "tray" => tray.name,
          "left" => left_in_the_pot,
          "methods" => methods,
          "chosen" => chosen
        }
      end

      private

      def keys = @brief.practice.words("cooling", "methods").keys
      def tray = @brief.kitchen.trays.last
      def millilitres = @cooking.finished_ml

      def methods
        keys.map do |key|
          depth = cooling(key).greatest_depth_cm
          {
            "key" => key,
            "name" => cooling(key).name,
            "depth_cm" => depth,
            "depth" => @brief.practice.writer.cm(depth),
            "trays" => depth.zero? ? nil : trays(depth),
            "here" => here(key)
          }
        end
      end

      # What the kitchen has for it, by name; nil for nothing.
      def here(key)
        kitchen = @brief.kitchen
        if @brief.practice.words("cooling", "methods").fetch(key)["ice"]
          return kitchen.ice_machines.map(&:name).first
        end

        kitchen
          .chillers
          .select { |chiller| chiller.method == key }
          .map(&:name)
          .join(", ")
          .then { |names| names unless names.empty? }
      end

      # @return [Integer] trays at so many cm deep
      def trays(depth_cm) = Amount::Whole.up(millilitres / (tray.area * 10_000 * depth_cm))

      def chosen
        depth = cooling(@method).greatest_depth_cm
        cooling(@method).to_h(depth.zero? ? Hold::Cooling::STEP_CM : depth)
      end

      # What happens if it is simply left where it was cooked; on trays there is no pot to leave it in.
      def left_in_the_pot
        return unless @cooking.class.in_pot?

        depth = (millilitres / @cooking.batches / (@cooking.pot_area * 10_000) * 2).round / 2.0
        cooling(@method).miss([depth, Hold::Cooling::STEP_CM].max)
      end

      def cooling(key)
        @cooling ||= {}
        @cooling[key] ||= Hold::Cooling.new(
          key,
          @brief.practice,
          @brief.rules,
          waited: Day::Chill.usual_wait(@brief)
        )
      end
    end
  end
end
