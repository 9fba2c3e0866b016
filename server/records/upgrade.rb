# frozen_string_literal: true

module Scullion
  module Records
    # Brings a database to this version. Of a file a copy is brought up to date, looked over and put in the
    # original's place, which is kept: whatever stops it half-way leaves the original as it was. On a server
    # all of it is one transaction. No migration takes rows out.
    class Upgrade
      BOOKKEEPING = %w[schema_migrations ar_internal_metadata].freeze

      # @param database [SqliteDatabase, PostgresDatabase] @param folder [String] of migrations
      def initialize(database, folder)
        @database, @folder = database, folder
      end

      # @raise [Refused] in one line, with everything as it was
      def run
        ActiveRecord::Migration.verbose = false
        @database.hold
        refuse_what_is_not_ours unless @database.fresh?
        @database.fresh? ? create : bring_up_to_date
        @database.connect
      rescue SystemCallError, SQLite3::Exception, ActiveRecord::ActiveRecordError => e
        why = (e.cause || e).message.lines.first.to_s.strip
        raise Refused, "Cannot write the database #{@database}: #{why}"
      end

      # @return [Integer] the version that this brings a database to
      def newest = known.max

      # @return [Array<Integer>]
      def known = Dir[File.join(@folder, "*.rb")].map { |file| File.basename(file).to_i }

      private

      def context = ActiveRecord::MigrationContext.new(@folder)

      def create
        @database.connect
        @database.begin_anew
        migrate
      end

      # @raise [Refused] whatever went wrong in it
      def migrate
        context.migrate
      rescue StandardError => e
        why = (e.cause || e).message.lines.first.strip
        raise Refused, "#{@database} was left as it is: bringing it up to date failed (#{why})."
      end

      def refuse_what_is_not_ours
        faults = @database.faults
        raise Refused, "#{@database} cannot be used: #{faults.first}." if faults.any?

        unknown = @database.versions - known
        return if unknown.empty?

        raise Refused, of_another_version(unknown.max)
      end

      def bring_up_to_date
        return if (known - @database.versions).empty?

        @database.upgrade(newest) do
          before = counts
          migrate
          after = counts
          lost = before.select { |table, rows| after.fetch(table, 0) < rows }.keys
          raise Refused, lost_rows(lost) if lost.any?
        end
      end

      def lost_rows(tables)
        "#{@database} was left as it is: brought up to date, rows of #{tables.join(", ")} would be missing."
      end

      def of_another_version(version)
        "#{@database} was written by another version of Scullion (#{version}; this one knows #{newest}). " \
          "Start that one, or put back an earlier copy with bin/restore."
      end

      # @return [Hash{String=>Integer}] rows by table
      def counts
        connection = ActiveRecord::Base.lease_connection
        connection.schema_cache.clear!
        (connection.tables - BOOKKEEPING).to_h do |table|
          [table, connection.select_value("SELECT COUNT(*) FROM #{connection.quote_table_name(table)}").to_i]
        end
      end
    end
  end
end
