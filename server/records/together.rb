# frozen_string_literal: true

module Scullion
  module Records
    # Which services take something of others, as each keeps it of its day.
    module Together
      LISTED = "day LIKE '%\"together\"%'"

      # @return [ActiveRecord::Relation]
      def self.takers = Service.for_planning.where(LISTED)

      def self.none? = !Service.exists?([LISTED])

      # Has the kitchen before the other, near enough to make something for it.
      # @param one [Service] @param other [Service] @param practice [Practice]
      def self.before?(one, other, practice)
        turns = Day::Turns.new(practice, other.date)
        turns.before(turn(other), [turn(one)]).any?
      end

      # @param service [Service] @return [Array] by which the kitchen is shared out
      def self.turn(service) = [service.date, service.from, service.id]

      # Those whose briefs follow from each other's. @param rows [Array<Array(Integer, String)>] ids and days
      # @return [Hash{Integer=>Array<Integer>}] by id, the others
      def self.beside(rows)
        rows.each_with_object(Hash.new { |all, id| all[id] = [] }) do |(id, day), all|
          (JSON.parse(day)["together"] || []).each do |row|
            all[id] |= [row["service"]]
            all[row["service"]] |= [id]
          end
        end
      end
    end
  end
end
