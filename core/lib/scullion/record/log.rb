# frozen_string_literal: true

module Scullion
  module Record
    # Entries in the order in which they happened. What a later one mends stays, and does not count.
    class Log
      # @param entries [Array<Entry>] as they were written down
      def initialize(entries)
        @entries = entries.sort_by.with_index { |entry, index| [entry.at, index] }
      end

      # All there is, each with what was made of it. @return [Array<Entry>]
      attr_reader :entries

      # What counts: mended by none, and not only there to void another. @return [Array<Entry>]
      def standing = @standing ||= entries.reject { |entry| entry.void || mended.include?(entry.uid) }

      def mended?(entry) = mended.include?(entry.uid)

      # @param match [Hash] fields and what they are @return [Array<Entry>] of what stands
      def of(**match)
        standing.select { |entry| match.all? { |field, value| entry[field] == value } }
      end

      def last(**match) = of(**match).last

      private

      # What later entries are instead of. A taking back that is taken back itself took nothing back.
      def mended
        @mended ||=
          entries
            .reverse
            .each_with_object({}) do |entry, all|
              all[entry.mends] = true if entry.mends && !(entry.void && all[entry.uid])
            end
      end
    end
  end
end
