# frozen_string_literal: true

module Scullion
  # The vessels and heat a kitchen has. Smallest first, so that "the smallest that holds it"
  # is the first that fits.
  class Kitchen
    attr_reader :name, :pots, :trays, :pans, :bowls, :ovens, :burner_kw

    def initialize(name:, pots:, trays:, pans:, bowls:, ovens:, burner_kw:)
      @name, @burner_kw = name, burner_kw
      @pots = pots.sort_by { |pot| [pot.litres, pot.key] }
      @trays = trays.sort_by { |tray| [tray.area, tray.key] }
      @pans = pans.sort_by { |pan| [pan.area, pan.key] }
      @bowls = bowls.sort_by { |bowl| [bowl.litres, bowl.key] }
      @ovens = ovens
      freeze
    end

    # @return [Kitchen, nil] nil when the border has noted faults
    def self.read(border)
      before = border.faults.size
      border.only("name", "pots", "trays", "pans", "bowls", "ovens", "burner_kw")
      parts = {
        name: border.text("name"), burner_kw: border.number("burner_kw", 0.5..60, "kW"),
        pots: vessels(border, "pots", Cooking::Pot, diameter_cm: 8..150, height_cm: 5..120),
        trays: vessels(border, "trays", Cooking::Tray, length_cm: 10..120, width_cm: 10..100, count: 1..200),
        pans: vessels(border, "pans", Cooking::Pan, diameter_cm: 10..120),
        bowls: vessels(border, "bowls", Cooking::Bowl, litres: 0.5..400, count: 1..100), ovens: ovens(border)
      }
      new(**parts) if border.faults.size == before
    end

    def self.vessels(border, name, type, **sizes)
      border.list(name, 1..60, name) do |item|
        item.only("key", "name", *sizes.keys.map(&:to_s))
        type.new(key: item.key("key"), name: item.text("name"), **sizes.to_h { |size, range|
          [size, size == :count ? item.whole("count", range, "of them") : item.number(size.to_s, range, size.to_s[/[^_]+\z/])]
        })
      end
    end

    def self.ovens(border)
      border.list("ovens", 1..20, "ovens") do |item|
        item.only("name", "positions", "fan")
        Cooking::Oven.new(name: item.text("name"), positions: item.whole("positions", 1..60, "tray positions"),
                          fan: item.flag("fan"))
      end
    end
    private_class_method :vessels, :ovens

    def oven_positions = ovens.sum(&:positions)
    def pot(key) = pots.find { |pot| pot.key == key }
  end
end
