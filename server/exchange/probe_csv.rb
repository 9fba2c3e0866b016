# frozen_string_literal: true

module Scullion
  module Exchange
    # Readings as a probe's own memory gives them, a table of times and temperatures: the columns are found by
    # what stands in them. Each row is an entry, known by what it says, so that the same file is taken once.
    class ProbeCsv
      MOST = 2000
      SEPARATORS = [",", ";", "\t"].freeze
      MOMENT =
        %r{\A(\d{4})-(\d\d)-(\d\d)[T ](\d\d):(\d\d)(?::\d\d)?\z
           |\A(\d\d?)[./](\d\d?)[./](\d{4})[ ,]+(\d\d?):(\d\d)(?::\d\d)?\z}x.freeze

      # @param text [String] @param what [Hash] of, about, service, task, lot: of every row
      # @param practice [Practice] @param by [String, nil]
      def initialize(text, what, practice, by: nil)
        @rows, @what, @practice, @by = rows_of(text), what, practice, by
      end

      # @return [Array<Hash>] entries to keep, each with the number of its line
      # @return [Array<String>] lines that could not be read, in plain words
      attr_reader :unread

      def entries
        @unread = []
        @entries ||= @rows.first(MOST).each_with_index.filter_map { |row, index| entry(row, index + 1) }
      end

      private

      def rows_of(text)
        plain = TableText.read(text).strip
        separator = SEPARATORS.max_by { |each| plain.count(each) }
        CSV.parse(plain, col_sep: separator, liberal_parsing: true)
      rescue CSV::MalformedCSVError
        []
      end

      def entry(row, number)
        cells = row.compact.map(&:strip)
        clock, degrees = moment(cells), degrees(cells)
        return built(clock, degrees) if clock && degrees

        # A first line of names is no reading.
        if number > 1 || clock || degrees
          @unread << "Line #{number}: #{Fault.shown(row.join(" ")[0, 60])} has no time and temperature."
        end
        nil
      end

      # In one cell, or a day and an hour beside each other.
      def moment(cells)
        [*cells, *cells.each_cons(2).map { |pair| pair.join(" ") }].each do |cell|
          found = cell.match(MOMENT) or next
          year, month, day, hour, minute =
            found[1] ? found.captures.first(5) : found.captures.values_at(7, 6, 5, 8, 9)
          next unless Date.valid_date?(year.to_i, month.to_i, day.to_i)

          return format("%04d-%02d-%02dT%02d:%02d", year.to_i, month.to_i, day.to_i, hour.to_i, minute.to_i)
        end
        nil
      end

      # The last cell that is a temperature: a number of the reading comes before it.
      def degrees(cells)
        cells.reverse.lazy.filter_map { |cell| Record::Written.read(cell, "c", @practice.measures) }.first
      end

      def built(clock, degrees)
        facts = { "clock" => clock, "kind" => "temperature", "value" => degrees, **@what }
        {
          "uid" => "probe-#{Digest::SHA256.hexdigest(JSON.generate(facts))[0, 24]}",
          "at" => Time.new(*clock.scan(/\d+/).map(&:to_i)).utc.iso8601,
          "by" => @by,
          "device" => "probe",
          **facts
        }.compact
      end
    end
  end
end
