# frozen_string_literal: true

require "zlib"
require_relative "measuring"

module Bench
  # Bytes that a browser fetches to show the first page in Latin letters, gzipped as served.
  module FirstPage
    ASSETS = File.expand_path("../web/dist/assets", __dir__)

    def self.all = [row("script of the first page, gzipped", script), row("fonts of the first page", fonts)]

    def self.script = Dir["#{ASSETS}/*.js"].sum { |path| Zlib.gzip(File.binread(path)).bytesize }

    # Fonts are compressed already; other scripts' files are fetched only when their letters are shown.
    def self.fonts = Dir["#{ASSETS}/*-latin-wght-*.woff2"].sum { |path| File.size(path) }

    def self.row(name, bytes)
      Figure.new(name: name, value: (bytes / 1000.0).round(1), unit: "kB", aim: 120, better: "lower")
    end
  end
end
