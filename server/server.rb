# frozen_string_literal: true

# Everything of this floor and of core below it; names are loaded when they are first asked for.
require "json"
require "csv"
require "digest"
require "zlib"
require "active_record"
require "sqlite3"

$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
require "scullion"

module Scullion
  SERVER_LOADER =
    Zeitwerk::Loader.new.tap do |loader|
      loader.tag = "scullion-server"
      loader.push_dir(__dir__, namespace: Scullion)
      loader.ignore(*%w[server.rb start.rb db fonts spec].map { |name| File.join(__dir__, name) })
      # Its driver is there only where it is meant.
      loader.do_not_eager_load(File.join(__dir__, "records/postgres_database.rb"))
      loader.setup
    end
end
