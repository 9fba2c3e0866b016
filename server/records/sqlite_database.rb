# frozen_string_literal: true

require "sqlite3"
require "active_record/connection_adapters/sqlite3_adapter"

module Scullion
  module Records
    # Records in one file. Its write-ahead log lets everyone read while one writes; writers of this process
    # take turns, and wait for those of others without holding Ruby's own lock.
    class SqliteDatabase
      # Says in the file's head whose it is.
      APPLICATION = 0x5363756c
      LONGEST_WAIT_MS = 10_000
      FATES = {
        SQLite3::FullException => :full,
        SQLite3::IOException => :full,
        SQLite3::ReadOnlyException => :unwritable,
        SQLite3::CantOpenException => :unwritable,
        SQLite3::BusyException => :busy,
        SQLite3::LockedException => :busy,
        SQLite3::ConstraintException => :conflict
      }.freeze

      attr_reader :path

      def initialize(path)
        @path = File.expand_path(path)
      end

      def to_s = path
      def url = path
      def folder = File.dirname(path)
      def suffix = ".sqlite3"

      # Makes Active Record use it.
      def connect(file = path)
        ActiveRecord::Base.establish_connection(
          adapter: "sqlite3",
          database: file,
          pool: Database::CONNECTIONS,
          default_transaction_mode: :immediate
        )
      end

      # Has nothing been kept there yet?
      def fresh? = !File.exist?(path) || File.empty?(path)

      # @return [SQLite3::Database] on its own, for what is no record
      def bare(file = path, readonly: true)
        SQLite3::Database
          .new(file, readonly: readonly)
          .tap { |bare| bare.busy_handler_timeout = LONGEST_WAIT_MS }
      end

      # Who starts at the same time waits, at the folder's own lock.
      # @raise [Refused] where there is no folder to be had
      def one_at_a_time
        FileUtils.mkdir_p(folder)
        File.open(folder) { |door| door.flock(File::LOCK_EX) && yield }
      rescue SystemCallError => e
        raise Refused, "Cannot write the database #{self}: #{e.message}"
      end

      # Held for as long as it is served; alone, while it is replaced.
      # @param alone [Boolean] @raise [Refused] when another process has it
      def hold(alone: false)
        FileUtils.mkdir_p(File.dirname(path))
        @held ||= File.open("#{path}.lock", File::RDWR | File::CREAT)
        return if @held.flock((alone ? File::LOCK_EX : File::LOCK_SH) | File::LOCK_NB)

        raise Refused,
              "#{path} is in use by another Scullion. Stop that one first, or name another in SCULLION_DB."
      end

      def let_go
        @held&.close
        @held = nil
      end

      # A copy of what is committed at this moment, whole or not at all; whoever writes goes on.
      # @param file [String] where to
      def copy_to(file, from: path)
        half = "#{file}.half"
        FileUtils.rm_f(half)
        bare(from).tap { |source| source.execute("VACUUM INTO ?", [half]) }.close
        File.open(half, &:fsync)
        File.rename(half, file)
        file
      ensure
        FileUtils.rm_f(half) if half
      end

      def versions = versions_in(path)

      # Marks a new file as ours.
      def begin_anew
        FileUtils.mkdir_p(File.dirname(path))
        ActiveRecord::Base.lease_connection.execute("PRAGMA application_id = #{APPLICATION}")
      end

      # Brings a copy up to date, and puts it in the original's place when it is sound.
      # @param version [Integer] the one it is brought to
      # @yield with Active Record on the copy, where no row takes others along
      # @raise [Refused] when the copy does not come out sound
      def upgrade(version)
        copy = "#{path}.upgrading"
        hold(alone: true)
        connect(copy_to(copy))
        ActiveRecord::Base.lease_connection.execute("PRAGMA foreign_keys = OFF")
        yield
        ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
        wrong = faults_of(copy)
        raise Refused, "#{path} was left as it is: brought up to date, #{wrong.first}." if wrong.any?

        replace_with(copy, kept: BackUp.new(self).named("before-#{version}"))
        hold
      ensure
        ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
        FileUtils.rm_f(%W[#{copy} #{copy}-wal #{copy}-shm])
      end

      # Puts a copy of another file in its place in one step, and keeps what was there.
      # @param kept [String] where to
      def replace_with(file, kept:)
        fresh = copy_to("#{path}.fresh", from: file)
        if File.exist?(path)
          settle
          FileUtils.rm_f(kept)
          FileUtils.ln(path, kept)
        end
        FileUtils.rm_f(%W[#{path}-wal #{path}-shm])
        File.rename(fresh, path)
      end

      # Everything that is kept goes. @raise [Refused] while it is served
      def throw_away
        hold(alone: true)
        FileUtils.rm_f(%W[#{path} #{path}-wal #{path}-shm])
        let_go
      end

      # @param looks [#call] what to look at, of the open file
      # @return [Array<String>] what is wrong with a file, in words; nothing when it is sound
      def faults_of(file, looks = method(:damage))
        return ["it is no file"] unless File.file?(file)

        looking_into(file) do |opened|
          whose = opened.get_first_value("PRAGMA application_id")
          whose == APPLICATION ? looks.call(opened) : ["it is not one of Scullion's"]
        end
      rescue SQLite3::BusyException
        ["another program has locked it"]
      rescue SQLite3::Exception => e
        ["it is no whole database (#{e.message})"]
      end

      # What is quickly seen to be wrong: at every start.
      def faults = faults_of(path, ->(_) { [] })

      # @return [Array<Integer>] versions that a file says it has been brought to
      def versions_in(file)
        looking_into(file) do |opened|
          opened.execute("SELECT version FROM schema_migrations").flatten.map(&:to_i)
        end
      rescue SQLite3::SQLException
        []
      end

      # While no thread of this process writes. A process that is forked then closes the connections
      # that it inherits, without a word.
      def in_turn(&) = Turns::WRITER.owned? ? yield : Turns::WRITER.synchronize(&)

      # @return [Symbol, nil] what an error of the adapter comes to
      def self.fate(error) = FATES.find { |kind, _| error.is_a?(kind) }&.last

      private

      def looking_into(file)
        opened = bare(file)
        yield opened
      ensure
        opened&.close
      end

      def damage(opened)
        said = opened.execute("PRAGMA integrity_check").flatten - ["ok"]
        orphans = opened.execute("PRAGMA foreign_key_check")
        [*("it is damaged (#{said.first})" if said.any?), *("rows of it point at nothing" if orphans.any?)]
      end

      # The log is written into the file, so that the file alone is everything.
      def settle
        ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
        bare(path, readonly: false).tap { |opened| opened.execute("PRAGMA wal_checkpoint(TRUNCATE)") }.close
      end

      # Writers of this process take turns; what waits for another process's lets other threads run.
      module Turns
        WRITER = Mutex.new

        def configure_connection
          super
          @raw_connection.busy_handler_timeout = LONGEST_WAIT_MS
          raw_execute("PRAGMA synchronous = FULL", "SCHEMA")
        end

        def begin_db_transaction
          WRITER.lock
          super
        rescue StandardError
          give_turn
          raise
        end

        def commit_db_transaction
          super
        ensure
          give_turn
        end

        # Where the disk was full SQLite has rolled back by itself.
        def exec_rollback_db_transaction
          super if @raw_connection.transaction_active?
        ensure
          give_turn
        end

        private

        # One query is over in no time, many of them are not: whoever has a short answer to give goes on in
        # between, as this one would hold Ruby's own lock for a tenth of a second otherwise.
        def log(...) = super.tap { Thread.pass }

        def give_turn = WRITER.owned? && WRITER.unlock
      end
      ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(Turns)
      SQLite3::ForkSafety.suppress_warnings!
    end
  end
end
