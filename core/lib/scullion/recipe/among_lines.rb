# frozen_string_literal: true

module Scullion
  module Recipe
    # What the lines of a list say of each other: the same as above, what remains of it, for each as well.
    class AmongLines
      include BareAmong
      include PouredBelow

      # g or ml of a sauce, each, below which it was weighed for one.
      PART_EACH = 2
      ALL_IN =
        /\b(?:all|unit\s+weights?,|weights?|amounts?|quantities|everything)\s+(?:(?:is|are)\s+)?(?:in\s+)?
          (?<unit>kg|kilos?|g|grams?)\b/ix.freeze
      # "5 kg of lentils (= 100 %)": what the others are so many per cent of.
      WEIGHT = WeighedHow::WEIGHT
      WHOLE = /#{WEIGHT}[^%\d]{0,40}?\b100\s*%|\b100\s*%\W{0,4}(?:=|is)?\s*#{WEIGHT}/i.freeze
      # So many foods at least that nobody dresses with.
      EATEN = 3
      POMEGRANATE = %w[pomegranate-molasses].freeze
      SAID_OF_ALL = %w[note title].freeze
      WEIGHED = %i[g ml].freeze

      # "(marinade, 30 min)" is said of its row, "marinade:" of what follows on it.
      MARINADE_IN = /\(\s*marinade\b/i.freeze
      MARINADE_OF = /\bmarinade\s*:?\W*\z/i.freeze
      MARINADE = /\bmarinade\b/i.freeze

      # @param lines [Array<Page::Line>] laid out @param lexicon [Lexicon]
      # @param servings [Integer, nil] where the text says how many
      def initialize(lines, lexicon, servings)
        @lines, @lexicon, @servings = lines, lexicon, servings
      end

      # @return [Array<Page::Line>] the same, each with what the others say of it
      def lines
        tempered
        croutons
        molasses
        eaten_below
        poured_below
        dressed_over
        made_here
        marinades
        in_one_unit
        in_bare_numbers
        by_percent
        each_too
        same_as_above
        remaining
        spoken_of
        @lines
      end

      private

      # "Croutons: 1 loaf, torn"
      def croutons
        @lines.each do |line|
          next unless line.item&.food? && line.heading.to_s.match?(/\bcroutons?\b/i)

          line.item.words["cooks"] ||= "crisp" if @lexicon.bread?(line.item.foods.first)
        end
      end

      # "Pom 6, seeds; molasses 120 ml": of the pomegranate, where there is one.
      def molasses
        keys = @lines.flat_map { |line| line.item&.foods.to_a }
        return unless keys.include?("pomegranate")

        @lines.each { |line| line.item.foods = POMEGRANATE if line.item&.name.to_s.match?(/\Amolasses\z/i) }
      end

      # What crackles in hot oil is the seed.
      def tempered
        headings, meant = @lexicon.words("kept").fetch("tempering").values_at("headings", "meant")
        @lines.each do |line|
          next unless line.item && headings.intersect?(line.heading.to_s.downcase.scan(/[[:alpha:]]+/))

          line.item.foods = line.item.foods.map { |key| meant.fetch(key, key) }
        end
      end

      # "Bread torn, oil, 14 min" below 1.6 kg of focaccia: a kind without an amount is what of it is listed
      # above.
      def spoken_of
        amounted = Set.new
        @lines.each do |line|
          item = line.item
          next unless item&.food?
          next amounted << item.foods.first if item.amount

          said_of_kind(line) if kind?(line) && amounted.any? { |key| @lexicon.kin?(item.foods.first, key) }
        end
      end

      # Nothing is done to it, or only for so long.
      def kind?(line)
        Mentions::KINDS.key?(line.item.name.to_s.downcase) &&
          (line.item.words.empty? || timed_rows.include?(line.row))
      end

      def timed_rows
        @timed_rows ||= @lines.select { |line| line.text.match?(Told::TIMED) }.to_set(&:row)
      end

      def said_of_kind(line)
        line.kind, line.item, line.into = "note", nil, nil
      end

      # "Parsley, same again", "1 pouch of beluga, the same size": as much as on the line above.
      def same_as_above
        @lines
          .select(&:item)
          .each_cons(2) do |above, line|
            item, before = line.item, above.item
            next unless item.said?(:same) && item.food? && before.food?

            item.done_like(before, line.text)
            item.flags.delete(:same) if take_over(item, before)
          end
      end

      # "Soy 50 ml (marinade)" beside a dressing that has a list of its own: is it poured too? It is asked.
      def marinades
        foods = @lines.select { |line| line.item&.food? }
        marinade, others = foods.partition { |line| in_marinade?(line) }
        return if marinade.empty? || others.none? { |line| line.into == "dressing" || sour?(line.item) }

        marinade.each { |line| line.item.flags << :by_the_way unless line.item.place == "cook" }
      end

      def sour?(item) = @lexicon.acid?(item.foods.first) || item.parts.include?("juice")

      # "Tofu, 2 cm cubes, marinade: soy 300 ml, maple 100 ml": also what stands behind it on its row.
      def in_marinade?(line)
        @marinade_rows ||=
          @lines.select { |each| each.text.match?(MARINADE_OF) }.to_h { |each| [each.row, each] }
        ahead = @marinade_rows[line.row]
        ahead = nil if ahead.equal?(line)
        return @lines.index { |each| each.equal?(line) } > @lines.index { |each| each.equal?(ahead) } if ahead

        @all_marinade ||=
          @lines.select { |each| each.text.match?(MARINADE_IN) }.to_h { |each| [each.row, true] }
        @all_marinade.key?(line.row) || "#{line.heading} #{line.text}".match?(MARINADE)
      end

      # "(All kg)": so is every number that has no unit.
      def in_one_unit
        said =
          @lines.filter_map { |line| line.text.match(ALL_IN) if SAID_OF_ALL.include?(line.kind) }.first or
          return
        times = said[:unit].match?(/\Ak/i) ? 1000 : 1
        bare_lines.each do |line|
          item = line.item
          next item.flags << :which_unit if whole_ahead?(line)

          item.amount = Amount.new(item.amount.low * times, item.amount.high * times, :g)
        end
      end

      # Of a list in per cent of one weight.
      def by_percent
        found = @lines.filter_map { |line| line.text.match(WHOLE) }.first or return
        @lines.each do |line|
          share = line.text[PerCent::SAID, :share] if line.item&.food? && line.item.amount.nil?
          next unless share

          grams = WeighedHow.grams(found) * share.tr(",", ".").to_f / 100
          line.item.amount = Amount.new(grams, grams, :g)
          line.item.flags.delete(:for_some)
        end
      end

      def bare_lines
        @lines.select { |line| line.item&.counted? && line.item.piece.nil? && line.item.container.nil? }
      end

      # "4 lemons" among weights may be four.
      def whole_ahead?(line)
        item = line.item
        (item.amount.value % 1).zero? && line.text.match?(/\A\W*\d/) && @lexicon.one_known?(item.foods.first)
      end

      # "For over the top" with oil and vinegar below it is a dressing.
      def dressed_over
        headed = @lines.select { |line| line.item && line.into == "top" && line.heading }
        headed
          .group_by(&:heading)
          .each_value do |below|
            next unless @lexicon.dresses?(below.flat_map { |line| line.item.foods.first(1) })

            below.each { |line| line.into = "dressing" }
          end
      end

      # More of what is eaten than of what is poured below the heading of a dressing: it ends where the first
      # of that stands, whatever parted them on paper.
      def eaten_below
        @lines
          .chunk_while { |one, other| one.heading.equal?(other.heading) }
          .each do |part|
            foods = part.select { |line| line.into == "dressing" && line.item&.food? }
            eaten = foods.count { |line| @lexicon.eaten?(line.item.foods.first) }
            next if eaten < EATEN || eaten <= foods.count { |line| poured?(line) }

            foods.drop_while { |line| poured?(line) }.each { |line| line.into = nil }
          end
      end

      def poured?(line)
        key = line.item.foods.first
        @lexicon.sauced?(key) || @lexicon.seasons?(key) || line.item.parts.any?
      end

      # "25 ml vinaigrette" above a vinaigrette with all that is in it: none is bought.
      def made_here
        return if @lines.count { |line| line.into == "dressing" && line.heading && line.item&.food? } < 2

        @lines.each do |line|
          bought = line.into != "dressing" && line.item&.food? && @lexicon.bought?(line.item.foods.first)
          line.item.flags << :made_itself if bought
        end
      end

      # "Per tub: 120 g rice …" and then "sauce pot: 8 ml soy, 4 ml mirin": for all of them that were
      # nothing.
      def each_too
        listed, headed = @lines.select { |line| line.item&.amount }.partition { |line| line.heading.nil? }
        return unless @servings && listed.any? { |line| line.item.said?(:per_head) }

        headed
          .group_by(&:heading)
          .each_value do |below|
            items = below.map(&:item).reject { |item| item.said?(:per_head) }
            weighed = items.map(&:amount).select { |amount| WEIGHED.include?(amount.unit) }
            next unless weighed.any? && weighed.sum(&:value) < @servings * PART_EACH

            items.each { |item| item.flags << :per_head }
          end
      end

      # "1½ tsp salt, divided" and "remaining ½ tsp salt": what comes later is out of what came first.
      def remaining
        items = @lines.filter_map(&:item).select { |item| item.food? && item.amount }
        items.each_with_index do |item, index|
          next unless item.said?(:remaining)

          first = items.first(index).reverse.find { |before| out_of?(before, item) }
          first.amount = first.amount.times(1 - (item.amount.value / first.amount.value)) if first
        end
      end

      def out_of?(before, item)
        head = ->(each) { Lexicon.singular(Lexicon.fold(each.name).split.last.to_s) }
        before.amount.unit == item.amount.unit && before.amount.value > item.amount.value &&
          (before.foods.intersect?(item.foods) || head[before] == head[item])
      end

      def take_over(item, before)
        if item.amount.nil? && before.amount
          item.amount, item.piece = before.amount, before.piece
          item.container, item.size = before.container, before.size
        elsif item.container && item.size.nil? && before.size
          item.size = before.size
        end
      end
    end
  end
end
