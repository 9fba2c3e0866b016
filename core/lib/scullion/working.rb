# frozen_string_literal: true

module Scullion
  # How one figure came about: the rule in words, the figures it was made from (each with a
  # working of its own), and for an assumption who says so and where it can be changed.
  # Built only when asked for.
  class Working
    # A figure's value as JSON holds it: numbers to four places, moments as local ISO 8601.
    def self.plain(value)
      case value
      when Float
        value.round(4)
      when Moment
        value.iso
      else
        value
      end
    end

    def initialize(worksheet, definition)
      @worksheet, @definition = worksheet, definition
    end

    def at = "#{@worksheet.at}/#{@definition.name}"
    def label = said(@definition.label)
    def how = said(@definition.how)
    def value = @worksheet.public_send(@definition.name)
    def text = @worksheet.text_of(@definition.name)

    # @return [Array<Working>] in the order the rule names them
    def from = @worksheet.inputs_of(@definition).map { |worksheet, name| worksheet.working(name) }

    # @return [String, nil] who says so, for assumptions and decisions
    def source
      return figures.source(address) if assumption?
      return @worksheet.public_send(:"none_of_#{@definition.name}").last if @definition.kind == :assumption

      said(@definition.source) unless undecided?
    end

    # @return [Hash, nil] where and within what bounds this can be changed
    def change
      return unless assumption? || @definition.change

      least, most, unit = IngredientForm.bound(address) || Practice.bound(address) if assumption?
      {
        "at" => assumption? ? "#{figures.prefix}/#{address}" : said(@definition.change),
        "least" => least,
        "most" => most,
        "bound_unit" => unit
      }.compact
    end

    # @return [Float, nil] the larder's own figure, when this one was set by hand
    def default = (figures.default(address) if assumption?)

    # The whole tree down to decisions and assumptions. A figure that many others are made from is
    # followed down once; where it comes again it is only marked, or the tree would grow without bound.
    # @param shown [Hash{String=>true}] addresses followed down so far
    # @return [Hash]
    def to_h(shown = {})
      inputs = from
      again = inputs.any? && shown.key?(at)
      shown[at] = true
      {
        "at" => at,
        "of" => @worksheet.subject,
        "label" => label,
        "value" => Working.plain(value),
        "unit" => @definition.unit.to_s,
        "text" => text,
        "how" => how,
        "source" => source,
        "change" => change,
        "default" => default && @worksheet.writer.write(default, @definition.writes),
        "again" => (true if again),
        "from" => again ? [] : inputs.map { |input| input.to_h(shown) }
      }.compact
    end

    private

    # It could be decided outright, and was not.
    def undecided? = @definition.decided && !@worksheet.public_send(:"decided_#{@definition.name}")
    def assumption? = @definition.kind == :assumption && !address.nil?
    def figures = @worksheet.public_send(@definition.book).figures
    def address = @worksheet.public_send(:"#{@definition.name}_at")
    def said(words) = words.is_a?(Proc) ? @worksheet.instance_exec(&words) : words
  end
end
