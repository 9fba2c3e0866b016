# frozen_string_literal: true

require "active_support/message_verifier"
require "openssl"

module Scullion
  module Guards
    # Beyond this machine only who knows the access code comes in: once by the page that asks for it, which
    # leaves a signed cookie, or with every request by HTTP Basic, for programs.
    class Access
      COOKIE = "scullion"
      # Where the code is sent to, and what the page that asks for it is made of.
      DOOR = "/access"
      OPEN = %r{\A/(?:assets/|trust\.crt\z|manifest\.webmanifest\z)}.freeze
      SESSION_SECONDS = 30 * 86_400
      ROUNDS = 200_000
      ASKS = "This kitchen asks for its access code.".freeze

      # @param code [String] @param guesses [Guesses]
      # @param proxied [Boolean] asked through a proxy, which says who asks and how
      def initialize(app, code:, guesses: Guesses.new, proxied: false)
        @app, @code, @guesses, @proxied = app, code, guesses, proxied
        # A new code ends all sessions; several processes with one code share them.
        derived = { salt: "session", iterations: ROUNDS, length: 32, hash: "SHA256" }
        secret = OpenSSL::KDF.pbkdf2_hmac(code, **derived)
        @verifier = ActiveSupport::MessageVerifier.new(secret, digest: "SHA256", serializer: JSON)
      end

      def call(env)
        request = Rack::Request.new(env)
        return knock(request) if request.post? && request.path_info == DOOR
        return @app.call(env) if request.path_info.match?(OPEN) || known?(request)

        basic(request) || ask(request)
      end

      private

      def known?(request) = @verifier.verified(request.cookies[COOKIE].to_s) == "in"

      # @return [Array, nil] a Rack answer; nil where no code was sent
      def basic(request)
        auth = Rack::Auth::Basic::Request.new(request.env)
        return unless auth.provided? && auth.basic?

        tried(request, auth.credentials.last) { @app.call(request.env) }
      end

      def knock(request)
        raise BodyLimit::TooLarge if request.content_length.to_i > 10_000

        tried(request, typed(request), again: true) do
          [303, { "location" => "/", "set-cookie" => cookie(request) }, []]
        end
      end

      def typed(request)
        request.POST["code"].to_s
      rescue ArgumentError, EOFError, Rack::QueryParser::ParameterTypeError, Rack::Multipart::Error
        raise Readable::Refused.new(400, "This cannot be read.", "Type the code into the page.")
      end

      def tried(request, code, again: false)
        from = from(request)
        wait = @guesses.wait(from)
        return too_soon(wait, request) if wait.positive?
        return yield.tap { @guesses.right(from) } if Rack::Utils.secure_compare(code, @code)

        wait = @guesses.wrong(from)
        said = "That is not the code. Try again in #{AccessPage.seconds(wait)}."
        again ? AccessPage.answer(403, said) : Problems.answer(401, ASKS, remedy: said)
      end

      def too_soon(wait, request)
        said = "Too many wrong codes. Try again in #{AccessPage.seconds(wait)}."
        status, headers, body = request.post? ? AccessPage.answer(429, said) : Problems.answer(429, said)
        [status, headers.merge("retry-after" => wait.ceil.to_s), body]
      end

      def ask(request)
        return AccessPage.answer(401) if request.get? && !request.path_info.start_with?("/api/")

        Problems.answer(
          401,
          ASKS,
          remedy: "Open this kitchen's page in a browser, or send the code by HTTP Basic."
        )
      end

      # Whose guess it is: of what a proxy says, only what it has added itself.
      def from(request)
        return request.env["REMOTE_ADDR"].to_s unless @proxied

        request.get_header("HTTP_X_FORWARDED_FOR").to_s.split(",").last.to_s.strip
      end

      def cookie(request)
        secure = request.ssl? || (@proxied && request.get_header("HTTP_X_FORWARDED_PROTO") == "https")
        token = @verifier.generate("in", expires_in: SESSION_SECONDS)
        kept = { value: token, path: "/", max_age: SESSION_SECONDS }
        Rack::Utils.set_cookie_header(COOKIE, kept.merge(httponly: true, same_site: :strict, secure: secure))
      end
    end
  end
end
