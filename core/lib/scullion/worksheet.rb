# frozen_string_literal: true

module Scullion
  # A sheet of figures about one thing: a portion, a pot of barley, a bowl. A figure is
  # declared once, with what it is made from; the same declaration gives its value, worked
  # out when first asked, and its working (see Working).
  #
  #   figure(:dry_grams, "Dry grain", :g, from: %i[finished_grams cooked_factor],
  #          how: "cooked weight ÷ cooked factor") { finished_grams / cooked_factor }
  class Worksheet
    # name: Symbol; unit: a Writer method; from: Symbols of this sheet, or a lambda giving
    # [sheet, name] pairs; how: the rule in words; shown: part of the plan's JSON.
    Definition = Struct.new(:name, :label, :unit, :writes, :from, :how, :shown, :kind, :book, :address, :change,
                            :source, :none, keyword_init: true)

    class << self
      # Each kind of sheet writes out its own figures, also one that is a kind of another.
      def inherited(kind)
        super
        kind.define_method(:figures_into) do |hash|
          self.class.write_figures_out
          figures_into(hash)
        end
      end

      def definitions = @definitions ||= superclass.respond_to?(:definitions) ? superclass.definitions.dup : {}

      # The definitions that go into the plan's JSON.
      def shown = @shown ||= definitions.values.select(&:shown).freeze

      # Writes out, once per kind of sheet, the method that puts its figures into a Hash: a plan
      # has a thousand figures, and looking each one's definition up again is what took the time.
      def write_figures_out
        lines = shown.map do |figure|
          plain = figure.unit == :moment ? "value.iso" : "value.is_a?(Float) ? value.round(4) : value"
          "value = #{figure.name}; hash[#{figure.name.to_s.inspect}] = { \"value\" => #{plain}, \"unit\" => #{figure.unit.to_s.inspect}, " \
            "\"text\" => writer.#{figure.writes}(value), \"at\" => \"\#{@at}/#{figure.name}\" }"
        end
        class_eval("def figures_into(hash)\nwriter = self.writer\n#{lines.join("\n")}\nhash\nend", __FILE__, __LINE__)
      end

      # A figure worked out from others.
      # change, source: for a figure that the cook may also decide outright.
      def figure(name, label, unit, from:, how:, writes: unit, shown: true, change: nil, source: nil, &value)
        define(name, label: label, unit: unit, writes: writes, from: from, how: how, shown: shown, kind: :figure,
                     change: change, source: source)
        remember(name, value)
      end

      # A figure that stands in a book of figures and may be set by hand.
      # book: the method that gives the owner of the book; at: its address, or a lambda for it;
      # none: [value, why] where the lambda gives no address (a vegetable that is not trimmed).
      def assumption(name, label, unit, book:, at:, none: nil, shown: false)
        define(name, label: label, unit: unit, writes: unit, shown: shown, kind: :assumption, book: book,
                     address: at, none: none)
        define_method(:"#{name}_at", &(at.is_a?(Proc) ? at : -> { at }))
        class_eval("def work_out_#{name} = (at = #{name}_at) ? #{book}.fetch(at) : #{none&.first.inspect}", __FILE__, __LINE__)
        remember(name)
      end

      # A figure that the cook decided in the brief. change: a lambda for its address there.
      def decision(name, label, unit, change:, writes: unit, source: "You decided this.", shown: true, &value)
        define(name, label: label, unit: unit, writes: writes, shown: shown, kind: :decision, change: change,
                     source: source)
        remember(name, value)
      end

      # A figure of an earlier sheet, used here under its own name.
      def brought(name, of:, as: name)
        define(name, kind: :brought, book: of, address: as, shown: false)
        class_eval("def #{name} = #{of}.#{as}", __FILE__, __LINE__)
      end

      private

      def define(name, **rest) = definitions[name] = Definition.new(name: name, **rest)

      def remember(name, work_out = nil)
        define_method(:"work_out_#{name}", &work_out) if work_out
        class_eval("def #{name} = (@#{name} ||= work_out_#{name})", __FILE__, __LINE__)
      end
    end

    # @return [String] where this sheet stands in the plan, e.g. "cook/0"
    attr_reader :at

    def initialize(at)
      @at = at
    end

    # @return [Hash] words and shown figures, ready for JSON
    def to_h = figures_into(words)

    # Writes figures as this house measures.
    # @return [Amount::Writer]
    def writer = practice.writer

    # What goes into the JSON beside the figures. Overridden by each sheet; a fresh Hash.
    def words = {}

    # What the sheet is about, for a reader of one of its figures.
    # @return [String, nil]
    def subject = words.then { |said| said["name"] || said["salad_name"] }

    # @return [Working]
    # @raise [UnknownFigure]
    def working(name)
      definition = self.class.definitions[name.to_sym] or raise UnknownFigure, Fault.new(
        what: "There is no figure #{name.to_s[0, 60].inspect} at #{at}.", where: "#{at}/#{name.to_s[0, 60]}",
        remedy: "Ask for a figure by the \"at\" that the plan gives it."
      )
      return public_send(definition.book).working(definition.address) if definition.kind == :brought

      Working.new(self, definition)
    end
  end
end
