# frozen_string_literal: true

module Scullion
  # The meal it is all for: when, how many, and which salads.
  class Service
    # One salad of the service. covers: nil for all of them; portion_grams: nil for the build's own.
    Line = Struct.new(:salad, :covers, :portion_grams, keyword_init: true)

    MOST_COVERS = 5000
    MOST_TABLES = 1000
    # Minutes that a service may last, over midnight too.
    LONGEST = 16 * 60
    # Share made on top where nobody says otherwise.
    OVER_PREP = 0.05
    STYLES = %w[plates family platters moulded buffet boxes].freeze
    FIELDS = %w[name date from to covers tables served_as stock over_prep guests lines].freeze
    CLOCK = /\A([01]\d|2[0-3]):[0-5]\d\z/.freeze

    attr_reader :name, :from, :to, :covers, :tables, :served_as, :stock, :over_prep, :guests, :lines

    # @param from [Moment] @param to [Moment] @param covers [Integer]
    # @param tables [Integer, nil] laid; nil where nobody has said
    # @param stock [Hash{String=>Float}] g on hand, by ingredient
    # @param served_as [String] one of STYLES
    # @param over_prep [Float] share made on top, once, on finished portions
    # @param guests [Array<String>] whom it feeds beside the usual, see Safety::Kind::GUESTS
    def initialize(name:, from:, to:, covers:, tables:, served_as:, stock:, over_prep:, lines:, guests: [])
      @guests = guests
      @name, @from, @to, @covers, @tables, @served_as, @stock, @over_prep, @lines =
        name,
        from,
        to,
        covers,
        tables,
        served_as,
        stock,
        over_prep,
        lines
      freeze
    end

    # @param salads [Hash{String=>Salad}]
    # @return [Service, nil]
    def self.read(fields, salads)
      before = fields.faults.size
      fields.only(*FIELDS)
      from, to = window(fields)
      parts = {
        name: fields.text("name"),
        covers: fields.whole("covers", 1..MOST_COVERS, "covers"),
        tables: fields.whole("tables", 1..MOST_TABLES, "tables", default: nil),
        served_as: fields.choice("served_as", STYLES, default: STYLES.first),
        stock: stock(fields),
        over_prep: fields.number("over_prep", 0..0.5, "as a share", default: OVER_PREP),
        guests: guests(fields),
        lines: fields.list("lines", 1..30, "salads") { |item| line(item, salads) }
      }
      new(from: from, to: to, **parts) if fields.faults.size == before
    end

    # Whom it feeds beside the usual.
    def self.guests(fields)
      given = fields.raw("guests")
      return [] if given.nil?
      return given.uniq if given.is_a?(Array) && (given - Safety::Kind::GUESTS).empty?

      fields.fault(
        "guests",
        "#{Fault.shown(given)} are not guests that are known here.",
        "Send a list of: #{Safety::Kind::GUESTS.join(", ")}."
      )
      []
    end

    # g on hand, by ingredient.
    def self.stock(fields)
      fields.within("stock", default: {}) do |item|
        item.data.keys.first(500).to_h { |key| [key, item.number(key, 0..1_000_000, "grams", default: 0.0)] }
      end
    end

    def self.window(fields)
      day = day(fields)
      from, to = %w[from to].map { |field| fields.match(field, CLOCK, "11:45") }
      return unless day && from && to

      from, to = Moment.at(day, from), Moment.at(day, to)
      to = Moment.at(day, to.clock, days: 1) if to < from
      return from, to if (to - from).between?(1, LONGEST)

      lasts = to == from ? "ends when it starts, at #{from}" : "would last #{((to - from) / 60.0).round(1)} h"
      fields.fault(
        "to",
        "The service #{lasts}.",
        "Give another end: at most #{LONGEST / 60} h after its start, past midnight where it must be."
      )
    end

    def self.day(fields)
      text = fields.match("date", /\A\d{4}-\d\d-\d\d\z/, "2026-11-28") or return
      Date.iso8601(text)
    rescue Date::Error
      fields.fault("date", "#{text} is not a day of the calendar.", "Write it like 2026-11-28.")
    end

    def self.line(item, salads)
      item.only("salad", "covers", "portion_grams")
      key = item.key("salad")
      if key && !salads.key?(key)
        item.fault(
          "salad",
          "There is no salad #{key.inspect} here.",
          "Add it to salads, or take the line out."
        )
      end
      Line.new(
        salad: salads[key],
        covers: item.whole("covers", 1..MOST_COVERS, "covers", default: nil),
        portion_grams: item.number("portion_grams", 10..2000, "grams", default: nil)
      )
    end
    private_class_method :guests, :stock, :window, :day, :line
  end
end
