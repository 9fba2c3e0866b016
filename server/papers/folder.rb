# frozen_string_literal: true

module Scullion
  module Papers
    # The inspector's folder: for any days what was read, cooled, received, cleaned and done about it, and by
    # whom. Nothing is left out, mended entries stand beside what mended them, and a day without a reading is
    # shown as a gap.
    class Folder
      HEAD = %w[When What Read By Note].freeze
      WIDTHS = [5, 8, 3, 2, 6].freeze
      # Sheets by what of the record stands on them.
      SHEETS = {
        "Fridges, display, deliveries" => ->(entry) do
          temperature?(entry, %w[fridge display delivery probe])
        end,
        "Cooling" => ->(entry) { temperature?(entry, %w[cooling]) },
        "Cooked through" => ->(entry) { temperature?(entry, %w[core]) },
        "Received" => ->(entry) { entry["kind"] == "received" },
        "Cleaned and checked" => ->(entry) { %w[cleaned checked].include?(entry["kind"]) },
        "Weighed, served, thrown" => ->(entry) { %w[weighed served water].include?(entry["kind"]) },
        "The day's work" => ->(entry) { %w[begun done late spoilt].include?(entry["kind"]) },
        "Said and noted" => ->(entry) { %w[note tasted].include?(entry["kind"]) }
      }.freeze
      # The days with no entry on this sheet are named: somebody was to read these every day.
      DAILY = "Fridges, display, deliveries"

      def self.temperature?(entry, ofs) = entry["kind"] == "temperature" && ofs.include?(entry["of"])

      # @param kitchen [String] its name @param days [Range<Date>]
      # @param entries [Array<Hash>] as RecordBook#said has them, in order
      # @param pictures [Hash{String=>String}] JPEG by the entry's uid
      def initialize(kitchen, days, entries, pictures = {})
        @kitchen, @days, @entries, @pictures = kitchen, days, entries, pictures
      end

      def title = "Record of #{@kitchen}"
      def subtitle = [@days.first, @days.last].uniq.map { |day| day.strftime("%a %-d %b %Y") }.join(" to ")
      def hold_labels = []

      # With what is to be written below. @return [Array<Array(String, String)>] words and JPEG
      def pictures
        @entries
          .select { |entry| @pictures.key?(entry["uid"]) }
          .map { |entry| [row(entry).reject(&:empty?).join(" · "), @pictures.fetch(entry["uid"])] }
      end

      # @return [Array<Sheet>] those with something on them, and the daily one
      def all
        SHEETS.filter_map do |name, of|
          rows = @entries.select { |entry| of.call(entry) }.map { |entry| row(entry) }
          rows += gaps(of) if name == DAILY
          sheet(name, rows) unless rows.empty?
        end
      end

      private

      def sheet(name, rows)
        Sheet.new(
          key: name.downcase.gsub(/[^a-z]+/, "-"),
          title: name,
          note: "As it was written down. Your local code says what must be.",
          head: HEAD,
          rows: rows,
          widths: WIDTHS,
          amounts: [2],
          warnings: []
        )
      end

      def row(entry)
        what = [entry["name"], entry["of"], entry["about"], entry["lot"]].compact.join(", ")
        [moment(entry["clock"]), what, value(entry), entry["by"].to_s, note(entry)]
      end

      def note(entry)
        said = [
          entry["note"],
          entry["service_name"],
          ("picture" if entry["picture"]),
          ("mended by a later entry" if entry["mended"]),
          ("takes an entry back" if entry["void"])
        ]
        said.compact.join("; ")
      end

      def value(entry) = entry["text"].to_s

      def moment(clock) = "#{Date.iso8601(clock[0, 10]).strftime("%a %-d %b")} #{clock[11..]}"

      def gaps(of)
        read = @entries.select { |entry| of.call(entry) }.map { |entry| entry["clock"][0, 10] }.uniq
        (@days.map(&:iso8601) - read).map do |day|
          [Date.iso8601(day).strftime("%a %-d %b"), "No reading", "", "", "gap"]
        end
      end
    end
  end
end
