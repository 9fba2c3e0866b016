# frozen_string_literal: true

module Scullion
  module Hold
    # A layer of food cooling through both faces: one-dimensional transient conduction with
    # convection at the surface. Rules of the job, "Cooling". Solved on the half thickness (the
    # middle is the slowest point, and nothing flows across it) by finite volumes in space and
    # Crank–Nicolson in time, with a few fully implicit steps first so that the sudden chill of
    # the surface does not ring. Stable for any step.
    class Slab
      CELLS = 24
      SOFT_STEPS = 4

      # @param depth [Float] m, whole layer
      # @param surface [Float] W/m²K at each face @param ambient [Float] °C
      # @param diffusivity [Float] m²/s @param conductivity [Float] W/mK
      def initialize(depth:, surface:, ambient:, diffusivity:, conductivity:)
        @ambient = ambient
        @dx = depth / 2 / CELLS
        @diffusion = diffusivity / (@dx**2)
        # Half a cell of food and the surface film, in series.
        film = 1 / ((1.0 / surface) + (@dx / 2 / conductivity))
        @exchange = film * diffusivity / (conductivity * @dx)
      end

      # @param start [Float] °C throughout @param minutes [Numeric] how long @param step [Float] s
      # @return [Enumerator::Lazy] of [minutes, °C in the middle], from the start; worked out as it is taken
      def curve(start, minutes, step: 60.0)
        cells = Array.new(CELLS, start - @ambient)
        (0..(minutes * 60 / step).ceil).lazy.map do |index|
          cells = advance(cells, step, index <= SOFT_STEPS ? 1.0 : 0.5) if index.positive?
          [index * step / 60, index.zero? ? start.to_f : @ambient + centre(cells)]
        end
      end

      # When the middle first reaches each of several temperatures, falling.
      # @return [Array<Float, nil>] minutes, nil if not within +most+
      def minutes_to(temperatures, start, most)
        left, reached, before = temperatures.dup, [], nil
        curve(start, most).each do |now|
          reached << between(before, now, left.shift) while left.any? && now.last <= left.first
          break if left.empty?

          before = now
        end
        reached + left.map { nil }
      end

      private

      # Minutes at which a straight line between two points passes so many degrees.
      def between(before, now, celsius)
        return now.first unless before

        before.first + ((now.first - before.first) * (before.last - celsius) / (before.last - now.last))
      end

      # Temperature in the middle itself, by the parabola through the two innermost cells.
      def centre(cells) = cells[0] + ((cells[0] - cells[1]) / 8)

      # One step of the tridiagonal system, implicit by the share +theta+ (Thomas algorithm).
      def advance(cells, step, theta)
        flow = @diffusion * step
        known = cells.each_index.map { |index| cells[index] + ((1 - theta) * step * change(cells, index)) }
        upper, value = [], []
        CELLS.times do |index|
          left = index.zero? ? 0.0 : -theta * flow
          right = index == CELLS - 1 ? 0.0 : -theta * flow
          diagonal = 1 - left - right + (index == CELLS - 1 ? theta * step * @exchange : 0.0)
          pivot = index.zero? ? diagonal : diagonal - (left * upper[index - 1])
          upper[index] = right / pivot
          value[index] = (known[index] - (index.zero? ? 0.0 : left * value[index - 1])) / pivot
        end
        (CELLS - 2).downto(0) { |index| value[index] -= upper[index] * value[index + 1] }
        value
      end

      # °C per second that a cell changes by.
      def change(cells, index)
        inner = index.zero? ? 0.0 : @diffusion * (cells[index - 1] - cells[index])
        outer =
          index == CELLS - 1 ? -@exchange * cells[index] : @diffusion * (cells[index + 1] - cells[index])
        inner + outer
      end
    end
  end
end
