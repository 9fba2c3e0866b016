# frozen_string_literal: true

module Scullion
  module Recipe
    # What only the whole of a line says of its foods, once all of it is read.
    class WholeLine
      TASTE = /\b(?:to taste|as needed|as required|q\.?\s?s\.?|tt|if you like|how u like it)\b/i.freeze
      A_HEAD = /\b(?:per|a|each|every)[ -](?:person|head|plate|portion|cover|guest)\b(?! of)/i.freeze

      # "A handful per 10 people"
      FOR_SOME = /\bper\s+\d+\s+(?:people|persons?|portions?|covers|guests|plates|heads)\b/i.freeze

      # @param plain [String] the line as its tokens count their places @param tokens [Array<Lexer::Token>]
      # @param lexer [Lexer]
      def initialize(plain, tokens, lexer)
        @plain, @tokens, @lexer = plain, tokens, lexer
      end

      # @param items [Array<Item>] @return [Array<Item>]
      def of(items)
        all = without_labels(items.reject(&:nothing?))
        if all.all? { |item| item.amount.nil? } && @plain.match?(TASTE)
          all.each { |item| item.flags << :taste }
        end
        all.each { |item| item.place = "pot" } if all.any? { |item| item.place == "pot" }
        share_out(all.select { |item| item.said?(:parts) })
        all.last&.flags&.push(:for_some) if @plain.match?(FOR_SOME)
        mark_heads(all)
        ends(all)
        all.flat_map { |item| both_parts(item) }
      end

      private

      def lexicon = @lexer.lexicon

      # "Beans – 600 g dried cannellini beans": said of the next before it is said in full.
      def without_labels(items)
        return items unless @plain.match?(/\A[^\d,]*\s?[-:]\s?\d/)

        items.reject.with_index { |item, index| label?(item, items[index + 1]) }
      end

      def label?(item, other)
        item.food? && item.amount.nil? && item.words.empty? && other&.food? &&
          Lexicon.fold(item.name).split.any? { |word| lexicon.in_name?(other.foods.first, word) }
      end

      # "3 parts oil to 1 part vinegar, about 120 ml": so much in all, shared out by parts.
      def share_out(items)
        whole = items.filter_map(&:size).last
        return if items.size < 2 || whole.nil? || !items.all?(&:counted?)

        parts = items.sum { |item| item.amount.value }
        items.each do |item|
          share = item.amount.value / parts
          item.amount, item.size = Amount.new(whole.low * share, whole.high * share, whole.unit), nil
        end
      end

      # "60 g pp", "2 slices a head": so much for each who is served.
      def mark_heads(items)
        chars = @plain =~ A_HEAD or return
        at = @plain[0...chars].bytesize
        item = items.reverse.find { |each| each.from <= at }
        amount = @tokens.reverse.find { |token| token.kind == :amount && token.at < at }
        return unless item && amount && amount.value.equal?(item.amount)

        item.flags << :per_head unless @plain.byteslice(amount.at...at).scrub.match?(/[,;(]/)
      end

      def ends(items)
        items.each_cons(2) do |one, other|
          one.to ||= other.from
          same_unit(one, other)
        end
        items.last&.then { |last| last.to ||= @plain.bytesize }
      end

      # "2 tbsp vinegar, 5 oil": a bare number of what is poured goes on in the unit before it.
      def same_unit(one, other)
        bare = other.counted? && !other.amount.estimated && other.food?
        return unless bare && lexicon.poured?(other.foods.first) && one.amount && !one.counted?

        step = one.amount.unit == :g ? 1.0 : @lexer.spoon(one.amount)
        other.amount = Amount.new(other.amount.low * step, other.amount.high * step, one.amount.unit)
      end

      # The zest and the juice of a fruit are two foods.
      def both_parts(item)
        return [item] unless item.parts.uniq.size == 2

        %w[juice zest].map { |part| item.dup.tap { |each| each.parts = [part] } }
      end
    end
  end
end
