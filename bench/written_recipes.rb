# frozen_string_literal: true

require "json"
require "yaml"

# How well written recipes are read, measured on texts with their truth (bench/recipes). Some files are
# counted apart: nobody has looked into them while the reader is built.
class WrittenRecipes
  APART = %w[2-23-jsonld 3-11-seventies].freeze
  FOLDER = File.expand_path("recipes", __dir__)
  # disputed: wrong by a truth that the house has a reason to read otherwise
  SHARES = %i[right wrong needless fair disputed].freeze
  DISPUTED = YAML.safe_load_file(File.expand_path("disputed_truths.yml", __dir__)).freeze
  INTO = { "serve" => %w[salad top table serve], "top" => %w[top salad], "salad" => %w[salad top] }.freeze

  # One food of the truth, and what was made of it.
  Verdict = Struct.new(:file, :line, :food, :share, :why, keyword_init: true)

  # @param house [Scullion::House]
  def initialize(house)
    @house, @lexicon, @drafts = house, house.lexicon, {}
  end

  def self.files = Dir[File.join(FOLDER, "*.txt")]
  # @return [Array<Array<String>>] those to build with, and those kept apart
  def self.parts
    files.partition { |path| !APART.include?(File.basename(path, ".txt")) }
  end

  # @return [Array<Verdict>]
  def verdicts(path)
    truth, draft = truth(path), draft(path)
    @named = truth["lines"].flat_map { |line| line["foods"] }.map { |food| food["food"] }.tally
    free = draft.reads.map { |read| [read, draft.taken(read)] }
    said = truth["lines"].flat_map { |line| line["foods"].map { |food| [line, food] } }
    said
      .sort_by
      .with_index { |(line, food), index| [surely(line, food, free), index] }
      .map { |line, food| judged(File.basename(path), line, food, free, draft) }
  end

  # Files that say how many they serve. @return [Hash{String=>Boolean}] was it read right?
  def servings(paths)
    said = paths.to_h { |path| [path, truth(path)["servings"]] }.compact
    said.to_h do |path, wanted|
      [path, draft(path).to_h.values_at("servings_said", "servings") == [true, wanted]]
    end
  end

  # What its steps say, by the truth. @return [Array<Hash>]
  def steps(path) = truth(path)["steps"]

  # @yield the name of a food by the truth @return [Array<String>] the lines that have such a food
  def lines_with(path)
    truth(path)["lines"]
      .select { |line| line["foods"].any? { |food| yield food["food"] } }
      .map { |line| line["text"] }
  end

  # Read once. @return [Scullion::Recipe::Draft]
  def draft(path)
    @drafts[path] ||= Scullion::Recipe::Draft.new(
      Scullion::Exchange::LinkedRecipe.plain(File.read(path)),
      @house
    )
  end

  private

  def truth(path) = JSON.parse(File.read(path.sub(/txt\z/, "json")))

  def judged(file, line, food, free, draft)
    of_it =
      free.each_index.select { |index| taken_for?(food, free[index].last) && near?(line, free[index].first) }
    at =
      of_it.max_by { |index| likeness(line, food, *free[index]) } ||
        free.index { |read, taken| match?(line, food, read, taken) }
    read, taken = at ? free[at] : nil
    free.delete_at(at) if at && !shared?(food, read)
    share, why = share(line, food, read, taken, draft)
    share = :disputed if share == :wrong && disputed?(file, line, food)
    Verdict.new(file: file, line: line["text"], food: food, share: share, why: why)
  end

  def disputed?(file, line, food)
    DISPUTED.any? do |each|
      file == "#{each["file"]}.txt" && line["text"].strip.start_with?(each["line"]) &&
        each["foods"].include?(food["food"])
    end
  end

  # What was taken for it in its own line goes first, then what was taken for it anywhere.
  def surely(line, food, free)
    taken = free.select { |_, each| taken_for?(food, each) }
    return 2 if taken.empty?

    taken.any? { |read, _| here?(line, read) } ? 0 : 1
  end

  # How far a read is that of this line and food: by its words, then by where it goes, then by its grams.
  def likeness(line, food, read, taken)
    mine = words(read.line.text)
    shared = mine.empty? ? 0.0 : (mine & words(line["text"])).size.fdiv(mine.uniq.size)
    low, high = food["grams"]
    [shared, into?(food, taken.into) ? 1 : 0, -(taken.prepared.to_f - ((low + high) / 2.0)).abs]
  end

  # One food, of which a share is kept for the top, is two of the truth.
  def shared?(food, read)
    read.line.held && @named[food["food"]] > 1
  end

  def held(food, read, taken)
    return taken.prepared.to_f, taken.into unless shared?(food, read)

    share = read.line.held
    food["into"] == "top" ? [taken.prepared * share, "top"] : [taken.prepared * (1 - share), taken.into]
  end

  def taken_for?(food, taken)
    key = taken&.ingredient&.key
    return false unless key && keys(food).include?(key)

    food["state"] != "zest" || taken.zest?
  end

  # Is this read of that food? Its name is the same, or it stands in that line.
  def match?(line, food, read, taken)
    candidates = [taken&.ingredient, *read.guesses].compact.map(&:key)
    return true if keys(food).intersect?(candidates) && near?(line, read)

    here?(line, read) && read.status != "sure" && words(food["food"]).intersect?(words(read.line.text))
  end

  def near?(line, read)
    here?(line, read) || line["text"].length < 12 || words(line["text"]).intersect?(words(read.line.text))
  end

  def here?(line, read)
    mine = words(read.line.text)
    mine.any? && (mine - words(line["text"])).size <= mine.size / 3
  end

  def words(text)
    Scullion::Recipe::Lexicon
      .fold(text)
      .split
      .map { |word| Scullion::Recipe::Lexicon.singular(word) }
      .grep_v(/\A\d/)
  end

  # Every key that the truth's own name may be, by the house's names.
  def keys(food)
    if food["state"] == "juice"
      return *keys(food.merge("state" => nil)), *keys(food.merge("state" => nil)).map { |key| "#{key}-juice" }
    end

    name = Scullion::Recipe::Lexicon.fold(food["food"]).split
    in_state = @lexicon.food([food["state"], *name]) if food["state"]
    in_state || named(name, :last) || named(name, :first) || []
  end

  # By its head word; of a part of something ("scallion whites") by what it is a part of.
  def named(name, side)
    name.size.downto(1).filter_map { |count| @lexicon.food(name.public_send(side, count)) }.first
  end

  def share(line, food, read, taken, draft)
    asked = !line["ask"].nil?
    return asked ? :fair : :wrong, "gone" unless read
    return asked ? :fair : :needless, read.why unless draft.settled?(read)
    unless keys(food).include?(taken&.ingredient&.key) || keys(food).empty?
      return :wrong, "taken for #{taken&.ingredient&.key}"
    end

    low, high = food["grams"]
    grams, into = held(food, read, taken)
    grams += divided(read, taken, draft)
    unless high.zero? || grams.between?(low * 0.94, high * 1.06)
      return asked ? :fair : :wrong, "#{grams.round(1)} g, not #{low} to #{high}"
    end

    return :right, nil if high.zero?

    into?(food, into) ? [:right, nil] : [:wrong, "into #{into}, not #{food["into"]}"]
  end

  # What else of it the same line gives: made and eaten can differ, and oil may go two ways.
  def divided(read, taken, draft)
    same =
      draft.reads.reject { |other| other.equal?(read) }.select { |other| other.line.text == read.line.text }
    same
      .map { |other| draft.taken(other) }
      .select { |other| other&.ingredient == taken.ingredient && other.into == "cook" }
      .sum { |other| other.prepared.to_f }
  end

  # Is that the place that the truth says? Oil and spice for tray and pan are eaten.
  def into?(food, into)
    wanted =
      food["into"].start_with?("made") ? %w[dressing salad top] : INTO.fetch(food["into"], [food["into"]])
    (wanted | (wanted.include?("pot") ? %w[salad] : [])).include?(into == "cook" ? "salad" : into)
  end
end
