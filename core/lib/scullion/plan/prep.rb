# frozen_string_literal: true

module Scullion
  class Plan
    # One line of the prep bench: as purchased → trimmed → cut → treated → ready (raw).
    # Rules of the job, "Yield chain".
    class Prep < Sheet
      attr_reader :need, :cooking, :practice

      assumption :trim_yield, "Left after trimming", :share, book: :ingredient,
                 at: -> { "trims/#{component.trim}/yield" if component.trim }, none: [1.0, "Not trimmed."]
      assumption :cut_yield, "Left after cutting", :share, book: :practice,
                 at: -> { "cuts/#{component.cut}/yield" if component.cut }, none: [1.0, "Not cut."]
      assumption :treat_yield, "Left after the treatment", :share, book: :ingredient,
                 at: -> { "treats/#{component.treat}/yield" if component.treat }, none: [1.0, "No treatment."]

      assumption :treat_salt_per_kg, "Salt for the treatment", :g_per_kg, book: :practice, none: [0.0, "No salt in it."],
                 at: -> { "treats/#{component.treat}/salt_per_kg".then { |at| at if practice.figures.key?(at) } }

      figure(:ready_grams, "Ready", :g, from: -> { [asked_for] }, how: "what the pot, the tray or the bowl needs") do
        asked_for.first.public_send(asked_for.last)
      end
      figure(:prepped_grams, "Cut", :g, from: %i[ready_grams treat_yield], how: "ready ÷ left after the treatment") { ready_grams / treat_yield }
      figure(:ep_grams, "Trimmed (EP)", :g, from: %i[prepped_grams cut_yield], how: "cut ÷ left after cutting") { prepped_grams / cut_yield }
      figure(:ap_grams, "As purchased (AP)", :g, from: %i[ep_grams trim_yield], how: "EP ÷ left after trimming") { ep_grams / trim_yield }
      figure(:trim_grams, "Trim", :g, from: %i[ap_grams ep_grams], how: "AP − EP") { ap_grams - ep_grams }

      figure(:treat_salt_grams, "Salt for the treatment", :g, from: %i[prepped_grams treat_salt_per_kg], how: "cut × salt per kg",
             shown: false) { prepped_grams * treat_salt_per_kg / 1000 }

      # @param cooking [Cooking::Method, nil]
      def initialize(at, need, cooking, practice)
        super(at)
        @need, @cooking, @practice = need, cooking, practice
      end

      def component = need.component
      def ingredient = need.ingredient

      # As Cooking::Method#uses.
      def uses = treat_salt_grams.positive? ? [["salt", :treat_salt_grams]] : []

      # Bench work, or straight from the pack into the pot?
      def bench? = component.trim || component.cut || component.treat

      # @return [YieldChain] from as purchased to ready to serve
      def chain = YieldChain.new([trim_yield, cut_yield, treat_yield, need.finished_grams / ready_grams])

      def words
        trim = component.trim && ingredient.trims.fetch(component.trim)
        { "at" => at, "name" => need.name, "ingredient" => ingredient.key, "ingredient_name" => ingredient.name,
          "colour" => ingredient.colour, "trim" => component.trim, "trim_off" => trim && trim["sheds"],
          "trim_use" => trim && trim["use"], "cut" => cut, "treat" => treat, "cautions" => cautions, "bench" => !!bench? }
      end

      private

      def asked_for = cooking ? [cooking, cooking.raw_name] : [need, :finished_grams]

      def cut
        component.cut && practice.cuts.fetch(component.cut).slice("name", "mm", "tool", "caution").merge("key" => component.cut)
      end

      def treat
        return unless component.treat

        words = practice.words("treats", component.treat)
        { "name" => words["name"], "how" => words["how"], "minutes" => practice.fetch("treats/#{component.treat}/minutes") }
      end

      def cautions = [ingredient.caution, component.cut && practice.cuts.dig(component.cut, "caution")].compact
    end
  end
end
