# frozen_string_literal: true

module Scullion
  module Recipe
    # One ingredient line read: how much, of what, cut and cooked how, and how sure that is.
    class LineReader
      Read = Struct.new(:line, :amount, :name, :words, :status, :guesses, :why, keyword_init: true)

      # How near a name is: itself, taken without asking, begun alike, or only offered.
      EXACT = 3.0
      SHORTER = 0.4
      SURE = 2.0
      NAMED = 1.2
      OFFERED = 0.42
      GUESSES = 3
      TWICE = /\d\s*(k?g|ml|l|oz|lb)\s+\d+\s*\1\b/i.freeze

      # @param house [House]
      def initialize(house)
        @larder, @finder, @practice = house.larder, house.finder, house.practice
        @reader = house.reader
        @places = AmountPlaces.new(@reader)
      end

      # @param line [Page::Line] @param mended [String, nil] an amount to take in place of the line's own
      # @return [Read] status sure, doubtful or unknown; guesses best first
      def read(line, mended = nil)
        amount, rest = @places.find(line.text.sub(Page::BULLET, "").strip)
        amount = @reader.read(mended) if mended
        words, name = described(rest)
        ranked = ranked(name, rest.downcase[/\A[^,(;]+/].to_s.strip, words, amount)
        amount, ranked = squeezed(amount, ranked) if juice?(amount, line.text)
        status, why =
          (
            if line.text.match?(TWICE)
              ["doubtful", "Two amounts in one line: they were added up."]
            else
              verdict(amount, words, ranked)
            end
          )
        Read.new(
          line: line,
          amount: amount,
          name: name,
          words: words,
          status: status,
          why: why,
          guesses: ranked.first(GUESSES).map(&:first)
        )
      end

      private

      def juice?(amount, text)
        amount&.unit == :piece && (amount.part == "juice" || text.match?(/\bjuiced\b/i))
      end

      # A fruit asked for its juice is so many grams of that juice.
      def squeezed(amount, ranked)
        fruit = ranked.first&.first
        juice = fruit && @larder["#{fruit.key}-juice"]
        each = fruit && fruit.figures["pieces/juice"]
        return amount, ranked unless juice && each

        [
          Amount.new(
            amount.low * each,
            amount.high * each,
            :g,
            part: "juice",
            rest: amount.rest,
            estimated: true
          ),
          [[juice, EXACT], *ranked]
        ]
      end

      # Words of preparation taken out of the text, and the name that is left.
      def described(text)
        rest = " #{text.downcase.gsub(/\([^)]*\)/) { |inside| " #{inside.delete("()")} " }.tr(",;.", " ")} "
        words =
          %w[cut trim cook treat].to_h do |kind|
            table, first = @practice.words("recipe_words", kind), nil
            rest.gsub!(standing(table.keys)) { |word| (first ||= table[word]) && " " }
            [kind, first]
          end
        %w[cooked dry tinned].each do |kind|
          words[kind] = true if rest.match?(standing(@practice.words("recipe_words", kind)))
        end
        [words.compact, name_in(rest)]
      end

      # Any of these words where it stands alone, the longest first.
      def standing(words)
        (@standing ||= {})[
          words
        ] ||= /(?<![[:alpha:]-])#{Regexp.union(words.sort_by { |word| -word.length })}(?![[:alpha:]-])/
      end

      def name_in(rest)
        kept = without(rest.squeeze(" ").strip, %w[passed_over cooked dry tinned])
        kept.empty? ? rest.squeeze(" ").strip : kept
      end

      def without(text, kinds)
        kinds.reduce(text) do |kept, kind|
          kept.gsub(standing(@practice.words("recipe_words", kind)), " ").squeeze(" ").strip
        end
      end

      # Ingredients with their scores. Once a name is surely one of them, no shorter one is tried.
      def ranked(name, spelt, words, amount)
        best = Hash.new(0.0)
        tried(name, spelt).each do |each, less|
          break if less >= SHORTER && best.each_value.any? { |score| score >= SURE }

          @finder
            .ranked(each)
            .each { |ingredient, score| best[ingredient] = [best[ingredient], score - less].max }
        end
        best
          .map { |ingredient, score| [ingredient, score + leaning(ingredient, score, words, amount)] }
          .sort_by { |ingredient, score| [-score, ingredient.name] }
      end

      # The name as written, without words of its kind, and shorter: what stands last says most.
      # @return [Array<Array(String, Float)>] with what is taken off its scores
      def tried(name, spelt)
        plain = without(name, %w[kinds])
        whole, two, last =
          [plain, plain.split.last(2).join(" "), plain.split.last.to_s].map { |each| singular(each) }
        [
          [spelt, 0.0],
          [singular(spelt), 0.05],
          [name, 0.1],
          [singular(name), 0.15],
          [whole, 0.2],
          [two, SHORTER],
          [last, 1.2],
          [name.split.first.to_s, 1.4]
        ].uniq(&:first).reject { |each, _| each.empty? }
      end

      def singular(name) = name.sub(/ies\z/, "y").sub(/(?<=o)es\z/, "").sub(/(?<=[^s])s\z/, "")

      # One name, two things: a pulse is dry unless the line says tinned or cooked, and a dried herb
      # or fruit is not a fresh one.
      def leaning(ingredient, score, words, amount)
        return 0.0 if score < NAMED

        case ingredient.family
        when "tinned-pulse"
          ready?(words, amount) ? 0.4 : -1.5
        when "pulse"
          ready?(words, amount) ? -0.4 : 0.5
        else
          words["dry"] && ingredient.family == "spice" ? 0.3 : 0.0
        end
      end

      def ready?(words, amount)
        words["tinned"] || words["cooked"] || words["cook"] == "tinned" || amount&.piece == "pack"
      end

      # Nothing in the line says whether this pulse is dry, and the larder has it both ways.
      def dry_or_tinned?(amount, words, ranked)
        near =
          ranked.first(GUESSES).select { |_, score| score >= NAMED }.map { |ingredient, _| ingredient.family }
        !words["dry"] && !ready?(words, amount) && (%w[pulse tinned-pulse] - near).empty?
      end

      def verdict(amount, words, ranked)
        if ranked.empty? || ranked.first.last < OFFERED
          return "unknown", "Nothing in the larder by that name."
        end
        return "doubtful", "No amount could be read." if amount.nil?
        return "doubtful", "Dry, or from a tin?" if dry_or_tinned?(amount, words, ranked)

        near = ranked.first.last
        close = ranked[1] && near - ranked[1].last < 0.05 && near < 2.9
        near >= SURE && !close ? ["sure", nil] : ["doubtful", "Which of these is it?"]
      end
    end
  end
end
