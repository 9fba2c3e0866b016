# frozen_string_literal: true

module Scullion
  module Recipe
    # One ingredient line read: how much, of what, cut and cooked how, and how sure that is.
    class LineReader
      Read = Struct.new(:line, :amount, :name, :words, :status, :guesses, :why, keyword_init: true)

      # How near a name is: itself, taken without asking, begun alike, or only offered.
      EXACT = 3.0
      SURE = 2.0
      NAMED = 1.2
      OFFERED = 0.42
      GUESSES = 3

      # @param larder [Hash{String=>Ingredient}] @param finder [Finder] over it @param practice [Practice]
      def initialize(larder, finder, practice)
        @larder, @finder, @practice = larder, finder, practice
        @reader = practice.reader
      end

      # @param line [Page::Line]
      # @return [Read] status sure, doubtful or unknown; guesses best first
      def read(line)
        amount, rest = amount_of(line.text.sub(Page::BULLET, "").strip)
        words, name = described(rest)
        ranked = ranked(name, rest.downcase[/\A[^,(;]+/].to_s.strip, words, amount)
        amount, ranked = squeezed(amount, ranked) if juice?(amount, line.text)
        status, why = verdict(amount, words, ranked)
        Read.new(line: line, amount: amount, name: name, words: words, status: status, why: why, guesses: ranked.first(GUESSES).map(&:first))
      end

      private

      def juice?(amount, text) = amount&.unit == :piece && (amount.part == "juice" || text.match?(/\bjuiced\b/i))

      # A fruit asked for its juice is so many grams of that juice.
      def squeezed(amount, ranked)
        fruit = ranked.first&.first
        juice = fruit && @larder["#{fruit.key}-juice"]
        each = fruit && fruit.figures["pieces/juice"]
        return [amount, ranked] unless juice && each

        [Amount.new(amount.low * each, amount.high * each, :g, part: "juice", rest: amount.rest, estimated: true), [[juice, EXACT], *ranked]]
      end

      # The amount in front, or behind a dash or in brackets: "Carrots – 300 g", "Carrots (300 g)".
      def amount_of(text)
        [text, behind(text), "1 #{text}"].compact.each do |each|
          amount = @reader.read(each)
          return [amount, amount.rest]
        rescue UnreadableAmount
          next
        end
        [nil, text]
      end

      def behind(text)
        found = text.match(/\A(?<name>[^\d(.]+?)\s*(?:[-–—:,|]\s*|\.{2,}\s*|\()(?<amount>(?:\d|½|¼|¾|a\s|one\s|two\s|half).*?)\)?\z/i)
        found && (found[:amount].downcase.include?(found[:name].downcase) ? found[:amount] : "#{found[:amount]} #{found[:name]}")
      end

      # Words of preparation taken out of the text, and the name that is left.
      def described(text)
        rest = " #{text.downcase.gsub(/\([^)]*\)/) { |inside| " #{inside.delete('()')} " }.tr(',;.', ' ')} "
        words = %w[cut trim cook treat].each_with_object({}) do |kind, found|
          table = @practice.words("recipe_words", kind)
          table.keys.sort_by { |word| -word.length }.each { |word| found[kind] ||= table[word] if rest.gsub!(/(?<![[:alpha:]-])#{Regexp.escape(word)}(?![[:alpha:]-])/, " ") }
        end
        %w[cooked dry tinned].each { |kind| words[kind] = true if rest.match?(/(?<![[:alpha:]])#{Regexp.union(@practice.words('recipe_words', kind))}(?![[:alpha:]])/) }
        [words, name_in(rest)]
      end

      def name_in(rest)
        kept = without(rest.squeeze(" ").strip, %w[passed_over cooked dry tinned])
        kept.empty? ? rest.squeeze(" ").strip : kept
      end

      def without(text, kinds)
        words = kinds.flat_map { |kind| @practice.words("recipe_words", kind) }.sort_by { |word| -word.length }
        words.reduce(text) { |kept, word| " #{kept} ".gsub(/(?<=\s)#{Regexp.escape(word)}(?=\s)/, " ").squeeze(" ").strip }
      end

      # Ingredients with their scores.
      def ranked(name, spelt, words, amount)
        found = tried(name, spelt).flat_map { |each, less| @finder.ranked(each).map { |ingredient, score| [ingredient, score - less] } }
        best = found.group_by(&:first).transform_values { |pairs| pairs.map(&:last).max }
        best.map { |ingredient, score| [ingredient, score + leaning(ingredient, score, words, amount)] }.sort_by { |ingredient, score| [-score, ingredient.name] }
      end

      # The name as written, without words of its kind, and shorter: what stands last says most.
      # @return [Hash{String=>Float}] to what is to be taken off its scores
      def tried(name, spelt)
        plain = without(name, %w[kinds])
        whole, two, last = [plain, plain.split.last(2).join(" "), plain.split.last.to_s].map { |each| singular(each) }
        { name.split.first.to_s => 1.4, last => 1.2, two => 0.4, whole => 0.2, singular(name) => 0.15, name => 0.1, singular(spelt) => 0.05, spelt => 0.0 }.except("")
      end

      def singular(name) = name.sub(/ies\z/, "y").sub(/(?<=o)es\z/, "").sub(/(?<=[^s])s\z/, "")

      # One name, two things: a pulse is dry unless the line says tinned or cooked, and a dried herb
      # or fruit is not a fresh one.
      def leaning(ingredient, score, words, amount)
        return 0.0 if score < NAMED

        case ingredient.family
        when "tinned-pulse" then ready?(words, amount) ? 0.4 : -1.5
        when "pulse" then ready?(words, amount) ? -0.4 : 0.5
        else words["dry"] && ingredient.family == "spice" ? 0.3 : 0.0
        end
      end

      def ready?(words, amount) = words["tinned"] || words["cooked"] || words["cook"] == "tinned" || amount&.piece == "pack"

      # Nothing in the line says whether this pulse is dry, and the larder has it both ways.
      def dry_or_tinned?(amount, words, ranked)
        near = ranked.first(GUESSES).select { |_, score| score >= NAMED }.map { |ingredient, _| ingredient.family }
        !words["dry"] && !ready?(words, amount) && (%w[pulse tinned-pulse] - near).empty?
      end

      def verdict(amount, words, ranked)
        return ["unknown", "Nothing in the larder by that name."] if ranked.empty? || ranked.first.last < OFFERED
        return ["doubtful", "No amount could be read."] if amount.nil?

        return ["doubtful", "Dry, or from a tin?"] if dry_or_tinned?(amount, words, ranked)

        near = ranked.first.last
        close = ranked[1] && near - ranked[1].last < 0.05 && near < 2.9
        near >= SURE && !close ? ["sure", nil] : ["doubtful", "Which of these is it?"]
      end
    end
  end
end
