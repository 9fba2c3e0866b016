# frozen_string_literal: true

module Scullion
  module Count
    # One component of one portion: what stands in the cut-through, and its share of the day.
    class Layer < Worksheet
      # g on a serving that no scale shows.
      LITTLE = 0.1
      # Nobody lays less than a quarter of one.
      QUARTERS = 4.0

      attr_reader :portion, :component, :index

      brought :servings, of: :portion
      brought :resize, of: :portion
      brought :dressing_factor, of: :portion
      brought :dressing_spread, of: :portion

      decision(
        :build_grams,
        "In the build",
        :g,
        shown: false,
        change: -> { "salads/#{portion.salad.key}/components/#{index}/grams" },
        source: -> { "Decided in #{portion.salad.name}." }
      ) { component.grams }
      assumption :density, "Density", :g_per_ml, book: :ingredient, at: -> { "density/#{component.form}" }
      assumption :uptake,
                 "Dressing it carries",
                 :per_hundred,
                 book: :practice,
                 at: -> { "dressing/uptake/#{component.uptake_class}" }
      assumption :thirst,
                 "Drinks of its dressing, an hour",
                 :share,
                 book: :practice,
                 at: -> { "dressing/thirst/each_hour_share/#{component.uptake_class}" }

      figure(
        :grams,
        "Per serving",
        :g,
        writes: :by_sheet,
        how: "in the build × resize"
      ) { |build_grams, resize| build_grams * resize }
      assumption :treat_left,
                 "Left after the treatment",
                 :share,
                 book: :ingredient,
                 at: -> { component.treat_at if shrinks? },
                 none: [1.0, "No treatment changes how it lies."]
      assumption :volume_share,
                 "Its volume after the treatment",
                 :share,
                 book: :practice,
                 at: -> { "treats/#{component.treat}/volume_share" if shrinks? },
                 none: [1.0, "No treatment changes how it lies."]
      figure(
        :ml,
        "Volume per serving, as scooped",
        :ml,
        how: "grams ÷ left after the treatment ÷ density × its volume after the treatment"
      ) { |grams, density, treat_left, volume_share| grams / treat_left / density * volume_share }
      assumption :tossed_share,
                 "Of it, once tossed",
                 :share,
                 book: :practice,
                 at: -> { "volumes/tossed_share/#{component.uptake_class}" }
      assumption :settled_share,
                 "Of it, once settled",
                 :share,
                 book: :practice,
                 at: -> { "volumes/settled_share/#{component.uptake_class}" }
      figure(
        :tossed_ml,
        "Volume per serving, tossed",
        :ml,
        shown: false,
        how: "as scooped × once tossed"
      ) { |ml, tossed_share| ml * tossed_share }
      figure(
        :settled_ml,
        "Volume per serving, settled",
        :ml,
        shown: false,
        how: "as scooped × once settled"
      ) { |ml, settled_share| ml * settled_share }
      decision(
        :held_back,
        "Held back for the top",
        :share,
        change: nil,
        shown: false,
        source: -> { "Decided in #{portion.salad.name}." }
      ) { component.held_back }
      figure(
        :mixed_ml,
        "Into the bowl, per serving",
        :ml,
        how: "volume once tossed × what is not held back",
        shown: false
      ) { |tossed_ml, held_back| tossed_ml * (1 - held_back) }
      figure(:finished_grams, "To make", :g, how: "per serving × portions to make") do |grams, servings|
        grams * servings
      end
      decision(
        :build_pieces,
        "Pieces in the build",
        :pieces_each,
        change: nil,
        shown: false,
        source: -> { component.pieces ? "Decided in #{portion.salad.name}." : "Not counted on the plate." }
      ) { component.pieces || 0.0 }
      figure(
        :serving_pieces,
        "Pieces on a serving",
        :pieces_each,
        shown: false,
        how: "in the build × resize, to a quarter of one; at least a quarter"
      ) do |build_pieces, resize|
        next 0.0 if build_pieces.zero?

        [(build_pieces * resize * QUARTERS).round, 1].max / QUARTERS
      end
      figure(
        :pieces,
        "Pieces to make",
        :pieces,
        shown: false,
        how: "pieces on a serving × portions to make, rounded up to whole ones"
      ) { |serving_pieces, servings| Amount::Whole.up(serving_pieces * servings) }
      figure(
        :dressing_grams,
        "Its dressing, per serving",
        :g,
        how: "grams × (uptake ÷ 100 × of what is carried + on all alike)",
        shown: false
      ) do |grams, uptake, dressing_factor, dressing_spread|
        grams * ((uptake / 100 * dressing_factor) + dressing_spread)
      end

      def initialize(at, portion, component, index)
        super(at)
        @portion, @component, @index = portion, component, index
      end

      # So that the layers add up to the portion.
      def text_by_sheet(_grams) = portion.sums.text(self)

      def ingredient = component.ingredient
      def practice = portion.practice

      # Does its treatment come last, so that it lies as that leaves it?
      def shrinks?
        return false unless component.treat
        component.treated || practice.words("treats", component.treat)["after_cooking"]
      end

      def words
        {
          "at" => at,
          "name" => component.name,
          "ingredient" => ingredient.key,
          "colour" => ingredient.colour,
          "role" => component.role,
          "form" => component.form,
          "carries_as" => component.uptake_class,
          "held_back" => held_back,
          "stands" => stands,
          "pieces" => (component.pieces && pieces_in_words),
          "made" =>
            component.made && below(component.made.parts) { |part| grams * component.made.share(part) },
          "with" =>
            (below(component.with) { |with| grams / component.grams * with.grams } if component.with.any?),
          "change_at" => "salads/#{portion.salad.key}/components/#{index}/grams"
        }.compact
      end

      # Minutes that its treatment stands, of one that does. @return [Numeric, nil]
      def stands
        minutes = component.treat && component.treated_for(practice)
        minutes if minutes&.positive?
      end

      # "½ each, 32 in all"
      def pieces_in_words
        "#{writer.pieces_each(serving_pieces)} each, #{writer.write(pieces, :pieces)} in all"
      end

      private

      # What is below it, with its g on a serving.
      def below(rows)
        rows.map do |row|
          {
            "ingredient" => row.ingredient.key,
            "name" => row.ingredient.name,
            "colour" => row.ingredient.colour,
            "text" => little(yield(row))
          }
        end
      end

      # What a serving has next to nothing of, for a hundred.
      def little(grams)
        grams < LITTLE ? "#{writer.g(grams * 100)} in 100 servings" : "#{writer.g(grams)} a serving"
      end
    end
  end
end
