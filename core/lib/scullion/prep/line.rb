# frozen_string_literal: true

module Scullion
  module Prep
    # One line of the prep bench: as purchased → trimmed → cut → treated → ready (raw), with the
    # tool it is cut with and the minutes it takes. Rules of the job, "Yield chain", "Raw work".
    class Line < Worksheet
      include Buy::FromFruit
      include Trimming

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
                 at: -> { "trims/#{component.trim}/yield" if component.trim },
                 none: [1.0, "Not trimmed."]
      assumption :cut_yield,
                 "Left after cutting",
                 :share,
                 book: :practice,
                 at: -> { "cuts/#{component.cut}/yield" if component.cut },
                 none: [1.0, "Not cut."]
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
                 none: [1.0, "Not cut."],
                 at: -> { "cuts/#{component.cut}/rates/#{tool}" if component.cut }
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
        component.trim ? ap_grams / trim_rate * MINUTES : 0.0
      end
      figure(
        :tool_minutes,
        "Set up and wash the tool",
        :min,
        shown: false,
        how: "set up + wash, once for all the bench"
      ) { |set_up_minutes, wash_minutes| set_up_minutes + wash_minutes }
      figure(:cutting_minutes, "Cutting", :min, how: "EP ÷ cut in an hour") do |ep_grams, cut_rate|
        component.cut ? ep_grams / cut_rate * MINUTES : 0.0
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

      # What the treatment takes by the kilo.
      TAKES = {
        "salt" => "Salt",
        "water" => "Water",
        "ice" => "Ice",
        "vinegar" => "Vinegar",
        "sugar" => "Sugar"
      }.freeze
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
        @tool = quickest if component.cut
      end

      # What it is made of, where it is a made part. @return [Made, nil]
      def made = component.made && (@made ||= Made.new("#{at}/made", self))

      def fruit = component.fruit
      def fruit_figure = :ap_grams

      def component = need.component
      def ingredient = need.ingredient
      def kind = @kind ||= Safety::Catalogue.shipped.kind(ingredient)

      # Eaten raw, it is washed first; once, where that is how it is trimmed.
      def washed?
        kind.washed? && cooking.nil? && component.made.nil? && component.trim != "washed"
      end

      # As Cook::Method#uses.
      def uses
        return [] unless component.treat

        (TAKES.keys & practice.keys("seasonings"))
          .map { |name| [name, :"treat_#{name}_grams"] }
          .select { |_, name| public_send(name).positive? }
      end

      # Bench work, or straight from the pack into the pot?
      def bench? = !!(component.trim || component.cut || component.treat || fruit || washed?)

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
        trim = component.trim && ingredient.trims.fetch(component.trim)
        {
          "at" => at,
          "name" => need.name,
          "key" => component.preparation,
          "ingredient" => ingredient.key,
          "ingredient_name" => ingredient.name,
          "colour" => ingredient.colour,
          "trim" => component.trim,
          "trim_off" => trim && trim["sheds"],
          "trim_use" => trim && trim["use"],
          "cut" => cut,
          "treat" => treat,
          "bench" => bench,
          **{ "fruit" => fruit_words, "pieces" => need.pieces_in_words, "first" => firm_words }.compact
        }
      end

      private

      def firm_words
        return unless firm?

        "Chill it firm first, #{writer.min(practice.fetch("trimming/firm/minutes"))} in the coldest place"
      end

      # Without a cut: fingers, a knife, or for a treatment alone the sink.
      def trimmed_with
        return "hands" if fruit
        return "sink" unless component.trim

        practice.words("trimming", "by_hand").include?(component.trim) ? "hands" : "knife"
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

      def cut
        component.cut &&
          practice
            .cuts
            .fetch(component.cut)
            .slice("name", "mm")
            .merge(
              "key" => component.cut,
              "tool" => practice.words("tools", tool)["name"],
              "after_cooking" => component.cut_after?
            )
      end

      def treat
        return unless component.treat

        words = practice.words("treats", component.treat)
        takes =
          TAKES.filter_map do |name, label|
            if public_send(:"treat_#{name}_grams").positive?
              "#{writer.g(public_send(:"treat_#{name}_grams"))} #{label.downcase}"
            end
          end
        {
          "name" => words["name"],
          "how" => words["how"],
          "minutes" => component.treated_for(practice),
          "said" => component.treatment(practice),
          "takes" => takes,
          "done" => words["done"],
          "after_cooking" => need.treated_after?,
          "if" => words["rescue"]["if"],
          "then" => words["rescue"]["then"]
        }
      end
    end
  end
end
