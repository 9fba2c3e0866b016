# frozen_string_literal: true

module Scullion
  module Exchange
    # The text of a table file as table programs save it: UTF-8 with or without its mark, UTF-16 with its
    # mark, or the usual Western encoding where it is neither.
    module TableText
      MARKS = {
        "\xEF\xBB\xBF" => Encoding::UTF_8,
        "\xFF\xFE" => Encoding::UTF_16LE,
        "\xFE\xFF" => Encoding::UTF_16BE
      }.transform_keys(&:b).freeze

      # @param bytes [String] @return [String] UTF-8
      # @raise [InvalidBrief] when it is none of them
      def self.read(bytes)
        mark, encoding = MARKS.find { |each, _| bytes.b.start_with?(each) }
        text = bytes.b.delete_prefix(mark.to_s).force_encoding(encoding || Encoding::UTF_8)
        text = text.force_encoding(Encoding::Windows_1252) unless text.valid_encoding? || encoding
        text.encode(Encoding::UTF_8)
      rescue EncodingError
        raise InvalidBrief,
              Fault.new(
                what: "The text is in no usual encoding.",
                where: "/file",
                remedy: "Save the table as CSV UTF-8."
              )
      end
    end
  end
end
