# frozen_string_literal: true

module Scullion
  class UseUp
    # What is to be made of it: so many covers, as what, at which hours, and whom all of it must suit.
    Meal =
      Struct.new(:covers, :serves_as, :hours, :suits, keyword_init: true) do
        # @param covers [Integer] @param serves_as [String] side, starter or main
        # @param hours [Array(String, String)] "12:00" and "13:00" @param suits [Array<String>] of Suits::KEYS
        def self.of(covers, serves_as: "main", hours: Salad::Trial::HOURS, suits: [])
          new(covers: covers, serves_as: serves_as, hours: hours, suits: Suits.new(suits))
        end

        # When the last of it is eaten: after midnight that is the next day.
        # @param date [Date] of the service @return [Date]
        def eaten(date) = hours.last > hours.first ? date : date + 1

        # Servings, with what is made more.
        def made = covers * (1 + Service::OVER_PREP)

        # @param salad [Hash] as a brief has it @return [Salad::Trial]
        def trial(salad, house) = Salad::Trial.new(salad, house, covers: covers, hours: hours)
      end
  end
end
