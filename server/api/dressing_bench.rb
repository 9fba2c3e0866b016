# frozen_string_literal: true

module Scullion
  module Api
    # The dressing on the bench: brought to another ratio, and corrected when it tastes wrong.
    module DressingBench
      def self.registered(app)
        app.helpers Reading

        app.post("/api/bench/ratio") do
          document = body_document
          recipe = dressing_of(judged(document).plan.portions.first.salad)
          amounts = Dress::Ratio.amounts(recipe.parts, document["times"].to_f)
          parts = document["salad"]["dressing"]["parts"].zip(amounts).map { |part, amount| part.merge((part.key?("ml") ? "ml" : "grams") => amount) }
          json(Formats::Judging.new(document["salad"].merge("dressing" => document["salad"]["dressing"].merge("parts" => parts))).to_h)
        end

        app.post("/api/salads/:key/correct") do
          document = body_document
          recipe = dressing_of(judged({ "salad" => salad.to_build }).plan.portions.first.salad)
          practice = practice_here
          json(Dress::Correction.new(recipe.parts, left_in_jug(document["left"], recipe, practice), document["complaint"], practice, Formats::Shelf.larder).to_h)
        end
      end

      # Helpers of these routes.
      module Reading
        def dressing_of(salad)
          salad.dressing || raise(InvalidBrief, Fault.new(what: "#{salad.name} has no dressing.", where: "/dressing", remedy: "Give it one first."))
        end

        def practice_here = Records.facts.practice.measured_in(Amount::Measures.read(DocumentReader.new(Records::Kitchen.ours.to_brief["measures"])))

        # "800 g" or "1.2 l" in grams, by the density of this dressing.
        # @raise [InvalidBrief]
        def left_in_jug(text, recipe, practice)
          amount = practice.reader.read(text)
          density = recipe.parts.sum(&:grams) / recipe.parts.sum(&:ml)
          grams = amount.unit == :ml ? amount.value * density : amount.value
          return grams if %i[g ml].include?(amount.unit) && grams.between?(1, 2_000_000)

          raise InvalidBrief, Fault.new(what: "#{text.inspect[0, 60]} is no weight or volume.", where: "/left", remedy: "Write it like 800 g or 1.2 l.")
        rescue UnreadableAmount => e
          raise(InvalidBrief, e.faults.map { |fault| Fault.new(what: fault.what, where: "/left", remedy: fault.remedy) })
        end
      end
    end
  end
end
