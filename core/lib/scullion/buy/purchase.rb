# frozen_string_literal: true

module Scullion
  module Buy
    # One line of the order: everything the service takes of one ingredient, less what is on hand,
    # rounded up to packs; and beside these what of it is bought ready cut.
    class Purchase < Worksheet
      attr_reader :ingredient, :uses, :practice

      decision(:covers, "Covers", :covers, change: "service/covers", shown: false) { @covers }
      gather(:taken) { uses.reject { |_, figure| figure == :fruit_grams } }
      gather(:cut_elsewhere) { ready_cut }
      gather(:squeezed) { of_fruit("juice") }
      gather(:zested) { of_fruit("zest") }
      assumption :one_fruit,
                 "One fruit",
                 :g,
                 book: :ingredient,
                 none: [1.0, "No whole fruit is squeezed or zested."],
                 at: -> { Salad::Fruit.weighs_at(ingredient) if fruit? }
      figure(
        :fruit_count,
        "Whole fruit for juice and zest",
        :pieces,
        shown: false,
        how: "the more of what is squeezed and what is zested first ÷ one fruit, rounded up"
      ) { |squeezed, zested, one_fruit| Amount::Whole.up([squeezed.sum, zested.sum].max / one_fruit) }
      figure(
        :need_grams,
        "Needed",
        :g,
        how: "every use added up; fruit that is zested is squeezed too, so the more of the two"
      ) { |taken, fruit_count, one_fruit| taken.sum + (fruit? ? fruit_count * one_fruit : 0.0) }
      figure(
        :ready_cut_grams,
        "Ready cut",
        :g,
        shown: false,
        how: "what is bought ready cut, added up",
        source: "None of it is bought ready cut."
      ) { |cut_elsewhere| cut_elsewhere.sum }
      decision(
        :on_hand_grams,
        "On hand",
        :g,
        change: -> { "service/stock/#{ingredient.key}" },
        source:
          lambda { @stock.key?(ingredient.key) ? "You counted this." : "Nobody has counted: taken as none." }
      ) { @stock.fetch(ingredient.key, 0.0) }
      figure(
        :order_grams,
        "To order",
        :g,
        how: "needed − ready cut − on hand, never less than nothing"
      ) do |need_grams, ready_cut_grams, on_hand_grams|
        [need_grams - ready_cut_grams - on_hand_grams, 0.0].max
      end
      assumption :price,
                 "Price",
                 :a_kilo,
                 book: :ingredient,
                 none: [0.0, "No price yet."],
                 at: -> { "price/per_kg" if Price.of?(ingredient) }
      figure(
        :cost,
        "Price of the order",
        :money,
        how:
          "comes in × price a kilo, or packs × the price of a pack where that is known; ready cut has none",
        writes: :by_sheet
      ) do |bought_grams, ready_cut_grams, price|
        priced? ? mixer.price_of(mix) : (bought_grams - ready_cut_grams) / 1000 * price
      end
      assumption :pack_size, "One pack, as labelled", :g, book: :ingredient, at: -> { pack_at }
      assumption :handling,
                 "Opening one more pack counts as",
                 :g,
                 book: :practice,
                 none: [0.0, "It is sold in one size."],
                 at: -> { "buying/handling_grams" if ingredient.packs.size > 1 }
      figure(
        :packs,
        "Packs",
        :packs,
        how: "to order ÷ pack, rounded up; of several sizes the mix that costs least"
      ) { |order_grams, _pack_weight, _handling, _price| order_grams.positive? ? mix.values.sum : 0 }
      figure(
        :pack_weight,
        "Weight of a pack",
        :g,
        how: "as labelled; volumes by the density of the liquid",
        shown: false
      ) { |_pack_size| ingredient.packs.first.grams }
      figure(
        :bought_grams,
        "Comes in",
        :g,
        how: "packs × pack, of each size, + ready cut"
      ) do |_packs, _pack_weight, ready_cut_grams|
        mix.sum(ready_cut_grams) { |pack, count| pack.grams * count }
      end
      figure(
        :surplus_grams,
        "Over",
        :g,
        how: "comes in + on hand − needed"
      ) { |bought_grams, on_hand_grams, need_grams| [bought_grams + on_hand_grams - need_grams, 0.0].max }
      figure(
        :enough_for,
        "Enough for",
        :covers,
        how: "(comes in + on hand) ÷ needed per cover, rounded down"
      ) do |bought_grams, on_hand_grams, need_grams, covers|
        Amount::Whole.down((bought_grams + on_hand_grams) / (need_grams / covers))
      end

      # @param uses [Array<Array(Worksheet, Symbol)>] the figures that take some of it
      def initialize(at, ingredient, uses, brief)
        super(at)
        @ingredient, @uses, @covers, @stock, @practice =
          ingredient,
          uses,
          brief.service.covers,
          brief.service.stock,
          brief.practice
      end

      # Is it bought whole, for its juice or zest?
      def fruit? = uses.any? { |_, figure| figure == :fruit_grams }
      # What whole fruit is bought for. @return [Array<String>] juice, zest
      def fruit_kinds = uses.filter_map { |sheet, figure| sheet.fruit.kind if figure == :fruit_grams }.uniq

      # In words: "24 for juice and zest, zested first". @param kinds [Array<String>]
      def self.fruit_words(count, kinds) = "#{count} #{FRUIT.fetch(kinds.uniq.sort)}"
      FRUIT = {
        ["juice"] => "to squeeze here",
        ["zest"] => "to zest",
        %w[juice zest] => "for juice and zest, zested first"
      }.freeze

      # Counted on the plates, of what it is bought for.
      def pieces = uses.map(&:first).grep(Prep::Line).sum { |line| line.need.pieces }

      def of_fruit(kind)
        uses.select { |sheet, figure| figure == :fruit_grams && sheet.fruit.kind == kind }
      end

      # What of it is bought ready cut. @return [Array<Array(Worksheet, Symbol)>]
      def ready_cut
        uses.filter_map do |sheet, figure|
          case sheet
          when Prep::Line
            [sheet, figure] if sheet.ready_cut? && figure == :ap_grams
          when Purchase
            [sheet, :ready_cut_grams] if sheet.ready_cut.any?
          end
        end
      end

      # How it is cut then, in words. @return [Array<String>]
      def ready_cuts
        ready_cut
          .flat_map { |sheet, _| sheet.is_a?(Purchase) ? sheet.ready_cuts : sheet.words.dig("cut", "name") }
          .uniq
      end

      # The packs to order, of each size. @return [Hash{Ingredient::Pack=>Integer}]
      def mix = @mix ||= mixer.for(order_grams)
      def mixer = Mix.new(ingredient.packs, price, handling)
      def priced? = ingredient.packs.any?(&:price)

      # Where the weight of its first pack stands.
      def pack_at
        piece = ingredient.packs.first.piece and return "pieces/#{piece}"
        "packs/0/#{ingredient.figures.key?("packs/0/grams") ? "grams" : "ml"}"
      end
      def loose? = ingredient.facts["packs"].first.fetch("loose", false)

      # What to write on the order: "25 × 400 g tin", a weight when loose, and that of what is ready cut.
      def order
        said = [*(packed unless packs.zero?), *(writer.g(ready_cut_grams) if ready_cut.any?)]
        said.empty? ? "none" : said.join(" + ")
      end

      def packed
        return writer.g(bought_grams - ready_cut_grams) if loose?

        mix.map { |pack, count| pack_words(pack, count) }.join(" + ")
      end

      # Is there anything in the order that has no price?
      def unpriced? = ready_cut.any? || (packs.positive? && !priced? && !Price.of?(ingredient))

      def text_by_sheet(figure) = Price.words(public_send(figure), unpriced?, writer)

      # In words: "12.79 kg ready cut (batons 50 × 10 mm), price to ask".
      def ready_cut_words
        return if ready_cut.empty?

        "#{writer.g(ready_cut_grams)} ready cut (#{ready_cuts.join(", ").downcase}), price #{Price::TO_ASK}"
      end

      def pack_words(pack, count)
        return "#{count} × #{pack.name}" unless pack.piece

        "#{count} #{count == 1 ? pack.name : pack.plural} of #{writer.g(pack.grams)}"
      end

      def words
        {
          "at" => at,
          "ingredient" => ingredient.key,
          "name" => ingredient.name,
          "section" => ingredient.section,
          "colour" => ingredient.colour,
          "order" => order,
          "pack" => ingredient.packs.first.name,
          "loose" => loose?,
          "surplus_use" => (ingredient.surplus unless packs.zero?),
          "allergens" => ingredient.allergens,
          "fruit" => fruit? ? Purchase.fruit_words(fruit_count, fruit_kinds) : nil,
          "ready_cut" => ready_cut_words,
          "pieces" => pieces.positive? ? "#{writer.write(pieces, :pieces)} for the plates" : nil
        }.compact
      end
    end
  end
end
