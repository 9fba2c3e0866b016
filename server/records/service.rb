# frozen_string_literal: true

module Scullion
  module Records
    # A service: the meal, its window and covers, and the salads served.
    class Service < ActiveRecord::Base
      has_many :lines,
               -> { order(:position) },
               class_name: "ServiceLine",
               dependent: :destroy,
               inverse_of: :service
      has_many :salads, through: :lines
      has_many :own_figures, dependent: :destroy
      has_many :ticks, dependent: :destroy

      attribute :day, ActiveRecord::Type::Json.new
      attribute :stock, ActiveRecord::Type::Json.new
      attribute :guests, ActiveRecord::Type::Json.new
      attribute :calendar, ActiveRecord::Type::Json.new

      # With what its brief has of it.
      def self.for_planning = includes(lines: :salad)

      # @param document [Hash] a service that core has read without fault
      # @raise [ActiveRecord::StaleObjectError]
      def write(document, version: nil)
        transaction do
          self.lock_version = version if version
          assign_attributes(
            { "tables" => nil, "guests" => nil }.merge(
              document.slice(
                "name",
                "date",
                "from",
                "to",
                "covers",
                "tables",
                "served_as",
                "stock",
                "over_prep",
                "guests"
              )
            )
          )
          persisted? ? touch_version : save!
          lines.destroy_all
          document["lines"].each_with_index do |line, position|
            lines.create!(
              position: position,
              salad: Salad.find_by!(key: line["salad"]),
              covers: line["covers"],
              portion_grams: line["portion_grams"]
            )
          end
        end
        reload
      end

      # Keeps what is decided of its day, unless that has changed since it was seen.
      # @param day [Hash] @param seen [Hash, nil]
      # @return [Boolean] whether it is kept
      def keep_day(day, seen:)
        self.class.transaction do
          now = self.class.lock.where(id: id).pick(:day)
          now == seen && update_column(:day, day)
        end
      end

      # On which its last guest is served: after midnight that is the next one.
      def last_day = to > from ? date : date + 1

      def touch_version
        moving
        save!
      end

      # Its version moves when it is saved next, whatever else of it has changed.
      def moving = name_will_change!

      # @param lines [Array<Hash>, nil] those of its brief, where they are at hand
      def to_brief(lines = nil)
        {
          "name" => name,
          "date" => date.iso8601,
          "from" => from,
          "to" => to,
          "covers" => covers,
          "tables" => tables,
          "served_as" => served_as,
          "stock" => stock.presence,
          "over_prep" => over_prep,
          "guests" => guests.presence,
          "lines" => lines || self.lines.map(&:to_document)
        }.compact
      end

      def to_document = to_brief.merge(identity)
      def identity = { "id" => id, "version" => lock_version }
    end
  end
end
