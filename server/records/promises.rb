# frozen_string_literal: true

module Scullion
  module Records
    # What services take of lots on hand, as each keeps it of its day.
    module Promises
      LISTED = "day LIKE '%\"lots\"%'".freeze

      # @param clock [String] now, the kitchen's own @return [Array<Record::ColdRoom::Promise>]
      def self.all(clock)
        Service
          .where(LISTED)
          .order(:date, :from)
          .flat_map do |service|
            (service.day["lots"] || [])
              .select { |row| row["code"] }
              .map { |row| promise(service, row, clock) }
          end
      end

      def self.promise(service, row, clock)
        ends = "#{service.last_day.iso8601}T#{service.to}"
        Record::ColdRoom::Promise.new(
          code: row["code"],
          service: service.id,
          service_name: service.name,
          grams: row["grams"],
          ends: ends,
          over: ends < clock
        )
      end
      private_class_method :promise
    end
  end
end
