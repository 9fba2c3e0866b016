# frozen_string_literal: true

module Scullion
  module Exchange
    # Ingredients brought in from a table or from JSON: read and judged row by row first, and
    # written all or not at all. A row may be short: what it leaves out comes from the ingredient
    # it is like, and from its family.
    class LarderImport
      Row = Struct.new(:line, :facts, :faults, :fate)
      FORMULA = /\A[=+@\t]/.freeze

      # @param document [Hash] "csv" as text, or "json" as a list of ingredients @param house [House]
      # @raise [InvalidBrief] when it is neither
      def self.of(document, house)
        new(document.key?("json") ? rows_of(document["json"]) : LarderCsv.read(document["csv"]), house)
      end

      def self.rows_of(list)
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
      private_class_method :rows_of

      # @param rows [Array<Array(Integer, Hash)>] line number and facts as sent
      def initialize(rows, house)
        @there = house.larder.transform_values(&:facts)
        @names = @there.to_h { |key, facts| [facts["name"].downcase, key] }
        @new_ingredient = NewIngredient.new(house, rows.to_h { |_, facts| [facts["key"], facts] })
        @rows = rows.map { |line, facts| judge(line, facts) }
        mark_twins
      end

      def sound? = @rows.all? { |row| row.faults.empty? }

      # @return [Hash] the report, ready for JSON
      def report(written: false)
        {
          "written" => written,
          "rows" =>
            @rows.map do |row|
              {
                "line" => row.line,
                "name" => row.facts["name"].to_s,
                "fate" => row.faults.empty? ? row.fate : "refused",
                "faults" =>
                  row.faults.map do |fault|
                    { "what" => fault.what, "where" => fault.where, "remedy" => fault.remedy }
                  end
              }
            end
        }
      end

      # @return [Hash] the report @raise [InvalidBrief] when any row has a fault; nothing is written then
      def write
        raise InvalidBrief, @rows.flat_map(&:faults) unless sound?

        Records::Ingredient.transaction do
          @rows
            .reject { |row| row.fate == "same" }
            .each do |row|
              Records::Ingredient.find_or_initialize_by(key: row.facts["key"]).update!(
                Records::Ingredient.document(row.facts)
              )
            end
        end
        report(written: true)
      end

      private

      def judge(line, sent)
        faults = []
        facts = @new_ingredient.complete(sent, where: "line #{line}", faults: faults)
        formulas(line, facts, faults)
        taken(line, facts, faults)
        Row.new(line, facts, faults, fate(facts, @there[facts["key"]]))
      end

      def fate(facts, there)
        return "new" unless there

        there == facts ? "same" : "changed"
      end

      # A table program would run these as formulas when the file is opened again.
      def formulas(line, facts, faults)
        %w[key name section surplus caution].each do |field|
          next unless facts[field].to_s.match?(FORMULA)

          faults << Fault.new(
            what: "#{facts[field].inspect[0, 60]} begins like a formula.",
            where: "line #{line}/#{field}",
            remedy: "Begin it with a letter."
          )
        end
      end

      # Another ingredient of the larder goes by this name already.
      def taken(line, facts, faults)
        key = @names[facts["name"].to_s.downcase]
        return if key.nil? || key == facts["key"]

        faults << Fault.new(
          what: "#{facts["name"].inspect[0, 60]} is already in the larder, as #{key}.",
          where: "line #{line}/name",
          remedy: "Use its key to change it, or another name."
        )
      end

      # A key or a name may stand only once.
      def mark_twins
        %w[key name].each do |field|
          @rows
            .group_by { |row| row.facts[field].to_s.downcase }
            .each_value do |twins|
              twins
                .drop(1)
                .each do |row|
                  row.faults << Fault.new(
                    what: "#{row.facts[field].inspect[0, 60]} is already on line #{twins.first.line}.",
                    where: "line #{row.line}/#{field}",
                    remedy: "Keep one of them."
                  )
                end
            end
        end
      end
    end
  end
end
