# frozen_string_literal: true

require_relative "server_helper"

# What the cook wrote of a thing, and what stands on the table, is the same on every medium once it is saved.
RSpec.describe "A recipe's own words, saved", :server do
  before do
    text =
      "Quay peanuts\nServes 36\n\n500 g peanuts, crushed\n1.2 kg cos lettuce, in ribbons wide as a thumb\n" \
        "36 slices sourdough, on the side\n\nDressing:\n300 ml olive oil\n1 shallot, brunoise"
    @built = ask(:post, "/api/paste", { "text" => text })["salad"].merge("key" => "quay-peanuts")
    ask(:post, "/api/salads", @built)
    service =
      ask(
        :post,
        "/api/services",
        {
          "name" => "Quay lunch",
          "date" => "2026-12-05",
          "from" => "12:00",
          "to" => "13:00",
          "covers" => 90,
          "lines" => [{ "salad" => "quay-peanuts" }]
        }
      )
    @at = "/api/services/#{service["id"]}"
  end

  let(:row) { "500 g peanuts, crushed (for 36)" }

  def got(path)
    ask(:get, path)
    last_response.body.force_encoding(Encoding::UTF_8)
  end

  it "is kept, and still there once another thing is changed" do
    kept = ask(:get, "/api/salads/quay-peanuts")
    words = ->(salad) { [*salad["components"], *salad["dressing"]["parts"]].map { |each| each["written"] } }
    expect([words.call(kept), kept["at_table"]]).to eq [words.call(@built), %w[white-loaf]]
    kept["components"].first["grams"] = 10
    again = ask(:put, "/api/salads/quay-peanuts", kept.except("id"))
    expect([words.call(again), again["at_table"]]).to eq [words.call(@built), %w[white-loaf]]
  end

  it "is in the plan, on lists and paper, on the card and in its files, and in the brief for the terminal" do
    expect(ask(:get, "#{@at}/plan")["prep"].map { |line| line["written"] }).to include row
    brief = ask(:get, "#{@at}/brief")
    terminal = Scullion::Plan::Paper.new(Scullion::Plan.for(Scullion::Brief.read(brief, shipped))).to_s
    card = "/api/salads/quay-peanuts/card"
    lists = got("#{@at}/lists/written.csv")
    [terminal, lists, got("#{card}.md?covers=90")].each do |text|
      expect(text).to include row, "1.2 kg cos lettuce, in ribbons wide as a thumb", "1 shallot, brunoise"
    end
    expect(Scullion::Exchange::Carried.salad(got("#{card}.jsonld?covers=90"))).to include row
    expect(got("#{card}.json")).to include row
  end

  it "names what is on the table with its allergens wherever it says what the salad contains" do
    bread = "White country bread (gluten)"
    plan = ask(:get, "#{@at}/plan")
    expect(plan["count"].first["contains"]).not_to include "gluten"
    expect(plan["snags"].map { |snag| snag["what"] }).to include "On the table beside Quay peanuts: #{bread}."
    roster =
      Scullion::Day::Roster.new(Scullion::Plan.for(Scullion::Brief.read(ask(:get, "#{@at}/brief"), shipped)))
    sheets = Scullion::Papers::Sheets.new(roster).all
    expect(sheets.find { |sheet| sheet.key == "matrix" }.rows).to include ["On the table, not in it", bread]
    expect(got("#{@at}/lists/matrix.csv")).to include "On the table, not in it", bread
    expect(sheets.first.rows.join).to include bread
    expect(got("/api/salads/quay-peanuts/card.md?covers=90")).to include bread
  end

  it "keeps in the larder what stands on a table" do
    ask(:delete, "/api/ingredients/white-loaf")
    expect([last_response.status, last_response.body]).to match [409, /Quay peanuts/]
  end

  def shipped = Scullion::House.shipped
end
