# frozen_string_literal: true

module Scullion
  module Cook
    # Minutes near the boil: softening, which belongs to the food and does not shrink with the cut, and
    # heating through, which goes with the square of the thickness. Rules of the job, "Time by cut". What has
    # no size that its minutes are for takes those.
    module ByThickness
      extend Worksheet::Figures
      include Sides

      # mm of the dice that heating through is known for.
      KNOWN_MM = 10.0

      assumption :reference_minutes,
                 "The reference piece takes",
                 :min,
                 book: :ingredient,
                 at: -> { "#{self.class.key}/minutes" }
      assumption :known_through_minutes,
                 "A dice of 10 mm heats through in",
                 :min,
                 book: :practice,
                 at: "heating/through_minutes"
      figure(
        :soften_minutes,
        "Softens in",
        :min,
        shown: false,
        how: "the reference's minutes − those in which it heats through"
      ) do |reference_minutes, reference_mm, known_through_minutes|
        [reference_minutes - (known_through_minutes * ((reference_mm / KNOWN_MM)**2)), 0.0].max
      end
      figure(
        :through_minutes,
        "Heats through in",
        :min,
        shown: false,
        how: "that of a 10 mm dice × (dice ÷ 10 mm)²"
      ) { |known_through_minutes, dice_mm| known_through_minutes * ((dice_mm / KNOWN_MM)**2) }
      figure(
        :minutes,
        "Each time",
        :min,
        how: "softens + heats through, unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) { |soften_minutes, through_minutes| soften_minutes + through_minutes }
    end
  end
end
