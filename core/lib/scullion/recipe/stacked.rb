# frozen_string_literal: true

module Scullion
  module Recipe
    # A sheet whose cells stand one under the other, as they are copied off a page, or off a form with a label
    # to each: made a sheet again, which Table reads. All else stays as it stands.
    class Stacked
      # "Qty", "Qty:", "Qty: 1.4 kg"
      LABELLED = %r{\A\s*(?<label>[[:alpha:]#][[:alpha:]. /]{0,24}?)\s*(?:[:=]\s*(?<value>\S.*)?)?\z}.freeze
      AMOUNT = /\A(?:[\d½¼¾⅓⅔.]|an?\s|to\staste|pinch)/i.freeze
      # Of so many records it is sure that they are some.
      LEAST, LEAST_UNLABELLED = 2, 3
      # What a head is called where it is written anew.
      HEAD = {
        "amount" => "qty",
        "unit" => "unit",
        "food" => "item",
        "how" => "prep",
        "into" => "into"
      }.freeze

      # @param lines [Array<Array(Integer, String)>] with their numbers
      def initialize(lines)
        @lines = lines
      end

      # @return [Array<Array(Integer, String)>] each record in a line, its cells set apart by tabs
      def lines
        return @lines if @lines.any? { |_, line| line.include?("\t") }

        labelled || headed || @lines
      end

      private

      # Each cell under, or behind, what it is.
      def labelled
        heads = @lines.filter_map { |_, line| said(line)&.first }.tally
        return if [heads["food"], heads["amount"]].any? { |times| times.to_i < LEAST }

        in_sheet(heads.keys)
      end

      def in_sheet(heads)
        made, record, open = [], nil, nil
        @lines.each do |number, line|
          head, value = said(line)
          if head
            made << (record = [number, {}]) if record.nil? || record.last.key?(head)
            record.last[head], open = value, head
          elsif open && !line.strip.empty?
            record.last[open] = [record.last[open], line.strip].compact.join(" ")
          else
            open = nil
            made << [number, line]
          end
        end
        first = made.index { |_, cells| cells.is_a?(Hash) }
        made.insert(first, [made[first].first, heads.to_h { |each| [each, HEAD.fetch(each)] }])
        made.map { |number, cells| [number, cells.is_a?(Hash) ? cells.values_at(*heads).join("\t") : cells] }
      end

      # @return [Array(String, String), nil] what a line is labelled as, and what it says of it
      def said(line)
        found = line.match(LABELLED) or return
        head = Table.heads([found[:label]]).first
        [head, found[:value]&.strip] if head
      end

      # The heads alone, one under the other, and then cell after cell in their order.
      def headed
        full = @lines.reject { |_, line| line.strip.empty? }
        heads = full.map { |_, line| Table.heads([line.strip]).first }
        at = heads.each_index.find { |index| heads[index] && sheet?(from(heads, index)) } or return
        heads = from(heads, at)
        rows = full.drop(at + heads.size).each_slice(heads.size).take_while { |row| record?(row, heads) }
        return if rows.size < LEAST_UNLABELLED

        sheet =
          [full[at, heads.size], *rows].map do |row|
            [row.first.first, row.map { |_, cell| cell.strip }.join("\t")]
          end
        [*full.first(at), *sheet, *full.drop(at + (heads.size * (rows.size + 1)))]
      end

      # @return [Array<String>] the heads that stand there, one after the other
      def from(heads, at) = heads[at, HEAD.size + 1].take_while { |head| head }

      def sheet?(heads) = heads.size > 1 && heads.uniq == heads && (%w[food amount] - heads).empty?

      def record?(row, heads)
        row.size == heads.size && row[heads.index("amount")].last.strip.match?(AMOUNT)
      end
    end
  end
end
