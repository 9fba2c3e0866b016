# frozen_string_literal: true

module Scullion
  # Reads a kitchen from plain data: sizes that a kitchen can have, tools and ways of cooling
  # that are known, shifts that end after they start.
  class KitchenForm
    CLOCK = /\A([01]\d|2[0-3]):[0-5]\d\z/.freeze
    COUNTED = %i[count positions shelves].freeze
    MANY = (0..60).freeze
    SOME = (1..60).freeze

    def initialize(fields, practice)
      @fields, @practice = fields, practice
    end

    # @return [Kitchen, nil]
    def read
      before = @fields.faults.size
      @fields.only("name", "measures", *Kitchen::LISTS.map(&:to_s))
      parts = {
        name: @fields.text("name"),
        measures:
          @fields.within("measures", default: Amount::Measures::METRIC) { |item| Amount::Measures.read(item) }
      }
      parts.merge!(vessels, heat, cold, tools: tools, cooks: cooks)
      unique
      Kitchen.new(**parts) if @fields.faults.size == before
    end

    private

    def vessels
      {
        pots: list("pots", SOME) { |item| pot(item) },
        trays:
          list("trays", SOME) do |item|
            vessel(
              item,
              Kitchen::Tray,
              length_cm: 10..120,
              width_cm: 10..100,
              depth_cm: [1..30, 6.5],
              count: 1..200
            )
          end,
        pans:
          list("pans", SOME) { |item| vessel(item, Kitchen::Pan, diameter_cm: 10..120, count: [1..50, 1]) },
        bowls: list("bowls", SOME) { |item| vessel(item, Kitchen::Bowl, litres: 0.5..400, count: 1..100) }
      }
    end

    def heat
      {
        burners:
          list("burners", SOME) { |item| named(item, Kitchen::Burner, kw: 0.5..60, count: [1..40, 1]) },
        ovens: list("ovens", SOME) { |item| oven(item) },
        steamers:
          list("steamers", MANY) { |item| named(item, Kitchen::Steamer, positions: 1..60, kw: 0.5..100) },
        microwaves: list("microwaves", MANY) { |item| named(item, Kitchen::MicrowaveOven, watts: 300..5000) }
      }
    end

    def cold
      {
        chillers: list("chillers", MANY) { |item| chiller(item) },
        ice_machines:
          list("ice_machines", MANY) do |item|
            named(item, Kitchen::IceMachine, kg_per_day: 1..5000, bin_kg: 0..2000)
          end
      }
    end

    def tools
      list("tools", MANY) do |item|
        item.only("key")
        item.choice("key", @practice.keys("tools"))
      end
    end

    def cooks
      list("cooks", MANY) do |item|
        item.only("initials", "from", "to", "break_from", "break_to", "skills")
        from, to = %w[from to].map { |field| item.match(field, CLOCK, "07:00") }
        away = %w[break_from break_to].map { |field| item.match(field, CLOCK, "10:00", default: nil) }
        if from && from == to
          item.fault("to", "The shift ends when it starts, at #{from}.", "Give a later end.")
        end
        break_fits(item, from, to, away) if from && to && away.any?
        Kitchen::Cook.new(
          initials: item.text("initials", most: 12),
          from: from,
          to: to,
          break_from: away.first,
          break_to: away.last,
          skills: skills(item)
        )
      end
    end

    # @return [Array<String>, nil] nil for all of them
    def skills(item)
      return if item.raw("skills").nil?

      known = @practice.keys("skills")
      down_for = item.raw("skills")
      return down_for.uniq if down_for.is_a?(Array) && down_for.any? && (down_for - known).empty?

      item.fault(
        "skills",
        (
          if down_for == []
            "This cook is down for no work at all."
          else
            "#{Fault.shown(down_for)} is not a list of #{known.join(", ")}."
          end
        ),
        "Name at least one of #{known.join(", ")}, or leave it out for all of them."
      )
      nil
    end

    def break_fits(item, from, to, away)
      ends = to < from ? "24:00" : to
      return if away.all? && from < away.first && away.first < away.last && away.last < ends

      item.fault(
        "break_from",
        "The break #{away.first || "?"} to #{away.last || "?"} does not lie within the shift.",
        "Give both ends, between #{from} and #{to}, or leave both out."
      )
    end

    def pot(item)
      item.only("key", "name", "diameter_cm", "height_cm", "boil_factor")
      Kitchen::Pot.new(
        key: item.key("key"),
        name: item.text("name"),
        boil_factor: item.number("boil_factor", 0.1..5, "times the usual", default: nil),
        **sizes(item, diameter_cm: 8..150, height_cm: 5..120)
      )
    end

    def oven(item)
      item.only("name", "positions", "fan", "kw", "least_celsius", "most_celsius")
      oven =
        Kitchen::Oven.new(
          name: item.text("name"),
          fan: item.flag("fan"),
          **sizes(
            item,
            positions: 1..60,
            kw: [0.5..200, 10],
            least_celsius: [20..200, 50],
            most_celsius: [60..400, 280]
          )
        )
      if oven.least_celsius && oven.most_celsius && oven.most_celsius < oven.least_celsius
        item.fault("most_celsius", "The hottest is below the coolest.", "Give a hotter one.")
      end
      oven
    end

    def chiller(item)
      item.only("name", "method", "shelves")
      Kitchen::Chiller.new(
        name: item.text("name"),
        method: item.choice("method", @practice.words("cooling", "methods").keys),
        **sizes(item, shelves: 1..200)
      )
    end

    def vessel(item, type, **ranges)
      item.only("key", "name", *ranges.keys.map(&:to_s))
      type.new(key: item.key("key"), name: item.text("name"), **sizes(item, **ranges))
    end

    def named(item, type, **ranges)
      item.only("name", *ranges.keys.map(&:to_s))
      type.new(name: item.text("name"), **sizes(item, **ranges))
    end

    # ranges: field => range, or [range, default].
    def sizes(item, **ranges)
      ranges.to_h do |field, (range, default)|
        options = default ? { default: default } : {}
        unit = field.to_s[/[^_]+\z/]
        [
          field,
          (
            if COUNTED.include?(field)
              item.whole(field.to_s, range, "of them", **options)
            else
              item.number(field.to_s, range, unit, **options)
            end
          )
        ]
      end
    end

    def list(name, size, &)
      @fields.list(name, size, name.tr("_", " "), **(size.begin.zero? ? { default: [] } : {}), &) || []
    end

    def unique
      %w[pots trays pans bowls].each do |name|
        Array(@fields.raw(name))
          .grep(Hash)
          .map { |row| row["key"] }
          .tally
          .each do |key, times|
            if times > 1
              @fields.fault(name, "#{key.inspect} stands #{times} times.", "Give each a key of its own.")
            end
          end
      end
    end
  end
end
