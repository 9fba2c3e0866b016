# frozen_string_literal: true

module Scullion
  class Salad
    # What reaches the plate of salt, acid, sugar and fat: every line added up, the salt against its
    # aim and what is still to add, the acid by the salad's weight. Rules of the job, "Salt ledger".
    class Ledger < Worksheet
      attr_reader :portion, :lines

      brought :portion_grams, of: :portion
      brought :servings, of: :portion
      assumption :least_share, "Salt, at least", :share, book: :practice, at: "salt/aim/least_share"
      assumption :most_share, "Salt, at most", :share, book: :practice, at: "salt/aim/most_share"
      %i[salt acid sugar fat].each do |taste|
        gather(:"#{taste}_of_lines", :"#{taste}_grams") { lines }
        figure(
          :"#{taste}_grams",
          "#{taste.capitalize}, a serving",
          :g,
          how: "every line added up",
          reading: {
            of_lines: :"#{taste}_of_lines"
          }
        ) { |of_lines| of_lines.sum }
      end
      figure(:salt_share, "Salt, of the salad", :share, how: "salt ÷ portion") do |salt_grams, portion_grams|
        salt_grams / portion_grams
      end
      figure(
        :acid_share,
        "Acid, on the plate",
        :per_hundred,
        how: "acid ÷ portion, in g per 100 g"
      ) { |acid_grams, portion_grams| acid_grams / portion_grams * 100 }
      figure(
        :sugar_share,
        "Sugar, on the plate",
        :per_hundred,
        how: "sugar ÷ portion, in g per 100 g"
      ) { |sugar_grams, portion_grams| sugar_grams / portion_grams * 100 }
      figure(
        :to_add_grams,
        "Salt to add, a serving",
        :g,
        how: "what the least asks for − what is there"
      ) { |least_share, portion_grams, salt_grams| [(least_share * portion_grams) - salt_grams, 0.0].max }
      figure(
        :all_to_add_grams,
        "Salt to add, in all",
        :g,
        how: "a serving × portions to make"
      ) { |to_add_grams, servings| to_add_grams * servings }
      figure(
        :room_grams,
        "and never more than",
        :g,
        how: "what the most allows − what is there, × portions"
      ) do |most_share, portion_grams, salt_grams, servings|
        [(most_share * portion_grams) - salt_grams, 0.0].max * servings
      end

      # @param lines [Array<TasteLine>]
      def initialize(at, portion, lines)
        super(at)
        @portion, @lines = portion, lines
      end

      def practice = portion.practice

      # "low", "right" or "high".
      def salt_verdict
        return "low" if salt_share < least_share

        salt_share.round(3) > most_share ? "high" : "right"
      end

      # The line that brings most of it.
      def saltiest = lines.max_by(&:salt_grams)

      def words
        {
          "at" => at,
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "verdict" => salt_verdict,
          "advice" => advice,
          "lines" => lines.map(&:to_h)
        }
      end

      private

      def advice
        case salt_verdict
        when "low"
          "Add it last, after #{saltiest.name.downcase} is in; taste first."
        when "high"
          "Salty already, most of it from #{saltiest.name.downcase}: less of that, or leave the salt out " \
            "of cooking and dressing."
        else
          "Right as it is: add none, taste."
        end
      end
    end
  end
end
