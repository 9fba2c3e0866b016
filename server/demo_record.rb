# frozen_string_literal: true

module Scullion
  # Three weeks of a made-up past for the demo: the cold room read twice a day, by whom, deliveries, cleaning,
  # and one warm morning with what was done about it. The same for the same day.
  class DemoRecord
    DAYS = 21
    SEED = 7
    CREW = %w[ML TR OK].freeze
    PLACES = ["Cold room, middle shelf", "Chiller, top shelf"].freeze
    # So many days ago the cold room stood warm: its door had been left open.
    WARM = 9
    DELIVERIES = { 1 => "Greengrocer", 3 => "Dairy", 5 => "Greengrocer" }.freeze

    # @param today [Date]
    def initialize(today)
      @today, @dice = today, Random.new(SEED)
    end

    # Keeps them all. @return [Integer] how many
    def keep
      entries = (1..DAYS).to_a.reverse.flat_map { |ago| day(ago) }
      entries.each { |entry| Records::Entry.keep(entry) }
      entries.size
    end

    private

    def day(ago)
      date = @today - ago
      [
        *%w[07:10 15:20].flat_map { |clock| PLACES.map { |place| fridge(date, clock, place) } },
        *(warm(date) if ago == WARM),
        *delivery(date),
        entry(date, "14:40", kind: "cleaned", about: "Benches, boards and slicer")
      ]
    end

    def fridge(date, clock, place)
      celsius = (2.4 + (2 * @dice.rand)).round(1)
      entry(date, clock, kind: "temperature", of: "fridge", value: celsius, about: place)
    end

    # Read warm, looked for, and read again; what had stood in it is thrown.
    def warm(date)
      said = "Door was ajar since the delivery. Shut; read again in an hour."
      [
        entry(date, "08:05", kind: "temperature", of: "fridge", value: 9.4, about: PLACES.first),
        entry(date, "08:07", kind: "note", about: PLACES.first, note: said),
        entry(date, "08:20", kind: "weighed", of: "thrown", value: 1800, about: "Rice, cooked yesterday"),
        entry(date, "09:10", kind: "temperature", of: "fridge", value: 4.1, about: PLACES.first)
      ]
    end

    def delivery(date)
      from = DELIVERIES[date.wday] or return []
      celsius = (2.8 + @dice.rand).round(1)
      [
        entry(date, "07:40", kind: "received", of: "whole", about: from),
        entry(date, "07:42", kind: "temperature", of: "delivery", value: celsius, about: from)
      ]
    end

    def entry(date, clock, kind:, **more)
      moment = "#{date.iso8601}T#{clock}"
      unit = Records::House.ours.practice.words("record", "kinds").fetch(kind)["unit"]
      Record::Entry.new(
        uid: format("demo-%s-%06d", date.strftime("%y%m%d"), @dice.rand(1_000_000)),
        at: "#{moment}:00Z",
        clock: moment,
        by: CREW[@dice.rand(CREW.size)],
        kind: kind,
        unit: more[:value] && unit,
        **more
      )
    end
  end
end
