# frozen_string_literal: true

# Salads as nobody would write them, and somebody might: any ingredient in any form that the
# larder has, any legal amount and dressing, in any of the starter kitchens. The same seed gives
# the same brief.
class RandomSalads
  # @param house [Scullion::House] @param seed [Integer]
  # @param most_covers [Integer] @param most_grams [Float] of a component, a serving
  def initialize(house, seed, most_covers: 5000, most_grams: 5000)
    @house, @dice, @most_covers, @most_grams = house, Random.new(seed), most_covers, most_grams
  end

  # @return [Hash] a brief that core reads without a fault
  def brief
    salad =
      loop do
        made = salad_with(components(count(1, 6)))
        break made if legal?(made)
      end
    {
      "format" => "scullion/brief@1",
      "service" => service,
      "salads" => [salad],
      "kitchen" => kitchen,
      "house_rules" => pick(@house.rule_sets.keys)
    }
  end

  # The same in a kitchen that has set figures of its own as far as they go.
  def with_own_figures
    made = brief
    own = own_figures("practice", @house.practice.figures, Scullion::Practice, count(1, 60))
    own +=
      made["salads"][0]["components"].flat_map do |component|
        own_figures(
          "larder/#{component["ingredient"]}",
          @house.larder[component["ingredient"]].figures,
          Scullion::IngredientForm,
          4
        )
      end
    made.merge("figures" => own.uniq { |figure| figure["at"] })
  end

  private

  def own_figures(book, figures, bounds, many)
    figures
      .addresses
      .select { |at| bounds.bound(at) }
      .sample(many, random: @dice)
      .map { |at| { "at" => "#{book}/#{at}", "value" => pick(bounds.bound(at).first(2)) } }
  end

  def pick(list) = list.empty? ? nil : list[@dice.rand(list.size)]
  def maybe(share = 0.5) = @dice.rand < share ? yield : nil
  def count(least, most) = @dice.rand(least..most)

  # Spread evenly over the orders of magnitude, the ends among them.
  def spread(least, most)
    return pick([least, most]) if @dice.rand < 0.06

    Math.exp(@dice.rand(Math.log(least)..Math.log(most))).clamp(least, most)
  end

  def service
    covers = spread(1, @most_covers).round
    {
      "name" => "Any",
      "date" => "2026-11-28",
      "from" => "12:00",
      "to" => pick(%w[12:01 13:00 13:30 15:00 23:59]),
      "covers" => covers,
      "over_prep" => pick([0, 0.05, 0.5]),
      "tables" => maybe { spread(1, 1000).round },
      "served_as" => pick(Scullion::Service::STYLES),
      "lines" => [
        {
          "salad" => "any",
          "covers" => maybe(0.2) { spread(1, covers).round },
          "portion_grams" => maybe(0.2) { spread(10, 2000).round(1) }
        }.compact
      ]
    }.compact
  end

  def kitchen
    measures = pick([{ "system" => "us", "degrees" => "f", "cup_ml" => 236.6 }, { "cup_ml" => 200 }, {}])
    pick(@house.starters).except("key", "why").merge("measures" => measures)
  end

  def salad_with(components)
    {
      "key" => "any",
      "name" => "Any salad",
      "serves_as" => pick(%w[side starter main]),
      "components" => components,
      "dressing" => maybe(0.8) { dressing(components) },
      "at_table" => (["white-loaf"] if components.size.even?)
    }.compact
  end

  def components(many) = Array.new(many) { legal_component }

  # One that is refused is thrown again.
  def legal_component
    loop do
      made = component(pick(@house.larder.values))
      return made if legal?({ "key" => "any", "name" => "Any salad", "components" => [made] })
    end
  end

  def component(ingredient)
    method = maybe(0.6) { pick(ingredient.methods_of_cooking) } if ingredient.methods_of_cooking.any?
    grams = spread(0.1, @most_grams).round(2)
    {
      "ingredient" => ingredient.key,
      "grams" => grams,
      "written" => ("½ “#{ingredient.name}” *thin* <b>" if grams.round.odd?),
      "role" => pick(@house.practice.roles.keys),
      "trim" => maybe { pick(ingredient.trims.keys) },
      "cut" => maybe { pick(ingredient.cuts) },
      "treat" => maybe(0.3) { pick(ingredient.facts.fetch("treats", {}).keys) },
      "held_back" => maybe(0.3) { pick([0.1, 0.5, 1]) },
      "cook" => method && cooked(method, ingredient),
      "with" => method && maybe(0.2) { Array.new(count(1, 3)) { along } },
      "made" => maybe(0.15) { made }
    }.compact
  end

  def cooked(method, ingredient)
    schools =
      @house.practice.schools(method).to_h { |option, choices| [option, maybe { pick(choices.keys) }] }
    { "method" => method, **schools, **written(method, ingredient) }.compact
  end

  # Minutes and heat of its own, where it may have some.
  def written(method, ingredient)
    bounds = Scullion::Salad::Below::WRITTEN.select { |name, _| ingredient.figures.key?("#{method}/#{name}") }
    bounds.to_h { |name, (range, _)| [name, maybe(0.3) { spread(range.begin, range.end).round(1) }] }
  end

  def along
    {
      "ingredient" => pick(@house.larder.keys),
      "grams" => spread(0.001, 500).round(3),
      "stays" => maybe { true }
    }.compact
  end

  def made
    {
      "how" => pick(@house.practice.keys("made")),
      "parts" =>
        Array.new(count(1, 6)) do
          { "ingredient" => pick(@house.larder.keys), "grams" => spread(0.01, 100_000).round(2) }
        end
    }
  end

  def dressing(components)
    own = maybe(0.2) { [first_stage(components), { "key" => "two", "name" => "Two" }] }
    {
      "name" => "Any dressing",
      "preset" => pick(@house.practice.presets.keys),
      "stages" => own,
      "parts" => Array.new(count(1, 5)) { part }
    }.compact
  end

  # On anything, on one component, or on what is not there.
  def first_stage(components)
    {
      "key" => "one",
      "name" => "One",
      "share" => 0.01,
      "into" => pick(Scullion::Salad::Form::INTO),
      "to" =>
        maybe { [pick([pick(components), pick(components), { "ingredient" => "dill" }])["ingredient"]] },
      "minutes" => maybe { spread(1, 2880).round }
    }.compact
  end

  def part
    ingredient = pick(@house.larder.values)
    {
      "ingredient" => ingredient.key,
      "role" => pick(Scullion::Salad::PART_ROLES),
      pick(%w[ml grams]) => spread(0.01, 100_000).round(2),
      "fruit" => fruit(ingredient)
    }.compact
  end

  def fruit(ingredient)
    Scullion::Salad::Fruit::KINDS.find do |kind|
      Scullion::Salad::Fruit.of(kind, ingredient, @house.larder) && maybe { true }
    end
  end

  def legal?(salad)
    fields = Scullion::DocumentReader.new(salad)
    !Scullion::Salad::Form.read(fields, @house).nil?
  end
end

# What a document of such a salad must keep, whoever wrote it.
module AnyLegalSalad
  # Every number in a document, with where it stands.
  def numbers(document, at = "", found = {})
    case document
    when Hash
      document.each { |key, value| numbers(value, "#{at}/#{key}", found) }
    when Array
      document.each_with_index { |value, index| numbers(value, "#{at}/#{index}", found) }
    when Numeric
      found[at] = document
    end
    found
  end

  # Numbers all of them, in figures and in words.
  def expect_numbers(document, seed)
    words = document.is_a?(String) ? document : JSON.generate(document)
    expect(words).not_to match(/NaN|Infinity/), "seed #{seed}: in words"
  rescue JSON::GeneratorError
    strange = numbers(document).reject { |_, value| value.to_f.finite? }
    expect(strange).to eq({}), "seed #{seed}: #{strange.first(3).inspect}"
  end

  # @param kind [Symbol] which brief of RandomSalads
  # @yield [Scullion::Plan, Integer] each plan with its seed, which any error names
  def each_plan(seeds, kind = :brief, **most)
    seeds.each do |seed|
      yield(
        Scullion::Plan.for(
          Scullion::Brief.read(RandomSalads.new(house, seed, **most).public_send(kind), house)
        ),
        seed
      )
    rescue StandardError => e
      raise e.class, "seed #{seed}: #{e.message}", e.backtrace
    end
  end
end
