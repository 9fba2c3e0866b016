# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The day of a service", :server do
  let(:day) { ask(:get, "/api/services/1/day") }

  def task(roster, part) = roster["tasks"].find { |each| each["name"].include?(part) }
  def decide(decision) = ask(:post, "/api/services/1/day", decision)

  it "is solved when asked for, with lanes, tasks and what may be made ahead" do
    expect(day).to include("works" => true, "says" => [])
    expect(day["lanes"].map { |lane| lane["kind"] }).to include("cook", "burner")
    expect(task(day, "Re-dress")["end"]).to end_with("T11:33")
    expect(day["ahead"].map { |line| line["tier"] }).to include("two days before", "this morning")
  end

  it "says how sure it is, apart from the day itself, and the same each time" do
    chance = ask(:get, "/api/services/1/day/chance")
    expect(chance).to include("plays" => 400, "said" => /\AReady in \d+ of 100 days/)
    expect(chance["waves"].map { |wave| wave["salad"] }).to eq ["Barley, roast carrot, dill"]
    expect(ask(:get, "/api/services/1/day/chance")).to eq chance
    change("service/covers", 400)
    expect(ask(:get, "/api/services/1/day/chance")["days"]).to be <= chance["days"]
  end

  # With the breaks in it and beside each other, as on any day that has room for it.
  it "is sure enough, as the demo's kitchen lays it out" do
    found = [1, 2].map { |id| ask(:get, "/api/services/#{id}/day/chance") }
    expect(found.map { |chance| chance["enough"] }).to eq([true, true]),
    found.map { |chance| chance["said"] }.join
    kept = ask(:get, "/api/services/2/day")["tasks"].count { |task| task["stage"] == "break" }
    expect(kept).to be >= 2
  end

  it "keeps marks, pins and what is made ahead, and gives them back in the brief" do
    carrot = day["ahead"].find { |line| line["name"] == "Roast carrot" }
    made = decide("ahead" => { "preparation" => carrot["preparation"], "days" => 1 })
    expect(task(made, "Roast carrot: roast")["end"]).to be < "#{day["service"]["date"]}T00:00"
    now = "#{day["service"]["date"]}T09:00"
    marked =
      decide("now" => now, "mark" => { "task" => task(day, "Whisk")["key"], "state" => "done", "at" => now })
    expect(task(marked, "Whisk")).to include("state" => "done", "end" => now)
    expect(ask(:get, "/api/services/1/brief")["day"]).to include(
      "ahead" => [include("days" => 1)],
      "marks" => [include("state" => "done")]
    )
    decide("unmark" => task(day, "Whisk")["key"])
    decide("ahead" => { "preparation" => carrot["preparation"], "days" => 0 })
    expect(ask(:get, "/api/services/1/brief")).not_to have_key("day")
  end

  it "takes back a decision by what it was before, and nothing else with it" do
    cheese = task(day, "White brined cheese")
    decide("pin" => { "task" => cheese["key"], "at" => cheese["start"] })
    lent = decide("borrowed" => "oven")
    expect(lent).to include(
      "before" => {
        "borrowed" => []
      },
      "decided" => include("borrowed" => [{ "kind" => "oven", "text" => "oven" }])
    )
    expect(decide("restore" => lent["before"])["decided"]["borrowed"]).to eq []
    expect(task(decide("returned" => "burner"), "White brined cheese")["pinned"]).to be true
    decide("unpin" => cheese["key"])
    expect(ask(:get, "/api/services/1/brief")).not_to have_key("day")
  end

  it "lets a cook do one thing more for the day, and takes it back" do
    more = { "cook" => "OK", "skill" => "stove" }
    expect(decide("skilled" => more)["decided"]["skilled"]).to eq [
         more.merge("text" => "OK also at the stove")
       ]
    expect(decide("unskilled" => more)["decided"]["skilled"]).to eq []
  end

  it "does without what is left out, in every stage, until it is put back" do
    dill = ask(:get, "/api/services/1/plan")["prep"].find { |line| line["name"] == "Dill" }["key"]
    expect(decide("left_out" => dill)["decided"]["left_out"]).to eq [
         { "preparation" => dill, "name" => "Dill" }
       ]
    plan = ask(:get, "/api/services/1/plan")
    expect(
      plan["count"].flat_map { |portion| portion["layers"].map { |layer| layer["name"] } } +
        plan["prep"].map { |line| line["name"] }
    ).not_to include("Dill")
    expect(plan["snags"]).to include(
      include("stage" => "count", "what" => a_string_starting_with("Dill is left out of "))
    )
    expect(decide("put_back" => dill)["decided"]["left_out"]).to eq []
    expect(ask(:get, "/api/services/1/plan")["prep"].map { |line| line["name"] }).to include("Dill")
  end

  it "plans a service around the ones before it that use the same kitchen, and not the other way round" do
    names = [1, 2].map { |id| ask(:get, "/api/services/#{id}")["name"] }
    expect([1, 2].map { |id| ask(:get, "/api/services/#{id}/day")["around"] }).to eq [[], [names.first]]
    instances = [1, 2].map { |id| ask(:get, "/api/services/#{id}/day/instance")["resources"] }
    expect(instances.first.filter_map { |resource| resource["busy"] }).to be_empty
    expect(instances.last.find { |resource| resource["key"] == "cook-0" }["busy"]).to include(
      include("name" => names.first)
    )
    expect(ask(:get, "/api/services/2/brief")["day"].to_h).not_to have_key("taken")
    ask(:delete, "/api/services/1")
    expect(ask(:get, "/api/services/2/day")["around"]).to eq []
  end

  it "plans nothing before the moment that it is told, and keeps that" do
    told = decide("since" => "2026-11-27T09:00")
    expect(told["from"]).to be >= "2026-11-27T09:00"
    expect(told).to include("since" => "Fri 27 Nov, 09:00", "before" => { "since" => "" })
    expect(ask(:get, "/api/services/1/brief")["day"]).to eq("since" => "2026-11-27T09:00")
    expect(decide("restore" => told["before"])).not_to have_key("since")
    expect(ask(:get, "/api/services/1/brief")).not_to have_key("day")
  end

  it "puts a roast into the oven in two loads, and back into one" do
    carrot = day["ahead"].find { |line| line["name"] == "Roast carrot" }["preparation"]
    twice = decide("loads" => { "preparation" => carrot, "loads" => 2 })
    loads = ->(day) { day["tasks"].map { |each| each["name"] }.grep(/Roast carrot: roast/) }
    expect([loads[day].size, loads[twice].size]).to eq [1, 2]
    expect(loads[twice]).to include(/batch 2 of 2/)
    expect(decide("loads" => { "preparation" => carrot, "loads" => 1 })["decided"]["loads"]).to eq []
    decide("borrowed" => "mandoline")
    expect(last_response.status).to eq 422
  end

  it "gives the range of a task, ways out of a full day, and the day as another solver reads it" do
    key = task(day, "White brined cheese")["key"]
    expect(ask(:get, "/api/services/1/day/range?task=#{key}").first.keys).to eq %w[from to text]
    ask(
      :post,
      "/api/services/1/changes",
      { "version" => ask(:get, "/api/services/1")["version"], "at" => "service/covers", "value" => 760 }
    )
    expect(ask(:get, "/api/services/1/day/fixes").first).to include("what", "effect", "decide")
    expect(ask(:get, "/api/services/1/day/instance")["format"]).to eq "scullion/day@1"
  end

  it "says what cannot be decided, and keeps nothing of it" do
    decide("pin" => { "task" => "x", "at" => "soon" })
    expect([last_response.status, answer["faults"].first["what"]]).to eq [422, "\"soon\" cannot be read."]
    ask(:get, "/api/services/1/day/range?task=none")
    expect(last_response.status).to eq 404
    expect(ask(:get, "/api/services/1/brief")).not_to have_key("day")
  end
end
