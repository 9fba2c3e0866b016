# frozen_string_literal: true

module Scullion
  module Records
    # Puts a copy in the place of the data, when it is whole, ours, and not of a newer version; what was
    # there is kept.
    class Restore
      # @param database [SqliteDatabase, PostgresDatabase] @param file [String] a copy that BackUp made
      def initialize(database, file)
        @database, @file = database, file
      end

      # @return [String, nil] where what was there is kept
      # @raise [Refused] with everything as it was
      def run
        refuse(@database.faults_of(@file).first)
        newer = @database.versions_in(@file) - Upgrade.new(@database, MIGRATIONS).known
        refuse("it was written by another version of Scullion (#{newer.max})") if newer.any?

        @database.hold(alone: true)
        kept = BackUp.new(@database).named("replaced")
        @database.replace_with(@file, kept: kept)
        kept if File.exist?(kept)
      ensure
        @database.let_go
      end

      private

      def refuse(why)
        raise Refused, "#{@file} was not put back: #{why}." if why
      end
    end
  end
end
