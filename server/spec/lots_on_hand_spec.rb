# frozen_string_literal: true

# A lot of one service, taken by another: from the switch to what is bought, and to what is left of it.
require_relative "server_helper"

RSpec.describe "Lots on hand", :server do
  let(:lunch) { ask(:get, "/api/services/2") }
  let(:day) { ask(:get, "/api/services/2/day") }
  let(:after) { (Date.iso8601(lunch["date"]) + 1).iso8601 }

  def service(name, date: after, covers: 40)
    ask(
      :post,
      "/api/services",
      {
        "name" => name,
        "date" => date,
        "from" => "12:00",
        "to" => "12:30",
        "covers" => covers,
        "lines" => [{ "salad" => "chickpea-fennel" }]
      }
    )[
      "id"
    ]
  end

  # The chickpeas of the lunch are done, and so many g of them are left.
  def lot(left)
    task = day["lots"].find { |each| each["name"].include?("Chickpeas") }["task"]
    at = "#{lunch["date"]}T11:00"
    ask(
      :post,
      "/api/services/2/day",
      { "now" => at, "mark" => { "task" => task, "state" => "done", "at" => at } }
    )
    found = Scullion::Records::Lot.where(service: 2, task: task).first
    entry = {
      "uid" => SecureRandom.uuid,
      "at" => Time.now.utc.iso8601,
      "clock" => "#{lunch["date"]}T15:00",
      "kind" => "weighed",
      "of" => "left",
      "value" => left,
      "lot" => found.code
    }
    ask(:post, "/api/entries", { "entries" => [entry] })
    found.code
  end

  def now = "#{lunch["date"]}T16:00"
  def on_hand(id) = ask(:get, "/api/services/#{id}/lots?now=#{now}")
  def chickpeas(id) = on_hand(id).find { |need| need["name"].include?("Chickpeas") }
  def take(id, code, grams = chickpeas(id)["lots"].first["grams"])
    decision = {
      "lot" => {
        "preparation" => chickpeas(id)["preparation"],
        "code" => code,
        "grams" => grams
      }
    }
    ask(:post, "/api/services/#{id}/day?now=#{now}", decision)
  end

  # As the order has it.
  def bought(id)
    line = ask(:get, "/api/services/#{id}/plan")["buy"].find { |each| each["ingredient"] == "dry-chickpeas" }
    line || 0
  end

  it "is offered where it is good until the last guest, and taken it is neither bought nor made" do
    id = service("Monday lunch")
    code = lot(20_000)
    expect(chickpeas(id)["lots"]).to contain_exactly(include("code" => code, "taken" => false))
    before = bought(id)
    expect(before).not_to eq 0
    said = take(id, code)["decided"]["lots"]
    expect(said).to contain_exactly(include("code" => code, "text" => /lot #{code}/))
    expect(bought(id)).to eq 0
    expect(chickpeas(id)["lots"].first).to include("taken" => true)
    expect(ask(:get, "/api/lots/#{code}?now=#{now}")["promised"]).to contain_exactly(include("service" => id))
    ask(
      :post,
      "/api/services/#{id}/day",
      { "unlot" => { "preparation" => chickpeas(id)["preparation"], "code" => code } }
    )
    expect(bought(id)).to eq before
  end

  it "is taken once: a second service is told how much is free" do
    one, other = service("Monday lunch"), service("Monday supper")
    code = lot(1000)
    take(one, code, 900)
    expect(chickpeas(other)["lots"].first["grams"]).to be <= 100
    take(other, code, 500)
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("are free")
  end

  it "is not had twice by taking back what somebody else has taken meanwhile" do
    one, other = service("Monday lunch"), service("Monday supper")
    code = lot(1000)
    taken = take(one, code, 900)
    before = taken["before"]
    drop = { "unlot" => { "preparation" => chickpeas(one)["preparation"], "code" => code } }
    undo = ask(:post, "/api/services/#{one}/day?now=#{now}", drop)["before"]
    take(other, code, 800)
    ask(:post, "/api/services/#{one}/day?now=#{now}", { "restore" => undo })
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("are free")
    expect(before["lots"]).to eq []
    promised = ask(:get, "/api/lots/#{code}?now=#{now}")["promised"]
    expect(promised).to contain_exactly(include("service" => other))
  end

  it "is not had twice by two who take it at the same moment" do
    one, other = service("Monday lunch"), service("Monday supper")
    code = lot(1000)
    # Between what is looked up for the one and what is kept of it, the other has it.
    first = true
    allow(Scullion::Changes::DayDecision).to receive(:new).and_wrap_original do |make, *asked|
      if first
        first = false
        take(other, code, 800)
      end
      make.call(*asked)
    end
    take(one, code, 900)
    expect(last_response.status).to eq 422
    promised = ask(:get, "/api/lots/#{code}?now=#{now}")["promised"]
    expect(promised).to contain_exactly(include("service" => other))
  end

  it "is not offered to a service after its date, nor taken by one" do
    id = service("Next week", date: (Date.iso8601(lunch["date"]) + 8).iso8601)
    code = lot(5000)
    expect(chickpeas(id)["lots"]).to eq []
    preparation = Scullion::Records::Lot.find_by(code: code).preparation
    ask(
      :post,
      "/api/services/#{id}/day",
      { "lot" => { "preparation" => preparation, "code" => code, "grams" => 10 } }
    )
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("to be thrown by")
  end

  it "is gone once the service that took it is over" do
    id = service("Monday lunch")
    code = lot(1000)
    take(id, code, 1000)
    board = ->(at) do
      ask(:get, "/api/lots?now=#{at}")["groups"].flat_map do |group|
        group["lots"].map { |each| each["code"] }
      end
    end
    expect(board[now]).to include(code)
    expect(board["#{after}T13:00"]).not_to include(code)
  end

  it "has what is made on purpose once, however many batches it is made in" do
    potato = ->(plan) { plan.needs.find { |each| each.ingredient.key.include?("potato") } }
    brief = ask(:get, "/api/services/2/brief")
    preparation = potato[Scullion::Plan.for(Scullion::Brief.read(brief, house))].component.preparation
    more = { "preparation" => preparation, "for" => "Wednesday", "grams" => 60_000 }
    made = ask(:post, "/api/services/2/day", { "more" => more })
    tasks = made["lots"].select { |each| each["name"].include?("Potatoes") }.map { |each| each["task"] }.uniq
    at = "#{lunch["date"]}T11:00"
    tasks.each do |task|
      mark = { "task" => task, "state" => "done", "at" => at }
      ask(:post, "/api/services/2/day", { "now" => at, "mark" => mark })
    end
    own = Scullion::Records::Lot.where(service: 2, batch: "for Wednesday")
    expect([tasks.size > 1, own.count]).to eq [true, 1]
  end

  it "has what is made on purpose as a lot of its own" do
    need = ask(:get, "/api/services/2/plan")["needs"].find { |each| each["ingredient"] == "dry-chickpeas" }
    preparation =
      Scullion::Plan
        .for(Scullion::Brief.read(ask(:get, "/api/services/2/brief"), house))
        .needs
        .find { |each| each.ingredient.key == "dry-chickpeas" }
        .component
        .preparation
    ask(
      :post,
      "/api/services/2/day",
      { "more" => { "preparation" => preparation, "for" => "Wednesday", "grams" => 2000 } }
    )
    more = ask(:get, "/api/services/2/plan")["needs"].find { |each| each["ingredient"] == "dry-chickpeas" }
    expect(more["finished_grams"]["value"]).to be_within(1).of(need["finished_grams"]["value"] + 2000)
    lot(3000)
    expect(Scullion::Records::Lot.where(service: 2).pluck(:batch, :grams)).to include(
      ["for Wednesday", 2000.0]
    )
  end
end
