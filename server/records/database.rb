# frozen_string_literal: true

module Scullion
  module Records
    # Where the records are: a file of SQLite beside its write-ahead log, or a PostgreSQL server.
    module Database
      CONNECTIONS = 40

      # @param url [String] @return [SqliteDatabase, PostgresDatabase]
      def self.at(url)
        url.match?(%r{\Apostgres(ql)?://}) ? PostgresDatabase.new(url) : SqliteDatabase.new(url)
      end
    end
  end
end
