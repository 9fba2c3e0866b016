# frozen_string_literal: true

module Scullion
  module Guards
    # Plans take turns: Ruby works on one at a time anyway, and while one is worked on the rest wait here and
    # not in the way of what is answered at once.
    class Turns
      # Asked for all the time, and answered at once.
      AT_ONCE = %r{\A/(?!api/)|\A/api/(health|ingredients|backups|services(/\d+(/ticks)?)?)\z}.freeze
      TURN = Mutex.new

      def initialize(app)
        @app = app
      end

      def call(env)
        return @app.call(env) if TURN.owned? || AT_ONCE.match?(env["PATH_INFO"])

        TURN.synchronize { @app.call(env) }
      end

      # While something is waited for that is done elsewhere, the next one has its turn.
      def self.aside
        return yield unless TURN.owned?

        TURN.unlock
        begin
          yield
        ensure
          TURN.lock
        end
      end
    end
  end
end
