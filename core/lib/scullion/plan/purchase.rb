# frozen_string_literal: true

module Scullion
  class Plan
    # One line of the order: everything the service takes of one ingredient, rounded up to packs.
    class Purchase < Sheet
      attr_reader :ingredient, :uses, :practice

      decision(:covers, "Covers", :covers, change: "service/covers", shown: false) { @covers }
      figure(:need_grams, "Needed", :g, from: -> { uses }, how: "every use added up") { uses.sum { |sheet, name| sheet.public_send(name) } }
      assumption :pack_size, "One pack, as labelled", :g, book: :ingredient, at: -> { "packs/0/#{pack_by}" }
      figure(:packs, "Packs", :packs, from: %i[need_grams pack_weight], how: "needed ÷ pack, rounded up") { (need_grams / pack_weight - 1e-9).ceil }
      figure(:pack_weight, "Weight of a pack", :g, from: %i[pack_size], how: "as labelled; volumes by the density of the liquid", shown: false) { ingredient.packs.first.grams }
      figure(:bought_grams, "Comes in", :g, from: %i[packs pack_weight], how: "packs × pack") { packs * pack_weight }
      figure(:surplus_grams, "Over", :g, from: %i[bought_grams need_grams], how: "comes in − needed") { [bought_grams - need_grams, 0.0].max }
      figure(:enough_for, "Enough for", :covers, from: %i[bought_grams need_grams covers],
             how: "comes in ÷ needed per cover, rounded down") { (bought_grams / (need_grams / covers) + 1e-9).floor }

      # @param uses [Array<Array(Sheet, Symbol)>] the figures that take some of it
      def initialize(at, ingredient, uses, brief)
        super(at)
        @ingredient, @uses, @covers, @practice = ingredient, uses, brief.service.covers, brief.practice
      end

      def pack_by = ingredient.figures.key?("packs/0/grams") ? "grams" : "ml"
      def loose? = ingredient.facts["packs"].first["loose"]

      # What to write on the order: "25 × 400 g tin", or a weight when sold loose.
      def order = loose? ? writer.g(bought_grams) : "#{packs} × #{ingredient.packs.first.name}"

      def words
        { "at" => at, "ingredient" => ingredient.key, "name" => ingredient.name, "section" => ingredient.section,
          "colour" => ingredient.colour, "order" => order, "pack" => ingredient.packs.first.name, "loose" => !!loose?,
          "surplus_use" => ingredient.surplus, "allergens" => ingredient.allergens }
      end
    end
  end
end
