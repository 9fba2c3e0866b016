# frozen_string_literal: true

require "ipaddr"
require "socket"

module Scullion
  # What the kitchen measures with, each at an address of the house's own network; they speak the line
  # protocol of docs/devices.md. One that is gone says so, and typing goes on.
  module Devices
    # It does not answer, or with rubbish; the message says what, and what to do.
    class Gone < StandardError
    end

    KINDS = %w[scale probe printer].freeze
    ADDRESS = /\A([a-z0-9.-]{1,120}):(\d{1,5})\z/i.freeze
    NAMES = /\A(?:localhost|[a-z0-9-]+(?:\.local)?)\z/i.freeze

    # Only of this machine or the house's own network: what is written here must not reach beyond it.
    # @return [Boolean]
    def self.address?(text)
      host, port = text.to_s.match(ADDRESS)&.captures
      return false unless port.to_i.between?(1, 65_535)

      near?(IPAddr.new(host))
    rescue IPAddr::Error
      NAMES.match?(host)
    end

    def self.near?(address) = address.loopback? || address.private? || address.link_local?
    private_class_method :near?
  end
end
