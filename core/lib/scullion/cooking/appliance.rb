# frozen_string_literal: true

module Scullion
  module Cooking
    # What heats and chills. kw: power drawn; positions: trays it takes at once.
    Burner = Struct.new(:name, :kw, :count, keyword_init: true)
    Oven = Struct.new(:name, :positions, :fan, :kw, :least_celsius, :most_celsius, keyword_init: true) do
      def reaches?(celsius) = celsius.between?(least_celsius, most_celsius)
    end
    Steamer = Struct.new(:name, :positions, :kw, keyword_init: true)
    MicrowaveOven = Struct.new(:name, :watts, keyword_init: true)

    # method: a key of facts/practice/cooling methods.
    Chiller = Struct.new(:name, :method, :shelves, keyword_init: true)
    IceMachine = Struct.new(:name, :kg_per_day, :bin_kg, keyword_init: true)

    # A cook on shift. from, to, break_from, break_to: local clock times "HH:MM". skills: keys of
    # facts/practice/skills, nil for all.
    Cook = Struct.new(:initials, :from, :to, :break_from, :break_to, :skills, keyword_init: true) do
      # @return [Array<Array(Integer, Integer)>] minutes of the day, without the break
      def hours
        start, stop, rest, back = [from, to, break_from, break_to].map { |clock| clock && ((clock[0, 2].to_i * 60) + clock[3, 2].to_i) }
        rest && back ? [[start, rest], [back, stop]] : [[start, stop]]
      end

      def minutes = hours.sum { |start, stop| stop - start }
    end
  end
end
