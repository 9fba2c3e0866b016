# frozen_string_literal: true

require "cgi"

module Scullion
  module Papers
    # A hold label as SVG, for a label printer or a screen.
    class LabelPicture
      WIDTH, HEIGHT = 400, 240
      LONGEST = 26

      # @param label [Hash] one of Sheets#hold_labels
      def initialize(label)
        @label = label
      end

      # @return [String]
      def to_svg = "#{[opening, name, *times, *below].join("\n  ")}\n</svg>\n"

      private

      def opening
        size = %(width="#{WIDTH}" height="#{HEIGHT}" viewBox="0 0 #{WIDTH} #{HEIGHT}")
        %(<svg xmlns="http://www.w3.org/2000/svg" #{size} font-family="sans-serif" fill="#000">\n  #{frame})
      end

      def frame
        size = %(width="#{WIDTH - 4}" height="#{HEIGHT - 4}")
        %(<rect x="2" y="2" #{size} rx="10" fill="#fff" stroke="#000" stroke-width="3"/>)
      end

      def name
        said = [@label["name"], @label["batch"]].compact.join(", ")
        text(46, said.length > LONGEST ? 20 : 28, said[0, 40], bold: true)
      end

      # When it is ready, how long it is at its best, and in bold when it must go.
      def times
        said = ["Ready #{@label["ready"]}", "Best until #{@label["best"]}", "Discard #{@label["discard"]}"]
        said.each_with_index.map { |line, index| text(86 + (index * 32), 24, line, bold: index == 2) }
      end

      def below
        [*contains, *kept, text(228, 15, "#{@label["rules"]} · By: ________")]
      end

      # How it is kept; in its place a stop, as far as two lines go.
      def kept
        return [text(206, 15, @label["kept"].to_s, bold: true)] unless @label["stop"]

        lines = "STOP: #{@label["stop"]}".scan(/.{1,54}(?:\s|\z)/)
        lines = [lines.first, "#{lines[1].strip} …"] if lines.size > 2
        lines.each_with_index.map { |line, index| text(196 + (index * 15), 12, line.strip, bold: true) }
      end

      # All of them, on as many lines as it takes: an allergen is never cut off.
      def contains
        words = "Contains: #{@label["allergens"]}"
        size = words.length > 90 ? 9 : 14
        lines = words.scan(/.{1,#{size == 9 ? 84 : 52}}(?:,\s|\z)/)
        lines.each_with_index.map { |line, index| text(172 + (index * (size + 2)), size, line) }
      end

      def text(top, size, words, bold: false)
        weight = bold ? ' font-weight="bold"' : ""
        %(<text x="16" y="#{top}" font-size="#{size}"#{weight}>#{safe(words)}</text>)
      end

      def safe(text) = CGI.escapeHTML(text)
    end
  end
end
