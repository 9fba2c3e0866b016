# frozen_string_literal: true

require "rqrcode"

module Scullion
  module Papers
    # A lot's label: the code, what it is, its dates, allergens, and a QR code of where its page is. As plain
    # text for a label printer, with the code in block letters; or as a page to be printed and cut out.
    class LotLabel
      # Points: 100 by 62 mm.
      SIZE, MARGIN, SQUARE = [283, 176].freeze, 10, 92
      LARGE, SMALL, LEAST = 18, 10, 6
      # @param lot [Hash] as the record has it @param base [String] where this house is served
      def initialize(lot, base)
        @lot, @base = lot, base
      end

      def to_s = [title, *lines, code.to_s(dark: "██", light: "  "), ""].join("\n")

      # @return [String] a PDF of one page
      def to_pdf
        pdf = Packet.blank(SIZE, title: title, margin: MARGIN)
        words_on(pdf)
        square_on(pdf)
        pdf.render
      end

      private

      def title = "#{@lot["code"]}  #{@lot["name"]}#{", #{@lot["batch"]}" if @lot["batch"]}"

      def lines
        [
          @lot["text"],
          "Made #{moment("made")}",
          "Best until #{moment("best")}",
          "DISCARD BY #{moment("discard")}",
          @lot["allergens"].any? ? "Contains #{@lot["allergens"].join(", ")}" : "None of the fourteen"
        ].compact
      end

      def moment(field) = @lot[field].tr("T", " ")
      def code = @code ||= RQRCode::QRCode.new("#{@base}/record/#{@lot["code"]}")

      # The name across, the rest beside the code; smaller where it would not fit, never cut.
      def words_on(pdf)
        box = ->(text, **more) do
          pdf.text_box(
            text,
            overflow: :shrink_to_fit,
            min_font_size: LEAST,
            disable_wrap_by_char: true,
            **more
          )
        end
        top, width = pdf.bounds.top, pdf.bounds.width
        box[title, at: [0, top], width: width, height: 2 * LARGE, size: LARGE, style: :bold]
        rest = { width: width - SQUARE - MARGIN, height: top - (2 * LARGE), size: SMALL, leading: 3 }
        box[lines.join("\n"), at: [0, top - (2 * LARGE)], **rest]
      end

      def square_on(pdf)
        rows = code.modules
        side = SQUARE.fdiv(rows.size)
        left = pdf.bounds.width - SQUARE
        rows.each_with_index do |row, down|
          row.each_with_index do |dark, across|
            next unless dark

            pdf.fill_rectangle([left + (across * side), SQUARE - (down * side)], side, side)
          end
        end
      end
    end
  end
end
