# frozen_string_literal: true

require "timeout"

module Scullion
  module Guards
    # Ends what takes longer than anyone waits; what it was about to keep is not kept.
    class TimeLimit
      def initialize(app)
        @app = app
      end

      def call(env) = Timeout.timeout(Apart::LONGEST_SECONDS, Apart::TooLong) { @app.call(env) }
    end
  end
end
