# frozen_string_literal: true

module Scullion
  module Exchange
    # Reads the rows of a table of ingredients one by one, completes what is short, and says what is wrong.
    class Judging
      # @param rows [Array<Array(Integer, Hash)>] line number and facts as sent @param house [House]
      def initialize(rows, house)
        @sent, @there = rows, house.larder.transform_values(&:facts)
        @names = @there.to_h { |key, facts| [facts["name"].downcase, key] }
        @new_ingredient = NewIngredient.new(house, rows.to_h { |_, facts| [facts["key"], facts] })
      end

      # @yield [Integer, Integer] how many are judged, of how many
      # @return [Array<LarderImport::Row>]
      def rows
        judged =
          @sent.each_with_index.map do |(line, facts), index|
            yield index, @sent.size if block_given? && (index % LarderImport::WORD).zero?
            judge(line, facts)
          end
        mark_twins(judged)
      end

      private

      def judge(line, sent)
        faults = []
        facts = @new_ingredient.complete(sent, where: "line #{line}", faults: faults)
        formulas(line, facts, faults)
        taken(line, facts, faults)
        was = @there[facts["key"]]
        fate = { nil => "new", facts => "same" }.fetch(was, "changed")
        LarderImport::Row.new(line, facts, faults, fate, fate == "changed" ? was : nil)
      end

      # A table program would run these as formulas when the file is opened again.
      def formulas(line, facts, faults)
        %w[key name section surplus caution].each do |field|
          next unless facts[field].to_s.match?(LarderImport::FORMULA)

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
      def mark_twins(rows)
        %w[key name].each do |field|
          rows
            .group_by { |row| row.facts[field].to_s.downcase }
            .each_value { |twins| twins.drop(1).each { |row| row.faults << twice(row, field, twins.first) } }
        end
        rows
      end

      def twice(row, field, first)
        Fault.new(
          what: "#{row.facts[field].inspect[0, 60]} is already on line #{first.line}.",
          where: "line #{row.line}/#{field}",
          remedy: "Keep one of them."
        )
      end
    end
  end
end
