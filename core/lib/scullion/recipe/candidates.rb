# frozen_string_literal: true

require "did_you_mean/levenshtein"

module Scullion
  module Recipe
    # What one food of a line may be, the likeliest first: by its name and by what the line says of its state.
    class Candidates
      # From so much likeness a name is the same one misspelt.
      NEARLY = 0.8
      # Which of several is meant, by what the line says of its state.
      FITS = {
        "tinned" => /\A(tinned-|sweetcorn\z|jarred-)/,
        "dry" => /\A(dry-|dried-)/,
        "frozen" => /\Afrozen-/,
        "cooked" => /\A(cooked-|boiled-|roast-chicken|pouch-)/,
        "jarred" => /\A(marinated-|jarred-|tinned-)/,
        "smoked" => /\Asmoked-/,
        "raw" => /\Araw-|\Abroad-beans\z/
      }.freeze
      FAMILIES = {
        "tinned" => %w[tinned-pulse],
        "cooked" => %w[tinned-pulse],
        "dry" => %w[pulse spice],
        "raw" => %w[pulse],
        "jarred" => %w[pickle tinned-pulse]
      }.freeze
      CONTAINERS = { "tin" => "tinned", "a10" => "tinned", "no10" => "tinned", "jar" => "jarred" }.freeze
      # Counted like this it is what grows, spooned it is dried.
      GROWS = %w[bunch sprig leaf head ear stick stalk].freeze
      SPOONFUL = 20
      # Of one name, and of one plant.
      SPOONED = { "coriander" => "coriander-seed" }.freeze
      # Of which one may stand for the others until somebody says otherwise.
      ANY = %w[red-chilli mixed-olives farro freekeh quinoa fig tomato plum-tomato green-beans].freeze
      FRESH = %w[fresh raw].freeze
      # Comes out of a tin by its name alone.
      FROM_TIN = "sweetcorn".freeze
      ANY_BEANS = %w[bean beans].freeze
      DRY_OR_NOT = %w[pulse tinned-pulse].freeze

      # @param item [Item] @param amount [Amount, nil] @param house [House]
      def initialize(item, amount, house)
        @item, @amount, @larder, @finder = item, amount, house.larder, house.finder
      end

      # @return [Array<Ingredient>]
      def all
        @all ||=
          begin
            named = in_order.filter_map { |key| @larder[key] }
            named.any? ? (named + alternatives).uniq : misspelt
          end
      end

      # What it could be instead, as the line says.
      def alternatives = @item.others.filter_map { |key| @larder[key] }

      # Does nothing in the line say which of several it is?
      def open?
        return true if any_beans?
        return false if @item.foods.size < 2 || ANY.include?(@item.foods.first) || grows?

        (fitting.empty? && !as_it_comes) || (fitting.size > 1 && !FITS.key?(state))
      end

      def dry_or_not? = (all.first(2).map(&:family) & DRY_OR_NOT).size == 2

      private

      # Where nothing is said of a pulse, it is dry.
      def in_order
        keys = fresh_ones || as_it_comes || spooned_spice || @item.foods
        return keys if keys.size < 2
        return keys.sort_by.with_index { |key, index| [key.start_with?("dry-") ? 0 : 1, index] } unless state

        [*fitting, *(keys - fitting)]
      end

      # "Peas, fresh", "peas in the pod", which are frozen where nothing is said of them.
      def fresh_ones
        return if @item.said?(:either_state) || !FRESH.include?(@item.words["states"])

        fresh = @item.foods.filter_map { |key| key.sub(/\Afrozen-/, "fresh-") if key.start_with?("frozen-") }
        fresh.select { |key| @larder.key?(key) }.then { |keys| keys + @item.foods if keys.any? }
      end

      # "A can of sliced beets", "cut beans, frozen": as it comes so, where the larder has it.
      def as_it_comes
        return if fitting.any? || !%w[tinned frozen].include?(state)

        others = @item.foods.map { |key| "#{state}-#{key.sub(/\A(?:frozen|tinned)-/, "")}" }
        others.select { |key| @larder.key?(key) }.uniq.then { |keys| keys + @item.foods if keys.any? }
      end

      def fitting = @fitting ||= state ? @item.foods.select { |key| fits?(key) } : []

      def fits?(key)
        key.match?(FITS.fetch(state)) || FAMILIES.fetch(state, []).include?(@larder[key]&.family)
      end

      def state
        said = @item.words["states"] unless drains_only? || boiled_and_drained?
        return said if FITS.key?(said)
        return CONTAINERS[@item.container] if CONTAINERS.key?(@item.container)
        return "dry" if @item.words["treats"].nil? && @item.name.to_s.match?(/\A(?:dry|dried)\b/i)

        "dry" if boiled? || spooned_herb?
      end

      # "Tomatoes, diced, drained": what grows is in no tin for that.
      def drains_only?
        @item.said?(:drains_only) && !@item.foods.include?(FROM_TIN) &&
          @larder[@item.foods.first]&.trims.to_h.any?
      end

      # "Peas, boiled, drained": out of the pot.
      def boiled_and_drained? = @item.said?(:drains_only) && @item.words.key?("cooks")

      # "Beans, tinned 3 kg": of any kind.
      def any_beans? = state == "tinned" && ANY_BEANS.include?(@item.name.to_s.downcase)

      # "1 tsp coriander", with nothing said of how it is cut: the seed.
      def spooned_spice
        spice = SPOONED[@item.foods.first] or return
        return if @amount&.unit != :ml || @amount.value > SPOONFUL || @item.words["cuts"]

        [spice, *@item.foods]
      end

      # What is simmered, or takes so long, is dry; not half a bunch of thyme.
      def boiled?
        (@item.words["cooks"] == "simmer" || @item.said?(:timed)) && !GROWS.include?(@item.piece)
      end

      def spooned_herb?
        @amount&.unit == :ml && @amount.value <= SPOONFUL && @item.words["cuts"].nil? &&
          @item.foods.any? { |key| @larder[key]&.family == "spice" }
      end

      def grows?
        GROWS.include?(@item.piece) || (all.first&.family == "herb" && @item.words["states"] != "dry")
      end

      # What the larder has that shares a word with the name, give or take a letter.
      def misspelt
        words = @item.unknown.map(&:first)
        return [] if words.empty?

        near = @finder.ranked(words.join(" ")).select { |_, score| score >= NEARLY }
        near.map(&:first).select { |ingredient| shares_word?(ingredient, words) }
      end

      def shares_word?(ingredient, words)
        heads = words.map { |word| Lexicon.singular(Lexicon.fold(word)) }
        [ingredient.name, *ingredient.aliases].any? do |name|
          Lexicon.fold(name).split.any? { |word| like?(Lexicon.singular(word), heads) }
        end
      end

      # The same word, or one letter astray in a long one.
      def like?(word, heads)
        heads.any? do |head|
          head == word ||
            (head.length >= 5 && DidYouMean::Levenshtein.distance(head, word) <= 1 + (head.length / 8))
        end
      end
    end
  end
end
