# frozen_string_literal: true

module Scullion
  module Cook
    # How thick a piece is, from the sides of its cut: the dice that heats through in the same time. Heat
    # comes in from all sides, so that time goes with 1 ÷ the sum of 1 ÷ side² (the first term of
    # conduction into a block). Rules of the job, "Time by cut".
    module Sides
      extend Worksheet::Figures

      NAMES = %w[length width thickness].freeze
      PARTS = { nil => 1, "halved" => 2 }.freeze

      assumption :reference_mm,
                 "The reference piece is a dice of",
                 :mm,
                 book: :ingredient,
                 none: [1.0, "Heated through, whatever its size."],
                 at: -> { "#{self.class.key}/mm" if sized? }
      NAMES.each_with_index do |name, index|
        assumption :"#{name}_mm",
                   "#{name.capitalize} of the piece",
                   :mm,
                   book: :practice,
                   none: -> { own_side(index) },
                   at: -> { "cuts/#{component.cut}/mm/#{index}" if cut_to_size? }
      end
      figure(
        :dice_mm,
        "Heats through like a dice of",
        :mm,
        shown: false,
        how: "√(3 ÷ the sum of 1 ÷ side²)"
      ) { |length_mm, width_mm, thickness_mm| Sides.dice([length_mm, width_mm, thickness_mm]) }

      # @param sides [Array<Float>] mm @return [Float] mm, of the dice that heats through in the same time
      def self.dice(sides) = Math.sqrt(3 / sides.sum { |side| 1.0 / (side**2) })

      private

      # Is it known for which size of piece its minutes are, and how large this one is?
      def sized? = ingredient.figures.key?("#{self.class.key}/mm") && (cut_to_size? || !own_edge.nil?)

      def cut_to_size?
        !cut.nil? && !practice.cuts.fetch(cut).key?("shape") &&
          ingredient.figures.key?("#{self.class.key}/mm")
      end

      def cut = (component.cut unless component.cut_after?)

      # What is not cut to a size is as large as one of it is, or half of that.
      def own_side(index)
        return 1.0, "Not cut to a size." unless sized?

        share = index == NAMES.size - 1 ? PARTS.fetch(cut) : 1
        [own_edge / share, "One of #{writer.g(own_grams)}#{", in halves" if share > 1}, as a block."]
      end

      # The edge of a block that weighs as much as one of it. @return [Float, nil] mm
      def own_edge
        solid = ingredient.figures["density/solid"]
        Math.cbrt(own_grams / solid) * 10 if whole_by_size? && own_grams && solid && PARTS.key?(cut)
      end

      def own_grams = ingredient.figures["pieces/medium"]

      # Do its minutes follow the size of what is not cut?
      def whole_by_size? = true
    end
  end
end
