# frozen_string_literal: true

module Scullion
  module Cook
    # One way of cooking as it stands in its folder: facts.yml says what it is called, takes, gives and
    # asks, method.rb how it is worked out. docs/changing.md tells how to add one.
    class Parcel
      FORM = %w[packing hold carries].freeze
      LABOUR = %w[setup_minutes per_kg_minutes per_batch_minutes].freeze
      WRITTEN = %w[minutes celsius].freeze
      PICTURES = %w[pot trays pans tins].freeze
      # What facts.yml has to say, each with what it looks like.
      FACTS = {
        "label" => String,
        "order" => Numeric,
        "words" => Array,
        "takes" => %w[raw drained],
        "uncut" => [true, false],
        "hot" => [true, false],
        "gives" => Hash,
        "picture" => Hash,
        "done" => String,
        "hazards" => Hash,
        "salt_kept" => Numeric,
        "labour" => Hash,
        "figures" => Hash,
        "schools" => Hash
      }.freeze
      # What method.rb has to answer itself; Cook::Method tells what each of them is.
      ANSWERS = %i[raw_name setting demands rescues total_minutes].freeze

      attr_reader :key, :kind

      # @param folder [String] its name is the method's key; boil-cut holds Cook::BoilCut
      def self.read(folder)
        key = File.basename(folder)
        facts = YAML.safe_load_file(File.join(folder, "facts.yml"))
        require File.join(folder, "method")
        new(
          key,
          facts.is_a?(Hash) ? facts : {},
          Cook.const_get(key.split(/[-_]/).map(&:capitalize).join, false)
        )
      rescue SystemCallError, LoadError, NameError, Psych::SyntaxError => e
        raise InvalidFacts,
              Fault.new(
                what: "The method #{key} cannot be read: #{e.message.lines.first.strip}.",
                where: "methods/#{key}",
                remedy: "Give it facts.yml, and method.rb with its class."
              )
      end

      # @param facts [Hash] of facts.yml @param kind [Class] of Cook::Method
      def initialize(key, facts, kind)
        @key, @facts, @kind = key, facts, kind
        kind.parcel = self
      end

      def label = @facts["label"]
      def order = @facts["order"]
      def words = @facts["words"]
      def labour = @facts["labour"]
      def done = @facts["done"]
      # Of the oil it takes, the share that is eaten; nil for all of it.
      def oil_kept = @facts["oil_kept"] && { "share" => @facts["oil_kept"] }
      # What can hurt somebody there: key => row, see Safety::Hazard.
      def hazards = @facts["hazards"]
      def figures = @facts["figures"]
      def picture = @facts["picture"]
      def salt_kept = { "share" => @facts["salt_kept"] }

      # Does its food go in as it comes, uncut?
      def uncut? = @facts["uncut"]

      # Is it cut once it is cooked, unless the cook says otherwise? @param cook [Hash] of a component
      def cut_then?(cook) = @facts["cut_then"] == true || school_cuts?(cook)

      # Does the way that is chosen say so, as halves do that are cut after?
      def school_cuts?(cook)
        @cutting ||= choices.transform_values { |words| words.select { |_, word| word["cut_then"] }.keys }
        @cutting.any? { |option, chosen| chosen.include?(cook[option]) }
      end

      # May a salad write its own: where the food has that figure cooked this way, or where the way that is
      # chosen has it?
      # @param field [String] minutes or celsius @param ingredient [Ingredient]
      # @param cook [Hash] of a component
      def writes?(field, ingredient, cook)
        return true if ingredient.figures.key?("#{key}/#{field}")

        on = cook["on"] || choices.fetch("on", {}).keys.first
        written.include?(field) && figures.dig(on, field).is_a?(Numeric)
      end

      # Can it not be cut before: an egg in its shell?
      def whole_only? = @facts["whole_only"] == true

      # Does its food come out hot, to be cooled in time?
      def hot? = @facts["hot"]

      # The form that its food lies in before, where that is not for the food to say.
      def takes = (@facts["takes"] unless @facts["takes"] == "raw")

      # The form that it gives.
      def form = @facts.dig("gives", "form")

      # What a finished ingredient is taken to be where the larder does not say.
      def form_facts = @facts["gives"].slice(*FORM)

      # How its food feels, from how the ingredient does. @param textures [Array<String>]
      def feel(textures)
        feels = @facts["gives"].fetch("feels", {})
        feels["as"] || ((textures - feels.fetch("no_longer", [])) | feels.fetch("also", []))
      end

      # option => { choice => name, why }; the first choice is the usual one.
      def choices = @facts["schools"].transform_values { |option| option["choices"] }
      def option_names = @facts["schools"].transform_values { |option| option["name"] }

      # All that this parcel lacks, in one line.
      # @return [Array<Fault>]
      def faults
        lacking = [*unsaid, *unanswered, *(out_of_order if unsaid.empty?)]
        return [] if lacking.empty?

        [
          Fault.new(
            what: "The method #{key} lacks #{lacking.join(", ")}.",
            where: "methods/#{key}",
            remedy: "docs/changing.md lists what a method brings."
          )
        ]
      end

      private

      def written = @facts.fetch("written", [])

      def unsaid
        missing =
          FACTS
            .reject do |field, like|
              like.is_a?(Array) ? like.include?(@facts[field]) : @facts[field].is_a?(like)
            end
            .keys
        missing.map! { |field| "#{field} in facts.yml" }
        unless LABOUR.all? { |field| labour.is_a?(Hash) && labour[field].is_a?(Numeric) }
          missing << "labour/#{LABOUR.join(" and ")}"
        end
        missing << "gives/form" unless form.is_a?(String)
        missing << "written (#{WRITTEN.join(", ")})" unless written.is_a?(Array) && (written - WRITTEN).empty?
        unless picture.is_a?(Hash) && PICTURES.include?(picture["kind"])
          missing << "picture/kind (#{PICTURES.join(", ")})"
        end
        missing << "a name and choices of each school" unless schools_told?
        missing
      end

      def schools_told?
        @facts["schools"].is_a?(Hash) &&
          @facts["schools"].values.all? do |option|
            option.is_a?(Hash) && option["name"] && option["choices"].is_a?(Hash) &&
              option["choices"].values.all? { |choice| choice["name"] && choice["why"] }
          end
      end

      def unanswered = ANSWERS.reject { |name| answered?(name) }.map { |name| "#{name} in method.rb" }

      # Somewhere between it and what every method is.
      def answered?(name) = kind.method_defined?(name) && kind.instance_method(name).owner != Method

      # Figures that no list of its own says where to show.
      def out_of_order
        listed, shown = kind.listed, kind.definitions.values.select(&:shown).map(&:name)
        [
          *(shown - listed).map { |name| "#{name} in shows" },
          *(listed - shown).map { |name| "the figure #{name} that shows names" }
        ]
      end
    end
  end
end
