# frozen_string_literal: true

# A way into each hazard of the catalogue: what is put into the worked example so that it holds, and where it
# does not. Used by the specs of the core and of every medium.
module HazardCases
  EXAMPLE = JSON.parse(File.read(File.expand_path("../../docs/brief.example.json", __dir__))).freeze
  LARDER = Scullion::House.shipped.larder

  module_function

  # @return [Hash{String=>Hash}] briefs by hazard
  def all = @all ||= CASES.transform_values { |change| brief(change) }

  def brief(change)
    JSON.parse(JSON.generate(EXAMPLE)).tap { |data| change.call(data) }
  end

  # The example with one component in place of its own.
  def one(ingredient, cook: nil, grams: 60, role: "base", **more)
    ->(data) do
      component = { "ingredient" => ingredient, "grams" => grams, "role" => role, "cook" => cook }
      data["salads"][0]["components"] = [component.merge(more.transform_keys(&:to_s)).compact]
    end
  end

  def beside(ingredient, **more)
    ->(data) do
      component = { "ingredient" => ingredient, "grams" => 20, "role" => "body" }
      data["salads"][0]["components"] << component.merge(more.transform_keys(&:to_s)).compact
    end
  end

  def by(method, **choices) = { "method" => method, **choices.transform_keys(&:to_s) }

  # The example with another dressing. @param parts [Hash{String=>Array}] role and g, by ingredient
  def dressed(preset: "all-at-once", **parts)
    ->(data) do
      listed =
        parts.map do |key, (role, grams)|
          { "ingredient" => key.to_s.tr("_", "-"), "role" => role, "grams" => grams }
        end
      data["salads"][0]["dressing"] = { "name" => "Any dressing", "preset" => preset, "parts" => listed }
    end
  end

  def feeding(*guests) = ->(data) { data["service"]["guests"] = guests }
  def figures(own)
    ->(data) { data["figures"] = own.map { |at, value| { "at" => at, "value" => value } } }
  end

  # An ingredient like another, otherwise as told; nil takes a field out.
  def own(like, **facts)
    ->(data) do
      made = LARDER.fetch(like).facts.merge("key" => "own-food", "name" => "Own food")
      made = made.merge(facts.transform_keys(&:to_s)).compact
      data["ingredients"] = (data["ingredients"] || []) + [made]
    end
  end

  # Own food like another, that can also be had in this form.
  def able(like, form, **facts)
    like_it = LARDER.fetch(like).facts
    hold = like_it["hold"].merge(form => like_it["hold"].values.first)
    own(like, density: like_it["density"].merge(form => 0.6), hold: hold, **facts)
  end

  def rules(**limits)
    ->(data) do
      data["house_rules"] = {
        "key" => "own",
        "name" => "Own rules",
        "cold_celsius" => 5,
        "hot_celsius" => 57,
        "out_minutes" => 240,
        "days" => 7,
        "first_celsius" => 21,
        "first_minutes" => 120,
        "cooled_minutes" => 360
      }.merge(limits.transform_keys(&:to_s))
    end
  end

  def all_of(*changes) = ->(data) { changes.each { |change| change.call(data) } }
  def day(decided) = ->(data) { data["day"] = decided }
  def kitchen(lists) = ->(data) { data["kitchen"].merge!(lists) }

  CASES = {
    "no-such-heat" =>
      all_of(
        one("carrot", cook: by("roast"), cut: "batons"),
        kitchen("ovens" => [{ "name" => "Slow oven", "positions" => 4, "most_celsius" => 120 }])
      ),
    "no-microwave" =>
      all_of(one("carrot", cook: by("microwave"), cut: "batons"), kitchen("microwaves" => [])),
    "no-room" =>
      all_of(
        one("pearl-barley", cook: by("absorption")),
        figures("practice/evaporation/lid-ajar" => 200, "larder/pearl-barley/absorption/minutes" => 1400)
      ),
    "never-right" =>
      all_of(
        one("cucumber"),
        figures(
          "practice/holds/juicy-raw/rest_minutes" => 90,
          "practice/holds/juicy-raw/dressed_minutes" => 60
        )
      ),
    "lot-past-its-date" =>
      all_of(
        one("carrot", cut: "batons"),
        day(
          "lots" => [
            {
              "preparation" => "carrot|batons",
              "code" => "20A",
              "name" => "lot 20A",
              "grams" => 100,
              "discard" => "2026-11-20T23:59"
            }
          ]
        )
      ),
    "out-too-long" => rules(out_minutes: 30),
    "raw-poultry" => one("chicken-breast", cut: "strips"),
    "raw-beans" => all_of(able("dry-white-beans", "whole"), one("own-food")),
    "raw-potato" => one("waxy-potato", cut: "diced"),
    "raw-mushroom" => one("shiitake", cut: "sliced"),
    "raw-leaf-toxic" => all_of(own("spinach", kind: "toxic-leaf"), one("own-food")),
    "raw-never" => one("green-beans"),
    "raw-care-fish" => one("salmon-fillet"),
    "raw-care-meat" => one("beef-rump"),
    "raw-care-egg" => one("hen-egg"),
    "raw-care-sprout" => one("bean-sprouts"),
    "bitter-gourd" => one("courgette"),
    "unknown-leaf" => all_of(own("spinach", kind: nil), one("own-food")),
    "kind-unknown" => all_of(own("beef-rump", kind: nil), one("own-food", cook: by("sear"))),
    "guests-uncooked" => all_of(beside("smoked-salmon"), feeding("pregnant")),
    "guests-soft-cheese" => feeding("older"),
    "guests-undercooked" => all_of(one("hen-egg", cook: by("eggs", yolk: "jammy")), feeding("ill")),
    "yolk-soft" => one("hen-egg", cook: by("eggs", yolk: "jammy")),
    "core-below" =>
      all_of(
        own("duck-breast", sear: { "minutes" => 7, "gain" => 0.7, "core" => 74 }),
        one("own-food", cook: by("sear")),
        figures("larder/own-food/sear/core" => 55)
      ),
    "core-probe" => one("chicken-breast", cook: by("roast")),
    "soak-water-kidney" => one("dry-kidney-beans", cook: by("simmer", water: "soak")),
    "soak-water-common" => one("dry-white-beans", cook: by("simmer", water: "soak")),
    "boil-none" => one("dry-white-beans", cook: by("simmer", start: "simmer")),
    "boil-short" =>
      all_of(one("dry-pinto", cook: by("simmer")), figures("practice/simmer/bean_boil_minutes" => 2)),
    "boil-hard" => one("dry-kidney-beans", cook: by("simmer")),
    "soak-cold" => one("dry-chickpeas", cook: by("simmer", soak: "long")),
    "microwave-stands" =>
      all_of(
        able("chicken-breast", "steamed", microwave: { "minutes" => 12, "gain" => 0.8 }),
        one("own-food", cook: by("microwave"))
      ),
    "mandoline-meat" =>
      all_of(able("chicken-breast", "spirals", cuts: ["spirals"]), one("own-food", cut: "spirals")),
    "mandoline-cured" =>
      all_of(able("dry-cured-ham", "spirals", cuts: ["spirals"]), one("own-food", cut: "spirals")),
    "raw-animal-apart" => one("chicken-breast", cut: "strips", cook: by("sear")),
    "wash" => one("red-pepper", cut: "diced"),
    "wash-leaf" => one("rocket"),
    "cut-cold" => one("tomato", cut: "diced"),
    "mash-hot" => one("waxy-potato", treat: "mash", cook: by("boil-cut")),
    "favism" => one("broad-beans", cook: by("blanch")),
    "bought-cooked-apart" => beside("cooked-ham"),
    "defrost" => one("frozen-peas", cook: by("blanch")),
    "bean-in-pan" =>
      all_of(
        able("dry-kidney-beans", "roast", roast: { "yield" => 0.9, "minutes" => 40, "celsius" => 180 }),
        one("own-food", cook: by("roast"))
      ),
    "not-cooled" =>
      all_of(kitchen("chillers" => [], "ice_machines" => []), ->(data) { data["service"]["to"] = "17:00" }),
    "spread-thin" => one("pearl-barley", cook: by("absorption")),
    "on-the-clock" => kitchen("chillers" => [], "ice_machines" => []),
    "rice-dates" => all_of(one("white-rice", cook: by("absorption")), ->(data) { data["house_rules"] = "b" }),
    "absorption-steam" => one("pearl-barley", cook: by("absorption")),
    "boil-heavy" => one("penne", cook: by("boil")),
    "boil-cut-drain" => one("carrot", cut: "diced", cook: by("boil-cut")),
    "tinned-lids" => one("white-beans", cook: by("tinned")),
    "roast-oven" => one("carrot", cut: "batons", cook: by("roast")),
    "blanch-spits" => one("green-beans", cook: by("blanch")),
    "blanch-ice" => one("green-beans", cook: by("blanch")),
    "steam-steam" => one("carrot", cut: "diced", cook: by("steam")),
    "microwave-steam" => one("frozen-peas", cook: by("microwave")),
    "sear-fat" => one("salmon-fillet", cook: by("sear")),
    "grill-flares" => one("chicken-thigh", cook: by("grill")),
    "toast-burns" => one("sunflower-seeds", cook: by("toast")),
    "crisp-oil" => one("white-loaf", cook: by("crisp", on: "fry")),
    "eggs-cracked" => one("hen-egg", cook: by("eggs")),
    "eggs-cooled" => one("hen-egg", cook: by("eggs")),
    "dressing-raw-egg" =>
      all_of(able("hen-egg", "liquid"), dressed(rapeseed_oil: ["fat", 30], own_food: ["emulsifier", 10])),
    "dressing-egg-pasteurised" =>
      dressed(rapeseed_oil: ["fat", 30], pasteurised_yolk: ["emulsifier", 10], lemon_juice: ["acid", 5]),
    "dressing-guests-egg" =>
      all_of(
        able("hen-egg", "liquid"),
        dressed(rapeseed_oil: ["fat", 30], own_food: ["emulsifier", 10]),
        feeding("older")
      ),
    "dressing-guests-honey" => feeding("under-ones"),
    "dressing-honey" => ->(_) {},
    "dressing-guests-cheese" =>
      all_of(
        able("ricotta", "liquid"),
        dressed(olive_oil: ["fat", 20], own_food: ["liquid", 20]),
        feeding("pregnant")
      ),
    "dressing-in-oil" =>
      all_of(able("garlic", "liquid"), dressed(olive_oil: ["fat", 20], own_food: ["aromatic", 2])),
    "dressing-cold" => dressed(yoghurt: ["liquid", 30], lemon_juice: ["acid", 5]),
    "dressing-weak" => dressed(olive_oil: ["fat", 20], water: ["liquid", 20]),
    "jugs-out" => dressed(preset: "table-jug", yoghurt: ["liquid", 30], lemon_juice: ["acid", 5]),
    "sauce-never-raw" =>
      all_of(able("raw-prawns", "liquid"), dressed(olive_oil: ["fat", 20], own_food: ["aromatic", 5])),
    "warm-bowl" =>
      all_of(
        one("pearl-barley", cook: by("absorption", serve: "warm"), grams: 200),
        kitchen("chillers" => [], "ice_machines" => [])
      ),
    "warm-on-frail" =>
      all_of(
        one("pearl-barley", cook: by("absorption", serve: "warm"), grams: 200),
        beside("rocket"),
        kitchen("chillers" => [], "ice_machines" => [])
      ),
    "ambient-bowl" =>
      all_of(one("red-pepper", cut: "diced", grams: 150), beside("pearl-barley", cook: by("absorption"))),
    "guests-honey" => all_of(feeding("under-ones")),
    "guests-cheese" => ->(_) {},
    "guests-nuts" => feeding("under-ones"),
    "stones" => beside("black-olives"),
    "hands" => one("kale", treat: "massage"),
    "served-before" =>
      day(
        "outings" => [{ "salad" => EXAMPLE["salads"][0]["key"], "name" => "Early lunch", "minutes" => 90 }]
      ),
    "served-out" =>
      day(
        "outings" => [{ "salad" => EXAMPLE["salads"][0]["key"], "name" => "Early lunch", "minutes" => 300 }]
      ),
    "rules-lax" => rules(cold_celsius: 12),
    "probe-check" => ->(_) {},
    "cross-contact" => ->(_) {},
    "guests-said" => feeding("ill"),
    "no-place" =>
      all_of(
        ->(data) { data["service"]["covers"] = 3000 },
        kitchen("cooks" => [{ "initials" => "ML", "from" => "09:00", "to" => "12:00" }])
      ),
    "path-first" => figures("practice/cooling/methods/fan-fridge/surface" => 1),
    "path-cold" => figures("practice/cooling/methods/fan-fridge/celsius" => 6),
    "path-out" =>
      day(
        "pins" => [
          { "task" => "build/0/mix", "at" => "2026-11-28T07:30" },
          { "task" => "build/0/finish/1", "at" => "2026-11-28T09:20" }
        ]
      )
  }.freeze
end
