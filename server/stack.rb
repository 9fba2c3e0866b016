# frozen_string_literal: true

require "rack"
require "rack/protection"

module Scullion
  # The whole stack, outermost first: who may ask, what may come in, then the contract.
  module Stack
    # What is text and long enough; not what comes line by line, nor what is compressed already.
    COMPRESSED =
      lambda do |_, _, headers, body|
        type = headers["content-type"].to_s
        type.match?(%r{json|yaml|text/|svg|javascript|css}) && !type.include?("ndjson") &&
          !(body.is_a?(Array) && body.sum(&:bytesize) < 1400)
      end

    # @param hosts [Array<String>] Host headers that are answered
    # @param access_code [String, nil] asked for when served beyond this machine
    # @param proxied [Boolean] whether a proxy says who asks
    # @return [#call] a Rack application
    def self.of(hosts:, access_code: nil, proxied: false, app: App)
      Rack::Builder
        .new do
          use Guards::Headers
          use Guards::Problems, explain: Guards::Explain.new
          use Rack::Protection::HostAuthorization, permitted_hosts: hosts, logging: false
          use Guards::Access, code: access_code, proxied: proxied if access_code
          use Guards::Readable
          use Guards::TimeLimit
          use Rack::Protection::HttpOrigin, logging: false
          use Guards::BodyLimit
          use Guards::Turns
          use Guards::AtOnce
          use Rack::Deflater, if: COMPRESSED, sync: false
          use Committee::Middleware::RequestValidation,
              schema: Contract.schema,
              strict_reference_validation: true,
              parse_response_by_content_type: false,
              raise: true,
              coerce_date_times: false
          run app
        end
        .to_app
    end
  end
end
