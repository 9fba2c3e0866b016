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
      # g of dressing on a g of salad, about; what a serving is kept free for from the cupboard; and the share
      # of the least base that is taken where anything is missing at all.
      DRESSED, KEPT_FREE, SHORT_LEAST = 0.12, 0.15, 0.5

      # @param stocks [Array<Stock>] @param covers [Integer] @param house [House]
      # @param serves_as [String] side, starter or main
      def initialize(stocks, covers, house, serves_as: "main", over_prep: Service::OVER_PREP)
        @house, @practice, @covers, @serves_as = house, house.practice, covers, serves_as
        @made = covers * (1 + over_prep)
        @pours, stocks = stocks.partition { |each| Sauced.pours?(house.larder.fetch(each.ingredient)) }
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

      def least = @practice.fetch("use_up/least/serving_grams")
      def one(role) = scaled("use_up/roles/#{role}/one_grams")
      def all(role) = scaled("use_up/roles/#{role}/all_grams")
      def scaled(at) = @practice.fetch(at) * heaviest / @practice.fetch("portions/main/most_grams")
      def heaviest = @practice.fetch("portions/#{@serves_as}/most_grams")
      def lightest = @practice.fetch("portions/#{@serves_as}/least_grams")

      # g that a serving holds beside its dressing.
      def room = heaviest / (1 + DRESSED)

      # What goes first first, as far as its part and the serving have room; a little of it is left for what
      # is to come from the cupboard.
      def filled
        free, parts = room * (1 - KEPT_FREE), Hash.new { |all, role| all[role] = all(role) }
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
        free = (room * (1 - (KEPT_FREE / 3))) - servings.values.sum
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

      def sound(trial)
        notes(trial).empty? && trial.plan.stops.empty? &&
          trial.portion.portion_grams.between?(lightest, heaviest)
      end

      # Of each once, as they are asked for again and again.
      def notes(trial)
        (@notes ||= {}.compare_by_identity)[trial] ||= trial.plan.taste.balance(trial.portion, 0).notes
      end

      # With what the cupboard gives it. @return [Salad::Trial]
      def tried(servings)
        @tried ||= {}
        @tried[servings] ||= sound_or_first(
          bases(servings).lazy.map do |base|
            finished(Salad::Trial.new(document(servings, base), @house, covers: @covers))
          end
        )
      end

      def sound_or_first(trials) = trials.find { |trial| sound(trial) } || trials.first

      # One thing after the other that mends what the balance says: cut otherwise, or from the cupboard.
      def finished(trial)
        notes(trial).size.times do
          before = notes(trial).size
          better = mends(trial).find { |each| notes(each).size < before } or break
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
        added = found.flat_map(&:adds).map { |add| components + [add["component"]] }
        [*cut.first(MENDS), *added].first(2 * MENDS)
          .lazy
          .map { |changed| trial.with("components" => changed) }
      end

      def document(servings, base)
        {
          "key" => KEY,
          "name" => name(servings),
          "serves_as" => @serves_as,
          "components" => [*base, *servings.map { |stock, grams| component(stock, grams) }],
          "dressing" => Sauced.new(@pours, @made, @house).to_h
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
        short = [needed - there, (lightest / (1 + DRESSED)) - servings.values.sum].max
        return [[]] unless short.positive?

        grams = [short, needed * SHORT_LEAST].max.round(1)
        taken = servings.keys.map(&:ingredient)
        @practice.words("use_up", "cupboard")["base"]
          .reject { |each| taken.include?(each["ingredient"]) }
          .map { |each| [each.merge("role" => "base", "grams" => grams)] }
      end

      def name(servings)
        names = servings.max_by(3) { |_, grams| grams }.map { |stock, _| stock.name.downcase }
        names.join(", ").capitalize[0, 80]
      end
    end
  end
end
