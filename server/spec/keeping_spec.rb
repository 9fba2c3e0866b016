# frozen_string_literal: true

require "open3"
require_relative "keeping"

RSpec.describe "What the kitchen keeps", :sqlite do
  include_context "with a kitchen's data"
  records = Scullion::Records

  describe "a later version" do
    it "rebuilds a table and takes none of its children along; the file as it was is kept" do
      demo
      before = rows
      expect(before.values_at("service_lines", "vessels")).to all(be_any)
      opened(later(rebuild: "change_column(:services, :name, :text); change_column(:kitchens, :name, :text)"))
      expect(ActiveRecord::Base.connection.columns("services").find { |c| c.name == "name" }.type).to eq :text
      expect(rows).to eq before
      kept = Dir["#{backups}/scullion-before-29990101000000-*.sqlite3"]
      expect([kept.size, records.database.versions_in(kept.first).max]).to eq [
           1,
           FrozenData.versions.last.to_i
         ]
      expect(ActiveRecord::Base.connection.select_value("PRAGMA foreign_keys")).to eq 1
    end

    it "is refused where rows would go missing or point at nothing, or it fails: nothing is changed" do
      demo
      before = rows
      {
        "execute('DELETE FROM ticks'); execute('DELETE FROM service_lines')" => /rows of service_lines/,
        "drop_table(:cooks)" => /rows of cooks would be missing/,
        "execute('UPDATE components SET salad_id = salad_id + 999')" => /rows of it point at nothing/,
        "execute('UPDATE neverland SET x = 1')" => /no such table/
      }.each_with_index do |(body, why), index|
        refused { opened(later("spoil#{index}" => body)) }
        expect([@why.lines.size, @why]).to match [1, why]
        FileUtils.rm_rf(File.join(@folder, "later"))
        opened
        expect(rows).to eq before
        expect(Dir["#{file}.*"]).to contain_exactly("#{file}.lock")
      end
    end

    it "killed half-way is finished by the next start" do
      demo
      before = rows
      folder =
        later(
          first: "add_column(:ticks, :hand, :string)",
          second: "Process.kill(:KILL, Process.pid) if ENV['DIE']"
        )
      code = "Scullion::Records.open(ARGV[0], migrations: ARGV[1])"
      command = ["ruby", "-r./bin/gems", "-r./server/server", "-e", code, file, folder]
      records.database.let_go
      ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
      _, status = Open3.capture2e({ "DIE" => "1" }, *command, chdir: ROOT)
      expect(status.termsig).to eq Signal.list["KILL"]
      expect(File).to exist("#{file}.upgrading")
      opened(folder)
      records::Tick.reset_column_information
      expect(records::Tick.column_names).to include("hand")
      expect(rows.transform_values { |all| all.map { |each| each.except("hand") } }).to eq before
      expect(File).not_to exist("#{file}.upgrading")
    ensure
      records::Tick.reset_column_information
    end

    it "is not opened by this one" do
      demo
      opened(later(more: "add_column(:ticks, :hand, :string)"))
      refused { opened }
      expect([@why.lines.size, @why]).to match [1, /another version of Scullion \(29990101000000/]
    end
  end

  describe "data of earlier versions" do
    FrozenData.versions.each do |version|
      it "of #{version} is opened and plans the same" do
        FrozenData.thaw(version, file)
        opened
        was, is = FrozenData.answers(version), JSON.parse(JSON.generate(FrozenData.said))
        was = with_what_is_new(was) if version < LEARNT
        expect(is.keys).to include(*was.keys)
        was.each { |name, then_said| expect(is[name]).to eq(then_said), name }
        was["briefs"].each_with_index do |brief, index|
          plan = Scullion::Plan.for(Scullion::Brief.read(brief, ExampleBrief::SHIPPED))
          service = records::Service.order(:id)[index]
          now = Scullion::Plan.for(Scullion::Exchange::Briefing.brief(service, records::House.ours))
          expect(now.to_h).to eq plan.to_h
        end
      end
    end

    # From this version on an older larder has learnt what was new of its foods.
    LEARNT = "20261128090000"

    # An ingredient that came with the product says what kind of food it is since the second version, and what
    # it does to oil and vinegar and what a label needs since the last.
    def with_what_is_new(said)
      facts = said["larder"] + said["briefs"].flat_map { |brief| brief["ingredients"] }
      house = Scullion::Records::House.shipped
      facts.each do |each|
        shipped = house.larder[each["key"]]&.facts
        each["kind"] = shipped["kind"] if shipped&.key?("kind")
        each.replace(Scullion::Records::LarderSince.of(each, shipped, house.fill_in))
      end
      JSON.parse(JSON.generate(said))
    end

    it "is there of this version" do
      expect(FrozenData.versions.last.to_i).to eq records::Upgrade.new(nil, records::MIGRATIONS).newest
    end
  end

  describe "what is no data of ours" do
    it "is refused in one line, and left as it is" do
      other = File.join(@folder, "other.sqlite3")
      SQLite3::Database.new(other).tap { |made| made.execute("CREATE TABLE notes (text)") }.close
      text = File.join(@folder, "text.sqlite3")
      File.write(text, "a shopping list\n" * 100)
      demo
      records.database.let_go
      half = File.join(@folder, "half.sqlite3")
      File.binwrite(half, File.binread(records.database.copy_to(File.join(@folder, "whole")), 40_000))
      {
        other => /not one of Scullion's/,
        text => /no whole database/,
        half => /malformed|no whole database/,
        @folder => /it is no file/
      }.each do |path, why|
        content = File.file?(path) && File.binread(path)
        refused { records.open(path) }
        expect([@why.lines.size, @why]).to match [1, why]
        expect(File.file?(path) && File.binread(path)).to eq content
      end
    end

    it "nor is what another program has locked" do
      demo
      records.database.let_go
      ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
      stub_const("Scullion::Records::SqliteDatabase::LONGEST_WAIT_MS", 50)
      other = SQLite3::Database.new(file)
      other.execute("PRAGMA journal_mode = DELETE")
      other.execute("BEGIN EXCLUSIVE")
      refused { opened }
      expect([@why.lines.size, @why]).to match [1, /another program has locked it/]
    ensure
      other&.close
    end

    it "nor replaced while another Scullion serves it" do
      demo
      code = "Scullion::Records::Database.at(ARGV[0]).throw_away"
      said, status =
        Open3.capture2e("ruby", "-r./bin/gems", "-r./server/server", "-e", code, file, chdir: ROOT)
      expect([status.success?, said]).to match [false, /in use by another Scullion/]
      expect(records::Service.count).to be_positive
    end
  end
end
