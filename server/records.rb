# frozen_string_literal: true

require "active_record"
require "fileutils"
require "scullion"

module Scullion
  # What the kitchen keeps, in SQLite. Records hold what the cook decided; every figure that
  # follows is worked out by core when asked.
  module Records
    MIGRATIONS = File.expand_path("db/migrate", __dir__)

    # Opens the database file and brings it up to date.
    # @raise [ActiveRecord::ActiveRecordError, SystemCallError] when it cannot be opened or written
    def self.open(path)
      FileUtils.mkdir_p(File.dirname(path))
      ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: path, timeout: 5000, pool: 16)
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
    end

    # The shipped facts, loaded once.
    def self.facts = @facts ||= Facts.load
  end
end

%w[ingredient salad earlier_build component dressing_part house_rules kitchen vessel oven appliance tool cook service service_line own_figure tick]
  .each { |record| require_relative "records/#{record}" }
