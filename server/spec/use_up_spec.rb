# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "What is left", :server do
  let(:tomorrow) { (Date.today + 1).iso8601 }
  let(:asked) do
    {
      "left" =>
        "half a cucumber, tired\n1.2 kg cooked chickpeas, made today\n3 soft tomatoes\nbag of spinach, slimy",
      "covers" => 12,
      "date" => tomorrow,
      "from" => "12:00",
      "to" => "13:00",
      "serves_as" => "main"
    }
  end

  def use_up = ask(:post, "/api/use-up", asked)

  it "judges each line, and offers what takes most of it, never what must be binned" do
    said = use_up
    expect(said["left"].map { |each| each["fate"] }).to eq %w[use use use bin]
    expect(said["offers"].first).to include("composed" => true)
    expect(said["offers"].flat_map { |each| each["uses"].map { |use| use["name"] } }).not_to include(
      /spinach/i
    )
    shares = said["offers"].map { |each| each["share"] }
    expect(shares).to eq shares.sort.reverse
  end

  it "makes the salad and the service in one go: what is made is not made again, what is raw is on hand" do
    take = use_up["offers"].first["id"]
    service = ask(:post, "/api/use-up/services", { "asked" => asked, "take" => take, "name" => "Crew lunch" })
    expect(last_response.status).to eq 201
    expect(service).to include("name" => "Crew lunch", "covers" => 12)
    expect(service["stock"].keys).to include("cucumber", "tomato")
    plan = ask(:get, "/api/services/#{service["id"]}/plan")
    chickpeas = plan["needs"].find { |need| need["name"].match?(/chickpea/i) }
    expect(chickpeas["lots"]).to include("what is left")
    expect(plan["service"]["stops"]).to eq 0
    again =
      ask(:post, "/api/use-up/services", { "asked" => asked, "take" => "composed-1", "name" => "Once more" })
    expect(again["lines"].first["salad"]).not_to eq service["lines"].first["salad"]
  end

  it "says what is not offered any more, and takes an empty list" do
    ask(:post, "/api/use-up/services", { "asked" => asked, "take" => "no-such", "name" => "Lunch" })
    expect(last_response.status).to eq 409
    expect(ask(:post, "/api/use-up", { **asked, "left" => "" })["offers"]).to eq []
  end

  it "takes lots on hand with their dates, those that are good until the last guest" do
    make =
      lambda do |code, discard|
        Scullion::Records::Lot.create!(
          code: code,
          service: 1,
          service_name: "Lunch",
          task: "cook/#{code}",
          name: "Roast carrots",
          made: "#{Date.today}T10:00",
          best: discard,
          discard: discard,
          grams: 1500,
          preparation: "carrot|peeled|batons|method|roast",
          facts: {
            "component" => {
              "ingredient" => "carrot",
              "role" => "body",
              "trim" => "peeled",
              "cut" => "batons",
              "cook" => {
                "method" => "roast"
              }
            }
          }
        )
      end
    make.call("28X", "#{tomorrow}T12:59")
    make.call("28Y", "#{tomorrow}T13:00")
    said = use_up
    expect(said["lots"].map { |each| each["code"] }).to eq ["28Y"]
    take = said["offers"].find { |each| each["uses"].any? { |use| use["code"] == "28Y" } }
    service =
      ask(:post, "/api/use-up/services", { "asked" => asked, "take" => take["id"], "name" => "Crew lunch" })
    need =
      ask(:get, "/api/services/#{service["id"]}/plan")["needs"].find { |each| each["name"].match?(/carrot/i) }
    expect(need["lots"]).to include("lot 28Y")
  end
end
