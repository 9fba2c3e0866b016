# frozen_string_literal: true

module Scullion
  module Prep
    # What is written on a line for the bench: how it is cut and treated, and what comes before all that. For
    # Line, which it is a part of.
    module Said
      BOUGHT_CUT = "Bought ready cut."
      # What the treatment takes by the kilo.
      TAKES = {
        "salt" => "Salt",
        "water" => "Water",
        "ice" => "Ice",
        "vinegar" => "Vinegar",
        "sugar" => "Sugar"
      }.freeze

      private

      def before_all
        return firm_words if firm?

        "Wash it, unless it is sold ready to eat" if ready_cut? && raw_from_the_ground?
      end

      def firm_words
        "Chill it firm first, #{writer.min(practice.fetch("trimming/firm/minutes"))} in the coldest place"
      end

      def cut
        component.cut &&
          practice
            .cuts
            .fetch(component.cut)
            .slice("name", "mm")
            .merge(
              "key" => component.cut,
              "tool" => ready_cut? ? BOUGHT_CUT.downcase.chop : practice.words("tools", tool)["name"],
              "after_cooking" => !ready_cut? && component.cut_after?
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
