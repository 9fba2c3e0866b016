# frozen_string_literal: true

# The arithmetic alone, with numbers in place, to measure what the values around it cost.
module BareLoops
  # Choosing a pot and working out its water, so many times.
  def self.absorption(times)
    times.times do |index|
      finished = 16_170.0 + index
      dry = finished / 3.0
      pot =
        [[0.0452, 7238.0], [0.0804, 19_302.0], [0.1257, 37_699.0]].find do |area, litres|
          boiled = ((10.0 * 35) + (3.0 * 10)) / 60 * area * 1000
          room = 0.75 * litres
          dry <= [room * 0.664 / 3.0, (room - boiled) / (2.0 + (1 / 1.33))].min
        end
      (dry * 2.0) + (((10.0 * 35) + (3.0 * 10)) / 60 * pot.first * 1000)
    end
  end

  # 360 steps of a tridiagonal system of 24 cells, so many times.
  def self.cooling(times)
    times.times do
      cells = Array.new(24, 54.0)
      360.times { cells = step(cells, 7.7, 0.001) }
    end
  end

  def self.step(cells, flow, exchange)
    upper, value = [], []
    24.times do |index|
      left = index.zero? ? 0.0 : -0.5 * flow
      right = index == 23 ? 0.0 : -0.5 * flow
      inner = index.zero? ? 0.0 : cells[index - 1] - cells[index]
      outer = index == 23 ? -exchange * cells[index] : cells[index + 1] - cells[index]
      pivot =
        1 - left - right + (index == 23 ? 0.5 * exchange : 0.0) -
          (index.zero? ? 0.0 : left * upper[index - 1])
      upper[index] = right / pivot
      value[index] = (
        cells[index] + (0.5 * flow * (inner + outer)) - (index.zero? ? 0.0 : left * value[index - 1])
      ) / pivot
    end
    22.downto(0) { |index| value[index] -= upper[index] * value[index + 1] }
    value
  end
  private_class_method :step
end
