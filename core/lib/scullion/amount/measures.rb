# frozen_string_literal: true

module Scullion
  class Amount
    # How the house measures, and what its spoons and cups are.
    # system: metric or us; degrees: c or f; cup: ml, 236.6 (US) or 250 (metric); tablespoon: ml,
    # 14.8, 15 or 20; teaspoon: ml; scale: g, the smallest step that the house can weigh.
    Measures =
      Struct.new(:system, :degrees, :cup, :tablespoon, :teaspoon, :scale, keyword_init: true) do
        # @param fields [DocumentReader] at the measures
        # @return [Measures, nil] nil when the reader has noted faults
        def self.read(fields)
          before = fields.faults.size
          fields.only("system", "degrees", "cup_ml", "tablespoon_ml", "teaspoon_ml", "scale_g")
          usual = self::METRIC
          parts = {
            system: fields.choice("system", %w[metric us], default: usual.system),
            degrees: fields.choice("degrees", %w[c f], default: usual.degrees),
            cup: fields.number("cup_ml", 100..400, "ml", default: usual.cup),
            tablespoon: fields.number("tablespoon_ml", 5..30, "ml", default: usual.tablespoon),
            teaspoon: fields.number("teaspoon_ml", 2..10, "ml", default: usual.teaspoon),
            scale: fields.number("scale_g", 0.1..10, "g", default: usual.scale)
          }
          new(**parts).freeze if fields.faults.size == before
        end

        # Between kg with °C and lb with °F. Cup and spoons go along where they are the usual ones of the
        # system that is left; a house's own stay its own.
        # @return [Measures]
        def turned
          from, to =
            system == "us" ? [self.class::US, self.class::METRIC] : [self.class::METRIC, self.class::US]
          spoons =
            %i[cup tablespoon teaspoon].to_h do |each|
              [each, (self[each] - from[each]).abs < self.class::NEAR_ML ? to[each] : self[each]]
            end
          self.class.new(system: to.system, degrees: to.degrees, scale: scale, **spoons).freeze
        end
      end
    # A cup of 236.6 ml is the US cup of 236.588.
    Measures::NEAR_ML = 0.1
    Measures::METRIC =
      Measures.new(
        system: "metric",
        degrees: "c",
        cup: 250.0,
        tablespoon: 15.0,
        teaspoon: 5.0,
        scale: 0.1
      ).freeze
    Measures::US =
      Measures.new(
        system: "us",
        degrees: "f",
        cup: 236.588,
        tablespoon: 14.787,
        teaspoon: 4.929,
        scale: 0.1
      ).freeze
  end
end
