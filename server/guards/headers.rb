# frozen_string_literal: true

module Scullion
  module Guards
    # Headers on every answer: only our own scripts, styles, fonts and pictures; nothing inline;
    # no frame, no sniffing, no referrer.
    class Headers
      POLICY =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; " \
          "connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; " \
          "form-action 'none'; frame-ancestors 'none'"
      ALWAYS = {
        "content-security-policy" => POLICY,
        "x-content-type-options" => "nosniff",
        "referrer-policy" => "no-referrer",
        "x-frame-options" => "DENY",
        "cross-origin-opener-policy" => "same-origin"
      }.freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        status, headers, body = @app.call(env)
        [status, headers.merge(ALWAYS), body]
      end
    end
  end
end
