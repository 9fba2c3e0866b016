# frozen_string_literal: true

module Scullion
  # Something the cook should look at before service. severity: "look" or "stop".
  Snag =
    Struct.new(:severity, :stage, :what, :remedy, keyword_init: true) do
      def to_h = { "severity" => severity, "stage" => stage, "what" => what, "remedy" => remedy }
    end
end
