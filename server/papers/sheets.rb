# frozen_string_literal: true

module Scullion
  module Papers
    # A service on paper: every list that the crew needs, as plain tables that the packet sets in
    # type and that go out as CSV.
    class Sheets
      include Preparing
      include Serving

      # @param roster [Day::Roster]
      def initialize(roster)
        @roster, @plan, @day = roster, roster.plan.to_h, roster.to_h
        @tastes = roster.plan.taste.to_a
      end

      # @return [Array<Sheet>] in the order the packet has them
      def all = [order, *prep, *cook, *dressing, *days, *build, labels, matrix]

      def title = @plan["service"]["name"]

      def subtitle
        "#{Date.iso8601(@plan["service"]["date"]).strftime("%a %-d %b %Y")}, #{@plan["service"]["from"]} " \
          "to #{@plan["service"]["to"]}, #{@plan["service"]["covers"]} covers"
      end

      # What is labelled: preparations when they are ready, salads when they are dressed.
      # @return [Array<Hash>] name, ready, best, discard, allergens, rules
      def hold_labels
        Day::HoldLabels
          .new(@roster)
          .to_a
          .map do |label|
            {
              "name" => label.name,
              "ready" => stamp(label.ready),
              "best" => stamp(label.best),
              "discard" => stamp(label.discard),
              "allergens" => label.allergens.empty? ? "none of the 14" : label.allergens.join(", "),
              "rules" => @plan["service"]["rules"]
            }
          end
      end

      private

      def sheet(key, title, head, rows, widths, note: nil, wall: false, amounts: [])
        Sheet.new(
          key: key,
          title: title,
          note: note,
          head: head,
          rows: rows,
          widths: widths,
          wall: wall,
          amounts: amounts
        )
      end

      def text(sheet, name) = sheet.fetch(name).fetch("text")

      # Nothing where there is none.
      def some(sheet, name) = sheet[name]["value"].positive? ? text(sheet, name) : ""
      def day(iso) = Date.iso8601(iso[0, 10]).strftime("%a %-d %b")

      def key(name) = name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")
    end
  end
end
