# frozen_string_literal: true

module Scullion
  module Guards
    # Refuses bodies over 4 MB, whether they say their length or come in chunks, and such as are no text.
    class BodyLimit
      MOST = 4 * 1_048_576

      def initialize(app)
        @app = app
      end

      def call(env)
        raise TooLarge if env["CONTENT_LENGTH"].to_i > MOST

        body = env["rack.input"]&.read(MOST + 1).to_s
        raise TooLarge if body.bytesize > MOST
        raise NoText unless body.dup.force_encoding(Encoding::UTF_8).valid_encoding?

        env["rack.input"] = StringIO.new(body)
        @app.call(env)
      end

      # Answered with 413 by Problems.
      class TooLarge < StandardError
      end

      # Answered with 400 by Problems.
      class NoText < StandardError
      end
    end
  end
end
