# frozen_string_literal: true

module Scullion
  module Recipe
    # How a cook writes a share of something: "half", "two thirds", "¼".
    module Shares
      # What is looked for first stands first: "a third" is in "two thirds" no share of its own.
      WORDS = {
        "two thirds" => 2 / 3r,
        "two-thirds" => 2 / 3r,
        "2/3" => 2 / 3r,
        "⅔" => 2 / 3r,
        "three quarters" => 3 / 4r,
        "three-quarters" => 3 / 4r,
        "3/4" => 3 / 4r,
        "¾" => 3 / 4r,
        "other half" => 1 / 2r,
        "a half" => 1 / 2r,
        "half" => 1 / 2r,
        "1/2" => 1 / 2r,
        "½" => 1 / 2r,
        "a third" => 1 / 3r,
        "one third" => 1 / 3r,
        "1/3" => 1 / 3r,
        "⅓" => 1 / 3r,
        "a quarter" => 1 / 4r,
        "one quarter" => 1 / 4r,
        "1/4" => 1 / 4r,
        "¼" => 1 / 4r
      }.freeze
      # What is said in two words, but for halves, in figures: "three quarters" => "3/4".
      FIGURES =
        WORDS
          .select { |word, share| word.include?(" ") && share != 1 / 2r }
          .transform_values { |share| "#{share.numerator}/#{share.denominator}" }
          .freeze
      # Source of a pattern for any of them.
      ANY = Regexp.union(WORDS.keys.sort_by { |word| -word.length }).source.freeze
      # A pattern for each share, in that order.
      PATTERNS =
        WORDS
          .group_by(&:last)
          .to_h do |share, words|
            [/(?<![[:alnum:]])(?:#{Regexp.union(words.map(&:first)).source})(?![[:alnum:]])/i, share]
          end
          .freeze
    end
  end
end
