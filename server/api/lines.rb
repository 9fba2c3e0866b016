# frozen_string_literal: true

module Scullion
  module Api
    # The body of an answer that tells how far its work is: a line {"done", "of"} now and then, and last
    # {"result"} or {"problem"}. Who goes away stops the work.
    class Lines
      # Longer than anyone waits who does not see how far it is.
      LONGEST_SECONDS = 120

      # @param slow [Once] @param key [Object] @param work [#call] @param shown [#call] see Answers#slowly
      def initialize(slow, key, work, shown)
        @slow, @key, @work, @shown = slow, key, work, shown
      end

      # @yield [String] each line
      def each
        far = ->(*word) { yield line(%w[done of found].zip(word).to_h.compact) }
        result = @slow.of(@key) { Apart.run(most: LONGEST_SECONDS, waiting: far, &@work) }
        yield line("result" => @shown.call(result))
      rescue IOError, SystemCallError
        raise
      rescue StandardError => e
        yield line("problem" => Guards::Problems.of(e))
      end

      private

      def line(said) = "#{JSON.generate(said)}\n"
    end
  end
end
