# frozen_string_literal: true

# Texts made of what the reader knows, in any order: each is read to its end, and each line has its answer.
RSpec.describe "Any text at all" do
  SIGNS = %w[, ; : ( ) - / → | & + . = ½ % each of and or].freeze
  UNITS = ["", " g", " kg", " ml", " tsp", "x", " tins", " min", " cm"].freeze
  STATUSES = %w[sure doubtful unknown].freeze

  def any_line(random)
    Array.new(random.rand(1..9)) { any_word(random) }.join(random.rand < 0.9 ? " " : "")
  end

  def any_word(random)
    case random.rand(4)
    when 0
      @names[random.rand(@names.size)]
    when 1
      "#{random.rand(1..900)}#{UNITS.sample(random: random)}"
    when 2
      @words[random.rand(@words.size)]
    else
      SIGNS.sample(random: random)
    end
  end

  before do
    lexicon = house.lexicon
    @names = house.larder.values.map { |food| food.name.downcase } + lexicon.words("names").keys
    files = %w[cuts trims treats states pieces containers places flags sizes parts asides sections verbs]
    @words = files.flat_map { |file| lexicon.words(file).then { |all| all.is_a?(Hash) ? all.keys : all } }
  end

  [3, 5, 8].each do |seed|
    it "is read to its end (seed #{seed})" do
      random = Random.new(seed)
      40.times do
        text = Array.new(random.rand(3..14)) { any_line(random) }.join("\n")
        found = Scullion::Recipe::Draft.new("Salad for 10\n#{text}", house).to_h
        lines = found["lines"].select { |line| line["kind"] == "ingredient" }
        expect(lines.map { |line| line["status"] } - STATUSES).to eq([]), text
        weights = lines.filter_map { |line| line["grams"] }
        expect(weights.all? { |grams| grams.finite? && !grams.negative? }).to be(true), text
      end
    end
  end

  def patterns
    Zeitwerk::Loader.eager_load_all
    ObjectSpace
      .each_object(Regexp)
      .reject { |each| each.fixed_encoding? || each.options.anybits?(Regexp::NOENCODING) }
  end

  # Patterns that reading so many foods makes, with a step of each.
  def made(foods)
    names = @names.grep_v(/[^a-z ]/).first(foods)
    steps = names.map { |name| "Dress half of the #{name} with salt." }
    text = ["Salad for 10", *names.map { |name| "100 g #{name}" }, "", "Method", *steps].join("\n")
    GC.start
    GC.disable
    before = ObjectSpace.count_objects[:T_REGEXP]
    Scullion::Recipe::Draft.new(text, house).to_h
    ObjectSpace.count_objects[:T_REGEXP] - before
  ensure
    GC.enable
  end

  # Twice as many foods and steps: twice as many patterns, where each food tried against each step makes four
  # times as many.
  it "makes no pattern for each food and each step" do
    made(10)
    few, many = made(40), made(80)
    expect(many).to be < few * 3
  end

  # What looks behind words and forgives their case is refused by Ruby once there is an é in the text.
  it "meets no pattern that can be matched with plain letters only" do
    expect(patterns.size).to be > 300
    refused =
      patterns.reject do |pattern|
        !pattern.match?("½ é ſ ﬆ ß İ").nil?
      rescue RegexpError
        false
      end
    expect(refused).to eq []
  end

  # The constants of the core that are patterns.
  def our_patterns
    Zeitwerk::Loader.eager_load_all
    ObjectSpace
      .each_object(Module)
      .select { |each| each.name.to_s.start_with?("Scullion") }
      .flat_map { |each| each.constants(false).map { |name| each.const_get(name) } }
      .grep(Regexp)
      .uniq
  end

  # Where blanks set a pattern out, one between words is none: "(?! of)" is "(?!of)".
  it "meets no pattern that has a blank between words, and is read without it" do
    set_out = our_patterns.select { |pattern| pattern.options.anybits?(Regexp::EXTENDED) }
    expect(set_out.size).to be > 100
    blank =
      set_out.select do |pattern|
        plain =
          pattern.source.gsub(/\[(?:\\.|[^\]])*\]/, "").gsub("\\ ", "").gsub(/\(\?[mi]*-[mix]*x.*?\)/m, "")
        plain.match?(/\(\?<?[!=] \S|[[:alpha:]] [[:alpha:]]/)
      end
    expect(blank).to eq []
  end

  # To Ruby "st" is one letter as well where case is forgiven ("ﬆ"), and twenty times "st" are a million
  # ways.
  it "meets no pattern that forgives the case of any letters, as many as there are" do
    any_letters =
      /\[(?!\^)(?:[^\]\[]|\[:\w+:\])*\[:al(?:pha|num):\](?:[^\]\[]|\[:\w+:\])*\](?:[+*]|\{\d+,(?:\d\d+)?\})/
    endless =
      patterns.select do |pattern|
        forgives = pattern.casefold? || pattern.source.match?(/\(\?[mx]*i/)
        forgives && pattern.source.gsub(/\(\?-i:.*?\)/m, "").match?(any_letters)
      end
    expect(endless).to eq []
  end
end
