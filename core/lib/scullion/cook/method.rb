# frozen_string_literal: true

module Scullion
  module Cook
    # What every cooking method answers for one prepared component: the raw weight that gives
    # the finished weight needed, what it uses on the way, and the minutes of it that need hands.
    # One subclass and file a method. A subclass declares a figure for what goes in (raw_name)
    # and for how many times it is done (rounds_name), and total_minutes.
    class Method < Worksheet
      attr_reader :need, :practice, :kitchen

      brought :finished_grams, of: :need, as: :cooked_grams

      assumption :raw_density, "Raw, as it lies", :g_per_ml, book: :ingredient, at: -> { "density/#{self.class.raw_form(component)}" }
      assumption :finished_density, "Finished, as scooped", :g_per_ml, book: :ingredient, at: -> { "density/#{self.class::FORM}" }
      assumption :setup_minutes, "Set up and clear", :min, book: :practice, at: -> { "labour/#{self.class::KEY}/setup_minutes" }
      assumption :kilo_minutes, "Hands on, a kilo", :min, book: :practice, at: -> { "labour/#{self.class::KEY}/per_kg_minutes" }
      assumption :round_minutes, "Hands on, each time", :min, book: :practice, at: -> { "labour/#{self.class::KEY}/per_batch_minutes" }

      figure(:raw_ml, "Raw, by volume", :ml, from: -> { [[self, raw_name], [self, :raw_density]] }, how: "raw ÷ density") { raw_weight / raw_density }
      figure(:finished_ml, "Finished, by volume", :ml, from: %i[finished_grams finished_density], how: "finished ÷ density") { finished_grams / finished_density }
      figure(:load_minutes, "Weigh and load", :min, from: -> { [[self, :setup_minutes], [self, :kilo_minutes], [self, raw_name]] },
             how: "set up + raw kg × minutes a kilo") { setup_minutes + (kilo_minutes * raw_weight / 1000) }
      figure(:tend_minutes, "Tend and unload", :min, from: -> { [[self, :round_minutes], *([[self, rounds_name]] if rounds_name)] },
             how: "minutes each time × times") { round_minutes * rounds }
      figure(:hands_minutes, "Hands on", :min, from: %i[load_minutes tend_minutes], how: "weigh and load + tend and unload") { load_minutes + tend_minutes }

      # The larder's figures that this method cannot do without.
      # @param component [Component] @return [Array<String>] addresses
      def self.needs(component)
        fixed = definitions.values.select { |figure| figure.kind == :assumption && figure.book == :ingredient && figure.none.nil? }
                           .map(&:address).grep(String)
        fixed + ["density/#{raw_form(component)}", "density/#{self::FORM}"]
      end

      # How the raw food lies: dry from the bag, or cut.
      def self.raw_form(component) = component.ingredient.figures.key?("density/dry") ? "dry" : (component.cut || "whole")

      # The figures that are needed at the stove, in order, the four to weigh and set first.
      # @return [Array<Hash>] name and label
      def self.facts = @facts ||= self::FACTS.map { |name| { "name" => name.to_s, "label" => definitions.fetch(name).label } }.freeze

      # @param need [Count::Need] @param brief [Brief]
      def initialize(at, need, brief)
        super(at)
        @need, @practice, @kitchen = need, brief.practice, brief.kitchen
      end

      def ingredient = need.ingredient
      def component = need.component

      # The choice made within the method, or the usual one.
      # @param option [String] as in facts/practice/schools
      def school(option) = component.cook[option] || practice.schools(self.class::KEY).fetch(option).keys.first

      # Bought things that the method itself uses.
      # @return [Array<Array(String, Symbol)>] seasoning ("salt", "oil") and the figure that says how much
      def uses = []

      # @return [Array<Snag>]
      def snags = []

      # The minutes in the order they pass, with and without hands.
      # @return [Array<Array(Symbol, Symbol)>] :hands or :wait, and the figure
      def stretches = [%i[hands load_minutes], %i[wait total_minutes], %i[hands tend_minutes]]

      def words
        { "at" => at, "method" => self.class::KEY, "name" => need.name, "ingredient" => ingredient.key,
          "colour" => ingredient.colour, "setting" => setting, "done" => done, "rescue" => rescues,
          "cautions" => practice.cautions.fetch(self.class::KEY, []), "schools" => schools, "stretches" => stretches_in_words, "cools" => cools?,
          "snags" => snags.map(&:to_h),
          "headline" => raw_name.to_s, "facts" => self.class.facts }
      end

      # The method in a few words, e.g. "absorb, lid ajar, tender".
      def setting = self.class::KEY

      # How to tell that it is done.
      def done = ingredient.done(self.class::KEY) || practice.words("doneness", self.class::KEY)

      # What to do when it is not right. @return [Array<Hash>] "if" and "then"
      def rescues = []

      # Comes out hot and has to be cooled in time?
      def cools? = component.tcs? && self.class::HOT

      HOT = true

      private

      def raw_weight = public_send(raw_name)
      def rounds_name = :batches
      def rounds = rounds_name ? public_send(rounds_name) : 1
      def snag(severity, what, remedy) = Snag.new(severity: severity, stage: "cook", what: what, remedy: remedy)

      # Each option, its choices with the reason for each, and the one taken.
      def schools
        practice.schools(self.class::KEY).map do |option, choices|
          { "option" => option, "name" => practice.words("schools", "names").fetch(option), "chosen" => school(option),
            "at" => "salads/#{need.salad_key}/components/#{need.place}/cook/#{option}",
            "choices" => choices.map { |key, words| { "key" => key, "name" => words["name"], "why" => words["why"] } } }
        end
      end

      def stretches_in_words
        stretches.filter_map do |kind, name|
          minutes = public_send(name)
          next if minutes.round.zero?

          { "hands" => kind == :hands, "name" => self.class.definitions.fetch(name).label, "minutes" => minutes.round(1), "text" => writer.min(minutes) }
        end
      end
    end
  end
end
