# frozen_string_literal: true

module Scullion
  # What an ingredient can be, beyond the bounds of each figure: no more in it than there is of it, a tin that
  # says what drains off, pieces that somebody weighed. For the form that reads one (facts, fields).
  module Possible
    # What adds up to a food, and how much of it there can be in 100 g: tables round.
    PARTS, MOST_PARTS = %w[water fat carbohydrate fibre protein salt].freeze, 102

    # @param content [Hash{String=>Numeric}] @return [Float] g of 100 g that are accounted for
    def self.accounted(content)
      sugar = [content["sugar"].to_f - content["carbohydrate"].to_f, 0].max
      content.values_at(*PARTS).sum(&:to_f) + sugar
    end

    private

    # Nobody has more in 100 g than 100 g.
    def contents
      content = @facts.is_a?(Hash) ? @facts["content"] : nil
      return unless content.is_a?(Hash) && content.values.all?(Numeric)
      return if (all = Possible.accounted(content)) <= MOST_PARTS

      @fields.fault(
        "content",
        "What is in it comes to #{all.round(1)} g of 100 g.",
        "Lower one of: #{(content.keys & [*PARTS, "sugar"]).join(", ")}."
      )
    end

    # What is sold in tins is planned by what drains off.
    def tins
      tinned = @facts.is_a?(Hash) ? @facts["tinned"] : nil
      return if !tinned.is_a?(Hash) || tinned.key?("drained")

      @fields.fault(
        "tinned",
        "Nothing is said of its drained weight.",
        "Give drained for net weight, for example { drained: 0.6 }."
      )
    end

    # Sold by the piece: one of those whose weight is known.
    def by_piece(pack)
      return unless pack.given?("piece")

      known = @facts["pieces"].is_a?(Hash) ? @facts["pieces"].keys : []
      pack.choice("piece", known, default: nil)
    end
  end
end
