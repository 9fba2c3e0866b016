# frozen_string_literal: true

require_relative "recipe_texts"

RSpec.describe Scullion::Recipe::Draft do
  define_method(:draft) { |text, **more| described_class.new(text, house, **more) }
  def line(draft, text) = draft.to_h["lines"].find { |each| each["text"].include?(text) }

  it "reads at least 95 of 100 lines of at least 30 recipes as they are meant" do
    expect(RecipeTexts::ALL.size).to be >= 30
    expect(RecipeTexts.share(house)).to be >= 0.95
    expect(RecipeTexts.share(house, RecipeTexts::HELD_OUT)).to be >= 0.9
  end

  it "accounts for every line, and finds the title and the servings" do
    RecipeTexts::ALL.each do |recipe|
      read = draft(recipe["text"]).to_h
      expect(read.values_at("title", "servings")).to eq recipe.values_at("title", "servings")
      expect(Scullion::Recipe::Page.new(recipe["text"], house).lines.map(&:row).uniq.size).to eq(
        recipe["text"].lines.count { |row| row.gsub(/<[^>]*>/, "").strip != "" }
      )
      expect(
        read["lines"].map { |each| each["kind"] } - %w[title servings heading ingredient step note]
      ).to be_empty
    end
  end

  # 300 g of dry pearl barley for 6 takes up twice its weight: 900 g, 150 g each. 4 roast carrots
  # of 61 g, peeled and diced; 500 g of cooked beetroot stays 500 g: 125 g for each of 4.
  it "brings amounts to grams per serving, ready to serve" do
    expect(line(draft("Serves 6\n300 g pearl barley"), "barley")["grams"]).to be_within(5).of(150)
    expect(line(draft("Serves 4\n500 g cooked beetroot, diced"), "beetroot")["grams"]).to eq 125
  end

  it "turns words of the line into cut, trim, treatment and cooking" do
    text =
      "Serves 4\n400 g carrots, peeled, diced and roasted\n2 cucumbers, thinly sliced, salted and drained"
    roast = draft(text).to_h.dig("salad", "components")
    expect(roast.first).to include(
      "cut" => "diced",
      "trim" => "peeled",
      "cook" => include("method" => "roast")
    )
    expect(roast.last).to include("cut" => "sliced", "treat" => "salt-and-drain")
  end

  # 1 kg of cucumber, seeded and diced, gives up a share of its water to the salt; sprouts are cooked as
  # usual, and it says so.
  it "counts what a treatment takes, and says what it does as usual" do
    plain, salted =
      ["1 kg cucumbers, seeded and diced", "1 kg cucumbers, seeded, diced, salted and drained"].map do |text|
        line(draft("Serves 4\n#{text}"), "cucumbers")["grams"]
      end
    expect(salted).to be_within(0.1).of(
      plain * house.larder["cucumber"].figures["treats/salt-and-drain/yield"]
    )
    expect(line(draft("Serves 4\n700 g brussels sprouts, shredded"), "sprouts")).to include(
      "done" => "shredded",
      "usual" => "trimmed, roasted"
    )
  end

  it "takes oil, acid and salt for the dressing" do
    salad = draft("Serves 4\n400 g carrots\n4 tbsp olive oil\n1 tbsp lemon juice\n1 tsp salt").to_h["salad"]
    expect(salad["components"].size).to eq 1
    expect(salad["dressing"]["parts"].map { |part| part.values_at("ingredient", "role") }).to eq [
         %w[olive-oil fat],
         %w[lemon-juice acid],
         %w[fine-salt salt]
       ]
  end

  it "asks about a doubtful line with at most three guesses, and is settled by a choice" do
    asked = draft("Serves 4\n1 kg lettuce")
    expect(line(asked, "lettuce")).to include("status" => "doubtful", "guesses" => have_attributes(size: 3))
    settled = draft("Serves 4\n1 kg lettuce", choices: { 2 => "iceberg" })
    expect(line(settled, "lettuce")).to include("status" => "sure", "taken" => include("key" => "iceberg"))
    expect(settled.to_h["settled"]).to be true
    expect(
      draft("Serves 4\n400 g carrots\n1 kg lettuce", choices: { 3 => "leave" }).to_h["salad"][
        "components"
      ].size
    ).to eq 1
  end

  # 400 g of dry lentils for 8 cook to 2.4 times, 120 g each; drained from tins they are 30 g each.
  it "asks whether a pulse is dry or from a tin, unless the line or its pack says so" do
    asked = line(draft("Serves 8\n400 g green lentils"), "lentils")
    expect(asked).to include(
      "status" => "doubtful",
      "taken" => include("key" => "dry-green-lentils"),
      "guesses" => include(a_hash_including("key" => "green-lentils", "name" => "Green lentils, tinned"))
    )
    {
      "400 g dried green lentils" => "dry-green-lentils",
      "400 g cooked green lentils" => "green-lentils",
      "2 tins of green lentils" => "green-lentils"
    }.each do |text, key|
      expect(line(draft("Serves 8\n#{text}"), "lentils")).to include(
        "status" => "sure",
        "taken" => include("key" => key)
      )
    end
  end

  it "never takes for sure what the larder does not have" do
    expect(line(draft("Serves 4\n2 tbsp xylograph flakes"), "xylograph")["status"]).not_to eq "sure"
  end

  it "mines steps for what is kept back and what rests, and for how long" do
    read =
      draft(
        "Serves 4\n400 g carrots\nMethod\nRoast at 425 F for 30-35 min, reserve half the oil, leave to " \
          "cool for 1 hour."
      ).to_h
    expect(read["steps"].first).to include("reserve" => "reserve half", "rest" => true)
    expect(read["told"].map { |fact| fact["what"] }).to include("218 °C", "30 min to 35 min", "chill 1 h")
  end

  it "names what the steps use and the list lacks, and the other way round" do
    read =
      draft("Serves 4\n400 g carrots\n100 g walnuts\nMethod\nGrate the carrots and add the parsley.").to_h
    expect(read).to include("missing" => ["parsley"], "unused" => ["100 g walnuts"])
  end

  it "catches a slip in a pasted amount, with the reading that fits" do
    text = "Serves 4\n600 g carrots\n200 g pearl barley\n2 Tbsp ground cloves\n60 ml olive oil"
    expect(line(draft(text), "cloves")["slip"]).to include(
      "what" => include("more than it ever is"),
      "range" => start_with("Usual")
    )
    expect(line(draft(text), "carrots")).not_to have_key("slip")
    alarms =
      RecipeTexts::ALL.flat_map do |recipe|
        draft(recipe["text"]).to_h["lines"].select { |each| each["slip"] }
      end
    expect(alarms.size.fdiv(RecipeTexts::ALL.sum { |recipe| recipe["lines"].size })).to be <= 0.02
  end

  it "asks about an amount that no serving is, and about two that contradict each other" do
    ["999999999 kg carrots", "300 g 200 g carrots"].each do |text|
      expect(line(draft("Serves 4\n#{text}"), text)["status"]).not_to eq "sure"
    end
    expect(draft("Serves 4\n30 kg carrots", choices: { 2 => "carrot" }).to_h["settled"]).to be false
  end

  it "refuses nothing, too much, and nobody served" do
    [" \n ", "\u200B", (["1 carrot"] * 501).join("\n"), "Serves 0\n1 carrot"].each do |text|
      expect { draft(text) }.to raise_error(Scullion::UnreadableAmount)
    end
  end

  it "reads tags, right-to-left text and pictures without losing a word" do
    expect(
      draft(
        "<p>Serves 4</p><script>alert(1)</script>\n🥕 400 g carrots\nسلطة الجزر\n\u202E300 g walnuts"
      ).to_h[
        "lines"
      ].size
    ).to eq 5
  end

  it "takes two ingredients on one line apart" do
    pairs = [
      "Salt and pepper to taste",
      "sea salt & black pepper",
      "juice and zest of 1 lemon",
      "1 tsp each cumin seeds and coriander seeds",
      "olive oil and vinegar"
    ]
    read = draft((["Serves 4", "400 g carrots"] + pairs).join("\n"))
    expect(read.to_h["lines"].drop(2).map { |each| each.dig("taken", "key") }).to eq %w[
         fine-salt
         black-pepper
         fine-salt
         black-pepper
         lemon-juice
         lemon
         cumin-seed
         coriander-seed
         olive-oil
         red-wine-vinegar
       ]
    expect(read.to_h["lines"].map { |each| each["number"] }).to eq (1..12).to_a
  end

  # 100 g of clove in four servings; the reading that fits a usual share is offered in the line's own unit.
  it "mends a slip with the reading that fits, or takes it as right when the cook says so" do
    text = "Serves 4\n400 g pearl barley\n600 g carrots\n9 tbsp ground cumin"
    slipped = line(draft(text), "cumin")["slip"]
    expect(slipped["reading"]["amount"]).to match(/tsp|Tbsp|ml/)
    mended = draft(text, amounts: { 4 => slipped["reading"]["amount"] })
    expect(line(mended, "cumin")).to include("mended" => slipped["reading"]["amount"]).and(
      satisfy { |each| !each.key?("slip") }
    )
    expect(line(draft(text, right: [4]), "cumin")).to include("right" => true).and(
      satisfy { |each| !each.key?("slip") }
    )
    expect(draft(text, right: [4]).to_h["salad"]["dressing"]["parts"].first).to include("right" => true)
  end

  it "will not put a salad into itself" do
    own = line(draft("Tideline barley\nServes 4\n200 g tideline barley\n300 g carrots"), "200 g")
    expect(own).to include("status" => "unknown", "why" => /cannot hold itself/)
    expect(
      faults { |data| data["salads"][0]["components"][0]["ingredient"] = data["salads"][0]["key"] }.values
    ).to include("A salad cannot contain itself.")
  end

  it "finds ratios in the steps, and says what is cooked here from raw" do
    steps =
      draft(
        "Serves 4\n200 g bulgur\n500 g cooked parsnips, diced\n\nMethod\nSimmer 1 part bulgur to 2 parts " \
          "water for 12 minutes.\nCover with twice its volume of water.\nWhisk oil and acid 3:1."
      ).to_h
    expect(steps["steps"].map { |step| step["ratio"] }).to eq [
         "1 part bulgur to 2 parts water",
         "twice its volume of water",
         "3:1"
       ]
    expect(steps["lines"].find { |each| each["text"].include?("parsnips") }["done"]).to include("from raw")
  end
end
