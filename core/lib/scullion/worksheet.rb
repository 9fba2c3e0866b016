# frozen_string_literal: true

module Scullion
  # Figures about one thing: a portion, a pot of barley, a bowl. A figure is declared once, and what
  # it is made from is read off its block: value and working come from the same line.
  #
  # @example
  #   class Pot < Worksheet
  #     brought :finished_grams, of: :need
  #     assumption :uptake, "Water taken up", :g_per_g, book: :ingredient, at: "absorption/uptake/tender"
  #     figure(:dry_grams, "Dry", :g, how: "finished ÷ (1 + taken up)") do |finished_grams, uptake|
  #       finished_grams / (1 + uptake)
  #     end
  #   end
  class Worksheet
    extend Figures

    class << self
      # Each kind of worksheet writes out its own figures, also one that is a kind of another.
      def inherited(kind)
        super
        kind.define_method(:figures_into) do |hash|
          self.class.write_figures_out
          figures_into(hash)
        end
      end

      # Those of its kind, of what it is a kind of and of what that has in common with others.
      # @return [Hash{Symbol=>Definition}]
      def definitions = @definitions ||= gathered_from(:own_definitions)

      # @return [Hash{Symbol=>Gathering}]
      def gatherings = @gatherings ||= gathered_from(:own_gatherings)

      # The definitions that go into the plan's JSON, in order.
      def shown = @shown ||= definitions.values.select(&:shown).freeze

      # Writes out, once per kind of worksheet, the method that puts its figures into a Hash: a plan
      # has a thousand figures, and looking each one's definition up again is what took the time.
      def write_figures_out
        lines =
          shown.map do |figure|
            plain = figure.unit == :moment ? "value.iso" : "value.is_a?(Float) ? value.round(4) : value"
            "value = #{figure.name}; hash[#{figure.name.to_s.inspect}] = { \"value\" => #{plain}, " \
              "\"unit\" => #{figure.unit.to_s.inspect}, \"text\" => #{text_in(figure)}, " \
              "\"at\" => \"\#{@at}/#{figure.name}\" }"
          end
        class_eval(
          "def figures_into(hash)\nwriter = self.writer\n#{lines.join("\n")}\nhash\nend",
          __FILE__,
          __LINE__
        )
      end

      private

      # What only its sheet can write: a weight as part of a sum, a price that must be asked.
      def text_in(figure)
        if figure.writes == :by_sheet
          "text_by_sheet(#{figure.name.inspect})"
        else
          "writer.#{figure.writes}(value)"
        end
      end

      def gathered_from(own)
        ancestors.reverse.select { |each| each.respond_to?(own) }.map(&own).reduce({}, :merge).freeze
      end
    end

    # @return [String] where this worksheet stands in the plan, e.g. "cook/0"
    attr_reader :at

    def initialize(at)
      @at = at
    end

    # @return [Hash] words and shown figures, ready for JSON
    def to_h = figures_into(words)

    # Is that figure nothing here, so that no sheet says it: no oil where the salad names its own fat?
    # @param name [Symbol, String]
    def nothing?(name) = public_send(name).to_f.zero?

    # One of its figures, as it is shown. @param name [Symbol] @return [String]
    def text_of(name)
      writes = self.class.definitions.fetch(name).writes
      writes == :by_sheet ? text_by_sheet(name) : writer.write(public_send(name), writes)
    end

    # Writes figures as this house measures.
    # @return [Amount::Writer]
    def writer = practice.writer

    # What goes into the JSON beside the figures. Overridden by each kind; a fresh Hash.
    def words = {}

    # What the worksheet is about, for a reader of one of its figures.
    # @return [String, nil]
    def subject = @subject ||= words.then { |said| said["name"] || said["salad_name"] }

    # @return [Working]
    # @raise [UnknownFigure]
    def working(name)
      definition = self.class.definitions[name.to_sym] or
        raise UnknownFigure,
              Fault.new(
                what: "There is no figure #{Fault.shown(name)} at #{at}.",
                where: at,
                remedy: "Ask for a figure by the \"at\" that the plan gives it."
              )
      return Working.new(self, definition) unless definition.kind == :brought

      as = definition.address
      public_send(definition.book).working(as.is_a?(Proc) ? instance_exec(&as) : as)
    end

    # The figures that a figure of this worksheet is made from, here and on others.
    # @param definition [Figures::Definition]
    # @return [Array<Array(Worksheet, Symbol)>] in the order its rule names them
    def inputs_of(definition)
      return [] if definition.decided && instance_exec(&definition.decided)

      definition.inputs.flat_map { |name| self.class.gatherings.key?(name) ? gathered(name) : [[self, name]] }
    end

    private

    def gathered(name)
      gathering = self.class.gatherings.fetch(name)
      found = public_send(:"gathered_#{name}")
      gathering.figure ? found.map { |worksheet| [worksheet, gathering.figure] } : found
    end
  end
end
