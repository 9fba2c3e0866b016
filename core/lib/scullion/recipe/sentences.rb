# frozen_string_literal: true

module Scullion
  module Recipe
    # A text told in sentences, of which none ends at the full stop of a short word: "3 Tbs. olive oil".
    module Sentences
      SHORT = %w[
        tbsps
        tsps
        wh
        r
        tbs
        tbsp
        tbl
        tblsp
        tsp
        t
        c
        oz
        lb
        lbs
        pt
        pts
        qt
        qts
        gal
        pkg
        pkt
        lg
        lge
        sm
        med
        abt
        approx
        w
        vin
        veg
        doz
        hr
        hrs
        min
        mins
        no
        st
        mt
        dr
        mrs
        mr
        env
        pr
        chopd
        yog
        temp
        ca
        e.g
        i.e
      ].freeze
      # A full stop, mark or semicolon, and what comes after a space.
      END_OF_ONE = /(?<=[.!?;])\s+/.freeze
      # "600ish ckd.": cut short too.
      NO_VOWEL = "[b-df-hj-np-tv-xz]{2,5}".freeze
      BREAK =
        /(?<![[:alpha:]])(?:#{[*SHORT.map { |word| Regexp.escape(word) }, NO_VOWEL].join("|")})\.\z/i.freeze

      TIMED = /\d\s?(?:mins?|hrs?|h|secs?)\.\z/i.freeze

      # As it is spoken into a telephone: so many letters without a mark, and where something else begins.
      SPOKEN = /\A[^.,;:!?()\n]{160,}\z/.freeze
      GOES_ON =
        /\s+(?=(?:and\s+)?then\s|(?:and|oh)\s+for\s+(?:the|a)\s|oh\s+and\s
              |(?:and\s+)?(?:the|my)\s+(?:dressing|vinaigrette)(?:'s|\s+is)\s)/ix.freeze

      # @param text [String] @return [Array<String>]
      def self.of(text)
        return text.split(GOES_ON) if text.match?(SPOKEN)

        text
          .split(END_OF_ONE)
          .each_with_object([]) do |part, all|
            if all.any? && all.last.match?(BREAK) && !begins?(part, all.last)
              all.last << " " << part
            else
              all << +part
            end
          end
      end

      # "Roast 35 min. Chill <5 C."
      def self.begins?(part, before)
        part.match?(
          before.match?(TIMED) ? /\A[[:upper:]][[:lower:]]/ : /\A[[:upper:]][[:lower:]]+\s[[:lower:]]/
        )
      end
      private_class_method :begins?

      # Is there an end of one in it?
      def self.ends?(text) = of(text).size > 1 || text.match?(/[.!?]\z/)
    end
  end
end
