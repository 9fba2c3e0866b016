# frozen_string_literal: true

require "spec_helper"
require_relative "../../bench/crowd"

# Several tablets at once: nothing fails, nothing is overwritten in silence, what was acknowledged is there.
RSpec.describe "A crowd at the pass" do
  clients, edits = 8, 5

  # One server for all of it; each example has a part of its data to itself.
  before(:context) do
    @folder = Dir.mktmpdir
    given = ENV["SCULLION_TEST_DB"] ? { "SCULLION_DB" => ENV["SCULLION_TEST_DB"] } : {}
    @crowd = Crowd.at(@folder, given)
  end
  after(:context) do
    @crowd&.stop
    FileUtils.rm_rf(@folder)
  end

  def sound
    statuses = @crowd.said.map(&:status).tally
    expect(statuses.keys.select { |status| status >= 500 }).to eq([]), statuses.inspect
    statuses
  end

  it "saves one salad from eight places, each on top of the one before" do
    path = "/api/salads/barley-roast-carrot-dill"
    before = @crowd.ask(:get, path).body
    savers =
      Array.new(clients) do |client|
        lambda do |asking|
          edits.times do |edit|
            @crowd.insist(path, asking) do |there|
              there.merge(
                "name" =>
                  "#{there["name"]} #{client}#{edit}".slice(-100, 100) || "#{there["name"]} #{client}#{edit}"
              ).except("id")
            end
          end
        end
      end
    @crowd.at_once(savers)
    after = @crowd.ask(:get, path).body
    expect(after["version"] - before["version"]).to eq clients * edits
    marks = Array.new(clients) { |client| Array.new(edits) { |edit| "#{client}#{edit}" } }.flatten
    expect(after["name"].split & marks).to match_array(marks.last(0) | after["name"].split.grep(/\A\d\d\z/))
    earlier = @crowd.ask(:get, "#{path}/earlier").body.map { |each| each["salad"]["name"] }
    expect(
      marks.reject { |mark| ([after["name"]] + earlier).any? { |name| name.split.include?(mark) } }
    ).to eq []
    expect(sound).to include(200)
  end

  it "changes eight services at once, each its own" do
    service = @crowd.ask(:get, "/api/services/1").body
    ids =
      Array.new(clients) do |index|
        @crowd.ask(
          :post,
          "/api/services",
          service.except("id", "version").merge("name" => "Lunch #{index}")
        ).body[
          "id"
        ]
      end
    changes =
      ids.map do |id|
        lambda do |asking|
          (1..edits).each do |edit|
            version = asking.call(:get, "/api/services/#{id}").body["version"]
            asking.call(
              :post,
              "/api/services/#{id}/changes",
              { "version" => version, "at" => "service/covers", "value" => 100 + edit }
            )
          end
        end
      end
    @crowd.at_once(changes)
    expect(ids.map { |id| @crowd.ask(:get, "/api/services/#{id}").body["covers"] }).to all(eq 100 + edits)
    expect(sound.keys - [200, 201]).to eq []
  end

  it "keeps four decisions about one day that come at the same time" do
    decisions = [
      { "borrowed" => "plater" },
      { "borrowed" => "cook" },
      { "extra" => { "from" => "2026-11-28T09:00", "to" => "2026-11-28T10:00" } },
      { "extra" => { "from" => "2026-11-28T10:00", "to" => "2026-11-28T11:00" } }
    ]
    answers =
      @crowd.at_once(decisions.map { |each| ->(asking) { asking.call(:post, "/api/services/1/day", each) } })
    kept = @crowd.ask(:get, "/api/services/1/brief").body["day"]
    said = decisions.zip(answers).select { |_, answer| answer.status == 200 }.map(&:first)
    expect(said.size).to be >= 3
    expect(said.reject { |each| each.all? { |list, what| kept[list].include?(what) } }).to eq []
    expect(sound.keys - [200, 422]).to eq []
  end

  it "brings a table in during edits, and overwrites none of them" do
    rows = (1..400).map { |row| "own-#{row},Own #{row},herb,#55aa33,dill" }
    table = ["key,name,family,colour,like", "dill,Dill of the table,herb,#55aa33,", *rows].join("\n")
    import = ->(asking) { asking.call(:post, "/api/larder/import", { "csv" => table, "write" => true }) }
    edit =
      lambda do |asking|
        Array.new(10) do |count|
          @crowd.insist("/api/ingredients/carrot", asking) do |there|
            there.merge("surplus" => "edit #{count}")
          end
        end
        @crowd.insist("/api/ingredients/dill", asking) { |there| there.merge("surplus" => "mine") }
      end
    written, = @crowd.at_once([import, edit])
    dill = @crowd.ask(:get, "/api/ingredients/dill").body
    expect(@crowd.ask(:get, "/api/ingredients/carrot").body["surplus"]).to eq "edit 9"
    # Either one saw what the other had written, or was told so.
    expect(dill["surplus"] == "mine" || written.status == 200).to be true
    expect([200, 409]).to include(written.status)
    if written.status == 200
      expect(@crowd.ask(:get, "/api/ingredients?find=Own%20399").body.first&.fetch("name")).to eq "Own 399"
    end
    expect(sound.keys - [200, 409]).to eq []
  end
end
