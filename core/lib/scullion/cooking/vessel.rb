# frozen_string_literal: true

module Scullion
  module Cooking
    # Round vessels: a pot (cylinder) or a pan.
    # boil_factor: how much this pot boils off against the usual, once it has been weighed.
    Pot = Struct.new(:key, :name, :diameter_cm, :height_cm, :boil_factor, keyword_init: true) do
      # @return [Float] m²
      def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
      def litres = @litres ||= area * height_cm * 10.0
    end

    # A tray or gastronorm pan; +count+ of them in the kitchen.
    Tray = Struct.new(:key, :name, :length_cm, :width_cm, :depth_cm, :count, keyword_init: true) do
      # @return [Float] m²
      def area = @area ||= length_cm * width_cm / 10_000.0
    end

    Pan = Struct.new(:key, :name, :diameter_cm, :count, keyword_init: true) do
      # @return [Float] m²
      def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
    end

    Bowl = Struct.new(:key, :name, :litres, :count, keyword_init: true)
  end
end
