# frozen_string_literal: true

require "rqrcode"

module Scullion
  module Papers
    # A lot's label as plain text, for a label printer: the code, what it is, its dates, allergens, and where
    # its page is, as a QR code of block letters.
    class LotLabel
      # @param lot [Hash] as the record has it @param base [String] where this house is served
      def initialize(lot, base)
        @lot, @base = lot, base
      end

      def to_s
        [
          "#{@lot["code"]}  #{@lot["name"]}#{", #{@lot["batch"]}" if @lot["batch"]}",
          @lot["text"],
          "Made #{moment("made")}",
          "Best until #{moment("best")}",
          "DISCARD BY #{moment("discard")}",
          @lot["allergens"].any? ? "Contains #{@lot["allergens"].join(", ")}" : "None of the fourteen",
          code,
          ""
        ].join("\n")
      end

      private

      def moment(field) = @lot[field].tr("T", " ")
      def code = RQRCode::QRCode.new("#{@base}/record/#{@lot["code"]}").to_s(dark: "██", light: "  ")
    end
  end
end
