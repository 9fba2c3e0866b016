# frozen_string_literal: true

module Scullion
  module Recipe
    # One food of a line and what is said of it. foods: keys that it may be; name: as it is written; amount:
    # an Amount as written; size: of one, or of it all, where that is said too; piece, container, big: what is
    # counted; words: role => word; parts: juice, zest; place: where it goes; held: the share of it that is
    # kept for the top; long: cm of one; others: what it could be instead; unknown: words without a role, with
    # their clause and whether they stand beside the name; flags: what else is said; left: a number
    # that it has not; from, to: its place in the line; clause: in which it is named.
    Item =
      Struct.new(
        :foods,
        :name,
        :amount,
        :size,
        :piece,
        :container,
        :big,
        :words,
        :parts,
        :place,
        :held,
        :long,
        :others,
        :unknown,
        :flags,
        :left,
        :from,
        :to,
        :clause,
        keyword_init: true
      ) do
        # Pieces of which each has the weight that is said beside them.
        def self.weighed_each = %w[fillet ball side log block]

        def self.begun(at)
          new(foods: [], words: {}, parts: [], others: [], unknown: [], flags: [], from: at)
        end

        def food? = foods.any?
        # "Celeriac 1 kg, ditto": done as what stands before it; "same dice" is cut so, and no more, and "1
        # tin, the same size" is not.
        # @param before [Item] @param text [String] that says so
        def done_like(before, text)
          return unless food? && amount && said?(:same) && !text.match?(/\bsame[\s-]siz/i)

          done = text.match?(/\bsame\s+(?!way\b)[[:alpha:]]/) ? %w[cuts] : %w[cuts trims treats cooks]
          self.words = before.words.slice(*done).merge(words)
        end

        def nothing? = !food? && unknown.empty? && parts.empty? && (amount.nil? || of_dressing?)
        # "Half the dressing"
        def of_dressing? = place == "dressing" && counted? && amount.value < 1
        def said?(flag) = flags.include?(flag)
        # Written as raw, or as a share that stays so.
        def raw? = said?(:stays_raw) || words["states"] == "raw" || name.to_s.match?(/\Araw\b/i)
        def counted? = amount&.unit == :piece

        # Each of it has the size that is said beside it.
        def each_sized?
          return true if amount.nil?
          return false if said?(:sized_in_all) && !said?(:each)
          return amount.value == 1 if amount.value <= 1 && container.nil?

          !container.nil? || said?(:each) || Item.weighed_each.include?(piece)
        end
      end
  end
end
