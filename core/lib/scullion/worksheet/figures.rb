# frozen_string_literal: true

module Scullion
  class Worksheet
    # The words that figures are declared with: in a kind of worksheet, and in a module that several
    # kinds have in common. What a declaration defines keeps the file and line of the declaration.
    module Figures
      # name: Symbol; unit: a Writer method; writes: another one for the text; inputs: names of figures
      # and gatherings; how: the rule in words; shown: part of the plan's JSON; kind: :figure, :assumption,
      # :decision or :brought; decided: gives the value where the cook decided it outright.
      Definition =
        Struct.new(
          :name,
          :label,
          :unit,
          :writes,
          :inputs,
          :how,
          :shown,
          :kind,
          :book,
          :address,
          :change,
          :source,
          :none,
          :decided,
          keyword_init: true
        )

      # figure: of every worksheet gathered, or nil where [worksheet, figure] pairs are.
      Gathering = Struct.new(:name, :figure, keyword_init: true)

      def own_definitions = @own_definitions ||= {}
      def own_gatherings = @own_gatherings ||= {}

      # A figure worked out from others: the block's parameters are what it is made from, read by name.
      # One that begins with an underscore is named in the working and not used in the block.
      # @param reading [Hash{Symbol=>Symbol}] a parameter's figure, where its name is made up
      # @param decided [Proc, nil] gives the value where the cook has decided it outright; source says so
      # @param change [String, Proc, nil] the address at which it can be decided
      # @example what two others are made of
      #   figure(:trim_grams, "Trim", :g, how: "AP − EP") { |ap_grams, ep_grams| ap_grams - ep_grams }
      def figure(
        name,
        label,
        unit,
        how:,
        writes: unit,
        shown: true,
        change: nil,
        source: nil,
        decided: nil,
        reading: {},
        &value
      )
        inputs = value.parameters.map { |_, given| given.to_s.delete_prefix("_").to_sym }
        inputs.map! { |input| reading.fetch(input, input) }
        define(
          name,
          label: label,
          unit: unit,
          writes: writes,
          inputs: inputs,
          how: how,
          shown: shown,
          kind: :figure,
          change: change,
          source: source,
          decided: decided
        )
        remember(name, value.source_location, inputs: inputs, decided: decided, &value)
      end

      # A figure that stands in a book of figures and may be set by hand.
      # @param book [Symbol] the method that gives the owner of the book
      # @param at [String, Proc] its address there
      # @param none [Array(Float, String), Proc] value and why, where +at+ gives no address
      # @example the larder's yield; what is not trimmed keeps its weight
      #   assumption :trim_yield, "Left after trimming", :share, book: :ingredient,
      #              none: [1.0, "Not trimmed."], at: -> { "trims/#{component.trim}/yield" if component.trim }
      def assumption(name, label, unit, book:, at:, none: nil, shown: false)
        place = caller_locations(1, 1).first.then { |line| [line.path, line.lineno] }
        define(
          name,
          label: label,
          unit: unit,
          writes: unit,
          inputs: [],
          shown: shown,
          kind: :assumption,
          book: book,
          address: at,
          none: none
        )
        define_method(:"#{name}_at", &(at.is_a?(Proc) ? at : -> { at }))
        define_method(:"none_of_#{name}", &(none.is_a?(Proc) ? none : -> { none }))
        class_eval(
          "def work_out_#{name} = (at = #{name}_at) ? #{book}.fetch(at) : none_of_#{name}&.first",
          *place
        )
        remember(name, place)
      end

      # A figure that the cook decided in the brief, or that the kitchen is.
      # @param change [String, Proc, nil] its address there
      # @example covers
      #   decision(:covers, "Covers", :covers, change: "service/covers") { @service.covers }
      def decision(name, label, unit, change:, writes: unit, source: "You decided this.", shown: true, &value)
        define(
          name,
          label: label,
          unit: unit,
          writes: writes,
          inputs: [],
          shown: shown,
          kind: :decision,
          change: change,
          source: source
        )
        remember(name, value.source_location, &value)
      end

      # A figure of an earlier worksheet, used here under its own name.
      # @param of [Symbol] the method that gives that worksheet
      # @param as [Symbol, Proc] what it is called there
      # @example how many portions the salad's count makes
      #   brought :servings, of: :portion
      def brought(name, of:, as: name)
        place = caller_locations(1, 1).first.then { |line| [line.path, line.lineno] }
        define(name, inputs: [], kind: :brought, book: of, address: as, shown: false)
        return class_eval("def #{name} = #{of}.#{as}", *place) unless as.is_a?(Proc)

        define_method(:"#{name}_as", &as)
        class_eval("def #{name} = #{of}.public_send(#{name}_as)", *place)
      end

      # The same figure of several worksheets, or several of any, as one input: a list of their values.
      # @param figure [Symbol, nil] of each worksheet that the block gives; nil where it gives [worksheet,
      #   figure] pairs
      # @example what each component carries
      #   gather(:carried, :dressing_grams) { layers }
      #   figure(:dressing_grams, "Dressing", :g, how: "added up") { |carried| carried.sum }
      def gather(name, figure = nil, &from)
        own_gatherings[name] = Gathering.new(name: name, figure: figure)
        define_method(:"gathered_#{name}", &from)
        each = figure ? "worksheet.#{figure}" : "worksheet.public_send(of)"
        class_eval("def #{name} = gathered_#{name}.map { |worksheet, of| #{each} }", *from.source_location)
      end

      private

      def define(name, **rest) = own_definitions[name] = Definition.new(name: name, **rest)

      # Worked out when first asked for.
      def remember(name, place, inputs: [], decided: nil, &value)
        define_method(:"work_out_#{name}", &value) if value
        define_method(:"decided_#{name}", &decided) if decided
        given = inputs.any? ? "(#{inputs.join(", ")})" : ""
        class_eval(
          "def #{name} = (@#{name} ||= #{"decided_#{name} || " if decided}work_out_#{name}#{given})",
          *place
        )
      end
    end
  end
end
