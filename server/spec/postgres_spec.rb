# frozen_string_literal: true

require_relative "server_helper"
require_relative "../../bench/crowd"

RSpec.describe "A house on a PostgreSQL server", :postgres do
  url = ENV.fetch("SCULLION_TEST_DB", "")

  it "shows on one process at once what another has changed" do
    Crowd.run("SCULLION_DB" => url) do |one|
      Crowd.run("SCULLION_DB" => url) do |other|
        before = other.ask(:get, "/api/services/1/plan").body
        service = one.ask(:get, "/api/services/1").body
        change = {
          "version" => service["version"],
          "at" => "service/covers",
          "value" => service["covers"] + 11
        }
        expect(one.ask(:post, "/api/services/1/changes", change).status).to eq 200
        expect(other.ask(:get, "/api/services/1/plan").body["service"]["covers"]).to eq service["covers"] + 11
        one.ask(:put, "/api/house-figures", { "at" => "practice/pots/fill", "value" => 0.5 })
        full = other.ask(:get, "/api/services/1/plan").body["cook"].filter_map { |pot| pot["most_full"] }.uniq
        expect([before["cook"].filter_map { |pot| pot["most_full"] }.uniq == full, full]).to eq [false, [0.5]]
        stale = { "version" => service["version"], "at" => "service/covers", "value" => 90 }
        expect(other.ask(:post, "/api/services/1/changes", stale).status).to eq 409
        one.ask(:put, "/api/house-figures", { "at" => "practice/pots/fill", "value" => nil })
      ensure
        other.stop
      end
    ensure
      one.stop
    end
  end

  describe "and its copies", :server do
    # Archives are made and put back by the server's own tools, beside what is open here.
    around { |example| Dir.mktmpdir { |folder| (@copies = folder) && example.run } }

    it "are put back when they are whole and ours, and nothing else is" do
      database = Scullion::Records.database
      back_up = Scullion::Records::BackUp.new(database)
      allow(database).to receive(:folder).and_return(@copies)
      copy = database.copy_to(File.join(@copies, "copy.pgdump"))
      expect([database.faults_of(copy), database.versions_in(copy)]).to eq [[], database.versions]
      half = File.join(@copies, "half.pgdump")
      File.binwrite(half, File.binread(copy, File.size(copy) / 2))
      File.write(other = File.join(@copies, "text"), "a shopping list")
      [half, other, "none"].each do |file|
        expect { Scullion::Records::Restore.new(database, file).run }.to raise_error(
          Scullion::Records::Refused
        )
      end
      expect(back_up.to_a.size).to eq 0
    end

    it "say what is missing where the server's tools are" do
      allow(Open3).to receive(:capture3).and_raise(Errno::ENOENT)
      expect { Scullion::Records.database.copy_to(File.join(@copies, "x")) }.to raise_error(
        Scullion::Records::Refused,
        /pg_dump is not installed/
      )
    end
  end
end
