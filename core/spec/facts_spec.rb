# frozen_string_literal: true

require "tmpdir"
require "fileutils"

RSpec.describe Scullion::Facts do
  # Facts with one file spoiled.
  def spoiled(file)
    Dir.mktmpdir do |copy|
      FileUtils.cp_r(File.join(described_class::ROOT, "."), copy)
      path = File.join(copy, file)
      File.write(path, yield(File.read(path)))
      described_class.load(copy)
    end
  rescue Scullion::InvalidFacts => e
    e.faults.map(&:to_s)
  end

  it "holds at least 250 ingredients across every family, none without what its family needs" do
    expect(house.larder.size).to be >= 250
    expect(house.larder.values.map(&:family).uniq).to match_array Scullion::IngredientForm::FAMILIES
    gaps = Scullion::Gaps.new(house.families)
    expect(
      house
        .larder
        .transform_values { |ingredient| gaps.of(ingredient) }
        .reject { |_, lacking| lacking.empty? }
    ).to eq({})
  end

  it "says which family has no member" do
    faults = spoiled("families.yml") { |text| text + text[/^salt:\n.*?(?=^\w)/m].sub("salt:", "metal:") }
    expect(faults.join).to include("families.yml/metal").and include("Nothing in the larder is of the family")
  end

  it "knows every hold, uptake, treatment and cut that an ingredient names, and a source for every figure" do
    house.larder.each_value do |ingredient|
      expect(ingredient.holds.values.reject { |hold| house.practice.known?("holds", hold) }).to eq([]),
      ingredient.key
      expect(
        ingredient.carries.values.reject do |carries|
          house.practice.figures.key?("dressing/uptake/#{carries}")
        end
      ).to eq([]),
      ingredient.key
      expect(
        ingredient.facts.fetch("treats", {}).keys.reject { |treat| house.practice.known?("treats", treat) }
      ).to eq([]),
      ingredient.key
      expect(ingredient.cuts - house.practice.cuts.keys).to eq([]), ingredient.key
      expect(ingredient.figures.addresses.map { |at| ingredient.figures.source(at) }).to all(be_a(String)),
      ingredient.key
    end
  end

  it "lets every ingredient be cooked by every method it has, in every cut" do
    house.larder.each_value do |ingredient|
      ingredient.methods_of_cooking.each do |method|
        component =
          Scullion::Salad::Component.new(
            ingredient: ingredient,
            grams: 1.0,
            role: "base",
            cook: {
              "method" => method
            },
            cut: ingredient.cuts.first
          )
        expect(component.method.needs(component).reject { |at| ingredient.figures.key?(at) }).to eq([]),
        "#{ingredient.key} #{method}"
        expect(component.hold_class).to be_a(String), "#{ingredient.key} #{method}"
      end
    end
  end

  it "has yields between 0 and 1, densities that food can have, and cooked factors within their family's" do
    house.larder.each_value do |ingredient|
      ingredient
        .figures
        .addresses
        .grep(/yield|drained/)
        .each { |at| expect(ingredient.fetch(at)).to be_between(0.2, 1), "#{ingredient.key} #{at}" }
      ingredient
        .figures
        .addresses
        .grep(/density/)
        .each { |at| expect(ingredient.fetch(at)).to be_between(0.03, 1.6), "#{ingredient.key} #{at}" }
      within = house.families[ingredient.family].fetch("cooked", [0.6, 1.1])
      explained = YAML.load_file("core/facts/outliers.yml").fetch(ingredient.key, {}).fetch("of", [])
      factors(ingredient).each do |method, factor|
        next if explained.any? { |at| at.start_with?("#{method}/") }

        expect(factor).to be_between(*within), "#{ingredient.key} #{method} #{factor}"
      end
    end
  end

  # Finished for raw by weight.
  def factors(ingredient)
    ingredient.methods_of_cooking.to_h do |method|
      [
        method,
        ingredient.figures["#{method}/uptake/tender"]&.+(1) ||
          %w[gain yield drained].filter_map { |word| ingredient.figures["#{method}/#{word}"] }.first
      ]
    end
  end

  # g in a cup dry, g in a cup cooked, cups that a cup of dry makes: a national table's and the packets' own.
  {
    "pearl-barley" => 3.75,
    "quinoa" => 3.0,
    "couscous" => 2.75,
    "white-rice" => 3.0,
    "brown-rice" => 3.25,
    "coarse-bulgur" => 2.8,
    "millet" => 3.7,
    "buckwheat" => 2.8,
    "wild-rice" => 3.2,
    "dry-chickpeas" => 2.9,
    "dry-kidney-beans" => 2.5,
    "dry-black-beans" => 2.7,
    "dry-pinto" => 2.7,
    "dry-green-lentils" => 2.3
  }.each do |key, cups|
    it "agrees with published cups within 10 %: one of dry #{key} makes #{cups}" do
      ingredient = house.larder[key]
      factor = factors(ingredient).values.first
      made =
        ingredient.density("dry") * factor /
          (ingredient.figures["density/cooked"] || ingredient.density("boiled"))
      expect(made).to be_within(cups * 0.1).of(cups)
    end
  end

  it "names file, row and field of a figure that cannot be" do
    expect(spoiled("larder/roots.yml") { |text| text.sub("yield: 0.81", "yield: 1.81") }.first(1)).to eq [
         "larder/roots.yml row 1/trims/peeled/yield: 1.81 is not possible. Use 0.05 to 1 by weight."
       ]
  end

  it "refuses an unknown field, an unknown source, a missing source and a key used twice, all at once" do
    found =
      spoiled("larder/grains.yml") do |text|
        "#{text.sub("key: couscous", "key: quinoa")}\n- { key: x, name: X, nmae: x, family: grain, " \
          "colour: '#ffffff', sources: { any: hearsay } }\n"
      end
    expect(found.join("\n")).to include(
      'Unknown field "nmae"',
      'sources/any: "hearsay" is not a known source',
      '/key: "quinoa" is already in',
      'There is no "couscous" to be like'
    )
  end

  it "says where the YAML breaks, and what a practice figure can be" do
    expect(spoiled("larder/tins.yml") { |text| "#{text}\n- {" }.join).to include(
      "larder/tins.yml line",
      "not YAML"
    )
    expect(spoiled("practice/pots.yml") { "fill: 7" }.first).to include(
      "practice/pots.yml/fill: 7.0 is not possible"
    )
  end

  # YAML takes the last of them in silence.
  it "says no word and no fact twice in one place" do
    twice =
      lambda do |node, path|
        unless node.is_a?(Psych::Nodes::Mapping)
          next node.children.to_a.flat_map { |child| twice[child, path] }
        end

        keys = node.children.each_slice(2).map { |key, _| key.value }
        again = keys.tally.select { |_, count| count > 1 }.map { |key, _| "#{path}: #{key}" }
        again + node.children.each_slice(2).flat_map { |_, value| twice[value, path] }
      end
    found =
      Dir[File.join(described_class::ROOT, "**/*.yml")].flat_map do |path|
        twice[Psych.parse_file(path), File.basename(path)]
      end
    expect(found).to eq []
  end

  it "says when ingredients are made like each other in a circle" do
    found =
      spoiled("larder/roots.yml") do |text|
        "#{text}\n- { key: a, name: A, like: b }\n- { key: b, name: B, like: a }\n"
      end
    expect(found.join).to include("a is made like itself: a → b → a")
  end

  # Only what builds a house reads files: shipped facts, what is known of hazards, and the methods' folders.
  it "keeps core pure: all of it brings in no database, web, YAML or file access of its own" do
    script = <<~RUBY
      require "zeitwerk"
      before = $LOADED_FEATURES.dup
      require "scullion"
      rooms = File.join(#{ROOT.inspect}, "core/lib/scullion")
      Scullion::LOADER.do_not_eager_load("\#{rooms}/house/facts.rb", "\#{rooms}/cook/parcels.rb",
                                             "\#{rooms}/safety/catalogue.rb")
      Scullion::LOADER.eager_load
      puts ($LOADED_FEATURES - before).grep_v(%r{core/lib/scullion})
      others = %w[ActiveRecord Sinatra Rack SQLite3 YAML Psych Socket Net FileUtils JSON Tempfile]
      puts Object.constants.map(&:to_s) & others
      opened = []
      opening = ->(tp) { [File, IO, Dir].include?(tp.self) && %i[open read new glob].include?(tp.method_id) }
      TracePoint.new(:c_call) { |tp| opened << tp.method_id if opening[tp] }
                .enable { Scullion::Amount::Reader.new.read("2 cups") }
      puts opened
    RUBY
    zeitwerk = Gem.loaded_specs.fetch("zeitwerk").full_require_paths.first
    loaded =
      IO.popen(
        ["ruby", "--disable-gems", "-I", zeitwerk, "-I", File.join(ROOT, "core/lib"), "-e", script],
        &:readlines
      ).map(&:strip)
    expect(
      loaded.map { |path| File.basename(path) } -
        %w[strscan.so levenshtein.rb date.rb date_core.so normalize.rb tables.rb comparable.so]
    ).to eq []
  end
end
