# frozen_string_literal: true

module Scullion
  class Amount
    # Writes a figure the way it can be measured in this house. Rounding happens here, at the
    # edge, and nowhere else; every text carries its unit.
    class Writer
      SCALES = [1, 10, 100, 1000].freeze
      FRACTIONS = { 0 => "", 1 => "¼", 2 => "½", 3 => "¾" }.freeze

      # @param measures [Measures] @return [Writer] of its system of measures
      def self.for(measures) = (measures.system == "us" ? UsWriter : self).new(measures)

      # @param measures [Measures]
      attr_reader :measures

      def initialize(measures)
        @measures = measures
        freeze
      end

      # @param value [Numeric] @param unit [Symbol] one of the methods below
      # @return [String]
      def write(value, unit) = public_send(unit, value)

      # Scale steps: 0.1 g below 10 g, 1 g to 250 g, 5 g to 2 kg, 10 g above.
      def g(grams)
        if grams < 10
          "#{decimal(grams, 1)} g"
        elsif grams < 250
          "#{grams.round} g"
        elsif grams < 997.5
          "#{(grams / 5.0).round * 5} g"
        elsif grams < 2000
          "#{decimal((grams / 5.0).round * 5 / 1000.0, 3)} kg"
        else
          "#{hundredths(grams / 10.0)} kg"
        end
      end

      # A plate is weighed to the gram.
      def g_whole(grams) = "#{grams.round} g"

      # Exact grams, for the parts of a split that must visibly add up.
      def g_exact(grams)
        whole = grams.floor
        return "#{decimal(grams, 1)} g" if whole != grams

        "#{thousands(whole)} g"
      end

      # Under so many g a weight on a plate is shown to the tenth, and above in such steps.
      def fine_under = 10.0
      def serving_step = 1.0

      # The same for what is wanted, however little: less than the scale's step is not nothing.
      def g_weighed(grams)
        grams < @measures.scale ? "under #{decimal(@measures.scale, 1)} g" : g_exact(grams)
      end

      # What a batch of so many g is weighed in on this house's scale, in g.
      def scale_step(grams) = [Amount::Split.step(grams), @measures.scale].max

      # A figure as a number that a table can add up, in this house's measures.
      # @return [Array(Numeric, String)] the number and its unit
      def measured(value, unit) = [value, unit]

      # Spoons under 60 ml, jugs above.
      def ml(millilitres)
        if millilitres < 15
          spoons(millilitres, @measures.teaspoon, "tsp")
        elsif millilitres < 60
          spoons(millilitres, @measures.tablespoon, "Tbsp")
        elsif millilitres < 250
          "#{(millilitres / 5.0).round * 5} ml"
        elsif millilitres < 995
          "#{(millilitres / 10.0).round * 10} ml"
        else
          "#{hundredths(millilitres / 10.0)} l"
        end
      end

      # Seconds where a short time is written so: 45 s, 6 min 30 s.
      def min(minutes)
        return with_seconds(minutes) if short?(minutes)

        whole = minutes.round
        return "#{whole} min" if whole < 60
        return "#{whole / 60} h" if (whole % 60).zero?

        "#{whole / 60} h #{format("%02d", whole % 60)}"
      end

      def cm(value) = "#{decimal((value * 2).round / 2.0, 1)} cm"
      def mm(value) = "#{decimal(value, 1)} mm"
      def square_metre(value) = "#{format("%.3f", value)} m²"
      def share(value) = "#{decimal(value * 100, 1)} %"
      def factor(value) = "× #{significant(value)}"
      def g_per_g(value) = "#{significant(value)} g per g"
      def g_per_ml(value) = "#{significant(value)} g/ml"
      def per_hundred(value) = "#{significant(value)} g per 100 g"
      def kg_per_m2(value) = "#{significant(value)} kg/m²"
      def kg_per_m2_h(value) = "#{significant(value)} kg/m² h"
      def g_per_kg(value) = "#{significant(value)} g/kg"
      def ratio(value) = "#{decimal(value, 2)} : 1"
      def kw(value) = "#{significant(value)} kW"
      def litre(value) = "#{significant(value)} l"

      # Ovens are set in fives of °F; food is checked to the degree.
      def celsius(value)
        return "#{value.round} °C" unless @measures.degrees == "f"

        fahrenheit = (value * 9 / 5.0) + 32
        "#{value < 100 ? fahrenheit.round : (fahrenheit / 5).round * 5} °F"
      end

      # In the kitchen's own money, which needs no name here.
      def money(value) = format("%.2f", value)
      def a_kilo(value) = "#{significant(value)} a kilo"
      def kj_per_k(value) = "#{significant(value)} kJ/K"
      def kj_per_kg(value) = "#{significant(value)} kJ/kg"
      def g_per_min(value) = "#{significant(value)} g/min"
      def kg_per_h(value) = "#{significant(value)} kg/h"
      def kj(value) = "#{thousands(value.round)} kJ"
      def kcal(value) = "#{thousands(value.round)} kcal"
      def kj_per_g(value) = "#{significant(value)} kJ/g"
      def kcal_per_g(value) = "#{significant(value)} kcal/g"
      # As a label has it, in grams everywhere: whole from ten, else to a tenth; salt to a hundredth.
      def label_g(value) = "#{decimal(value, value >= 10 ? 0 : 1)} g"
      def label_salt(value) = "#{decimal(value, value >= 1 ? 1 : 2)} g"
      def watts(value) = "#{value.round} W"
      def heat(value) = "#{significant(value)} kJ/kg K"
      def batches(value) = counted(value, "batch", "batches")
      def trays(value) = counted(value, "tray")
      def loads(value) = counted(value, "load")
      def bowls(value) = counted(value, "bowl")
      def waves(value) = counted(value, "wave")
      def cooks(value) = counted(value, "cook")
      def w_per_m2k(value) = "#{significant(value)} W/m²K"
      def seconds(value) = "#{value.round} s"
      def a_minute(value) = "#{decimal(value, 1)} a minute"
      def tables(value) = counted(value, "table")
      def jugs(value) = counted(value, "jug")
      def days(value) = counted(value, "day")
      def covers(value) = counted(value, "cover")
      def pieces(value) = counted(value, "piece")
      # "½", "2¼": quarters of one.
      def pieces_each(value)
        quarters = (value * 4).round
        whole = quarters / 4
        "#{whole unless whole.zero? && quarters.positive?}#{FRACTIONS[quarters % 4]}"
      end
      def portions(value) = "#{decimal(value, 1)} portions"
      def packs(value) = counted(value, "pack")
      def moment(value) = value.to_s

      private

      # Whole steps of so many seconds, as a cook writes them; what is worked out is none.
      STEP_SECONDS, SHORT_MINUTES = 5, 15
      private_constant :STEP_SECONDS, :SHORT_MINUTES

      def short?(minutes)
        steps = minutes * 60.0 / STEP_SECONDS
        minutes.between?(0, SHORT_MINUTES) && minutes != minutes.to_i && (steps - steps.round).abs < 1e-4
      end

      def with_seconds(minutes)
        whole, seconds = (minutes * 60).round.divmod(60)
        [("#{whole} min" if whole.positive?), "#{seconds} s"].compact.join(" ")
      end

      def counted(value, one, many = "#{one}s") = "#{thousands(value.round)} #{value.round == 1 ? one : many}"
      def thousands(whole)
        whole < 1000 ? whole.to_s : "#{thousands(whole / 1000)},#{format("%03d", whole % 1000)}"
      end

      # 1,234 hundredths as "12.34".
      def hundredths(value)
        whole = value.round
        part = whole % 100
        part < 10 ? "#{whole / 100}.0#{part}" : "#{whole / 100}.#{part}"
      end

      def spoons(millilitres, size, name)
        quarters = [(millilitres / size * 4).round, 1].max
        whole = quarters / 4
        "#{whole unless whole.zero?}#{FRACTIONS[quarters % 4]} #{name}"
      end

      def significant(value) = decimal(value, value.abs >= 10 ? 1 : 3)

      # Rounded to so many places, without idle zeros; by whole numbers, which is quicker than
      # writing floats and never shows 0.30000000000000004.
      def decimal(value, places)
        scale = SCALES[places]
        scaled = (value * scale).round
        whole, part = scaled.abs.divmod(scale)
        sign = "-" if scaled.negative?
        return "#{sign}#{whole}" if part.zero?

        "#{sign}#{whole}.#{(part + scale).to_s[1..].sub(/0+\z/, "")}"
      end
    end
  end
end
