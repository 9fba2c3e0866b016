# frozen_string_literal: true

module Scullion
  module Dress
    # "Correct it": what brings what is too much or too little of in a jug to where it should be, as a cook
    # would dare. Only ever adding: with G grams holding P of something, adding m grams that hold c of it a
    # gram lands on the share t when m = (P − t·G) ÷ (t − c). Where one addition is more than goes in at once,
    # as much of it as does and a little of the next.
    class Correction
      # mixed: shares by ingredient; grams of all of it.
      Addition = Struct.new(:role, :mixed, :grams, keyword_init: true)
      # One thing to do: additions that go in together. growth: share of the jug.
      Offer = Struct.new(:additions, :growth, keyword_init: true)
      KINDS = {
        "fat" => :fat?,
        "acid" => :acid?,
        "salt" => :salt?,
        "sweetener" => :sweet?,
        "liquid" => :liquid?
      }.freeze

      # @param parts [Array<Salad::Part>] the formula @param left [Float] g in the jug
      # @param complaint [String] a key of facts/practice/corrections complaints
      # @param house [House] its larder has what the dressing has none of
      def initialize(parts, left, complaint, house)
        @parts, @left, @practice, @larder = parts, left, house.practice, house.larder
        @does = Does.new(@practice)
        @complaint = @practice.words("corrections", "complaints").fetch(complaint)
      end

      # In the order in which a cook would; each by itself does it.
      # @return [Array<Offer>] empty when nothing is to be done, or nothing that one would dare
      def offers
        return [] unless present.positive?

        @offers ||= sets.map { |each| offer(each) }.select { |each| each.growth <= most_growth }
      end

      # Why nothing is offered, in words; nil when something is.
      def refusal
        return if offers.any?
        unless present.positive?
          return "There is none of it in this dressing: look elsewhere for what you taste."
        end
        return "Nothing here is strong enough to bring it there: make it anew." if singles.empty?

        least = singles.min_by(&:grams)
        "The least that would do it, #{writer.g(least.grams)} of #{called(least)}, is more than goes into " \
          "such a jug at once. Make a fresh half batch without what it has too much of, or with more of " \
          "what it lacks, and mix."
      end

      def to_h
        {
          "name" => @complaint["name"],
          "refusal" => refusal,
          "additions" => offers.map { |each| written(each) }
        }.compact
      end

      private

      def writer = @practice.writer
      def most_growth = @practice.fetch("corrections/growth/share")
      def dare(role) = @practice.fetch("corrections/dare/#{role}") * @left
      def daring?(addition) = addition.grams <= dare(addition.role)
      def formula = @formula ||= @parts.sum(&:grams)
      def share = present / @left
      def target = share * (1 + @complaint["by"])
      def called(addition)
        addition.mixed.one? ? addition.mixed.keys.first.name.downcase : "the dressing without it"
      end

      # What goes in together: one thing where one would dare it, else as much of it as one would and a little
      # of the next.
      # @return [Array<Array<Addition>>]
      def sets
        roles = @complaint["with"]
        roles.each_with_index.filter_map do |role, index|
          single = addition(role, present, @left) or next
          daring?(single) ? [single] : together(role, roles[index + 1])
        end
      end

      def singles = @singles ||= @complaint["with"].filter_map { |role| addition(role, present, @left) }

      # @return [Array<Addition>, nil]
      def together(first, second)
        mixed = second && mix(first) or return

        some = Addition.new(role: first, mixed: mixed, grams: dare(first))
        rest = addition(second, present + (some.grams * held_in(mixed, first)), @left + some.grams) or return
        [some, rest] if daring?(rest)
      end

      # g of it in the jug now.
      def present
        @present ||= @parts.sum { |part| part.grams * held_by(part) } / formula * @left
      end

      # g of it in a gram of a part.
      def held_by(part)
        return @does.aromatic?(part) ? 1.0 : 0.0 if of_aromatics?

        held(part.ingredient)
      end

      def of_aromatics? = @complaint["of"] == "aromatic"

      # g of it in a gram of an ingredient; what is added for too much garlic has none.
      def held(ingredient)
        return 0.0 if of_aromatics?

        (ingredient.figures["content/#{@complaint["of"]}"] || 0.0) / 100
      end

      # In a gram of a mix; sugar hides acid.
      def held_in(mixed, role)
        return -@practice.fetch("corrections/hidden/acid_by_sugar") if hides?(role)

        mixed.sum { |ingredient, share| share * held(ingredient) }
      end

      def hides?(role) = role == "sweetener" && @complaint["of"] == "acid"

      # What the dressing has of a role in its own proportions, else what usually stands for it.
      # @return [Hash{Ingredient=>Float}, nil] shares
      def mix(role)
        own = role == "rest" ? without_it : of_kind(KINDS.fetch(role))
        whole = own.sum(&:grams)
        return own.to_h { |part| [part.ingredient, part.grams.fdiv(whole)] } if whole.positive?

        stand_in = @larder[@practice.words("corrections", "stand_in")[role]]
        stand_in && { stand_in => 1.0 }
      end

      def of_kind(kind) = @parts.select { |part| @does.public_send(kind, part) }

      # All that holds no more of it than the whole does.
      def without_it = @parts.reject { |part| held_by(part) > share }

      # @param present [Float] g of it @param left [Float] g in the jug
      def addition(role, present, left)
        mixed = mix(role) or return
        grams = (present - (target * left)) / (target - held_in(mixed, role))
        Addition.new(role: role, mixed: mixed, grams: grams) if grams.positive? && grams.finite?
      end

      def offer(additions) = Offer.new(additions: additions, growth: additions.sum(&:grams) / @left)

      def written(offer)
        parts =
          offer.additions.flat_map do |each|
            each.mixed.map { |ingredient, share| [ingredient, share * each.grams] }
          end
        {
          "parts" => parts.map { |ingredient, grams| part(ingredient, grams) },
          "growth" => writer.share(offer.growth)
        }
      end

      def parts(addition)
        addition.mixed.map { |ingredient, share| part(ingredient, share * addition.grams) }
      end

      def part(ingredient, grams)
        density = ingredient.figures[ingredient.dressing_density]
        {
          "ingredient" => ingredient.key,
          "name" => ingredient.name,
          "colour" => ingredient.colour,
          "grams" => grams.round(2),
          "text" => writer.g(grams),
          "measure" => density && writer.ml(grams / density)
        }.compact
      end
    end
  end
end
