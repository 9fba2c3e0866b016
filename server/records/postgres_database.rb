# frozen_string_literal: true

require "open3"
require "pg"

module Scullion
  module Records
    # Records on a PostgreSQL server, for a house with several server processes or machines.
    class PostgresDatabase
      FATES = {
        PG::DiskFull => :full,
        PG::ReadOnlySqlTransaction => :unwritable,
        PG::InsufficientPrivilege => :unwritable,
        PG::ConnectionBad => :unwritable,
        PG::UnableToSend => :unwritable,
        PG::AdminShutdown => :unwritable,
        PG::LockNotAvailable => :busy,
        PG::TRDeadlockDetected => :busy,
        PG::TRSerializationFailure => :busy,
        PG::TooManyConnections => :busy,
        PG::IntegrityConstraintViolation => :conflict
      }.freeze

      attr_reader :url

      # The lock that who starts holds.
      STARTING = 0x5363756c

      # @param url [String] postgresql://…
      def initialize(url)
        @url = url
      end

      # Without what nobody should read over a shoulder.
      def to_s = @url.sub(%r{(//[^:/@]*):[^@]*@}, '\1@')
      def folder = File.expand_path("../../var", __dir__)
      def suffix = ".pgdump"

      def connect
        ActiveRecord::Base.establish_connection(url: @url, adapter: "postgresql", pool: Database::CONNECTIONS)
      end

      def fresh? = reading { |connection| connection.tables.empty? }
      def faults
        ours = reading { |connection| connection.table_exists?("ingredients") && versions.any? }
        ours ? [] : ["it holds another program's tables"]
      end

      def versions
        reading { |connection| connection.select_values("SELECT version FROM schema_migrations").map(&:to_i) }
      end

      # Who starts at the same time waits.
      def one_at_a_time
        door = PG.connect(@url)
        door.exec("SELECT pg_advisory_lock(#{STARTING})")
        yield
      rescue PG::Error => e
        raise Refused, "Cannot open the database #{self}: #{e.message.lines.first.strip}"
      ensure
        door&.close
      end

      # Several processes may serve one database.
      def hold(alone: false) = alone
      def let_go = nil
      def begin_anew = nil

      # All of it or nothing.
      def upgrade(version, &)
        copy_to(BackUp.new(self).named("before-#{version}"))
        connect
        ActiveRecord::Base.transaction(&)
      end

      # @param file [String] where to, in the server's own archive format
      def copy_to(file)
        half = "#{file}.half"
        tool("pg_dump", "--format=custom", "--no-owner", "--file=#{half}", @url)
        File.rename(half, file)
        file
      ensure
        FileUtils.rm_f(half) if half
      end

      # @return [Array<String>] what is wrong with an archive
      def faults_of(file)
        return ["it is no file"] unless File.file?(file)

        listed = tool("pg_restore", "--list", file)
        tool("pg_restore", "--file=#{File::NULL}", file)
        listed.include?("TABLE public ingredients") ? [] : ["it is not one of Scullion's"]
      rescue Refused => e
        ["it is no whole copy (#{e.message})"]
      end

      # @return [Array<Integer>] versions that an archive says it has been brought to
      def versions_in(file)
        tool("pg_restore", "--data-only", "--table=schema_migrations", "--file=-", file).scan(/^\d{14}$/).map(
          &:to_i
        )
      end

      # In one step; what was there is kept.
      def replace_with(file, kept:)
        copy_to(kept)
        tool(
          "pg_restore",
          "--clean",
          "--if-exists",
          "--no-owner",
          "--single-transaction",
          "--dbname=#{@url}",
          file
        )
      end

      # Everything that is kept goes.
      def throw_away
        reading do |connection|
          connection.tables.each { |table| connection.drop_table(table, force: :cascade) }
        end
      end

      # The server takes care of turns.
      def in_turn = yield

      # @return [Symbol, nil] what an error of the adapter comes to
      def self.fate(error) = FATES.find { |kind, _| error.is_a?(kind) }&.last

      private

      def reading
        connect
        yield ActiveRecord::Base.lease_connection
      end

      # @raise [Refused] with what it said, when it fails
      def tool(*command)
        out, said, status = Open3.capture3(*command)
        return out if status.success?

        raise Refused, said.lines.first.to_s.strip
      rescue Errno::ENOENT
        raise Refused,
              "#{command.first} is not installed; it comes with PostgreSQL's client (postgresql-client)"
      end
    end
  end
end
