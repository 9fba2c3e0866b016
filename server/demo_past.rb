# frozen_string_literal: true

module Scullion
  # Three weeks that are over, for the demo: what the simulated kitchen did, as a file, laid before any day.
  # Made anew by bin/demo-past.
  class DemoPast
    FILE = File.expand_path("../demo/past.json", __dir__)
    TABLES = { "entries" => Records::Entry, "lots" => Records::Lot }.freeze
    # The day that the file is written for; every date in it moves along with the demo's.
    WRITTEN = Date.new(2026, 11, 28)
    DATE = /\b\d{4}-\d\d-\d\d(?=T|"|Z)/.freeze

    # @param today [Date]
    def initialize(today)
      @today = today
    end

    # @return [Integer] services
    def load
      past = JSON.parse(moved(File.read(FILE)))
      ids = past["services"].to_h { |row| [row["id"], Records::Service.new.write(row.except("id"))] }
      codes = codes(past["lots"])
      TABLES.each { |table, record| record.insert_all!(past[table].map { |row| row_of(row, ids, codes) }) }
      ids.each_value { |service| issue(service) }
      ids.size
    end

    # What the database holds of it, as the file has it. @param services [Array<Records::Service>]
    # @return [Hash]
    def self.dump(services)
      ids = services.map(&:id)
      numbers = {}
      {
        "services" => services.map { |service| service.to_brief.merge("id" => service.id) },
        "lots" => rows(Records::Lot.where(service: ids)),
        "entries" =>
          rows(Records::Entry.where(service: ids)).map do |row|
            uid = ->(each) { each && (numbers[each] ||= format("past-%06d", numbers.size)) }
            row.merge("uid" => uid[row["uid"]], "mends" => uid[row["mends"]]).compact
          end
      }
    end

    def self.rows(scope)
      scope.order(:id).map { |each| each.attributes.except("id").compact }
    end
    private_class_method :rows

    private

    def moved(text)
      days = (@today - WRITTEN).to_i
      text.gsub(DATE) { |date| (Date.iso8601(date) + days).iso8601 }
    end

    # A lot is called by the day that it was made. @return [Hash{String=>String}]
    def codes(lots) = lots.to_h { |row| [row["code"], row["made"][8, 2] + row["code"][2..]] }

    def row_of(row, ids, codes)
      row = row.merge("service" => ids.fetch(row["service"]).id)
      row["code"] = codes.fetch(row["code"]) if row["code"]
      row["lot"] = codes.fetch(row["lot"]) if row["lot"]
      every(row)
    end

    # Rows of one table have all its fields.
    def every(row)
      record = row.key?("uid") ? Records::Entry : Records::Lot
      record
        .column_names
        .without("id")
        .to_h { |name| [name, row[name]] }
        .tap { |all| all["void"] ||= false if row.key?("uid") }
    end

    def issue(service)
      Records::Issue.keep(service, "#{service.date.iso8601}T06:30") do
        Exchange::Briefing.document(service, Records::House.ours)
      end
    end
  end
end
