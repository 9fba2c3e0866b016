# frozen_string_literal: true

require "fileutils"

module Scullion
  # What the kitchen keeps. Records hold what the cook decided; every figure that follows is worked out by
  # core when asked.
  module Records
    MIGRATIONS = File.expand_path("db/migrate", __dir__)

    # The data cannot be opened, put back or copied; the message is one line for who started it.
    class Refused < StandardError
    end

    class << self
      # @return [Database] the one that is open
      attr_reader :database

      # Opens the database and brings it up to date; of several that start at the same time one does.
      # @param url [String] a file's path, or postgresql://…
      # @yield what else is done before another may start
      # @return [Database]
      # @raise [Refused]
      def open(url, migrations: MIGRATIONS)
        @database = Database.at(url)
        @database.one_at_a_time do
          Upgrade.new(@database, migrations).run
          yield if block_given?
        end
        @database
      end

      # While no thread of this process writes.
      def in_turn(&) = database ? database.in_turn(&) : yield

      # Opens one that is there, to be read as it is.
      # @return [Boolean] false where it is of another version
      # @raise [ActiveRecord::ActiveRecordError] when it cannot be opened
      def connect(url)
        @database = Database.at(url)
        @database.connect
        context = ActiveRecord::MigrationContext.new(MIGRATIONS)
        context.current_version == context.migrations.map(&:version).max
      end
    end
  end
end
