# frozen_string_literal: true

# A made-up large day: six salads, 42 components, 400 covers. No two preparations are alike,
# so that nothing is saved by cooking once for two salads.
module LargeDay
  GRAINS = %w[pearl-barley quinoa coarse-bulgur brown-rice farro freekeh].freeze
  ROASTS = %w[carrot beetroot parsnip sweet-potato butternut red-pepper].freeze
  PULSES = %w[white-beans chickpeas green-lentils black-eyed-peas black-beans butter-beans].freeze
  RAW = [
    %w[cucumber diced],
    %w[celery diced],
    %w[fennel shaved],
    %w[kohlrabi batons],
    %w[radish sliced],
    %w[red-cabbage shredded]
  ].freeze
  SALTY = [
    %w[brined-white-cheese crumbled],
    %w[hard-grating-cheese shaved],
    %w[goat-cheese crumbled],
    %w[green-olives halved],
    %w[capers chopped],
    %w[gherkins diced]
  ].freeze
  HERBS = [
    %w[dill chopped],
    %w[parsley chopped],
    %w[mint torn],
    %w[chives chopped],
    %w[coriander chopped],
    %w[rocket torn]
  ].freeze
  SEEDS = %w[sunflower-seeds pumpkin-seeds almonds hazelnuts walnuts sesame].freeze

  # @param example [Hash] the example brief, for its kitchen, rules and dressing
  # @return [Hash] a brief
  def self.brief(example)
    salads = Array.new(6) { |index| salad(index, example["salads"][0]["dressing"]) }
    service =
      example["service"].merge(
        "name" => "Large day",
        "covers" => 400,
        "lines" => salads.map { |salad| { "salad" => salad["key"] } }
      )
    example.merge("service" => service, "salads" => salads)
  end

  def self.salad(index, dressing)
    {
      "key" => "salad-#{index}",
      "name" => "Salad #{index}",
      "dressing" => dressing,
      "components" => [
        {
          "ingredient" => GRAINS[index],
          "grams" => 110,
          "role" => "base",
          "cook" => {
            "method" => "absorption"
          }
        },
        {
          "ingredient" => ROASTS[index],
          "grams" => 60,
          "role" => "body",
          "cut" => "diced",
          "cook" => {
            "method" => "roast"
          }
        },
        {
          "ingredient" => PULSES[index],
          "grams" => 40,
          "role" => "body",
          "cook" => {
            "method" => "tinned"
          }
        },
        raw(RAW[index], 42, "fresh"),
        raw(SALTY[index], 28, "accent"),
        raw(HERBS[index], 4, "garnish").merge("held_back" => 0.5),
        {
          "ingredient" => SEEDS[index],
          "grams" => 10,
          "role" => "crunch",
          "held_back" => 1,
          "cook" => {
            "method" => "toast"
          }
        }
      ]
    }
  end

  def self.raw((ingredient, cut), grams, role)
    { "ingredient" => ingredient, "cut" => cut, "grams" => grams, "role" => role }
  end
  private_class_method :salad, :raw
end
