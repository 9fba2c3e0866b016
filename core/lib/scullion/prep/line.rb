# frozen_string_literal: true

module Scullion
  module Prep
    # One line of the prep bench: as purchased → trimmed → cut → treated → ready (raw), with the
    # tool it is cut with and the minutes it takes. Rules of the job, "Yield chain", "Raw work".
    class Line < Worksheet
      include Buy::FromFruit
      include Trimming
      include Said

      # Tools that take meat and fish too, and the families of those.
      BY_HAND = %w[knife hands].freeze
      MEATS = %w[meat fish cured].freeze
      # g ÷ kg an hour, in minutes.
      MINUTES = 0.06

      attr_reader :need, :cooking, :practice, :tool

      assumption :trim_yield,
                 "Left after trimming",
                 :share,
                 book: :ingredient,
                 at: -> { "trims/#{trim}/yield" if trim },
                 none: -> { [1.0, ready_cut? ? BOUGHT_CUT : "Not trimmed."] }
      assumption :cut_yield,
                 "Left after cutting",
                 :share,
                 book: :practice,
                 at: -> { "cuts/#{cut_here}/yield" if cut_here },
                 none: -> { [1.0, ready_cut? ? BOUGHT_CUT : "Not cut."] }
      assumption :treat_yield,
                 "Left after the treatment",
                 :share,
                 book: :ingredient,
                 at: -> { component.treat_at if component.treat && !need.treated_after? },
                 none: [1.0, "No treatment before cooking."]

      gather(:asked_for) { [cooking ? [cooking, cooking.raw_name] : [need, :finished_grams]] }
      figure(:ready_grams, "Ready", :g, how: "what the pot, the tray or the bowl needs") do |asked_for|
        asked_for.first
      end
      figure(:prepped_grams, "Cut", :g, how: "ready ÷ left after the treatment") do |ready_grams, treat_yield|
        ready_grams / treat_yield
      end
      figure(:ep_grams, "Trimmed (EP)", :g, how: "cut ÷ left after cutting") do |prepped_grams, cut_yield|
        prepped_grams / cut_yield
      end
      figure(:ap_grams, "As purchased (AP)", :g, how: "EP ÷ left after trimming") do |ep_grams, trim_yield|
        ep_grams / trim_yield
      end
      figure(:trim_grams, "Trim", :g, how: "AP − EP") { |ap_grams, ep_grams| ap_grams - ep_grams }

      assumption :cut_rate,
                 "Cut in an hour",
                 :kg_per_h,
                 book: :practice,
                 none: -> { [1.0, ready_cut? ? BOUGHT_CUT : "Not cut."] },
                 at: -> { "cuts/#{cut_here}/rates/#{tool}" if cut_here }
      assumption :set_up_minutes,
                 "Set the tool up",
                 :min,
                 book: :practice,
                 none: [0.0, "No tool."],
                 at: -> { "tools/#{tool}/setup_minutes" if tool }
      assumption :wash_minutes,
                 "Wash the tool",
                 :min,
                 book: :practice,
                 none: [0.0, "No tool."],
                 at: -> { "tools/#{tool}/clean_minutes" if tool }
      assumption :treat_rate,
                 "Treatment by hand, a kilo",
                 :min,
                 book: :practice,
                 none: [0.0, "No treatment."],
                 at: -> { "treats/#{component.treat}/hands_per_kg_minutes" if component.treat }

      figure(:trimming_minutes, "Trimming", :min, how: "AP ÷ trimmed in an hour") do |ap_grams, trim_rate|
        trim ? ap_grams / trim_rate * MINUTES : 0.0
      end
      figure(
        :tool_minutes,
        "Set up and wash the tool",
        :min,
        shown: false,
        how: "set up + wash, once for all the bench"
      ) { |set_up_minutes, wash_minutes| set_up_minutes + wash_minutes }
      figure(:cutting_minutes, "Cutting", :min, how: "EP ÷ cut in an hour") do |ep_grams, cut_rate|
        cut_here ? ep_grams / cut_rate * MINUTES : 0.0
      end
      figure(:treating_minutes, "Treating", :min, how: "cut × minutes a kilo") do |prepped_grams, treat_rate|
        prepped_grams / 1000 * treat_rate
      end
      assumption :wash_rate,
                 "Washed in an hour",
                 :kg_per_h,
                 book: :practice,
                 none: [1.0, "Not washed here: it is cooked, or comes in ready to eat."],
                 at: -> { "trimming/kg_per_h/washed" if washed? }
      figure(:washing_minutes, "Washing", :min, how: "EP ÷ washed in an hour") do |ep_grams, wash_rate|
        washed? ? ep_grams / wash_rate * MINUTES : 0.0
      end
      figure(
        :hands_minutes,
        "Hands on",
        :min,
        how: "trimming + washing + cutting + treating + zesting or squeezing"
      ) do |trimming_minutes, washing_minutes, cutting_minutes, treating_minutes, fruit_minutes|
        trimming_minutes + washing_minutes + cutting_minutes + treating_minutes + fruit_minutes
      end

      TAKES.each do |name, label|
        assumption :"treat_#{name}_per_kg",
                   "#{label} for the treatment",
                   :g_per_kg,
                   book: :practice,
                   none: [0.0, "None in it."],
                   at:
                     lambda {
                       "treats/#{component.treat}/#{name}_per_kg".then do |at|
                         at if practice.figures.key?(at)
                       end
                     }
        figure(
          :"treat_#{name}_grams",
          "#{label} for the treatment",
          :g,
          how: "cut × #{name} per kg",
          shown: false,
          reading: {
            per_kg: :"treat_#{name}_per_kg"
          }
        ) { |prepped_grams, per_kg| prepped_grams * per_kg / 1000 }
      end

      # @param cooking [Cook::Method, nil] @param brief [Brief]
      def initialize(at, need, cooking, brief)
        super(at)
        @need, @cooking, @practice, @kitchen = need, cooking, brief.practice, brief.kitchen
        @ready_cut = !component.cut.nil? && brief.progress.cut.include?(component.preparation)
        @tool = quickest if cut_here
      end

      # Is it bought trimmed and cut, so that what is ordered is what goes in?
      def ready_cut? = @ready_cut

      # What is still done to it here.
      def trim = ready_cut? ? nil : component.trim
      def cut_here = ready_cut? ? nil : component.cut

      # What it is made of, where it is a made part. @return [Made, nil]
      def made = component.made && (@made ||= Made.new("#{at}/made", self))

      def fruit = component.fruit
      def fruit_figure = :ap_grams

      def component = need.component
      def ingredient = need.ingredient
      def kind = @kind ||= Safety::Catalogue.shipped.kind(ingredient)

      # Eaten raw, it is washed first; once, where that is how it is trimmed. Not what is bought ready cut.
      def washed?
        !ready_cut? && raw_from_the_ground? && component.trim != "washed"
      end

      # As Cook::Method#uses.
      def uses
        return [] unless component.treat

        (TAKES.keys & practice.keys("seasonings"))
          .map { |name| [name, :"treat_#{name}_grams"] }
          .select { |_, name| public_send(name).positive? }
      end

      # Bench work, or straight from the pack into the pot?
      def bench? = !!(trim || cut_here || component.treat || fruit || washed?)

      # Where it is done: by the tool, else by what is done to it.
      def bench
        return unless bench?

        practice.words("tools", tool || trimmed_with)["bench"]
      end

      # Fat cured meat smears under a blade unless it is cold through.
      def firm?
        return false unless ingredient.family == "cured" && tool && tool != "hands" && !component.cut_after?

        (ingredient.figures["content/fat"] || 0.0) / 100 >= practice.fetch("trimming/firm/fat_share")
      end

      # @return [YieldChain] from as purchased to ready to serve
      def chain = YieldChain.new([trim_yield, cut_yield, treat_yield, need.finished_grams / ready_grams])

      # @return [Array<Snag>]
      def snags
        return [] if tool.nil? || @kitchen.tool?(tool, practice)

        name = practice.words("tools", tool)["name"]
        [
          Snag.new(
            severity: "look",
            stage: "prep",
            what: "#{need.name} is cut with a #{name}; the kitchen has none.",
            remedy: "Add it to the kitchen's tools, or choose another cut."
          )
        ]
      end

      def words
        trimmed = trim && ingredient.trims.fetch(trim)
        {
          "at" => at,
          "name" => need.name,
          "key" => component.preparation,
          "ingredient" => ingredient.key,
          "ingredient_name" => ingredient.name,
          "colour" => ingredient.colour,
          "trim" => trim,
          "trim_off" => trimmed && trimmed["sheds"],
          "trim_use" => trimmed && trimmed["use"],
          "cut" => cut,
          "treat" => treat,
          "bench" => bench,
          **{
            "fruit" => fruit_words,
            "pieces" => need.pieces_in_words,
            "written" => need.written,
            "first" => before_all,
            "ready_cut" => ready_cut? || nil
          }.compact
        }
      end

      private

      def raw_from_the_ground? = kind.washed? && cooking.nil? && component.made.nil?

      # Without a cut: fingers, a knife, or for a treatment alone the sink.
      def trimmed_with
        return "hands" if fruit
        return "sink" unless trim

        practice.words("trimming", "by_hand").include?(trim) ? "hands" : "knife"
      end

      # Of the tools that the kitchen has, the one that is done first, washing up included.
      def quickest
        tools = practice.cuts.fetch(component.cut)["rates"].keys
        here = tools.select { |tool| @kitchen.tool?(tool, practice) }
        here = (here & BY_HAND).then { |hand| hand.empty? ? here : hand } if no_machine?
        (here.empty? ? tools.first(1) : here).min_by { |tool| minutes_with(tool) }
      end

      # What vegetables are cut with takes no meat and no fish.
      def no_machine? = kind.animal? || MEATS.include?(ingredient.family)

      def minutes_with(tool)
        (ep_grams / practice.fetch("cuts/#{component.cut}/rates/#{tool}") * MINUTES) +
          practice.fetch("tools/#{tool}/setup_minutes") + practice.fetch("tools/#{tool}/clean_minutes")
      end
    end
  end
end
