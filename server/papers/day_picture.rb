# frozen_string_literal: true

require "prawn"

module Scullion
  module Papers
    # The day by what is made, on the wall: one sheet of A3, or two of A4 beside each other, across and black
    # on white. Hands are solid with who it is, heat is hatched, what only waits is ruled thinly; below the
    # lanes of the cooks each food's own way into its salad.
    class DayPicture
      # Size of the paper, and on how many of them.
      PAPERS = {
        "a3" => ["A3", 1],
        "a4" => ["A4", 2],
        "tabloid" => ["TABLOID", 1],
        "letter" => ["LETTER", 2]
      }.freeze
      MARGIN, LABEL, BEFORE, HEAD = 28, 120, 52, 54
      ROW = (7.0..30.0).freeze
      HALF_HOUR = 30
      LEAST_LETTERS = 5.5
      HATCH = 3.2
      # A stretch of work as it is drawn.
      Stretch = Struct.new(:task, :from, :to, :kind, :cook, keyword_init: true)
      Row = Struct.new(:name, :bold, :before, :stretches, :waits, :said, keyword_init: true)

      # @param sheets [Sheets] for its title @param day [Hash] a roster's @param sure [String] how sure it is
      # @param paper [String] a key of PAPERS
      def initialize(sheets, day, sure, paper)
        @sheets, @day, @sure = sheets, day, sure
        @size, @pages = PAPERS.fetch(paper)
        @lanes = day["lanes"].to_h { |lane| [lane["key"], lane] }
        @tasks = day["tasks"].select { |task| task["placed"] }.to_h { |task| [task["key"], task] }
      end

      # @return [String] the PDF
      def render
        @pdf = Packet.blank(@size, layout: :landscape, margin: MARGIN, title: title)
        @pages.times do |page|
          @pdf.start_new_page unless page.zero?
          draw(*span(page))
        end
        @pdf.render
      end

      private

      def title = "#{@sheets.title}, #{@sheets.subtitle}"
      def minute(iso) = ((DateTime.iso8601(iso) - DateTime.new(1970)) * Moment::DAY).round
      def midnight = minute("#{@day["service"]["date"]}T00:00")

      # From the half-hour in which work begins on the day itself until the last of it is over.
      def whole
        @whole ||=
          begin
            there = stretches(@tasks.values).select { |each| each.from >= midnight && each.kind == :hands }
            first = [*there.map(&:from), minute(@day["service"]["from"])].min
            last = [*there.map(&:to), minute(@day["service"]["to"])].max
            [first.div(HALF_HOUR) * HALF_HOUR, (last.fdiv(HALF_HOUR).ceil + 1) * HALF_HOUR]
          end
      end

      # What of it a page shows: in halves on two.
      def span(page)
        from, to = whole
        each = ((to - from).fdiv(@pages * HALF_HOUR)).ceil * HALF_HOUR
        [from + (page * each), from + ((page + 1) * each)]
      end

      def draw(from, to)
        @from, @to = from, to
        heading
        axis
        rows.each_with_index { |row, index| drawn(row, top - (index * height)) }
      end

      def heading
        @pdf.text(@sheets.title, size: 16, style: :bold)
        said = [
          "#{@sheets.subtitle}.",
          "Begins #{@day["first"]}.",
          @day.dig("in_place", "said"),
          @sure
        ].compact
        @pdf.text(said.join(" "), size: 9)
      end

      def left = LABEL + BEFORE
      def top = @pdf.bounds.top - HEAD
      def height = (top / rows.size).clamp(ROW.begin, ROW.end)
      def letters = [height * 0.55, 11].min
      def x(at) = left + ((at.clamp(@from, @to) - @from).fdiv(@to - @from) * (@pdf.bounds.width - left))

      # Hours ruled through, doors and the last guest thicker.
      def axis
        foot = top - (rows.size * height)
        (@from.fdiv(HALF_HOUR).ceil * HALF_HOUR).step(@to, HALF_HOUR) do |at|
          ruled(at, foot, 0.3)
          @pdf.draw_text(clock(at), at: [x(at) + 1, top + 5], size: 7)
        end
        { "doors" => "from", "last guest" => "to" }.each do |name, side|
          at = minute(@day["service"][side])
          next unless at.between?(@from, @to)

          ruled(at, foot, 1.6)
          @pdf.draw_text(name, at: [x(at) + 3, top + 13], size: 8, style: :bold)
        end
      end

      def ruled(at, foot, width)
        @pdf.line_width(width)
        @pdf.stroke_line([x(at), top], [x(at), foot])
      end
      def clock(at) = format("%02d:%02d", *((at - midnight) % Moment::DAY).divmod(60))

      # @return [Array<Row>]
      def rows
        @rows ||= [*cooks, *@day["strands"].flat_map { |strand| [*foods(strand), salad(strand)] }]
      end

      def cooks
        @day["lanes"]
          .select { |lane| lane["kind"] == "cook" }
          .map do |lane|
            mine = stretches(@tasks.values).select { |each| each.cook == lane["name"] }
            Row.new(name: lane["name"], bold: true, stretches: mine, said: ->(each) { food(each.task) })
          end
      end

      def foods(strand)
        strand["rows"]
          .select { |row| row["preparation"] }
          .map do |row|
            made = @tasks.values_at(*row["tasks"]).compact
            Row.new(
              name: row["name"],
              before: begun(made),
              stretches: stretches(made),
              waits: [
                made.map { |task| minute(task["start"]) }.min,
                minute(row["into"].last || row["ready_at"])
              ],
              said: :cook.to_proc
            )
          end
      end

      # With its dressing on the same line.
      def salad(strand)
        dressings = strand["rows"].reject { |row| row["preparation"] }.flat_map { |row| row["tasks"] }
        own = @tasks.values_at(*dressings, *strand["tasks"]).compact
        Row.new(
          name: "#{strand["salad"]}: #{strand["best"]["said"]}",
          bold: true,
          stretches: stretches(own),
          said: ->(each) { each.kind == :hands ? each.cook : "rests" }
        )
      end

      # Of what begins on a day before, when.
      def begun(tasks)
        first = tasks.min_by { |task| task["start"] } or return
        first["begins"].sub(/\A(\w+) .*, /, '\1 ') if minute(first["start"]) < whole.first
      end

      def food(task) = task["name"].split(/[:,]/).first

      def stretches(tasks)
        tasks.flat_map do |task|
          task["segments"].map do |each|
            Stretch.new(
              task: task,
              from: minute(each["from"]),
              to: minute(each["to"]),
              kind: kind(each),
              cook: each["cook"]
            )
          end
        end
      end

      def kind(segment)
        return :hands if segment["cook"]

        heated = segment["lanes"].any? { |lane| lane.match?(/\A(?:burner|oven|steamer|microwave)/) }
        heated ? :heat : :waits
      end

      def drawn(row, at)
        @pdf.line_width(0.3)
        @pdf.stroke_line([0, at - height], [@pdf.bounds.width, at - height]) if row.bold
        named(row, at)
        waiting(row.waits, at) if row.waits
        row.stretches.select { |each| each.to > @from && each.from < @to }.each { |each| bar(each, row, at) }
      end

      def named(row, at)
        style = row.bold ? :bold : :normal
        box = { size: letters, style: style, overflow: :shrink_to_fit, min_font_size: 4, valign: :center }
        width = row.before ? LABEL - 4 : left - 6
        @pdf.text_box(row.name, at: [0, at], width: width, height: height, **box)
        return unless row.before

        @pdf.text_box(row.before, at: [LABEL, at], width: BEFORE - 4, height: height, **box, style: :normal)
      end

      # Ready, or between two steps.
      def waiting(span, at)
        from, to = span.map { |each| x(each) }
        return unless to > from

        @pdf.line_width(1.2)
        @pdf.stroke_line([from, at - (height / 2)], [to, at - (height / 2)])
      end

      def bar(stretch, row, at)
        from, to = x(stretch.from), x(stretch.to)
        corner, width, tall = [from, at - 1], [to - from, 1.2].max, height - 2.4
        @pdf.line_width(0.6)
        @pdf.fill_color(stretch.kind == :hands ? "000000" : "FFFFFF")
        @pdf.fill_rectangle(corner, width, tall)
        @pdf.fill_color("000000")
        hatched(corner, width, tall, stretch.kind == :heat ? HATCH : HATCH * 2) unless stretch.kind == :hands
        # One after the other, each is seen to be one.
        @pdf.stroke_color(stretch.kind == :hands ? "FFFFFF" : "000000")
        @pdf.stroke_rectangle(corner, width, tall)
        @pdf.stroke_color("000000")
        written(row.said.call(stretch), corner, width, tall, stretch.kind == :hands)
      end

      def hatched(corner, width, tall, apart)
        @pdf.line_width(0.4)
        @pdf.save_graphics_state do
          @pdf.rectangle(corner, width, tall)
          @pdf.add_content("W n")
          (corner[0] - tall).step(corner[0] + width, apart) do |at|
            @pdf.stroke_line([at, corner[1] - tall], [at + tall, corner[1]])
          end
        end
      end

      # Only where all of it has room, smaller where it must be.
      def written(text, corner, width, tall, white)
        size = text && letters.step(LEAST_LETTERS, -0.5).find { |each| wide(text, each) < width - 2 } or
          return
        @pdf.fill_color(white ? "FFFFFF" : "000000")
        @pdf.text_box(
          text,
          at: corner,
          width: width,
          height: tall,
          size: size,
          style: :bold,
          align: :center,
          valign: :center
        )
        @pdf.fill_color("000000")
      end

      def wide(text, size) = @pdf.width_of(text, size: size, style: :bold)
    end
  end
end
