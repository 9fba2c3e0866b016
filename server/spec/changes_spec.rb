# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A change", :server do
  it "saves covers and answers with the plan and the difference" do
    change("service/covers", 141)
    expect(answer["difference"]).to include("+200 g carrots")
    expect(answer["plan"]["service"]["covers"]).to eq 141
    expect([answer["previous"], service["covers"]]).to eq [140, 141]
  end

  it "takes the difference from where a run of changes began" do
    change("service/covers", 141)
    change("service/covers", 143, since_covers: 140)
    expect(answer["difference"]).to include("+1 tin white beans")
  end

  it "takes what a cook writes: a share in per cent, grams as an amount, a new window" do
    change("larder/carrot/trims/peeled/yield", "75 %")
    expect(answer["plan"]["prep"][1]["ap_grams"]["value"]).to be_within(0.1).of(12_794.36 / 0.97 / 0.75)
    change("salads/barley-roast-carrot-dill/components/0/grams", "½ cup")
    expect(answer["plan"]["count"][0]["layers"][0]["grams"]["value"]).to be_within(0.01).of(83)
    change("service/to", "14:00")
    expect(answer["plan"]["hold"][0]["dress_from"]["text"]).to eq "10:00"
  end

  it "keeps a figure for this service or for the kitchen, and goes back to the larder's" do
    at = "larder/pearl-barley/absorption/uptake/tender"
    change(at, 2.4, keep: "kitchen")
    expect(
      ask(:get, "/api/services/1/working?at=cook/0/uptake")["source"]
    ).to start_with "Set for this kitchen"
    change(at, 2.2)
    expect(ask(:get, "/api/services/1/working?at=cook/0/uptake")).to include(
      "value" => 2.2,
      "default" => "2 g per g"
    )
    change(at, nil)
    change(at, nil, keep: "kitchen")
    expect(ask(:get, "/api/services/1/working?at=cook/0/uptake")).to include(
      "value" => 2.0,
      "source" => a_string_starting_with("Recalled, not looked up: dry and cooked cup weights")
    )
  end

  it "refuses what cannot be, in plain words, and saves nothing" do
    {
      "service/covers" => ["lots", 0, -2, 1e9, 2.5, nil, ""],
      "larder/carrot/trims/peeled/yield" => ["2", "much", 0],
      "service/to" => %w[09:00 noon],
      "salads/barley-roast-carrot-dill/components/0/grams" => ["3 blobs", "-4", "0", "1 bunch"],
      "service/name" => [" "],
      "service/lines/0/portion_grams" => [1]
    }.each do |at, values|
      values.each do |value|
        before = service
        change(at, value)
        expect([last_response.status, answer["faults"].first["where"]]).to eq([422, "/value"]),
        "#{at} #{value.inspect}: #{last_response.body}"
        expect(service).to eq before
      end
    end
  end

  it "refuses an address that nothing can be changed at" do
    %w[
      service/id
      rules/a/days
      salads/none/components/0/grams
      service/lines/7/covers
      larder/carrot/none
    ].each do |at|
      change(at, 1)
      expect(last_response.status).to eq(422), at
    end
  end

  it "never overwrites silently: a stale version gets 409 and both sides" do
    change("service/covers", 150)
    change("service/covers", 160, version: 0)
    expect(last_response.status).to eq 409
    expect([answer["theirs"]["covers"], answer["yours"]["value"], service["covers"]]).to eq [150, 160, 150]
  end
end
