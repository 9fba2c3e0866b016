# frozen_string_literal: true

require "digest"

# More whole answers: where each form draws its limits, what many lines and texts are read as, the ways out of
# full days, and what is said of salads as nobody would write them.
module EdgeAnswers
  HOUSE = Scullion::House.shipped

  # Notes where a reader was asked for a number, a count, a list or a text, and within which bounds.
  module Noting
    NOTED = [] # rubocop:disable Style/MutableConstant -- what it is for

    %i[number whole list text choice].each do |kind|
      define_method(kind) do |name, *bounds, **more, &block|
        said = bounds.map { |each| each.is_a?(Array) ? each.first(30).join(" ") : each.to_s }
        NOTED << [where.gsub(%r{/\d+}, "/*"), name, kind, *said, more[:most]].compact.join(" ")
        super(name, *bounds, **more, &block)
      end
    end
  end

  module_function

  # @return [Hash{String=>Proc}] what is asked, by the name of its file
  def all
    {
      "limits" => -> { limits },
      "lines" => -> { lines },
      "more-recipes" => -> { RecipeTexts::ALL.drop(12).to_h { |each| [each["title"], draft(each["text"])] } },
      "ways-out" => -> { ways_out },
      "any-salad" => -> { (7201..7260).to_h { |seed| [seed.to_s, tried(seed)] } },
      "counted" => -> { counted },
      "jotted" => -> { jotted.transform_values { |text| read(text) } },
      "made" => -> { (81..84).to_h { |seed| [seed.to_s, made(seed)] } },
      "crowded-days" => -> { (7301..7324).to_h { |seed| [seed.to_s, CrowdedDays.answer(seed)] } }
    }
  end

  # Every bound that a form asks for, as it asks.
  def limits
    Noting::NOTED.clear
    Scullion::DocumentReader.prepend(Noting)
    documents.each(&:call)
    Noting::NOTED.uniq.sort
  end

  def documents
    fields = ->(data) { Scullion::DocumentReader.new(data) }
    practice, pot = HOUSE.practice, HOUSE.kitchen.pots.first
    [
      -> { Scullion::Brief.read(everything, HOUSE) },
      -> do
        HOUSE.starters.each { |each| Scullion::Kitchen.read(fields[each.except("key", "why")], practice) }
      end,
      -> { Scullion::IngredientForm.read(HOUSE.larder["carrot"].facts, sources: HOUSE.sources) },
      -> { Scullion::HouseRules.read(fields[own_rules], "Own.") },
      -> { Scullion::Cook::Calibration.read(fields[weighed], pot, practice) },
      -> do
        single = { "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" } }
        %w[raw_grams finished_grams].each do |given|
          Scullion::Cook::Single.read(single.merge(given => 4000), HOUSE)
        end
      end
    ]
  end

  def weighed = { "lid" => "off", "before_grams" => 5000, "after_grams" => 4700, "minutes" => 20 }
  def own_rules
    { "key" => "own", "name" => "Own" }.merge(
      Scullion::HouseRules::LIMITS.keys.zip([5, 60, 240, 3, 21, 120, 360]).to_h
    )
  end

  # A brief that says all that a brief can say.
  def everything
    brief = WorkedAnswers.every_way
    salad = brief["salads"].first
    stages = [
      { "key" => "one", "name" => "One", "share" => 0.4, "into" => "bowl" },
      { "key" => "two", "name" => "Two" }
    ]
    salad["dressing"] = salad["dressing"].merge("stages" => stages) if salad["dressing"]
    brief.merge(
      "service" => brief["service"].merge("guests" => ["ill"], "over_prep" => 0.1),
      "figures" => [{ "at" => "practice/pots/fill", "value" => 0.7, "set_for" => "this service" }],
      "house_rules" => own_rules,
      "ingredients" => [HOUSE.larder["carrot"].facts],
      "day" => decided
    )
  end

  def decided
    day = { "from" => "2026-11-28T07:00", "to" => "2026-11-28T09:00" }
    {
      "now" => "2026-11-27T08:30",
      "since" => "2026-11-26T06:00",
      "marks" => [
        { "task" => "cook/0", "state" => "late", "at" => "2026-11-28T07:15", "minutes" => 12, "share" => 0.5 }
      ],
      "pins" => [{ "task" => "cook/0", "at" => "2026-11-28T07:00" }],
      "ahead" => [{ "preparation" => "x", "days" => 1 }],
      "loads" => [{ "preparation" => "x", "loads" => 2 }],
      "extra" => [day],
      "skilled" => [{ "cook" => "ML", "skill" => "stove" }],
      "control" => [{ "preparation" => "x", "way" => "cold" }],
      "taken_on" => [{ "key" => "x@cook/0", "by" => "ML", "reason" => "Because." }],
      "outings" => [{ "salad" => "x", "name" => "Early", "minutes" => 60 }],
      "taken" => [day.merge("on" => "burner", "amount" => 1, "mode" => 180, "for" => "Other")]
    }
  end

  # What every food of the larder is read as, written in several ways.
  WAYS = [
    "%s",
    "200 g %s",
    "2 %s, chopped",
    "1 tbsp finely chopped %s",
    "a handful of %s",
    "150 g cooked %s, drained",
    "1 x 400 g tin %s",
    "juice of 2 %s"
  ].freeze

  def lines
    HOUSE.larder.values.to_h do |ingredient|
      name = ingredient.name.downcase.delete(",")
      ways = WAYS.map { |way| format(way, name) }
      [ingredient.key, mark(draft("Salad\n\nServes 4\n\n#{ways.join("\n")}\n"))]
    end
  end

  # Texts as cooks jot them down, and those that the reader is measured on.
  def jotted
    paths = Dir[File.join(__dir__, "jotted", "*.txt")] + WrittenRecipes.parts.first
    paths.sort.to_h { |path| [File.basename(path, ".txt"), File.read(path)] }
  end

  # Lines and whole recipes from the generators.
  def made(seed)
    lines = MadeLines.new(HOUSE, seed).lines(60).map(&:text)
    recipes = MadeRecipes.new(HOUSE, seed)
    {
      "lines" => read("Lunch\nServes 40\n#{lines.join("\n")}"),
      **(1..8).to_h { |count| ["recipe #{count}", read(recipes.recipe.text)] }
    }
  end

  # A mark of each of its lines, of what its steps tell, and of the salad that comes of it.
  def read(text)
    draft = Scullion::Recipe::Draft.new(text, HOUSE).to_h
    draft
      .transform_values { |part| mark(part) }
      .merge("servings" => draft["servings"], "lines" => draft["lines"].map { |line| mark(line) }.join(" "))
  rescue Scullion::Error => e
    e.faults.map(&:what)
  end

  def draft(text) = mark(Scullion::Recipe::Draft.new(text, HOUSE).to_h)

  # A day that is too full in several kitchens, and what would help.
  def ways_out
    example = WorkedAnswers.example
    { "250" => 250, "420" => 420 }.transform_values do |covers|
      brief = example.merge("service" => example["service"].merge("covers" => covers))
      cooks = brief["kitchen"]["cooks"].first(2)
      plan = WorkedAnswers.plan(brief.merge("kitchen" => brief["kitchen"].merge("cooks" => cooks)))
      roster = WorkedAnswers.roster(plan)
      {
        "fixes" => Scullion::Day::Fixes.new(roster).to_a,
        "problem" => roster.problem,
        "movable" => roster.movable,
        "cut" => roster.cut_here,
        "spare" => roster.spare,
        "needed" => roster.needed_by
      }
    end
  end

  # What is offered, said and counted of any salad.
  def tried(seed)
    brief = RandomSalads.new(HOUSE, seed, most_covers: 500, most_grams: 400).brief
    trial = Scullion::Salad::Trial.new(brief["salads"][0], HOUSE)
    {
      "tried" => mark(trial.to_h),
      "resized" => [120.0, 350.0].map { |grams| told { trial.resized(grams).document } },
      "goals" => Scullion::Salad::Goal::KEYS.to_h { |key| [key, told { WorkedAnswers.goal(trial, key) }] },
      "swaps" =>
        trial.salad.components.map do |component|
          mark(
            HOUSE.swap.for_component(component).map { |offer| [offer.stand_in.key, offer.grams, offer.why] }
          )
        end
    }
  end

  # What it comes to, or why it cannot be.
  def told
    mark(yield)
  rescue Scullion::Error => e
    e.faults.map(&:what)
  end

  # What a cook writes for how many and how much there is.
  def counted
    texts = ["45", "45 covers", "30 %", "0.4%", "", "1,200", "1 cover", "many", "-3", "100 %", "33.4 %"]
    tins, loose = HOUSE.larder.values_at("white-beans", "carrot")
    on_hand = ["3", "3 tins", "12 bags", "2 kg", "1 1/2 kg", 750, "750,5", "2 cups", "100", "1 pack", "a few"]
    {
      "covers" => texts.to_h { |text| [text, Scullion::Count::Covers.read(text, 137)] },
      "scaled" => [1, 7, 60].map { |count| Scullion::Count::Covers.scaled(count, from: 90, to: 137) },
      "usual" => [[4], [4, 9], [9, 4, 5], [10, 20, 31, 40]].map { |all| Scullion::Count::Covers.usual(all) },
      "on_hand" => [tins, loose].map { |food| on_hand.to_h { |text| [text.to_s, weighed_out(text, food)] } },
      "called" =>
        HOUSE.larder.values.map { |food| mark(food.aliases.map { |name| food.called?("#{name}s") }) }
    }
  end

  def weighed_out(text, food)
    Scullion::Buy::OnHand.grams(text, food, HOUSE).to_f.round(3)
  rescue Scullion::Error => e
    e.faults.first.what
  end

  def mark(part) = Digest::SHA256.hexdigest(JSON.generate(part))[0, 10]
end
