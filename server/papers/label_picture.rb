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

      def name = text(46, @label["name"].length > LONGEST ? 20 : 28, @label["name"][0, 40], bold: true)

      # When it is ready, how long it is at its best, and in bold when it must go.
      def times
        said = ["Ready #{@label["ready"]}", "Best until #{@label["best"]}", "Discard #{@label["discard"]}"]
        said.each_with_index.map { |line, index| text(86 + (index * 32), 24, line, bold: index == 2) }
      end

      def below
        [
          text(188, 18, "Contains: #{@label["allergens"][0, 44]}"),
          text(220, 16, "#{@label["rules"]} · By: ________")
        ]
      end

      def text(top, size, words, bold: false)
        weight = bold ? ' font-weight="bold"' : ""
        %(<text x="16" y="#{top}" font-size="#{size}"#{weight}>#{safe(words)}</text>)
      end

      def safe(text) = CGI.escapeHTML(text)
    end
  end
end
