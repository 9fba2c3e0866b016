# frozen_string_literal: true

module Scullion
  module Record
    # Reads an entry from plain data. What cannot have happened is refused in plain words; what is only
    # unlikely is kept.
    class EntryForm
      # @param fields [DocumentReader] @param practice [Practice]
      def initialize(fields, practice)
        @fields, @practice = fields, practice
      end

      # @return [Entry, nil]
      def read
        before = @fields.faults.size
        @fields.only(*Entry::FIELDS, "written", "picture")
        entry = Entry.new(**times, **what, **where, **more)
        @fields.fault("value", "This entry has nothing to say.", "Give a value, or a note.") if empty?(entry)
        entry if @fields.faults.size == before
      end

      private

      def times
        {
          uid: @fields.match("uid", Entry::UID, "3f2a9c1e-77b0"),
          at: @fields.match("at", Entry::AT, "2026-11-28T09:40:00Z"),
          clock: @fields.match("clock", Entry::CLOCK, "2026-11-28T09:40"),
          by: @fields.text("by", most: 12, default: nil)
        }
      end

      def kinds = @practice.words("record", "kinds")
      def kind = @kind ||= @fields.choice("kind", kinds.keys)
      def unit = kind && kinds.fetch(kind)["unit"]
      def void? = @fields.flag("void")

      def what
        of = kind && kinds.fetch(kind)["of"]
        {
          kind: kind,
          of: of && (void? ? @fields.choice("of", of, default: nil) : @fields.choice("of", of)),
          value: value,
          unit: unit
        }
      end

      def value
        return if unit.nil?
        return written if @fields.given?("written")

        least, most, words = span
        @fields.number(
          "value",
          least..most,
          words,
          default: void? || optional? ? nil : DocumentReader::REQUIRED
        )
      end

      # As a cook wrote it, in what the house reads.
      def written
        text = @fields.text("written", most: 40) or return
        read, (least, most, words) = Written.read(text, unit, @practice.measures), span
        return read if read&.between?(least, most)

        @fields.fault(
          "written",
          "#{Fault.shown(text)} #{read ? "cannot be" : "cannot be read"}.",
          "Use #{least} to #{most.to_i} #{words}."
        )
      end

      def span
        case unit
        when "c"
          [bound("lowest_c"), bound("highest_c"), "°C, which food or a fridge can have"]
        when "g"
          [0, bound("heaviest_kg") * 1000, "g"]
        when "min"
          [0, bound("most_minutes"), "minutes"]
        else
          [0, bound("most_covers"), "covers"]
        end
      end

      def bound(name) = @practice.fetch("record/bounds/#{name}")
      # A delivery may be ticked, and be late without a figure.
      def optional? = %w[received late].include?(kind)

      def where
        {
          service: @fields.whole("service", 1..2_147_483_647, "of a service", default: nil),
          task: @fields.text("task", most: 80, default: nil),
          lot: @fields.text("lot", most: 12, default: nil),
          about: @fields.text("about", most: 120, default: nil)
        }
      end

      def more
        {
          device: @fields.text("device", most: 80, default: nil),
          note: @fields.text("note", most: 500, default: nil),
          mends: @fields.match("mends", Entry::UID, "3f2a9c1e-77b0", default: nil),
          void: void? || nil,
          picture: picture
        }
      end

      # @return [String, nil] bytes
      def picture
        return unless @fields.given?("picture")

        said = @fields.raw("picture")
        bytes = said.unpack1("m0") if said.is_a?(String)
        return bytes if bytes&.start_with?(Entry::JPEG) && bytes.bytesize <= Entry::PICTURE

        refuse_picture
      rescue ArgumentError
        refuse_picture
      end

      def refuse_picture
        most = "#{Entry::PICTURE / 1000} kB"
        @fields.fault("picture", "This is no picture that can be kept.", "Send a JPEG of #{most} at most.")
      end

      # A note without words or a picture; a mending entry says what it mends.
      def empty?(entry)
        %w[note tasted].include?(kind) && entry.note.nil? && entry.picture.nil? && !entry.void
      end
    end
  end
end
