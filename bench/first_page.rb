# frozen_string_literal: true

require "zlib"

# Bytes that a browser fetches to show the first page in Latin letters, gzipped as served.
module FirstPage
  ASSETS = File.expand_path("../web/dist/assets", __dir__)

  def self.script = Dir["#{ASSETS}/*.js"].sum { |path| Zlib.gzip(File.binread(path)).bytesize }

  # Fonts are compressed already; other scripts' files are fetched only when their letters are shown.
  def self.fonts = Dir["#{ASSETS}/*-latin-wght-*.woff2"].sum { |path| File.size(path) }
end
