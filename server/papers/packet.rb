# frozen_string_literal: true

require "prawn"
require "prawn/table"

module Scullion
  module Papers
    # The sheets of a service set in type, one to a page at least: black on white, wall sheets large
    # enough to read from two metres, labels to cut out.
    class Packet
      FONTS = File.expand_path("../fonts", __dir__)
      PAPER = { "a4" => "A4", "letter" => "LETTER" }.freeze
      MARGIN = 36
      # Points: a letter 1/200 of the distance high is read with ease; 20 pt is 7 mm.
      # A little less where that saves a second page.
      WALL, DESK, SMALL, TITLE = [20, 18].freeze, [11, 10].freeze, 11, 28
      STOP, CARE = 16, 13
      LABELS_ACROSS, LABELS_DOWN = 2, 5
      CELL = {
        borders: [:bottom],
        border_width: 0.75,
        padding: [5, 8, 5, 2],
        overflow: :shrink_to_fit,
        min_font_size: 9
      }.freeze

      # @return [Prawn::Document] empty, in the letters of all our papers
      def self.blank(size, title:, layout: :portrait, margin: MARGIN)
        document =
          Prawn::Document.new(
            page_size: size,
            page_layout: layout,
            margin: margin,
            info: {
              Title: title,
              Creator: "Scullion"
            }
          )
        document.font_families.update(
          "Sheet" => {
            normal: File.join(FONTS, "DejaVuSansCondensed.ttf"),
            bold: File.join(FONTS, "DejaVuSansCondensed-Bold.ttf")
          }
        )
        document.tap { |each| each.font("Sheet") }
      end

      # @param sheets [Sheets] @param paper [String] a key of PAPER
      def initialize(sheets, paper)
        @sheets, @paper = sheets, PAPER.fetch(paper)
      end

      # @yield [Integer, Integer] sheets set, of how many
      # @return [String] the PDF
      def render
        @pdf = Packet.blank(@paper, title: "#{@sheets.title}, #{@sheets.subtitle}")
        sheets = @sheets.all
        sheets.each_with_index do |sheet, index|
          page(sheet, first: index.zero?)
          yield index + 1, sheets.size if block_given?
        end
        cut_out
        @sheets.pictures.each { |words, jpeg| picture(words, jpeg) }
        @pdf.number_pages("#{@sheets.title} · <page> of <total>", at: [0, -10], size: SMALL)
        @pdf.render
      end

      private

      def page(sheet, first:)
        @pdf.start_new_page unless first
        @pdf.text(sheet.title, size: TITLE, style: :bold)
        @pdf.text(@sheets.subtitle, size: SMALL)
        @pdf.text(sheet.note, size: SMALL) if sheet.note
        warnings(sheet)
        @pdf.move_down(8)
        return @pdf.text("Nothing here.", size: SMALL) if sheet.rows.empty?

        tables = (sheet.wall ? WALL : DESK).lazy.map { |size| table(sheet, size) }
        (tables.find { |table| table.height <= @pdf.cursor } || tables.first).draw
      end

      # Above the table, a stop large and framed.
      def warnings(sheet)
        (sheet.warnings || []).each do |each|
          @pdf.move_down(5)
          stop = each.grave == "stop"
          @pdf.text(each.to_s, size: stop ? STOP : CARE, style: each.grave == "mind" ? :normal : :bold)
          frame(each.to_s) if stop
        end
      end

      def frame(said)
        height = @pdf.height_of(said, size: STOP, style: :bold)
        @pdf.stroke_rectangle([-4, @pdf.cursor + height + 2], @pdf.bounds.width + 8, height + 4)
      end

      def table(sheet, size)
        widths = sheet.widths.map { |width| @pdf.bounds.width * width / sheet.widths.sum }
        cells = [sheet.head, *sheet.rows].map { |row| row.map(&:to_s) }
        @pdf.make_table(
          cells,
          header: true,
          column_widths: widths,
          cell_style: CELL.merge(size: size)
        ) do |grid|
          grid.row(0).style(font_style: :bold, size: SMALL, border_width: 1.5)
          grid.column(0).style(font_style: :bold)
          sheet.amounts.each { |column| grid.column(column).style(align: :right) }
        end
      end

      # Two across, to be cut along the lines.
      def cut_out
        labels = @sheets.hold_labels
        labels.each_slice(LABELS_ACROSS * LABELS_DOWN) do |some|
          @pdf.start_new_page
          @pdf.define_grid(columns: LABELS_ACROSS, rows: LABELS_DOWN, gutter: 8)
          some.each_with_index do |label, index|
            @pdf.grid(index / LABELS_ACROSS, index % LABELS_ACROSS).bounding_box { one(label) }
          end
        end
      end

      # On a page of its own, with its words. One that cannot be drawn says so.
      def picture(words, jpeg)
        @pdf.start_new_page
        @pdf.text(words, size: CARE)
        @pdf.move_down(8)
        @pdf.image(StringIO.new(jpeg), fit: [@pdf.bounds.width, @pdf.cursor])
      rescue Prawn::Errors::UnsupportedImageType
        @pdf.text("This picture cannot be drawn; the record has it.", size: CARE)
      end

      def one(label)
        @pdf.stroke_bounds
        @pdf.bounding_box(
          [8, @pdf.bounds.top - 6],
          width: @pdf.bounds.width - 16,
          height: @pdf.bounds.height - 12
        ) do
          @pdf.text_box(
            [label["name"], label["batch"]].compact.join(", "),
            size: 18,
            style: :bold,
            height: 24,
            overflow: :shrink_to_fit,
            at: [0, @pdf.bounds.top]
          )
          lines = ["Ready #{label["ready"]}", "Best until #{label["best"]}", "DISCARD #{label["discard"]}"]
          @pdf.text_box(
            lines.join("\n"),
            size: 13,
            at: [0, @pdf.bounds.top - 26],
            leading: 3,
            height: 58,
            overflow: :shrink_to_fit
          )
          @pdf.text_box(
            [
              *("STOP: #{label["stop"]}" if label["stop"]),
              "Contains: #{label["allergens"]}",
              [label["kept"], label["rules"], "By: ______"].compact.join(". ")
            ].join("\n"),
            size: SMALL,
            at: [0, @pdf.bounds.top - 86],
            height: 40,
            overflow: :shrink_to_fit
          )
        end
      end
    end
  end
end
