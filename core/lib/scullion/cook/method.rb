# frozen_string_literal: true

module Scullion
  module Cook
    # What every cooking method answers for one prepared component: the raw weight that gives
    # the finished weight needed, what it uses on the way, and the minutes of it that need hands.
    # One subclass and folder a method (see Parcel). A subclass declares a figure for what goes in
    # (raw_name) and for how many times it is done (rounds_name), and total_minutes.
    class Method < Worksheet
      attr_reader :need, :practice, :kitchen

      brought :finished_grams, of: :need, as: :cooked_grams

      assumption :raw_density,
                 "Raw, as it lies",
                 :g_per_ml,
                 book: :ingredient,
                 at: -> { "density/#{self.class.raw_form(component)}" }
      assumption :finished_density,
                 "Finished, as scooped",
                 :g_per_ml,
                 book: :ingredient,
                 at: -> { "density/#{self.class.parcel.form}" }
      assumption :setup_minutes,
                 "Set up and clear",
                 :min,
                 book: :practice,
                 at: -> { "labour/#{self.class.key}/setup_minutes" }
      assumption :kilo_minutes,
                 "Hands on, a kilo",
                 :min,
                 book: :practice,
                 at: -> { "labour/#{self.class.key}/per_kg_minutes" }
      assumption :round_minutes,
                 "Hands on, each time",
                 :min,
                 book: :practice,
                 at: -> { "labour/#{self.class.key}/per_batch_minutes" }

      brought :raw_weight, of: :itself, as: -> { raw_name }
      gather(:times) { rounds_name ? [[self, rounds_name]] : [] }
      figure(:raw_ml, "Raw, by volume", :ml, how: "raw ÷ density") do |raw_weight, raw_density|
        raw_weight / raw_density
      end
      figure(
        :finished_ml,
        "Finished, by volume",
        :ml,
        how: "finished ÷ density"
      ) { |finished_grams, finished_density| finished_grams / finished_density }
      figure(
        :load_minutes,
        "Weigh and load",
        :min,
        how: "set up + raw kg × minutes a kilo"
      ) { |setup_minutes, kilo_minutes, raw_weight| setup_minutes + (kilo_minutes * raw_weight / 1000) }
      figure(
        :tend_minutes,
        "Tend and unload",
        :min,
        how: "minutes each time × times"
      ) { |round_minutes, times| round_minutes * (times.first || 1) }
      figure(
        :hands_minutes,
        "Hands on",
        :min,
        how: "weigh and load + tend and unload"
      ) { |load_minutes, tend_minutes| load_minutes + tend_minutes }

      # The larder's figures that this method cannot do without.
      # @param component [Component] @return [Array<String>] addresses
      def self.needs(component)
        fixed =
          definitions
            .values
            .select { |figure| figure.kind == :assumption && figure.book == :ingredient && figure.none.nil? }
            .map(&:address)
            .grep(String)
        fixed + ["density/#{raw_form(component)}", "density/#{parcel.form}"]
      end

      class << self
        # @return [Parcel] what its folder says of it
        attr_accessor :parcel

        def key = parcel.key

        # How the raw food lies: dry from the bag, or cut.
        def raw_form(component)
          return parcel.takes if parcel.takes
          return "dry" if component.ingredient.figures.key?("density/dry")

          component.cut_after? ? "whole" : component.cut || "whole"
        end

        # In which order its figures are shown: those needed at the stove, the four to weigh and set first,
        # and then all the others.
        # @example
        #   shows at_the_stove: %i[raw_grams minutes hands_minutes], beside: %i[load_minutes tend_minutes]
        def shows(at_the_stove:, beside:) = @shows = { at_the_stove: at_the_stove, beside: beside }

        # @return [Array<Symbol>]
        def listed = (@shows || {}).values.flatten

        def shown = @shown ||= definitions.values_at(*listed).freeze

        # The figures that are needed at the stove, in order.
        # @return [Array<Hash>] name and label
        def facts
          @facts ||=
            @shows[:at_the_stove]
              .map { |name| { "name" => name.to_s, "label" => definitions.fetch(name).label } }
              .freeze
        end

        # Is it cooked in a pot that can be chosen?
        def in_pot? = include?(InPot)
      end

      # @param need [Count::Need] @param brief [Brief]
      def initialize(at, need, brief)
        super(at)
        @need, @practice, @kitchen = need, brief.practice, brief.kitchen
        @asked = Safety::Asked.new(brief)
      end

      # With the minutes that the salad writes, where they stand in the book as they are.
      def ingredient
        @ingredient ||=
          begin
            at = "#{self.class.key}/minutes"
            book = need.ingredient
            own = written_minutes && !respond_to?(:decided_minutes) && book.figures.key?(at)
            own ? book.with(at => [written_minutes, "this salad, as it is written"]) : book
          end
      end

      # As the salad writes them, min and °C. @return [Float, nil]
      def written_minutes = component.cook["minutes"]
      def written_celsius = component.cook["celsius"]
      def component = need.component

      # The choice made within the method, or the usual one.
      # @param option [String] as in facts/practice/schools
      def school(option) = component.cook[option] || practice.schools(self.class.key).fetch(option).keys.first

      # What cooks along with it. @return [Array<Along>]
      def along
        @along ||=
          component.with.each_with_index.map { |with, index| Along.new("#{at}/with/#{index}", self, with) }
      end

      # Bought things that the method itself uses.
      # @return [Array<Array(String, Symbol)>] seasoning ("salt", "oil") and the figure that says how much
      def uses = []

      # What it holds of the kitchen while it is on, each round: nothing is taken for granted.
      # @param beside [Beside] what the day has more of, and asks for
      # @return [Array<Demand>]
      def demands(beside)
        raise NotImplementedError, "#{self.class} does not say what it takes of the kitchen beside #{beside}."
      end

      # How often a pot is filled or an oven loaded, one after the other.
      # @param _beside [Beside]
      def rounds(_beside) = 1

      # How many of those rounds its minutes without hands are counted over.
      def rounds_in_minutes = 1

      # What there could be one more of, for fewer rounds. @return [String, nil] a kind of resource
      def short_of(_beside) = nil

      # Could what goes in at once go in one after the other?
      def divisible?(_beside) = false

      # What a cook must be down for who does it: a key of facts/practice/skills.
      def skill = "stove"

      # Minutes that it stands in water first, as a task of its own.
      def soaking_minutes = 0.0

      # The address of the share that is left of the food's own salt; nil where all of it is.
      def salt_left_at = nil

      # @return [Array<Snag>]
      def snags = []

      # The minutes in the order they pass, with and without hands.
      # @return [Array<Array(Symbol, Symbol)>] :hands or :wait, and the figure
      def stretches = [%i[hands load_minutes], %i[wait total_minutes], %i[hands tend_minutes]]

      def words
        {
          "at" => at,
          "method" => self.class.key,
          "picture" => picture,
          "name" => need.name,
          "ingredient" => ingredient.key,
          "colour" => ingredient.colour,
          "setting" => setting,
          "done" => done_to_its_core,
          "rescue" => rescues,
          "schools" => schools,
          "stretches" => stretches_in_words,
          "cools" => cools?,
          **{ "written" => need.written, "core" => core && core_shown }.compact,
          "snags" => snags.map(&:to_h),
          "headline" => raw_name.to_s,
          "facts" => self.class.facts.reject { |fact| nothing?(fact["name"]) }
        }
      end

      # In a few words, e.g. "absorb, lid ajar, tender".
      def setting = self.class.key

      # How to tell that it is done.
      def done = ingredient.done(self.class.key) || practice.words("doneness", self.class.key)

      # The same, and what the probe must show.
      def done_to_its_core
        core ? "#{done} Core #{core_in_words}; your local code decides." : done
      end

      # What to do when it is not right. @return [Array<Hash>] "if" and "then"
      def rescues = []

      # Comes out hot and does not stay safe by itself?
      def tcs? = component.tcs? && self.class.parcel.hot?

      # The figure of its oil that goes with the food; nil for none.
      def eaten_oil = uses.to_h["oil"]
      # Is it spread and chilled, when it is cooked?
      def cools? = tcs? && %w[spread rinsed].include?(cooled_by)

      # What takes its first heat away: spread, rinsed (tap water), or iced, as part of the method.
      # @return [String, nil] nil where it need not be cooled
      def cooled_by = tcs? ? "spread" : nil

      # What its thickest part must reach by the house rules. @return [Safety::Core, nil]
      def core = @core ||= Safety::Core.of(component, @asked)

      # What it is cooked to here: by the rules or the larder, whichever is more; one set by hand as it was
      # set.
      # @return [Float, nil] °C
      def core_celsius
        at = "#{self.class.key}/core"
        own = ingredient.figures[at]
        return own if own && ingredient.figures.default(at)

        [own, core&.celsius].compact.max
      end

      # What it is drawn as: the kind of vessel, what the food in it is called, the figure that counts
      # it, and whether its figures are for each batch of several.
      def picture = { "each" => false }.merge(self.class.parcel.picture)

      private

      def core_in_words = core_celsius > core.celsius ? writer.celsius(core_celsius) : core.text(writer)

      def core_shown = { "text" => core_in_words, "class" => @asked.kind(ingredient).name }
      def rounds_name = :batches
      def snag(severity, what, remedy, hazard = nil)
        Snag.new(severity: severity, stage: "cook", what: what, remedy: remedy, hazard: hazard)
      end

      # Each option, its choices with the reason for each, and the one taken.
      def schools
        practice
          .schools(self.class.key)
          .map do |option, choices|
            {
              "option" => option,
              "name" => practice.words("schools", "names").fetch(option),
              "chosen" => school(option),
              "at" => "salads/#{need.salad_key}/components/#{need.place}/cook/#{option}",
              "choices" =>
                choices.map { |key, words| { "key" => key, "name" => words["name"], "why" => words["why"] } }
            }
          end
      end

      def stretches_in_words
        stretches.filter_map do |kind, name|
          minutes = public_send(name)
          next if minutes.round.zero?

          {
            "hands" => kind == :hands,
            "name" => self.class.definitions.fetch(name).label,
            "minutes" => minutes.round(1),
            "text" => writer.min(minutes)
          }
        end
      end
    end
  end
end
