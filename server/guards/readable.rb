# frozen_string_literal: true

module Scullion
  module Guards
    # Lets in what can be read at all, before anything tries to: an address and a query in UTF-8, a
    # method that the address has, a body of JSON.
    class Readable
      # Answered by Problems: a status and what it says.
      class Refused < StandardError
        attr_reader :status, :remedy

        def initialize(status, title, remedy)
          super(title)
          @status, @remedy = status, remedy
        end
      end

      CONTROL = /[\x00-\x1f\x7f]/.freeze
      JSON_TYPE = %r{\Aapplication/json\s*(;.*)?\z}i.freeze
      PAGES = %w[GET HEAD].freeze
      WITH_BODY = %w[POST PUT PATCH].freeze

      def initialize(app)
        @app, @routes = app, routes
      end

      def call(env)
        address(env)
        method(env)
        query(env)
        body(env)
        @app.call(env)
      end

      private

      def refuse(status, title, remedy) = raise(Refused.new(status, title, remedy))

      # @return [Array<Array(Regexp, Array<String>)>] paths of the contract and their methods
      def routes
        Contract.document["paths"].map do |path, operations|
          parts = path.split(/\{\w+\}/, -1).map { |part| Regexp.escape(part) }
          [/\A#{parts.join("[^/]+")}\z/, operations.keys.map(&:upcase) & %w[GET PUT POST DELETE PATCH]]
        end
      end

      def address(env)
        path = Rack::Utils.unescape_path(env["PATH_INFO"].b).force_encoding(Encoding::UTF_8)
        return if path.valid_encoding? && !path.match?(CONTROL)

        refuse(400, "This address cannot be read.", "Check the letters after its %.")
      rescue ArgumentError
        refuse(400, "This address cannot be read.", "Check the letters after its %.")
      end

      def method(env)
        path, verb = env.values_at("PATH_INFO", "REQUEST_METHOD")
        allowed = PAGES
        if path.start_with?("/api/")
          allowed = @routes.select { |pattern, _| pattern.match?(path) }.flat_map(&:last)
          if allowed.empty?
            refuse(404, "There is nothing at this address.", "See /api/openapi.yaml for what there is.")
          end
          allowed += ["HEAD"] if allowed.include?("GET")
        end
        return if allowed.include?(verb)

        refuse(405, "This address has no #{verb.to_s.scrub[0, 20]}.", "It has #{allowed.uniq.join(", ")}.")
      end

      def query(env)
        text = env["QUERY_STRING"].to_s
        said = Rack::Utils.unescape(text.b, Encoding::UTF_8)
        sound = said.valid_encoding? && !said.match?(CONTROL) && Rack::Utils.parse_nested_query(text)
        refuse(400, "This query cannot be read.", "Check the letters after its %.") unless sound
      rescue ArgumentError,
             RangeError,
             Rack::QueryParser::QueryLimitError,
             Rack::QueryParser::ParameterTypeError,
             Rack::QueryParser::InvalidParameterError
        refuse(400, "This query cannot be read.", "Check its names and the letters after its %.")
      end

      def body(env)
        return unless WITH_BODY.include?(env["REQUEST_METHOD"]) && body?(env)
        return if env["CONTENT_TYPE"].to_s.match?(JSON_TYPE)

        refuse(415, "This is no JSON.", "Send it as application/json.")
      end

      def body?(env) = env["CONTENT_LENGTH"].to_i.positive? || env.key?("HTTP_TRANSFER_ENCODING")
    end
  end
end
