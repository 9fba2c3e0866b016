# frozen_string_literal: true

module Scullion
  module Guards
    # Refuses bodies over 1 MB, whether they say their length or come in chunks.
    class BodyLimit
      MOST = 1_048_576

      def initialize(app)
        @app = app
      end

      def call(env)
        raise TooLarge if env["CONTENT_LENGTH"].to_i > MOST

        read_chunks(env) if env["HTTP_TRANSFER_ENCODING"]
        @app.call(env)
      end

      # Answered with 413 by Problems.
      class TooLarge < StandardError
      end

      private

      def read_chunks(env)
        body = env["rack.input"].read(MOST + 1).to_s
        raise TooLarge if body.bytesize > MOST

        env["rack.input"] = StringIO.new(body)
      end
    end
  end
end
