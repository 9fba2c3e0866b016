# frozen_string_literal: true

module Scullion
  module Formats
    # Ingredients brought in from a table: read and judged row by row first, and written all or
    # not at all.
    class LarderImport
      Row = Struct.new(:line, :facts, :faults, :fate)

      # @param text [String] CSV @raise [InvalidBrief] when it is no such table
      def initialize(text)
        known = Records::Ingredient.all.index_by(&:key)
        @rows = LarderCsv.read(text).map { |line, facts| judge(line, facts, known) }
        mark_twins
      end

      def sound? = @rows.all? { |row| row.faults.empty? }

      # @return [Hash] the report, ready for JSON
      def report(written: false)
        { "written" => written, "rows" => @rows.map do |row|
          { "line" => row.line, "name" => row.facts["name"].to_s, "fate" => row.faults.empty? ? row.fate : "refused",
            "faults" => row.faults.map { |fault| { "what" => fault.what, "where" => fault.where, "remedy" => fault.remedy } } }
        end }
      end

      # @return [Hash] the report @raise [InvalidBrief] when any row has a fault; nothing is written then
      def write
        raise InvalidBrief, @rows.flat_map(&:faults) unless sound?

        Records::Ingredient.transaction do
          @rows.reject { |row| row.fate == "same" }.each do |row|
            Records::Ingredient.find_or_initialize_by(key: row.facts["key"]).update!(Records::Ingredient.document(row.facts))
          end
        end
        report(written: true)
      end

      private

      def judge(line, facts, known)
        faults = []
        IngredientForm.read(facts, sources: Records.facts.sources, where: "line #{line}", faults: faults)
        formulas(line, facts, faults)
        Row.new(line, facts, faults, fate(facts, known[facts["key"]]))
      end

      def fate(facts, there)
        return "new" unless there

        there.facts == facts ? "same" : "changed"
      end

      # A table program would run these as formulas when the file is opened again.
      def formulas(line, facts, faults)
        %w[key name section].each do |field|
          next unless facts[field].to_s.match?(/\A[=+@\t]/)

          faults << Fault.new(what: "#{facts[field].inspect[0, 60]} begins like a formula.", where: "line #{line}/#{field}", remedy: "Begin it with a letter.")
        end
      end

      # A key or a name may stand only once.
      def mark_twins
        %w[key name].each do |field|
          @rows.group_by { |row| row.facts[field].to_s.downcase }.each_value do |twins|
            twins.drop(1).each do |row|
              row.faults << Fault.new(what: "#{row.facts[field].inspect[0, 60]} is already on line #{twins.first.line}.", where: "line #{row.line}/#{field}",
                                      remedy: "Keep one of them.")
            end
          end
        end
      end
    end
  end
end
