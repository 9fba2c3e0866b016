# frozen_string_literal: true

require "rqrcode"
require "securerandom"
require "socket"

module Scullion
  # Serving the house's own network with one word: the addresses that tablets find this machine at, an access
  # code that is made once and kept beside the data, and both on the screen, the address as a QR code.
  module Share
    # Nobody takes one for another when it is read aloud.
    LETTERS = [*"a".."z", *"2".."9"] - %w[i l o]
    LENGTH = 10
    CODE = "access-code".freeze
    DRAWN = { light: "\e[47m", dark: "\e[40m", fill_character: "  ", quiet_zone_size: 2 }.freeze

    # Sets the surroundings that Boot reads. @param environment [Hash] @param folder [String] beside the data
    def self.over(environment, folder)
      environment["SCULLION_HOST"] ||= "0.0.0.0"
      environment["SCULLION_ACCESS_CODE"] ||= code(folder)
      named = environment["SCULLION_HOSTS"].to_s.split(",")
      environment["SCULLION_HOSTS"] = (named + addresses + names).uniq.join(",")
    end

    # @return [Array<String>] of this machine in its networks
    def self.addresses
      Socket.ip_address_list.select { |each| each.ipv4? && !each.ipv4_loopback? }.map(&:ip_address)
    end

    def self.names = [Socket.gethostname, "#{Socket.gethostname}.local"].uniq

    # @return [String] the one that is kept, or a new one
    def self.code(folder)
      path = File.join(folder, CODE)
      return File.read(path).strip if File.file?(path)

      FileUtils.mkdir_p(folder)
      Array
        .new(LENGTH) { LETTERS.sample(random: SecureRandom) }
        .join
        .tap { |code| File.write(path, "#{code}\n", perm: 0o600) }
    end

    # What is shown once it is served. @param port [Integer] @param code [String] @return [String]
    def self.said(port, code)
      found = addresses.map { |address| "https://#{address}:#{port}" }
      return "No network is there to share on; this machine alone is served." if found.empty?

      <<~SAID
        #{RQRCode::QRCode.new(found.first).as_ansi(**DRAWN)}
        Open it on a tablet: #{found.join(" or ")}
        Access code: #{code}
        The tablet asks once whether to trust this house; the page that asks for the code tells how.
      SAID
    end
  end
end
