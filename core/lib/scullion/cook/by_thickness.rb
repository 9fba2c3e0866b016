# frozen_string_literal: true

module Scullion
  module Cook
    # Minutes that go with the square of the thickness, from a reference piece. Rules of the job,
    # "By thickness". What is not cut takes the reference's own.
    module ByThickness
      extend Worksheet::Figures

      assumption :reference_minutes,
                 "The reference piece takes",
                 :min,
                 book: :ingredient,
                 at: -> { "#{self.class.key}/minutes" }
      assumption :reference_mm,
                 "The reference piece is",
                 :mm,
                 book: :ingredient,
                 none: [1.0, "Heated through, whatever its size."],
                 at: -> { "#{self.class.key}/mm" if scaled? }
      assumption :thickness_mm,
                 "Thickness of the cut",
                 :mm,
                 book: :practice,
                 none: [1.0, "Not cut to a size."],
                 at: -> { "cuts/#{component.cut}/mm/#{thinnest}" if scaled? }
      figure(
        :minutes,
        "Each time",
        :min,
        how: "the reference's minutes × (thickness ÷ the reference's)², unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) do |reference_minutes, thickness_mm, reference_mm|
        reference_minutes * ((thickness_mm / reference_mm)**2)
      end

      private

      def scaled? = component.cut && !component.cut_after? && ingredient.figures.key?("#{self.class.key}/mm")
      def thinnest = practice.cuts.fetch(component.cut)["mm"].then { |sizes| sizes.index(sizes.min) }
    end
  end
end
