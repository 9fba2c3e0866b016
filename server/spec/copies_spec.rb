# frozen_string_literal: true

require_relative "keeping"

RSpec.describe "Copies of what the kitchen keeps", :sqlite do
  include_context "with a kitchen's data"
  records = Scullion::Records

  describe "a disk" do
    def said_of
      yield
    rescue ActiveRecord::ActiveRecordError => e
      Scullion::Guards::Problems.of(e).values_at("status", "title")
    end

    def pragma(text) = ActiveRecord::Base.connection.select_value("PRAGMA #{text}")

    def more
      20.times do |count|
        records::EarlierBuild.create!(salad_id: 1, build: { "x" => "y" * 9000 }, changed_at: Time.now + count)
      end
    end
    def records = Scullion::Records

    it "that is full is said to be, nothing is half-written, and it goes on when there is room again" do
      demo
      before = rows
      pragma("max_page_count = #{pragma("page_count")}")
      expect(said_of { records::Service.transaction { more } }).to match [
              507,
              /disk is full; nothing was saved/
            ]
      expect(rows).to eq before
      pragma("max_page_count = 100000")
      more
      expect(records::EarlierBuild.count - before["earlier_builds"].size).to eq 20
    end

    it "that cannot be written is said to be, and is read on" do
      demo
      pragma("query_only = 1")
      expect(said_of { records::Service.first.update!(covers: 9) }).to match [503, /cannot be written/]
      expect(records::Service.first.covers).to eq 152
      pragma("query_only = 0")
      expect(records::Service.first.update!(covers: 9)).to be true
    end
  end

  describe "a copy" do
    it "made while others write is the data of one moment, and plans the same" do
      demo
      records::Service.first.update!(covers: 119, tables: 19)
      writing = true
      writer =
        Thread.new do
          service = records::Service.first
          (120..900).cycle do |covers|
            break unless writing

            service.update!(covers: covers, tables: covers - 100)
          end
        ensure
          ActiveRecord::Base.connection_handler.clear_active_connections!
        end
      copies = Array.new(5) { |index| records.database.copy_to(File.join(@folder, "copy#{index}")) }
      writing = false
      writer.join
      house = records::House.ours
      plans =
        copies.map do |copy|
          records.database.let_go
          records.open(copy)
          service = records::Service.first
          expect(service.tables).to eq service.covers - 100
          [
            service.covers,
            Scullion::Plan.for(Scullion::Exchange::Briefing.brief(service, records::House.ours)).to_h
          ]
        end
      expect(plans.map(&:first).uniq.size).to be > 1
      opened
      plans.each do |covers, plan|
        records::Service.first.update!(covers: covers, tables: covers - 100)
        brief = Scullion::Exchange::Briefing.brief(records::Service.first, house)
        expect(Scullion::Plan.for(brief).to_h).to eq plan
      end
    end

    it "is made once a day, and the last seven are kept, whatever the clock does" do
      demo
      back_up = records::BackUp.new(records.database)
      start = Time.now
      10.times do |day|
        now = start + (day * 86_400) + 60
        made = back_up.daily(now)
        File.utime(now, now, made)
        expect(back_up.daily(now + 3600)).to be_nil
      end
      expect(Dir["#{backups}/scullion-daily-*"].size).to eq 7
      expect(back_up.to_a.map { |each| each["at"] }).to eq back_up.to_a.map { |each| each["at"] }.sort.reverse
      expect(back_up.daily(start)).to be_a String
    end

    it "is put back when it is sound, with what was there kept" do
      demo
      copy = records.database.copy_to(File.join(@folder, "copy"))
      before = rows
      records::Service.first.update!(covers: 199)
      records.database.let_go
      kept = records::Restore.new(records::Database.at(file), copy).run
      opened
      expect(rows).to eq before
      records.database.let_go
      records.open(kept)
      expect(records::Service.first.covers).to eq 199
    end

    it "is not put back when it is half a file, another product's, or newer; nothing is changed" do
      demo
      copy = records.database.copy_to(File.join(@folder, "copy"))
      half, other, newer = %w[half other newer].map { |name| File.join(@folder, name) }
      File.binwrite(half, File.binread(copy, 100_000))
      SQLite3::Database.new(other).tap { |made| made.execute("CREATE TABLE notes (text)") }.close
      FileUtils.cp(copy, newer)
      SQLite3::Database
        .new(newer)
        .tap { |made| made.execute("INSERT INTO schema_migrations VALUES ('29990101000000')") }
        .close
      records.database.let_go
      {
        half => /no whole|damaged/,
        other => /not one of Scullion/,
        newer => /another version/,
        "none" => /no file/
      }.each do |path, why|
        refused { records::Restore.new(records::Database.at(file), path).run }
        expect(@why).to match why
      end
      opened
      expect([records::Service.first.covers, Dir["#{backups}/*replaced*"]]).to eq [152, []]
    end
  end
end
