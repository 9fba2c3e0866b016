# frozen_string_literal: true

module Scullion
  # Something the cook should look at before service. severity: "look" or "stop"; hazard: of a sheet's own
  # stop, what it is known by for who takes it on.
  Snag =
    Struct.new(:severity, :stage, :what, :remedy, :hazard, keyword_init: true) do
      def stop? = severity == "stop"
      def to_h = { "severity" => severity, "stage" => stage, "what" => what, "remedy" => remedy }
    end
end
