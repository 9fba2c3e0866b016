# frozen_string_literal: true

module Scullion
  module Cooking
    # Round vessels: a pot (cylinder) or a pan.
    Pot = Struct.new(:key, :name, :diameter_cm, :height_cm, keyword_init: true) do
      # @return [Float] m²
      def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
      def litres = @litres ||= area * height_cm * 10.0
    end

    # A tray or sheet pan; +count+ of them in the kitchen.
    Tray = Struct.new(:key, :name, :length_cm, :width_cm, :count, keyword_init: true) do
      # @return [Float] m²
      def area = @area ||= length_cm * width_cm / 10_000.0
    end

    Pan = Struct.new(:key, :name, :diameter_cm, keyword_init: true) do
      def area = @area ||= Math::PI * (diameter_cm / 200.0)**2
    end

    Bowl = Struct.new(:key, :name, :litres, :count, keyword_init: true)
    Oven = Struct.new(:name, :positions, :fan, keyword_init: true)
  end
end
