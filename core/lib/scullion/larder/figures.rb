# frozen_string_literal: true

module Scullion
  # A flat, frozen book of figures: address => number, with where each figure comes from.
  # Addresses are paths below +prefix+, e.g. "absorption/uptake/tender" below
  # "larder/pearl-barley". A kitchen or one service may set its own figure; the book then
  # still knows what it replaced.
  class Figures
    # A figure's provenance: the book's own value and source, and who set another.
    Own = Struct.new(:value, :set_for, keyword_init: true)

    attr_reader :prefix

    # @param numbers [Hash{String=>Float}] @param sources [Hash{String=>String}] by address or its first part
    # @param own [Hash{String=>Own}] figures set by this kitchen or service, same addresses
    def initialize(prefix, numbers, sources, own = {})
      @prefix, @numbers, @sources, @own = prefix, numbers, sources, own
      freeze
    end

    # Flattens nested data to addresses; anything that is not a number is left out.
    def self.flatten(data, path = nil, into = {})
      case data
      when Hash
        data.each { |key, value| flatten(value, path ? "#{path}/#{key}" : key.to_s, into) }
      when Array
        data.each_with_index { |value, index| flatten(value, "#{path}/#{index}", into) }
      when Numeric
        into[path] = data.to_f
      end
      into
    end

    # Nested data with some of its numbers replaced.
    # @param changes [Hash{String=>Numeric}] by address
    # @return [Object] of the same shape
    def self.laid_over(data, changes, path = nil)
      case data
      when Hash
        data.to_h { |key, value| [key, laid_over(value, changes, path ? "#{path}/#{key}" : key.to_s)] }
      when Array
        data.each_with_index.map { |value, index| laid_over(value, changes, "#{path}/#{index}") }
      when Numeric
        changes.fetch(path, data)
      else
        data
      end
    end

    # @raise [MissingFigure]
    def fetch(at)
      @numbers[at] ||
        raise(
          MissingFigure,
          Fault.new(
            what: "There is no figure for #{at.tr("/", " ")}.",
            where: "#{prefix}/#{at}",
            remedy: "Add it to the larder."
          )
        )
    end

    def [](at) = @numbers[at]
    def key?(at) = @numbers.key?(at)
    def addresses = @numbers.keys
    def own?(at) = @own.key?(at)

    # @return [String] who says so
    def source(at)
      own = @own[at] and return "Set for #{own.set_for}. The larder says #{own.value}: #{shipped_source(at)}"
      shipped_source(at)
    end

    # The shipped value, when this one was set by hand; else nil.
    def default(at) = @own[at]&.value

    # The shipped value, whoever set another.
    # @raise [MissingFigure]
    def shipped(at) = default(at) || fetch(at)

    # The same book with some figures replaced; unknown addresses are the caller's to refuse.
    # @param changes [Hash{String=>Array(Float, String)}] address => value, who it is set for
    def with(changes)
      return self if changes.empty?

      own =
        changes.to_h { |at, (_, set_for)| [at, Own.new(value: default(at) || fetch(at), set_for: set_for)] }
      Figures.new(
        prefix,
        @numbers.merge(changes.transform_values(&:first)).freeze,
        @sources,
        @own.merge(own).freeze
      )
    end

    def inspect = "#<#{self.class.name} #{prefix}>"

    private

    def shipped_source(at)
      @sources[at] || @sources[at[%r{\A[^/]+}]] || @sources.fetch("any")
    end
  end
end
