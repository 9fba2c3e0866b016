# frozen_string_literal: true

module Scullion
  module Guards
    # Plans take turns: Ruby works on one at a time anyway, and while one is worked on the rest wait here and
    # not in the way of what is answered at once. Who came first goes first.
    class Turns
      # Asked for all the time, and answered at once.
      AT_ONCE = %r{\A/(?!api/)|\A/api/(health|ingredients|backups|services(/\d+(/ticks)?)?)\z}.freeze

      # One at a time, in the order in which they came: a mutex lets whoever asks at the right moment go
      # before those who wait.
      class InOrder
        def initialize
          @lock, @waiting, @turn = Mutex.new, [], nil
        end

        def owned? = @turn.equal?(Thread.current)

        # Who is sent away while waiting, however, keeps neither the place nor the turn.
        def take
          mine, taken = [Thread.current, Queue.new], false
          @lock.synchronize { @turn ? @waiting << mine : @turn = Thread.current }
          mine.last.pop unless owned?
          taken = true
        ensure
          leave(mine) unless taken
        end

        # To the next one, if it is one's own.
        def give
          return unless owned?

          @lock.synchronize do
            thread, woken = @waiting.shift
            @turn = thread
            woken&.push(true)
          end
        end

        private

        def leave(mine)
          @lock.synchronize { @waiting.delete(mine) }
          give
        end
      end
      TURN = InOrder.new

      def initialize(app)
        @app = app
      end

      def call(env)
        return @app.call(env) if TURN.owned? || AT_ONCE.match?(env["PATH_INFO"])

        TURN.take
        begin
          @app.call(env)
        ensure
          TURN.give
        end
      end

      # While something is waited for that is done elsewhere, the next one has its turn.
      def self.aside
        return yield unless TURN.owned?

        TURN.give
        begin
          yield
        ensure
          TURN.take
        end
      end
    end
  end
end
