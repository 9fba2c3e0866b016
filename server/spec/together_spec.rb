# frozen_string_literal: true

# What two services make once between them, from the switch to the order.
require_relative "server_helper"

RSpec.describe "Made once for two services", :server do
  # A late lunch on the Sunday has the chickpea salad of the lunch again.
  let!(:late) do
    lunch = ask(:get, "/api/services/2")
    ask(
      :post,
      "/api/services",
      lunch.slice("date").merge(
        "name" => "Late lunch",
        "from" => "14:00",
        "to" => "14:30",
        "covers" => 60,
        "lines" => [{ "salad" => "chickpea-fennel" }]
      )
    )
  end
  let(:id) { late["id"] }
  let(:line) do
    ask(:get, "/api/services/#{id}/together")["lines"].find { |each| each["name"].include?("Chickpeas") }
  end

  def together(line) = line.slice("preparation", "service")
  def decide(decision, service = id) = ask(:post, "/api/services/#{service}/day", decision)
  def plan(service) = ask(:get, "/api/services/#{service}/plan")
  def chickpeas(service) = plan(service)["needs"].find { |need| need["ingredient"] == "dry-chickpeas" }
  def grams(service) = chickpeas(service)["finished_grams"]["value"]
  def names(service) = ask(:get, "/api/services/#{service}/day")["tasks"].map { |task| task["name"] }

  it "is offered by the earlier service that makes the same, with when it is ready and how long it is good" do
    expect(line).to include("service" => 2, "with" => "Count weekend, Sunday lunch", "made" => false)
    expect(line["text"]).to match(/\A[\d.]+ kg, ready .+, good until .+\z/)
    expect(ask(:get, "/api/services/1/together")["lines"]).to be_empty
  end

  it "is made there in the amount of both, and neither bought, cooked nor laid out here" do
    own, lunch = grams(id), grams(2)
    decide({ "together" => together(line) })
    expect(grams(2)).to be_within(1).of(lunch + own)
    expect(chickpeas(2)["others"]).to start_with("Late lunch, ")
    expect(chickpeas(id)["brought"]).to eq "Count weekend, Sunday lunch"
    expect(plan(id)["buy"].map { |each| each["ingredient"] }).not_to include("dry-chickpeas")
    expect(names(id)).not_to include(/Chickpeas/)
    expect(names(2)).to include(/Chickpeas/)
    # On the lists of a week it is bought once.
    week = ask(:get, "/api/weeks/#{late["date"]}/order")
    expect(week.to_s.scan("dry-chickpeas").size).to eq 1
  end

  it "follows the covers of whoever takes it, and is made here again when told, or undone" do
    lunch = grams(2)
    day = decide({ "together" => together(line) })
    own = grams(2) - lunch
    ask(
      :post,
      "/api/services/#{id}/changes",
      { "version" => late["version"], "at" => "service/covers", "value" => "120" }
    )
    expect(grams(2) - lunch).to be_within(2).of(2 * own)
    decide({ "restore" => day["before"] })
    expect(grams(2)).to be_within(0.01).of(lunch)
    expect(names(id)).to include(/Chickpeas/)
    decide({ "together" => together(line) })
    decide({ "apart" => line["preparation"] })
    expect(chickpeas(id)).not_to have_key("brought")
    expect(chickpeas(2)).not_to have_key("others")
  end

  it "is said where the other does not make it any more, and made here again" do
    decide({ "together" => together(line) })
    ask(:delete, "/api/services/2")
    expect(ask(:get, "/api/services/#{id}/together")["lapsed"]).to contain_exactly(
      /\AChickpeas, .* was to be made with a service that is gone.* made here\.\z/
    )
    expect(names(id)).to include(/Chickpeas/)
  end

  it "refuses what is no service or no preparation, and keeps the day" do
    before = ask(:get, "/api/services/#{id}/day")["tasks"].size
    post(
      "/api/services/#{id}/day",
      JSON.generate("together" => { "preparation" => "x" }),
      "CONTENT_TYPE" => "application/json"
    )
    expect(last_response.status).to eq 422
    decide({ "together" => { "preparation" => "nothing", "service" => 2 } })
    expect(ask(:get, "/api/services/#{id}/day")["tasks"].size).to eq before
  end

  it "tells what an earlier day moved of a later one" do
    said = -> { ask(:get, "/api/services/2/day/later").find { |each| each["id"] == id } }
    before = said.call
    expect(before).to include(
      "name" => "Late lunch",
      "works" => true,
      "said" => a_string_starting_with("begins ")
    )
    decide({ "together" => together(line) })
    expect(said.call["first"]).not_to eq before["first"]
    expect(ask(:get, "/api/services/#{id}/day/later")).to be_empty
  end

  it "does not go along into a file, and comes back as it was made here" do
    decide({ "together" => together(line) })
    copy = ask(:post, "/api/services/import", ask(:get, "/api/services/#{id}/brief"))
    expect(chickpeas(copy["id"])).not_to have_key("brought")
  end
end
