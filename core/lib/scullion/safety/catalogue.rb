# frozen_string_literal: true

require "yaml"

module Scullion
  module Safety
    # All that is known of hazards: the kinds of food, what each set of house rules asks of them, and the
    # hazards themselves. Read once from facts/safety, and from the folders of the cooking methods, which
    # bring their own.
    class Catalogue
      ROOT = File.expand_path("../../../facts/safety", __dir__)

      class << self
        # @return [Catalogue] as it is shipped
        # @raise [InvalidFacts] a line for each fault
        def shipped = @shipped ||= new(ROOT)

        # Another one while the block runs, and what methods bring read anew.
        def with(catalogue)
          before, @shipped = shipped, catalogue
          yield
        ensure
          @shipped = before
        end
      end

      attr_reader :kinds, :floors, :dressings

      # @param root [String] a folder like facts/safety
      def initialize(root)
        @root, @faults = root, []
        @codes, @floors, @dressings, @families =
          %w[codes floors dressings families].map { |file| read("#{file}.yml") }
        @sources = YAML.safe_load_file(File.expand_path("../sources.yml", ROOT))
        @kinds = read("kinds.yml").to_h { |key, facts| [key, Kind.new(key, facts)] }.freeze
        check
        raise InvalidFacts, @faults if @faults.any?
      end

      # @return [Array<Hazard>] of the kitchen and of each cooking method, gravest first
      def hazards
        @hazards = nil unless @methods.equal?(Cook::Parcels.all)
        @methods = Cook::Parcels.all
        @hazards ||=
          begin
            rows = Dir[File.join(@root, "hazards", "*.yml")].flat_map { |path| own(path) }
            brought = Cook::Parcels.all.values.flat_map { |parcel| of_method(parcel) }
            all = rows + brought
            faults = all.flat_map { |hazard| hazard.faults(@sources) }
            raise InvalidFacts, faults if faults.any?

            all.sort_by.with_index { |hazard, index| [Hazard::GRAVE.index(hazard.grave), index] }.freeze
          end
      end

      # @param word [String] what they are about
      # @return [Array<Hazard>]
      def hazards_of(word)
        all = hazards
        @known, @by_word = all, all.group_by(&:of) unless @known.equal?(all)
        @by_word.fetch(word, [])
      end

      # The kind that a food says, or what its family is taken for.
      # @param ingredient [Ingredient] @return [Kind]
      def kind(ingredient)
        @kinds[ingredient.facts["kind"]] || @kinds.fetch(@families.fetch(ingredient.family).fetch("kind"))
      end

      # Does it say so itself, or is its family all alike?
      def kind_said?(ingredient)
        @kinds.key?(ingredient.facts["kind"]) || !@families.fetch(ingredient.family)["varies"]
      end

      # What the set with this key asks beside its limits; of a house's own, the strictest of all.
      # @return [Hash]
      def code(key) = @codes[key] || strictest

      def source(key) = @sources.fetch(key)

      private

      def read(file) = YAML.safe_load_file(File.join(@root, file))

      def own(path)
        name = File.basename(path)
        YAML.safe_load_file(path).map { |key, row| Hazard.new(key, row, "safety/hazards/#{name}") }
      end

      # A method's own go with that method.
      def of_method(parcel)
        parcel.hazards.map do |key, row|
          row = { "of" => "line", "grave" => "mind", "hand" => "cook", "source" => "practice", **row }
          mine = { "when" => { **row.fetch("when", {}), "method" => parcel.key } }
          Hazard.new("#{parcel.key}-#{key}", row.merge(mine), "methods/#{parcel.key}/facts.yml")
        end
      end

      def strictest
        @strictest ||=
          @codes.values.reduce do |one, other|
            one.merge(other) { |field, mine, theirs| stricter(field, mine, theirs) }
          end
      end

      def stricter(field, mine, theirs)
        case field
        when "core"
          mine.merge(theirs) { |_, *both| both.max_by { |core| core.values_at("celsius", "seconds") } }
        when "boil_minutes", "soak_boil_minutes"
          [mine, theirs].max
        when "source"
          mine
        else
          [mine, theirs].min
        end
      end

      def check
        classes = @codes.values.flat_map { |code| code["core"].keys }.uniq
        @faults.concat(@kinds.values.flat_map { |kind| kind.faults(classes) })
        @codes.each { |key, code| complete(key, code, classes) }
        unknown = @families.reject { |_, row| @kinds.key?(row["kind"]) }
        unknown.each_key do |family|
          @faults << Fault.new(
            what: "The family #{family} is taken for no kind that is known.",
            where: "safety/families.yml/#{family}",
            remedy: "Use a key of kinds.yml."
          )
        end
      end

      def complete(key, code, classes)
        (classes - code["core"].keys).each do |lacking|
          @faults << Fault.new(
            what: "The set #{key} has no core temperature for #{lacking}.",
            where: "safety/codes.yml/#{key}/core",
            remedy: "Give celsius and seconds."
          )
        end
      end
    end
  end
end
