# frozen_string_literal: true

module Scullion
  class UseUp
    # A salad made up from what is left: each thing in the part that it usually plays, as much of it as a
    # serving bears, what goes first first; then from the store cupboard what is still missing, and a
    # dressing. It is tried and balanced by the same rules as any salad; what unbalances it is taken back, and
    # then as much put in again as it bears. Rules of the job, "Use-up".
    class Composed
      ROUNDS, PATIENT = 8, 2
      # So many tries, and so many before something goes away altogether. Steps by which what unbalances it is
      # taken back, and tried to be put in again.
      BACK, AGAIN = 0.75, [1.0, 0.5].freeze
      KEY = "from-what-is-left".freeze
      TOP = %w[garnish crunch].freeze
      # So many cuts, and twice as many things in all, are tried to mend one note.
      MENDS = 4

      # @param stocks [Array<Stock>] @param meal [Meal] @param house [House] @param tries [Integer] so many
      #   salads are planned on the way at most, about
      def initialize(stocks, meal, house, tries: UseUp::TRIES)
        @house, @practice, @meal, @made, @tries = house, house.practice, meal, meal.made, tries
        @notes = {}.compare_by_identity
        stocks = stocks.select { |each| suits?(each.ingredient) }
        @pours, stocks = stocks.partition { |each| Sauced.takes?(each, house) }
        @stocks =
          stocks
            .select { |stock| bears?(stock) }
            .sort_by { |stock| [stock.first, one(stock.role), -stock.grams] }
      end

      # g of it on a serving, finished. @return [Hash{Stock=>Float}]
      def servings = @servings ||= filled_again(balanced(filled))

      # The salad, as a brief has it. @return [Hash, nil] nil where nothing of it can be used
      def salad = servings.empty? ? nil : trial.document

      # @return [Salad::Trial]
      def trial = tried(servings)

      # Does it stand by the rules of any salad: balanced, and nothing that could hurt?
      def sound? = !servings.empty? && sound_with?(servings)

      # @param servings [Hash{Stock=>Float}] @return [Boolean]
      def sound_with?(servings) = sound(tried(servings))

      # How many of its tries are left.
      def tries = @tries - @notes.size

      # g of each that it takes. @return [Hash{Stock=>Float}]
      def used
        bowl = servings.to_h { |stock, grams| [stock, [grams * @made, stock.grams].min] }
        bowl.merge(@pours.to_h { |stock| [stock, poured(stock)] }.select { |_, grams| grams.positive? })
      end

      # The most of each on a serving. @return [Hash{Stock=>Float}]
      def most = @most ||= @stocks.to_h { |stock| [stock, [stock.grams / @made, one(stock.role)].min] }

      private

      def bears?(stock)
        @practice.figures.key?("use_up/roles/#{stock.role}/one_grams") && stock.grams / @made >= least
      end

      # Of what went into the dressing. @return [Float] g
      def poured(stock)
        return 0.0 if servings.empty?

        parts =
          trial.plan.dressings.flat_map(&:parts).select { |part| part.ingredient.key == stock.ingredient }
        [parts.sum(0.0, &:needed_grams), stock.grams].min
      end

      def suits?(key) = @meal.suits.food?(@house.larder.fetch(key))
      def least = @practice.fetch("use_up/least/serving_grams")
      def one(role) = scaled("use_up/roles/#{role}/one_grams")
      def all(role) = scaled("use_up/roles/#{role}/all_grams")
      def scaled(at) = @practice.fetch(at) * heaviest / @practice.fetch("portions/main/most_grams")
      def heaviest = @practice.fetch("portions/#{@meal.serves_as}/most_grams")
      def lightest = @practice.fetch("portions/#{@meal.serves_as}/least_grams")
      def own(figure) = @practice.fetch("use_up/composed/#{figure}")
      def dressed = 1 + own("dressing_share")

      # g that a serving holds beside its dressing.
      def room = heaviest / dressed

      # What goes first first, as far as its part and the serving have room; a little of it is left for what
      # is to come from the cupboard.
      def filled
        free, parts = room * (1 - own("kept_free_share")), Hash.new { |all, role| all[role] = all(role) }
        @stocks.each_with_object({}) do |stock, found|
          grams = [most[stock], parts[stock.role], free].min
          next if grams < least

          found[stock] = grams
          parts[stock.role] -= grams
          free -= grams
        end
      end

      # Takes back what runs through it until nothing does.
      def balanced(servings)
        ROUNDS.times do |round|
          return servings if servings.empty? || sound_with?(servings)

          servings = taken_back(servings, tried(servings), away: round >= PATIENT)
        end
        servings
      end

      # Once it stands, more of what was taken back, as far as it still stands.
      def filled_again(servings)
        return servings if servings.empty? || !sound_with?(servings)

        AGAIN.reduce(servings) do |found, share|
          more = more(found, share)
          more != found && sound_with?(more) ? more : found
        end
      end

      def more(servings, share)
        free = (room * (1 - (own("kept_free_share") / 3))) - servings.values.sum
        servings.to_h do |stock, grams|
          alike = servings.sum { |each, weight| each.role == stock.role ? weight : 0 }
          add = [[most[stock] - grams, all(stock.role) - alike, free].min * share, 0].max
          free -= add
          [stock, grams + add]
        end
      end

      # Less of what the balance names, or none of the least of it; where it names nothing, of all.
      def taken_back(servings, trial, away:)
        named = notes(trial).flat_map(&:lines) & servings.keys.map(&:name)
        named = servings.keys.map(&:name) if named.empty?
        if away
          return(
            servings.except(servings.select { |stock, _| named.include?(stock.name) }.min_by(&:last).first)
          )
        end

        servings
          .to_h { |stock, grams| [stock, named.include?(stock.name) ? grams * BACK : grams] }
          .select { |_, grams| grams >= least }
      end

      # Balanced, of the size, for whom it is; good for as long as it is served, and nothing that could hurt.
      def sound(trial)
        notes(trial).empty? && trial.portion.portion_grams.between?(lightest, heaviest) &&
          trial.plan.windows.flat_map(&:snags).empty? && trial.plan.stops.empty? &&
          @meal.suits.portion?(trial.portion)
      end

      # Of each once, as they are asked for again and again.
      def notes(trial)
        @notes[trial] ||= trial.plan.taste.balance(trial.portion, 0).notes
      end

      # With what the cupboard gives it: the first base with which it stands, else the one that comes nearest,
      # which is then the first to be tried. @return [Salad::Trial]
      def tried(servings)
        @tried ||= {}
        @tried[servings] ||= begin
          trials = []
          bases(servings).each do |base|
            trials << finished(@meal.trial(document(servings, base), @house)) unless trials.any? && spent?
            break if sound(trials.last)
          end
          sound(trials.last) ? trials.last : trials.min_by { |trial| notes(trial).size }
        end
      end

      def spent? = !tries.positive?

      # One thing after the other that mends what the balance says: cut otherwise, or from the cupboard.
      def finished(trial)
        notes(trial).size.times do
          before = notes(trial).size
          better = mends(trial).take_while { !spent? }.find { |each| notes(each).size < before }
          break unless better
          trial = better
        end
        trial
      end

      # @return [Enumerator::Lazy<Salad::Trial>]
      def mends(trial)
        components = trial.document["components"]
        found = notes(trial)
        size = found.find { |note| note.key == "size" }
        cut = size ? Recut.new(components, @house).towards(*size.lines) : []
        added = found.flat_map(&:adds).map { |add| add["component"] }.select { |each| adds?(each) }
        [*cut.first(MENDS), *added.map { |each| components + [each] }].first(2 * MENDS)
          .lazy
          .map { |changed| trial.with("components" => changed) }
      end

      # What is there already, though tired, does not come from the cupboard as well.
      def adds?(component)
        suits?(component["ingredient"]) && @pours.none? { |each| each.ingredient == component["ingredient"] }
      end

      def document(servings, base)
        {
          "key" => KEY,
          "name" => name(servings),
          "serves_as" => @meal.serves_as,
          "components" => [*base, *servings.map { |stock, grams| component(stock, grams) }],
          "dressing" => Sauced.new(@pours, @made, @house, @meal.suits).to_h
        }
      end

      # What wilts and what crunches goes on top.
      def component(stock, grams)
        top = TOP.include?(stock.role) ? { "held_back" => 1.0 } : {}
        stock.component.merge("grams" => grams.round(1), "name" => stock.name, **top).except("pieces")
      end

      # What nothing goes without, from the cupboard, where too little of it is left: the choices, each as
      # components. @return [Array<Array<Hash>>]
      def bases(servings)
        there = servings.sum { |stock, grams| stock.role == "base" ? grams : 0 }
        needed = scaled("use_up/roles/base/least_grams")
        short = [needed - there, (lightest / dressed) - servings.values.sum].max
        return [[]] unless short.positive?

        grams = [short, needed * own("base_share")].max.round(1)
        taken = servings.keys.map(&:ingredient)
        @practice.words("use_up", "cupboard")["base"]
          .reject { |each| taken.include?(each["ingredient"]) || !suits?(each["ingredient"]) }
          .map { |each| [each.merge("role" => "base", "grams" => grams)] }
      end

      def name(servings)
        names = servings.max_by(3) { |_, grams| grams }.map { |stock, _| stock.name.downcase }
        names.join(", ").capitalize[0, 80]
      end
    end
  end
end
