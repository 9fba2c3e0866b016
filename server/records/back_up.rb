# frozen_string_literal: true

module Scullion
  module Records
    # Copies of the data in a folder beside it: one a day while it is served, those made before something
    # replaced it, and any that a cook asks for.
    class BackUp
      DAILY = "daily"
      KEPT = 7
      DAY_SECONDS = 86_400

      # @param database [SqliteDatabase, PostgresDatabase]
      def initialize(database)
        @database = database
      end

      # @return [String] the folder they are in
      def folder = FileUtils.mkdir_p(File.join(@database.folder, "backups")).first

      # @param why [String] "daily", "asked", "before-20261126120000", "replaced"
      # @return [String] a file's path, free
      def named(why, now = Time.now)
        stem = File.join(folder, "scullion-#{why}-#{now.strftime("%Y-%m-%dT%H%M%S")}")
        (1..)
          .lazy
          .map { |number| "#{stem}#{"-#{number}" if number > 1}#{@database.suffix}" }
          .find { |file| !File.exist?(file) }
      end

      # @param file [String] where to @return [String] the same
      def write(file = named("asked")) = @database.copy_to(file)

      # Today's, unless there is one; of the daily ones the last seven stay.
      # @return [String, nil] the file written
      def daily(now = Time.now)
        latest = dailies.last
        return if latest && now - File.mtime(latest) < DAY_SECONDS && File.mtime(latest) <= now

        write(named(DAILY, now)).tap { FileUtils.rm_f(dailies[0...-KEPT]) }
      end

      # @return [Array<Hash>] name, bytes and when, the latest first
      def to_a
        files = Dir[File.join(folder, "scullion-*#{@database.suffix}")].sort_by { |file| File.mtime(file) }
        files.reverse.map do |file|
          { "name" => File.basename(file), "bytes" => File.size(file), "at" => File.mtime(file).utc.iso8601 }
        end
      end

      private

      def dailies = Dir[File.join(folder, "scullion-#{DAILY}-*#{@database.suffix}")]
    end
  end
end
