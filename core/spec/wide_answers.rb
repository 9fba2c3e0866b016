# frozen_string_literal: true

require "digest"
require_relative "random_salads"
require_relative "recipe_texts"

# Short answers to very many questions, for WorkedAnswers: of each only what is enough to see that it moved.
module WideAnswers
  HOUSE = Scullion::House.shipped
  NUMBERS = [*1..25, "a", "half", "quarter", "a couple of", "a few", "half a dozen", "a dozen"].freeze
  WORDS = Scullion::Amount::Words::NUMBERS.keys
  # Either side of where amounts are written another way.
  SIZES = [
    0,
    0.04,
    0.3,
    0.96,
    1,
    2.5,
    4.9,
    7.4,
    9.9,
    14.9,
    15,
    15.1,
    29.6,
    44,
    59.9,
    60,
    60.1,
    14.787,
    29.57,
    59.14,
    59.15,
    236.588,
    473.17,
    473.18,
    994.9,
    995,
    995.5,
    1892.7,
    1892.8,
    99,
    100,
    119.9,
    120,
    236,
    249.9,
    250,
    251,
    440,
    453.6,
    460,
    473,
    499.9,
    500,
    999.4,
    999.6,
    1000,
    1300,
    1439,
    1441,
    2500,
    9999,
    10_000,
    123_456.7,
    2_000_000
  ].freeze

  module_function

  # @return [Hash{String=>Proc}]
  def all
    {
      "bounds" => -> { bounds },
      "amounts" => -> { amounts },
      "written" => -> { written },
      "hues" => -> { hues },
      "sources" => -> { sources },
      "random" => -> { (7001..7060).to_h { |seed| [seed.to_s, random(seed)] } },
      "random-days" => -> { (7101..7108).to_h { |seed| [seed.to_s, random_day(seed)] } },
      "texts" => -> { texts }
    }
  end

  # Who says so, of every figure.
  def sources
    HOUSE.larder.transform_values do |ingredient|
      mark(ingredient.figures.addresses.map { |at| ingredient.figures.source(at) })
    end
  end

  # Between which values every figure may be set, gathered by what they say.
  def bounds
    practice = HOUSE.practice.figures.addresses.map { |at| "practice/#{at}" }
    larder =
      HOUSE.larder.flat_map do |key, ingredient|
        ingredient.figures.addresses.map { |at| "larder/#{key}/#{at}" }
      end
    (practice + larder)
      .group_by { |at| HOUSE.bound(at)&.join(" ") || "none" }
      .transform_values { |all| all.map { |at| at[%r{[^/]+\z}] }.uniq.sort.first(40) }
      .sort
      .to_h
  end

  def amounts
    reader = HOUSE.practice.reader
    units = Scullion::Amount::Units::SPELLINGS.keys
    misspelt =
      units.select { |unit| unit.size > 6 }.flat_map { |unit| [unit[1..], unit.sub(/(.)(.)/, '\2\1')] }
    asked =
      WORDS.map { |word| "#{word} cups" } + NUMBERS.map { |number| "#{number} tbsp" } +
        (units + misspelt).map { |unit| "3 #{unit}" }
    asked.uniq.to_h do |text|
      amount = reader.read(text)
      [text, [amount.low.round(4), amount.high.round(4), amount.unit, amount.rest].compact.join(" ").strip]
    rescue Scullion::UnreadableAmount => e
      [text, e.message]
    end
  end

  def written
    [Scullion::Amount::Measures::METRIC, Scullion::Amount::Measures::US].to_h do |measures|
      writer = Scullion::Amount::Writer.for(measures)
      kinds = writer.public_methods.select { |name| writer.method(name).owner <= Scullion::Amount::Writer }
      kinds = kinds.select { |name| writer.method(name).arity == 1 } - %i[moment]
      [
        measures.system,
        kinds.sort.to_h do |kind|
          [kind.to_s, SIZES.map { |size| writer.public_send(kind, size.to_f) }.join(" | ")]
        end
      ]
    end
  end

  # Which of the colours on a plate count as one.
  def hues
    balance = Scullion::Salad::Balance.allocate
    steps = %w[00 1e 1f 7f 80 ff]
    steps.product(steps, steps).to_h { |parts| ["##{parts.join}", balance.send(:hue, "##{parts.join}").to_s] }
  end

  # A mark of each part of a plan, and what it says is amiss.
  def random(seed)
    dice = RandomSalads.new(HOUSE, seed, most_covers: 600, most_grams: 400)
    brief = seed.odd? ? dice.brief : dice.with_own_figures
    plan = planned(brief)
    marks = plan.to_h.transform_values { |part| mark(part) }
    tastes = plan.taste.to_a.first
    {
      **marks,
      "taste" => tastes.transform_values { |part| mark(part) },
      "amiss" => amiss(plan),
      "mended" => mark(mended(plan)),
      **beside(brief, plan)
    }
  end

  # What is done about each complaint of its dressing.
  def mended(plan)
    parts = plan.portions.first.salad.dressing&.parts or return []
    HOUSE
      .practice
      .words("corrections", "complaints")
      .keys
      .map { |complaint| Scullion::Dress::Correction.new(parts, 2345.0, complaint, HOUSE).to_h }
  end

  def random_day(seed)
    plan = planned(RandomSalads.new(HOUSE, seed, most_covers: 300, most_grams: 300).brief)
    roster = Scullion::Day::Roster.new(plan)
    fixes = Scullion::Day::WaysOut.new(roster).to_a.map { |fix| [fix.what, fix.decide] }
    shown = roster.to_h
    {
      "begins" => roster.moment(roster.solution.first),
      "problem" => roster.problem,
      "starts" => mark(roster.solution.starts),
      "fixes" => fixes,
      "lots" => mark(roster.lots.select(&:path).map(&:to_h)),
      "hazards" => mark(roster.hazards.map(&:to_h)),
      **shown.transform_values { |part| mark(part) }
    }
  rescue Scullion::UnworkableDay => e
    { "unworkable" => e.message }
  end

  # What becomes of it for one cover more, and for a third more.
  def beside(brief, plan)
    covers = brief["service"]["covers"]
    { "one_more" => 1, "a_third_more" => [covers / 3, 2].max }.transform_values do |more|
      after = planned(brief.merge("service" => brief["service"].merge("covers" => covers + more)))
      Scullion::Plan::Difference.new(plan, after).to_a
    end
  end

  def texts
    (RecipeTexts::ALL + RecipeTexts::HELD_OUT).to_h do |recipe|
      draft = Scullion::Recipe::Draft.new(recipe["text"], HOUSE).to_h
      lines = draft["lines"].map { |line| mark(line) }
      [
        recipe["title"] || recipe["text"].lines.first.strip,
        { **draft.transform_values { |part| mark(part) }, "lines" => lines }
      ]
    rescue Scullion::Error => e
      [recipe["text"].lines.first.strip, e.message]
    end
  end

  def planned(brief) = Scullion::Plan.for(Scullion::Brief.read(brief, HOUSE))
  def amiss(plan) = plan.snags.map { |snag| "#{snag.stage}: #{snag.what}"[0, 90] }
  def mark(part) = Digest::SHA256.hexdigest(JSON.generate(part))[0, 10]
end
