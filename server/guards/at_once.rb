# frozen_string_literal: true

module Scullion
  module Guards
    # What is compressed is compressed in the turn of who asked for it, and not while it is sent: there it
    # would have to wait again and again for whoever has the turn by then.
    class AtOnce
      def initialize(app)
        @app = app
      end

      def call(env)
        status, headers, body = @app.call(env)
        return status, headers, body unless body.is_a?(Rack::Deflater::GzipStream)

        [status, headers, [whole(body)]]
      end

      private

      def whole(body)
        body.enum_for(:each).map(&:dup).join
      ensure
        body.close
      end
    end
  end
end
