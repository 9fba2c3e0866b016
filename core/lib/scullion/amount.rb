# frozen_string_literal: true

module Scullion
  # An amount as a cook means it: a range (low = high when exact) of grams, millilitres or
  # pieces. Pieces say which piece ("medium", "bunch", "clove") and may mean a part of it
  # ("juice"); +rest+ is the text left over, usually the ingredient's name.
  # +estimated+ marks loose measures (a pinch, a glug), whose ends are their spread.
  class Amount
    attr_reader :low, :high, :unit, :piece, :part, :rest, :estimated

    # @param low [Float] @param high [Float] same unit, low <= high
    # @param unit [Symbol] :g, :ml, :piece or :taste
    def initialize(low, high, unit, piece: nil, part: nil, rest: "", estimated: false)
      @low, @high, @unit = low.to_f, high.to_f, unit
      @piece, @part, @rest, @estimated = piece, part, rest, estimated
      freeze
    end

    # Half way between the ends of a range.
    def value = (low + high) / 2

    # So many times this amount.
    # @param factor [Numeric] @return [Amount]
    def times(factor)
      Amount.new(
        low * factor,
        high * factor,
        unit,
        piece: piece,
        part: part,
        rest: rest,
        estimated: estimated
      )
    end

    # As this house writes it and the reader reads it back, without the name: "½ tsp", "juice of 2", "3
    # medium".
    # @param writer [Amount::Writer] @return [String]
    def written(writer)
      case unit
      when :taste
        "to taste"
      when :piece
        [
          part && "#{part} of",
          value.round(2).to_s.delete_suffix(".0"),
          (piece unless piece == part)
        ].compact.join(" ")
      else
        writer.write(value, unit)
      end
    end

    # Weight of this amount of an ingredient in one of its forms.
    # @param ingredient [Ingredient] @param form [String] e.g. "diced", "cooked", "dry"
    # @return [Float] grams
    # @raise [MissingFigure] when the density or piece weight is not in the larder
    # @raise [UnreadableAmount] for "to taste", which has no weight
    def grams(ingredient, form)
      case unit
      when :g
        value
      when :ml
        value * ingredient.density(form)
      when :piece
        value * ingredient.piece_grams(piece, form)
      else
        raise UnreadableAmount,
              Fault.new(
                what: "\"to taste\" has no weight.",
                where: "amount",
                remedy: "Write a weight, for example 2 g."
              )
      end
    end
  end
end
