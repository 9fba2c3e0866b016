# frozen_string_literal: true

module Scullion
  module Exchange
    # The record as it goes in and out: entries as they are kept and said, and what is on hand by them.
    class RecordBook
      COLUMNS = %w[clock kind of about value unit by lot service_name note picture mends uid].freeze

      # @param house [House] @param clock [String] now, the kitchen's own
      def initialize(house, clock)
        @house, @clock = house, clock
      end

      # One of a queue. Whatever becomes of it, the others go on.
      # @return [Hash] uid, fate (kept, already, refused), why, and what looks odd
      def keep(document)
        fields = DocumentReader.new(document)
        entry = Record::Entry.read(fields, practice)
        return refused(document, fields.faults) unless entry

        fate = Records::Entry.keep(entry) ? "kept" : "already"
        { "uid" => entry.uid, "fate" => fate, "asks" => wrong_clock(entry) || heavy(entry) }.compact
      end

      # @param entry [Records::Entry] @return [Hash] ready for JSON
      def said(entry)
        document = entry.to_document
        name = practice.words("record", "kinds").dig(document["kind"], "name")
        mended = log.mended?(entry.value_object) || nil
        picture = picture_of(entry.uid)
        {
          **document,
          "name" => name,
          "text" => text(document),
          "mended" => mended,
          "picture" => picture
        }.compact
      end

      # @param entry [Record::Entry] of a temperature @return [Hash] ready for JSON
      def said_value(entry)
        {
          "about" => entry.about,
          "clock" => entry.clock,
          "text" => Record::Written.degrees(entry.value, practice.measures)
        }
      end

      # @param entries [Enumerable<Records::Entry>] @return [Papers::Sheet]
      def table(entries)
        Papers::Sheet.new(
          key: "record",
          title: "Record",
          head: COLUMNS,
          rows: entries.map { |entry| said(entry).values_at(*COLUMNS) },
          widths: [1] * COLUMNS.size,
          amounts: [],
          warnings: []
        )
      end

      # The cold room by what must go first. @return [Hash] ready for JSON
      def board
        groups = cold_room.groups(@clock)
        {
          "grams" => writer.g(groups.values.flatten.sum { |held| held.grams || 0.0 }),
          "count" => groups.values.sum(&:size),
          "groups" =>
            groups.map do |key, all|
              name = Record::ColdRoom::GROUPS.fetch(key)
              { "key" => key, "name" => name, "lots" => all.map { |held| lot(held) } }
            end
        }
      end

      # A lot with its entries, what is in it and where it went: one step back, one forward.
      # @param code [String] @return [Hash, nil] ready for JSON
      def history(code)
        held = cold_room.all.find { |each| each.lot.code == code } or return
        mine = cold_room.all.select { |each| each.lot.service == held.lot.service }
        before, after =
          [[held.lot, :itself], [:itself, held.lot]].map { |one, other| taken(mine, one, other) }
        { **lot(held), "entries" => entries_of(held.lot), "from" => before, "into" => after }
      end

      # @param service [Integer] @return [Array<Record::ColdRoom::Held>] its lots
      def lots_of(service) = cold_room.all.select { |held| held.lot.service == service }

      # @return [Array<Record::ColdRoom::Held>] what is there, first to go first
      def on_hand = cold_room.on_hand

      # @param service [Integer] @return [Record::Log] its own
      def log_of(service) = Record::Log.new(Records::Entry.values(Records::Entry.where(service: service)))

      private

      def practice = @house.practice
      def writer = practice.writer
      def log = @log ||= Record::Log.new(Records::Entry.values)

      def cold_room
        @cold_room ||=
          Record::ColdRoom.new(
            Records::Lot.order(:id).map(&:value_object),
            log,
            practice,
            Records::Promises.all(@clock)
          )
      end

      # Where it is to be had. @return [String, nil]
      def picture_of(uid)
        @pictured ||= Records::Picture.uids
        "/api/entries/#{uid}/picture.jpg" if @pictured.include?(uid)
      end

      # In this house's own measures.
      def text(document)
        value = document["value"] or return
        case document["unit"]
        when "g"
          writer.g(value)
        when "c"
          Record::Written.degrees(value, practice.measures)
        when "min"
          writer.min(value)
        else
          "#{value.to_i} #{document["unit"]}".strip
        end
      end

      def refused(document, faults)
        uid = document.is_a?(Hash) ? document["uid"].to_s[0, 40] : ""
        { "uid" => uid, "fate" => "refused", "why" => faults.map(&:to_s) }
      end

      # What was written long ago has only waited in a queue.
      def wrong_clock(entry)
        off = (Time.iso8601(entry.at) - Time.now).abs / 60
        if off <= practice.fetch("record/clock/most_minutes") ||
             off > practice.fetch("record/clock/queued_minutes")
          return
        end

        "The clock of this screen is #{off.round} min off the server's, or this has waited so long."
      end

      def heavy(entry)
        lot = entry.kind == "weighed" && entry.lot && Records::Lot.find_by(code: entry.lot)
        unless lot && !lot.grams.nil? && entry.value > lot.grams * practice.fetch("record/tray/most_times")
          return
        end

        "That is #{writer.g(entry.value - lot.grams)} more than planned: is the tray in it?"
      end

      # Lots that go into one, or that one went into.
      def taken(lots, into, from)
        found =
          if from == :itself
            lots.select { |each| each.lot.taken_by.include?(into.task) }
          else
            lots.select { |each| from.taken_by.include?(each.lot.task) }
          end
        found.map { |each| lot(each) }
      end

      def entries_of(lot)
        own = Records::Entry.where(lot: lot.code)
        own
          .or(Records::Entry.where(service: lot.service, task: lot.task))
          .order(:at, :id)
          .map { |each| said(each) }
      end

      def lot(held)
        lot = held.lot
        {
          "code" => lot.code,
          "name" => lot.name,
          "batch" => lot.batch,
          "colour" => lot.colour,
          "grams" => held.grams&.round(1),
          "text" => held.grams ? writer.g(held.grams) : "not weighed",
          "weighed" => held.weighed,
          "planned" => lot.grams&.round(1),
          "state" => held.state,
          "service" => lot.service,
          "service_name" => lot.service_name,
          "made" => lot.made,
          "best" => lot.best,
          "discard" => lot.discard,
          "allergens" => lot.allergens,
          "promised" =>
            held.promised.map do |each|
              { "service" => each.service, "name" => each.service_name, "text" => writer.g(each.grams) }
            end
        }.compact
      end
    end
  end
end
