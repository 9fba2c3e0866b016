# frozen_string_literal: true

module Scullion
  module Cook
    # What every method on oven trays shares: single layer, trays, loads, preheating. The method
    # declares raw_grams, oven_celsius, minutes and tray_load.
    module InOven
      extend Worksheet::Figures

      assumption :fan_celsius, "Less with a fan", :celsius, book: :practice, at: "heating/oven/fan_celsius"
      assumption :oven_heat,
                 "To heat the oven, a position",
                 :kj_per_k,
                 book: :practice,
                 at: "heating/oven/position_per_k"
      assumption :room_celsius, "Kitchen", :celsius, book: :practice, at: "heating/celsius/room"
      decision(
        :tray_area,
        "The tray's area",
        :square_metre,
        change: nil,
        source: -> { "#{tray.name} in your kitchen." },
        shown: false
      ) { tray.area }
      decision(
        :positions,
        "Trays the ovens take at once",
        :trays,
        change: nil,
        source: "Your kitchen's ovens.",
        shown: false
      ) { kitchen.oven_positions }
      decision(
        :oven_kw,
        "Power of the ovens",
        :kw,
        change: nil,
        source: "Your kitchen's ovens.",
        shown: false
      ) { kitchen.ovens.sum(&:kw) }

      figure(
        :trays,
        "Trays",
        :trays,
        how: "raw ÷ (single layer × tray area), rounded up"
      ) do |raw_grams, tray_load, tray_area|
        [Amount::Whole.up(raw_grams / (tray_load * tray_area * 1000)), 1].max
      end
      figure(:tray_grams, "On each tray", :g, how: "raw ÷ trays") { |raw_grams, trays| raw_grams / trays }
      figure(:loads, "Oven loads", :loads, how: "trays ÷ oven positions, rounded up") do |trays, positions|
        trays.fdiv(positions).ceil
      end
      figure(
        :celsius,
        "Oven",
        :celsius,
        how: "less for a fan, if the oven has one"
      ) { |oven_celsius, fan_celsius| kitchen.ovens.any?(&:fan) ? oven_celsius - fan_celsius : oven_celsius }
      figure(
        :heat_up_minutes,
        "Preheat",
        :min,
        how: "heat for a position × positions × degrees ÷ the ovens' power"
      ) do |oven_heat, positions, celsius, room_celsius, oven_kw|
        oven_heat * positions * (celsius - room_celsius) / oven_kw / 60
      end
      figure(:oven_minutes, "In the oven, all loads", :min, how: "minutes × loads") do |minutes, loads|
        minutes * loads
      end
      figure(
        :total_minutes,
        "Preheat and all loads",
        :min,
        how: "preheat + in the oven"
      ) { |heat_up_minutes, oven_minutes| heat_up_minutes + oven_minutes }

      def raw_name = :raw_grams
      def tray = kitchen.trays.last

      def rounds(beside) = [loads.to_i, beside.loads].max
      def rounds_in_minutes = loads
      def divisible?(beside) = trays > rounds(beside)
      def demands(beside) = OnTrays.demands(kitchen, celsius, trays.fdiv(rounds(beside)).ceil)
      def stretches
        [%i[wait heat_up_minutes], %i[hands load_minutes], %i[wait oven_minutes], %i[hands tend_minutes]]
      end

      def snags
        return [too_hot] unless kitchen.ovens.any? { |oven| oven.reaches?(celsius) }
        if loads > 1
          return [
            snag(
              "look",
              "#{need.name} needs #{loads} oven loads.",
              "Start #{writer.min(total_minutes)} ahead, or do part the day before."
            )
          ]
        end
        return [] unless trays > tray.count

        [
          snag(
            "look",
            "#{need.name} needs #{trays} trays; the kitchen has #{tray.count}.",
            "Borrow trays, or do it in two loads."
          )
        ]
      end

      private

      def rounds_name = :trays

      def too_hot
        snag(
          "stop",
          "No oven here is set to #{writer.celsius(celsius)} for #{need.name}.",
          "Change the heat in its working, or choose another method.",
          "no-such-heat"
        )
      end
    end
  end
end
