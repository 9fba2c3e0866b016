# frozen_string_literal: true

module Scullion
  module Papers
    # A service on paper: every list that the crew needs, as plain tables that the packet sets in
    # type and that go out as CSV.
    class Sheets
      include Preparing
      include Safe
      include Serving

      # @param roster [Day::Roster]
      def initialize(roster)
        @roster, @plan, @day = roster, roster.plan.to_h, roster.to_h
        @tastes = roster.plan.taste.to_a
      end

      # @return [Array<Sheet>] in the order the packet has them
      def all
        [before_you_cook, order, *prep, *making, *cook, *dressing, *days, *build, labels, matrix, *written]
      end

      def title = @plan["service"]["name"]

      def subtitle
        "#{Date.iso8601(@plan["service"]["date"]).strftime("%a %-d %b %Y")}, #{@plan["service"]["from"]} " \
          "to #{@plan["service"]["to"]}, #{@plan["service"]["covers"]} covers"
      end

      # None of its own; see Folder.
      def pictures = []

      # What is labelled: every lot that the day makes, each batch of it.
      # @return [Array<Hash>] name, batch, ready, best, discard, allergens, rules, kept and stop
      def hold_labels
        lots.map do |lot|
          {
            "name" => lot.name,
            "batch" => lot.batch ? "Batch #{lot.batch}" : nil,
            "ready" => stamp(made(lot)).to_s,
            "best" => stamp(lot.best).to_s,
            "discard" => stamp(lot.discard).to_s,
            "allergens" => lot.allergens.empty? ? "none of the 14" : lot.allergens.join(", "),
            "rules" => @plan["service"]["rules"],
            "kept" => KEPT_AS[lot.control],
            "stop" => stop_on(lot)
          }.compact
        end
      end

      KEPT_AS = { "cold" => "Keep cold", "clock" => "On the clock: what is left is not kept" }.freeze

      private

      # @return [Array<Safety::Lot>] those that have a place in the day
      def lots = @lots ||= @roster.lots.select(&:path)
      def made(lot) = Moment.new(@roster.date, lot.made)

      # @param ats [Array<String>] addresses of what stands on it
      def sheet(key, title, head, rows, widths, note: nil, wall: false, amounts: [], ats: [])
        Sheet.new(
          key: key,
          title: title,
          note: note,
          head: head,
          rows: rows,
          widths: widths,
          wall: wall,
          amounts: amounts,
          warnings: warnings(ats)
        )
      end

      def text(sheet, name) = sheet.fetch(name).fetch("text")
      def amount(sheet, name) = cell(sheet.fetch(name))
      def cell(figure) = Sheet::Cell.of(figure, @roster.plan.brief.practice.writer)

      # Nothing where there is none.
      def some(sheet, name) = sheet[name]["value"].positive? ? amount(sheet, name) : ""

      # A day, and a moment of it; on paper without what everybody knows.
      def day(iso)
        date = Date.iso8601(iso[0, 10])
        Sheet::Cell.new(date.strftime("%a %-d %b"), date.iso8601)
      end

      def moment(iso)
        today = iso.start_with?(@plan["service"]["date"])
        Sheet::Cell.new(today ? iso[11..] : "#{day(iso)} #{iso[11..]}", iso.tr("T", " "))
      end

      def key(name) = name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")
    end
  end
end
