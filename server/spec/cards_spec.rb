# frozen_string_literal: true

require_relative "server_helper"
require_relative "../../core/spec/random_salads"

# What is written out for people reads back to the same salad, and so to the same plan.
RSpec.describe "A salad's card", :server do
  # As RecipeCard takes a salad.
  Shelved = Struct.new(:to_build) { def name = to_build["name"] }

  def paste(text) = ask(:post, "/api/paste", { "text" => text })["salad"]
  def house = @house ||= Scullion::Records::House.ours
  def cards(build)
    card = Scullion::Papers::RecipeCard.new(Shelved.new(build), 40, house)
    [card.to_markdown, card.to_json_ld]
  end

  it "comes back whole from Markdown, from linked data and from its own file, for all of the demo" do
    ask(:get, "/api/salads").each do |shelved|
      build = ask(:get, "/api/salads/#{shelved["key"]}").except("id", "version", "key")
      %w[md jsonld json].each do |kind|
        ask(:get, "/api/salads/#{shelved["key"]}/card.#{kind}?covers=40")
        expect(paste(last_response.body)).to eq(build), "#{shelved["key"]} as #{kind}"
      end
    end
  end

  it "comes back whole for two hundred of any kind" do
    200.times do |seed|
      build = RandomSalads.new(house, 9000 + seed, most_covers: 200, most_grams: 300).brief["salads"].first
      back = cards(build).map { |card| Scullion::Exchange::Carried.salad(card) }
      expect(back.map { |each| JSON.parse(each) }).to all(eq(build)), "seed #{seed}"
    end
  end

  it "says of what is usually cooked and here is not that it is raw, also to who changes a word" do
    written = paste("Roots for 40\n4 kg beetroot, raw, shaved\n2 kg rocket")
    expect(written["components"].map { |each| each["cook"] }).to eq [nil, nil]
    card = cards(written.merge("key" => "roots")).first
    expect(card).to match(/Beetroot, .*raw/)
    again = paste(card.sub("# Roots", "# Our roots").sub("Serves 40", "Serves 41"))
    expect(again["components"].map { |each| each["cook"] }).to eq [nil, nil]
  end

  it "is read as it is written once anybody has changed a word of it" do
    ask(:get, "/api/salads/barley-roast-carrot-dill/card.md?covers=40")
    card = last_response.body
    changed = card.sub(/[\d.]+ kg Carrots/, "2 kg Carrots")
    expect(Scullion::Exchange::Carried.salad(card)).to include("barley-roast-carrot-dill")
    expect(Scullion::Exchange::Carried.salad(changed)).to be_nil
    carrots = paste(changed)["components"].find { |each| each["ingredient"] == "carrot" }
    expect(carrots["grams"]).to be < 40
    expect(Scullion::Exchange::Carried.salad("<!-- scullion-salad 0123456789abcdef nonsense -->")).to be_nil
  end

  it "says how long and how hot where the salad does, also to who changes a word" do
    text =
      "Roots for 40\n4 kg carrots, in batons\n1 kg rocket\n600 g walnuts\n600 g almonds\n" \
        "Roast the carrots 35 min at 210C. Toast the walnuts in the oven at 160C for 9 min. " \
        "Toast the almonds in a dry pan 4 min."
    written = paste(text)
    heats = written["components"].filter_map { |each| each["cook"]&.slice("minutes", "celsius") }
    expect(heats).to eq(
      [{ "minutes" => 35.0, "celsius" => 210 }, { "minutes" => 9.0, "celsius" => 160 }, { "minutes" => 4.0 }]
    )
    card = cards(written.merge("key" => "roots")).first
    again = paste(card.sub("# Roots", "# Our roots").sub("Serves 40", "Serves 41"))
    expect(again["components"].filter_map { |each| each["cook"]&.slice("minutes", "celsius") }).to eq heats
  end

  it "says how many are on each plate, and so does the sheet of the build" do
    text = "Egg salad\nServes 8\n400 g rocket\n4 eggs, halved, on top\n100 ml olive oil"
    build = paste(text).merge("key" => "eggs")
    eggs =
      plan do |data|
        data["salads"] = [build]
        data["service"]["lines"] = [{ "salad" => "eggs" }]
      end
    sheets = Scullion::Papers::Sheets.new(Scullion::Day::Roster.new(eggs)).all
    sheet = sheets.find { |each| each.key.start_with?("build-") }
    expect(sheet.rows.flatten.join(" ")).to match(/½ each, \d+ pieces in all/)
    expect(cards(build).first).to match(/egg.*, ½ each, 20 pieces in all\.$/i)
  end

  it "keeps a cut after its cooking, also for who reads the card without its own line" do
    build = paste(<<~TEXT).merge("key" => "potatoes")
      Potatoes
      Serves 8
      100 g rocket
      1.6 kg waxy potatoes, boiled in their skins, then peeled and diced
      60 ml olive oil
      20 ml red wine vinegar
    TEXT
    plain = cards(build).first.lines.grep_v(/<!--/).join
    expect(plain).to match(/potato.*peeled, boil.*, diced$/i)
    [build, paste(plain)].each do |salad|
      potatoes = salad["components"].find { |each| each["ingredient"].include?("potato") }
      expect(potatoes).to include("cut" => "diced", "cook" => include("cut_after" => true))
    end
  end

  # The order's grams: the barley, the carrots' oil and salt, each part of what is made.
  it "holds every gram of the order" do
    build = ask(:get, "/api/salads/barley-roast-carrot-dill")
    plan = Scullion::Salad::Trial.new(build.except("id", "version"), house, covers: 40).plan
    card = cards(build.except("id", "version")).first
    expect(card).to include("## For pot and tray")
    plan.purchases.each { |line| expect(card).to include(line.ingredient.name), line.ingredient.name }
  end
end
