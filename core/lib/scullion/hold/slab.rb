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
      # What was found before is kept, by all that it depends on: so many.
      MOST_FOUND = 2000

      class << self
        # @yield where it was not found before
        def found(key)
          @found ||= {}
          @found.fetch(key) do
            @found.shift if @found.size >= MOST_FOUND
            @found[key] = yield.freeze
          end
        end
      end

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
        soft, usual = Stride.new(self, step, 1.0), Stride.new(self, step, 0.5)
        (0..(minutes * 60 / step).ceil).lazy.map do |index|
          cells = (index <= SOFT_STEPS ? soft : usual).advance(cells) if index.positive?
          [index * step / 60, index.zero? ? start.to_f : @ambient + centre(cells)]
        end
      end

      # When the middle first reaches each of several temperatures, falling.
      # @return [Array<Float, nil>] minutes, nil if not within +most+
      def minutes_to(temperatures, start, most)
        Slab.found([@ambient, @dx, diffusion, exchange, temperatures, start, most]) do
          fallen(temperatures, start, most)
        end
      end

      # 1/s at which neighbouring cells share, and the outermost with what is around.
      attr_reader :diffusion, :exchange

      private

      def fallen(temperatures, start, most)
        left, reached, before = temperatures.dup, [], nil
        curve(start, most).each do |now|
          reached << between(before, now, left.shift) while left.any? && now.last <= left.first
          break if left.empty?

          before = now
        end
        reached + left.map { nil }
      end

      # Minutes at which a straight line between two points passes so many degrees.
      def between(before, now, celsius)
        return now.first unless before

        before.first + ((now.first - before.first) * (before.last - celsius) / (before.last - now.last))
      end

      # Temperature in the middle itself, by the parabola through the two innermost cells.
      def centre(cells) = cells[0] + ((cells[0] - cells[1]) / 8)

      # One step of the tridiagonal system, implicit by a share (Thomas algorithm). What it is solved with is
      # the same at every step, and worked out once.
      class Stride
        # @param slab [Slab] @param step [Float] s @param theta [Float] the implicit share
        def initialize(slab, step, theta)
          @diffusion, @exchange, @explicit = slab.diffusion, slab.exchange, (1 - theta) * step
          @off = -theta * @diffusion * step
          @upper, @pivots = [], []
          CELLS.times do |index|
            @pivots << (diagonal(index, theta * step) - (index.zero? ? 0.0 : @off * @upper.last))
            @upper << (index == CELLS - 1 ? 0.0 : @off / @pivots.last)
          end
        end

        # @param cells [Array<Float>] °C above what is around, from the middle outwards
        # @return [Array<Float>] a step later
        def advance(cells)
          value, before = Array.new(CELLS), 0.0
          value.each_index do |index|
            known = cells[index] + (@explicit * change(cells, index))
            value[index] = before = (known - (@off * before)) / @pivots[index]
          end
          (CELLS - 2).downto(0) { |index| value[index] = before = value[index] - (@upper[index] * before) }
          value
        end

        private

        def diagonal(index, implicit)
          inner = index.zero? ? 0.0 : @off
          1 - inner - (index == CELLS - 1 ? -implicit * @exchange : @off)
        end

        # °C per second that a cell changes by.
        def change(cells, index)
          here = cells[index]
          inner = index.zero? ? 0.0 : @diffusion * (cells[index - 1] - here)
          inner + (index == CELLS - 1 ? -@exchange * here : @diffusion * (cells[index + 1] - here))
        end
      end
    end
  end
end
