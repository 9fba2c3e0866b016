# frozen_string_literal: true

require "fileutils"

module Scullion
  # What the kitchen keeps, in SQLite. Records hold what the cook decided; every figure that
  # follows is worked out by core when asked.
  module Records
    MIGRATIONS = File.expand_path("db/migrate", __dir__)

    # Opens the database file and brings it up to date.
    # @raise [ActiveRecord::ActiveRecordError, SystemCallError] when it cannot be opened or written
    def self.open(path)
      FileUtils.mkdir_p(File.dirname(path))
      connect(path)
      ActiveRecord::Migration.verbose = false
      migrations.migrate
    end

    # Opens one that is there, to be read as it is.
    # @return [Boolean] false where it is of another version
    # @raise [ActiveRecord::ActiveRecordError] when it cannot be opened
    def self.connect(path)
      ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: path, timeout: 5000, pool: 16)
      migrations.current_version == migrations.migrations.map(&:version).max
    end

    def self.migrations = ActiveRecord::MigrationContext.new(MIGRATIONS)
    private_class_method :migrations
  end
end
