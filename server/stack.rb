# frozen_string_literal: true

require "rack"
require "rack/protection"

module Scullion
  # The whole stack, outermost first: who may ask, what may come in, then the contract.
  module Stack
    # @param hosts [Array<String>] Host headers that are answered
    # @param access_code [String, nil] asked for when served beyond this machine
    # @return [#call] a Rack application
    def self.of(hosts:, access_code: nil, app: App)
      Rack::Builder
        .new do
          use Guards::Headers
          use Rack::Protection::HostAuthorization, permitted_hosts: hosts, logging: false
          if access_code
            use(Rack::Auth::Basic, "Scullion") { |_, code| Rack::Utils.secure_compare(code, access_code) }
          end
          use Guards::Problems, explain: Guards::Explain.new
          use Rack::Protection::HttpOrigin, logging: false
          use Guards::BodyLimit
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
