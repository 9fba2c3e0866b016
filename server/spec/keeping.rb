# frozen_string_literal: true

require_relative "server_helper"
require_relative "frozen_data"

# A folder with a kitchen's data in it, opened and looked at.
RSpec.shared_context "with a kitchen's data" do
  around do |example|
    Dir.mktmpdir do |folder|
      @folder = folder
      example.run
      ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
      Scullion::Records.database&.let_go
    end
  end

  let(:file) { File.join(@folder, "kitchen.sqlite3") }
  let(:backups) { File.join(@folder, "backups") }

  def opened(migrations = Scullion::Records::MIGRATIONS)
    Scullion::Records.database&.let_go
    Scullion::Records.open(file, migrations: migrations)
  end

  def demo
    FrozenData.thaw(FrozenData.versions.last, file)
    opened
  end

  # This version's migrations and more of a later one.
  def later(**more)
    folder = FileUtils.mkdir_p(File.join(@folder, "later")).first
    FileUtils.cp(Dir["#{Scullion::Records::MIGRATIONS}/*.rb"], folder)
    more.each_with_index do |(name, body), index|
      File.write(File.join(folder, "2999010100000#{index}_#{name}.rb"), <<~RUBY)
        class #{name.to_s.camelize} < ActiveRecord::Migration[7.2]
          def up = (#{body})
        end
      RUBY
    end
    folder
  end

  # @return [Hash{String=>Array<Hash>}] everything that is kept, by table
  def rows
    connection = ActiveRecord::Base.connection
    tables = connection.tables - %w[schema_migrations ar_internal_metadata]
    tables.to_h { |table| [table, connection.select_all("SELECT * FROM #{table} ORDER BY id").to_a] }
  end

  def refused(&) = expect(&).to raise_error(Scullion::Records::Refused) { |e| @why = e.message }
end
