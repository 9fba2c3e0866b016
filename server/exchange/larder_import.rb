# frozen_string_literal: true

module Scullion
  module Exchange
    # Ingredients brought in from a table or from JSON: read and judged row by row first, and
    # written all or not at all. A row may be short: what it leaves out comes from the ingredient
    # it is like, and from its family.
    class LarderImport
      # fate: new, changed or same; was: the facts that a change was judged against.
      Row = Struct.new(:line, :facts, :faults, :fate, :was)
      FORMULA = /\A[=+@\t\r-]/.freeze
      # After so many rows there is word of how far it is; so many are written at a time.
      WORD, SLICE = 50, 20

      # Something of it was changed by somebody else since it was judged.
      class Stale < StandardError
      end

      # @param document [Hash] "csv" as text, "file" as its bytes in Base64, or "json" as a list
      # @param house [House]
      # @yield [Integer, Integer] rows judged, of how many
      # @return [Array<Row>] as judged: plain data, which may come from another process in parts
      # @raise [InvalidBrief] when it is no table of ingredients
      def self.judged(document, house, &) = Judging.new(rows_in(document), house).rows(&)

      def self.rows_in(document)
        return LarderCsv.read(document["csv"]) if document.key?("csv")
        return LarderCsv.read(TableText.read(document["file"].unpack1("m"))) if document.key?("file")

        list = document["json"]
        if list.is_a?(Array) && list.all?(Hash)
          return list.each_with_index.map { |facts, index| [index + 1, facts] }
        end

        raise InvalidBrief,
              Fault.new(
                what: "This is not a list of ingredients.",
                where: "/json",
                remedy: "Take the larder out as JSON once, and keep its shape."
              )
      end
      private_class_method :rows_in

      # @param rows [Array<Row>] as judged
      def initialize(rows)
        @rows = rows
      end

      def sound? = @rows.all? { |row| row.faults.empty? }

      # @return [Hash] the report, ready for JSON
      def report(written: false) = { "written" => written, "rows" => @rows.map { |row| said(row) } }

      # All or nothing; others go on meanwhile.
      # @return [Hash] the report
      # @raise [InvalidBrief] when any row has a fault @raise [Stale] when somebody else was quicker
      def write
        raise InvalidBrief, @rows.flat_map(&:faults) unless sound?

        Records::Ingredient.transaction do
          @rows
            .reject { |row| row.fate == "same" }
            .each_slice(SLICE) do |some|
              Records::Ingredient.bring_in(still_to_write(some).map(&:facts))
              Thread.pass
            end
        end
        report(written: true)
      end

      private

      # What was sent twice at once is written once.
      def still_to_write(rows)
        there = Records::Ingredient.where(key: rows.map { |row| row.facts["key"] }).pluck(:key, :facts).to_h
        rows.reject do |row|
          now = there[row.facts["key"]]
          next true if now == row.facts
          next if now == row.was

          raise Stale,
                "#{row.facts["name"]} was changed elsewhere while the table was read; nothing was written."
        end
      end

      def said(row)
        faults =
          row.faults.map { |each| { "what" => each.what, "where" => each.where, "remedy" => each.remedy } }
        {
          "line" => row.line,
          "name" => row.facts["name"].to_s,
          "fate" => faults.empty? ? row.fate : "refused",
          "faults" => faults
        }
      end
    end
  end
end
