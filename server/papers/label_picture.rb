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
      def to_svg
        lines = ["Ready #{@label['ready']}", "Best until #{@label['best']}", "Discard #{@label['discard']}"]
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="#{WIDTH}" height="#{HEIGHT}" viewBox="0 0 #{WIDTH} #{HEIGHT}" font-family="sans-serif" fill="#000">
            <rect x="2" y="2" width="#{WIDTH - 4}" height="#{HEIGHT - 4}" rx="10" fill="#fff" stroke="#000" stroke-width="3"/>
            <text x="16" y="46" font-size="#{@label['name'].length > LONGEST ? 20 : 28}" font-weight="bold">#{safe(@label['name'][0, 40])}</text>
            #{lines.each_with_index.map { |line, index| %(<text x="16" y="#{86 + (index * 32)}" font-size="24"#{' font-weight="bold"' if index == 2}>#{safe(line)}</text>) }.join("\n  ")}
            <text x="16" y="188" font-size="18">Contains: #{safe(@label['allergens'][0, 44])}</text>
            <text x="16" y="220" font-size="16">#{safe(@label['rules'])} · By: ________</text>
          </svg>
        SVG
      end

      private

      def safe(text) = CGI.escapeHTML(text)
    end
  end
end
