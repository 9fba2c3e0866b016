# frozen_string_literal: true

module Scullion
  module Recipe
    # The rows of a sheet, whose cells are set apart by tabs, in the order of a line: amount, unit, food, how.
    class Table
      HEADS = {
        "amount" =>
          /\A(?:(?:(?:ep|ap|net|raw|total|prepped|trimmed|cooked)\s+)?(?:qty|quantity|amt|amount|weight|wt)
              |gross|net|ep|ap|usage|batch|how\s+(?:much|many)|\#
              |(?:to\s+)?order|ordered|needed?|count)
            (?:\s+(?:ep|ap|net|gross|raw|trimmed|prepped))?
            (?:\s+(?:for|x|×)\s+\d{1,4}|\ (?:needed|required|used))?\z/ix,
        "unit" => %r{\A(?:units?(?: of measure)?|u\.?o\.?m\.?|u/m)\z}i,
        "food" =>
          /\A(?:item|ingredients?|food|what|components?|product|commodity|description|foodstuff|raw\smaterial)
            (?:\ (?:name|description))?\z/ix,
        "how" =>
          /\A(?:prep|preparation|notes?|how|method|measure|volume|remarks?|comments?|process|treatment)\z/i,
        "into" => /\A(?:goes in|into|for|part|where|when|section)\z/i
      }.freeze
      PER_SO_MANY =
        %r{\A(?:(?:qty|quantity|amt|amount|weight|wt)\s*)?
            (?:(?:per|for|x|×|@|/)\s*(?<many>\d{1,4})(?:\s?#{Servings::THEM})?
              |(?<many>\d{1,4})\s?#{Servings::THEM})\z}ix.freeze
      NUMBERS_ROWS = /\A(?:#|no\.?|nr\.?)\z/i.freeze
      INTO = { "base" => "salad", "top" => "top", "dressing" => "dressing", "pot" => "pot" }.freeze
      # What there is before it is trimmed, beside what is left of it.
      AS_BOUGHT = /\b(?:gross|ap|raw)\b(?!\s+mat)/i.freeze
      TRIMMED = /\b(?:net|ep|trimmed|prepped)\b/i.freeze
      # "x 85 (kg)", "Qty, g": what the numbers of a column are of.
      OF_UNIT =
        /(?:\s*\((?<unit>kg|g|ml|l)\)|,\s*(?<unit>kg|g|ml|l)
            |\b(?:gross|net|ap|ep|qty|weight|raw)\b\K\s+(?<unit>kg|g|ml|l))\z/ix.freeze
      UNIT_ALONE = /\A(?:kg|g|ml|l)\z/i.freeze
      BARE = /\A\d[\d.,]*\z/.freeze
      # "12 kg", "8 pots", "24 x 125g".
      AN_AMOUNT = %r{\A[\d½¼¾][\d.,½¼¾/]*(?:\s?[x×]\s?\d[\d.,]*)?\s?(?:(?-i:[[:alpha:]]{1,9}))?\.?\z}i.freeze
      # What a sheet makes of "1/2".
      DATED = /\A\d{1,2}-(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\z/i.freeze

      # @param for_how_many [Proc, nil] says how many the text serves by its other rows
      def initialize(for_how_many = nil)
        @for_how_many = for_how_many
      end

      # @param cells [Array<String>] @return [Array<String, nil>] what each column is
      #   "item", "how much", "what": a second column of foods says how
      def self.heads(cells)
        return sheet_of(cells) if unnamed?(cells)

        cells = unitless(cells)
        heads = cells.map { |cell| cell.match?(UNIT_ALONE) ? "amount" : head_of(cell) }
        first = heads.index("food")
        heads.each_with_index.map { |head, at| head == "food" && at != first ? "how" : head }
      end

      def self.head_of(cell) = HEADS.find { |_, pattern| cell.match?(pattern) }&.first

      # "", "g", "%": nothing stands over the names, and a unit over their weights.
      def self.unnamed?(cells) = cells.first.to_s.empty? && cells.one? { |cell| cell.match?(UNIT_ALONE) }
      def self.sheet_of(cells)
        ["food", *cells.drop(1).map { |cell| "amount" if cell.match?(UNIT_ALONE) }]
      end

      def self.unitless(cells) = cells.map { |cell| cell.sub(OF_UNIT, "") }

      # Is that a row of heads?
      def self.head?(cells)
        return true if unnamed?(cells)

        heads, cells = heads(cells), unitless(cells)
        known = heads.compact.size + cells.count { |cell| cell.match?(PER_SO_MANY) }
        known >= 2 && heads.include?("food")
      end

      # @return [Rows::Row, nil] nil where the line is no row of a sheet
      def row(number, line)
        return unless line.include?("\t")

        cells = line.split("\t").map(&:strip)
        return head(number, cells) if head?(cells)

        listed(number, cells) || Rows::Row.new(number: number, text: joined(cells))
      end

      private

      # Of several columns of amounts the first is meant, and none that only numbers the rows.
      def heads(cells)
        heads = cells.zip(Table.heads(cells)).map { |cell, head| cell.match?(PER_SO_MANY) ? "amount" : head }
        amounts = heads.each_index.select { |at| heads[at] == "amount" }
        kept =
          scaled(cells, amounts) || amounts.find { |at| cells[at].match?(AS_BOUGHT) } ||
            amounts.find { |at| !cells[at].match?(NUMBERS_ROWS) } || amounts.first
        left = amounts.find { |at| at != kept && cells[at].match?(TRIMMED) } if kept &&
          cells[kept].match?(AS_BOUGHT)
        heads.each_with_index.map do |head, at|
          at == left ? "left" : (head if head != "amount" || at == kept)
        end
      end

      # Of columns for so many each the one that the text is for.
      def scaled(cells, amounts)
        said = @for_how_many&.call
        amounts.find { |at| cells[at][PER_SO_MANY, :many].to_i == said }
      end

      def head?(cells) = Table.head?(cells)

      def head(number, cells)
        @heads = heads(Table.unitless(cells))
        counted = cells[@heads.index("amount").to_i]
        @unit = counted[OF_UNIT, :unit] || counted[UNIT_ALONE]
        many = counted.sub(OF_UNIT, "")[PER_SO_MANY, :many]
        return Rows::Row.new(number: number, text: "Serves #{many}") if many

        Rows::Row.new(number: number, text: joined(cells), kind: "note")
      end

      def joined(cells) = cells.join(" ").squeeze(" ").strip

      def listed(number, cells)
        # What stands last may be empty, and the unit of the number before it be the column's.
        cells += [""] if @heads && @unit && cells.size == @heads.size - 1
        return unless @heads && cells.size >= 3

        by =
          @heads
            .zip(cells)
            .each_with_object({}) do |(head, cell), all|
              all[head] = [all[head], cell].compact.reject(&:empty?).join(head == "how" ? ", " : " ")
            end
        return if by["food"].to_s.empty?

        # No column of amounts is known by its head: what begins as one is it.
        by["amount"] ||= cells.each_index.filter_map { |at| cells[at][AN_AMOUNT] unless @heads[at] }.first
        named = Columns.trimmed(amount(by), by["food"], by["left"])
        # "½ per portion" is said behind what it is of.
        named.reverse! if by["amount"].to_s.match?(/\bper\b/)
        text = Columns.with_how(joined(named), by["how"].to_s)
        Rows::Row.new(number: number, text: text, into: INTO[by["into"].to_s.downcase])
      end

      # A date stands where a fraction was written: no amount at all, which is asked about.
      def amount(by)
        return if by["amount"].to_s.match?(DATED)

        unit = by["unit"] || (@unit if by["amount"].to_s.match?(BARE))
        joined([by["amount"], unit].compact)
      end
    end
  end
end
