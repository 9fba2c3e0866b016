# frozen_string_literal: true

require_relative "server_helper"
require_relative "../../bench/written_steps"
require_relative "../../bench/made_recipes"

RSpec.describe "A pasted recipe", :server do
  recipe = {
    "@context" => "https://schema.org",
    "@type" => "Recipe",
    "name" => "Quay bowl",
    "recipeYield" => ["8", "8 servings"],
    "recipeIngredient" => ["400 g carrots, grated", "2 tbsp olive oil"],
    "recipeInstructions" => [
      {
        "@type" => "HowToSection",
        "itemListElement" => [{ "@type" => "HowToStep", "text" => "Grate the carrots." }]
      }
    ]
  }

  def paste(text, **more) = ask(:post, "/api/paste", { "text" => text }.merge(more.transform_keys(&:to_s)))

  # Recipes as cooks jot them down, with their truth; bin/bench says how far the aims are.
  it "is read at least as well as it was" do
    recipes = WrittenRecipes.new(ExampleBrief::SHIPPED)
    built_with, = WrittenRecipes.parts
    verdicts = built_with.flat_map { |path| recipes.verdicts(path) }
    share = ->(kind) { verdicts.count { |verdict| verdict.share == kind }.fdiv(verdicts.size) }
    expect(share[:right]).to be >= 0.86
    expect(share[:wrong]).to be <= 0.018
    expect(share[:needless]).to be <= 0.034
    expect(recipes.servings(built_with).values).to all be(true)
    said, found, bound = WrittenSteps.new(ExampleBrief::SHIPPED, recipes).counted(built_with)
    expect(found).to be >= said * 0.72
    expect(bound).to be >= found * 0.79
  end

  it "is read whole where it is made from parts, on any seed" do
    found = MadeRecipes.new(ExampleBrief::SHIPPED, 77).read(25)
    expect(found.keys).to contain_exactly("right", "told", "servings")
  end

  it "is found in a page by its microdata, by RDFa, or as it is read" do
    micro = <<~HTML
        <html><head><title>Quay</title><script>let a = "2 cups flour";</script></head><body><nav>Home</nav>
        <div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Quay bowl</h1>
        <span itemprop="recipeYield">6 servings</span>
        <ul><li itemprop="recipeIngredient">400 g <b>carrots</b>, grated
        <li itemprop="recipeIngredient">2&nbsp;tbsp olive oil</ul>
        <ol itemprop="recipeInstructions"><li>Grate the carrots.<li>Dress them.</ol></div>
        <footer>1 kg of news</footer>
      HTML
    rdfa =
      micro.gsub("itemprop=", "property=").sub(
        'itemscope itemtype="https://schema.org/Recipe"',
        'typeof="Recipe"'
      )
    plain = micro.gsub(%r{ itemprop="[^"]*"}, "").sub(%r{ itemscope itemtype="[^"]*"}, "")
    [micro, rdfa, plain].each do |page|
      draft = paste(page)
      foods = draft["lines"].select { |line| line["kind"] == "ingredient" }
      expect(foods.map { |line| line.dig("taken", "key") }).to eq(%w[carrot olive-oil]), page[0, 90]
      expect(draft.values_at("title", "servings")).to eq ["Quay bowl", 6]
      expect(draft["steps"].size).to eq 2
    end
  end

  it "drafts a salad that the shelf takes" do
    draft =
      paste(
        "Quay carrots\nServes 4\n400 g carrots, grated\n1 kg lettuce\n4 tbsp olive oil",
        choices: {
          "4" => "iceberg"
        }
      )
    expect(draft["settled"]).to be true
    added = ask(:post, "/api/salads", { "key" => "quay-carrots", **draft["salad"] })
    expect(added["components"].map { |component| component["ingredient"] }).to eq %w[carrot iceberg]
  end

  it "finds a schema.org recipe wherever it stands" do
    [
      recipe.to_json,
      [recipe].to_json,
      { "@graph" => [{ "@type" => "WebPage" }, { "mainEntity" => recipe }] }.to_json,
      "<html><script type=\"application/ld+json\">#{recipe.to_json}</script><p>Hello</p></html>"
    ].each do |text|
      draft = paste(text)
      expect(draft.values_at("title", "servings")).to eq ["Quay bowl", 8]
      expect(draft["lines"].map { |each| each["kind"] }).to eq %w[
           title
           servings
           heading
           ingredient
           ingredient
           heading
           step
         ]
    end
  end

  it "says what is broken, what holds no recipe, and what is no list at all" do
    nested = JSON.generate((1..100).reduce(recipe) { |inner, _| { "a" => inner } }, max_nesting: 200)
    {
      recipe.to_json[0..-3] => /broken/,
      '{"@type": "WebPage"}' => /no recipe/,
      nested => /broken|no recipe/,
      "Serves 0\n1 carrot" => /nobody/,
      " \n" => /nothing/
    }.each do |text, words|
      expect(paste(text)["faults"].first["what"]).to match(words)
      expect(last_response.status).to eq 422
    end
  end

  it "gives every demo salad out in its own JSON and takes it back the same" do
    ask(:get, "/api/salads").each do |salad|
      out = ask(:get, "/api/salads/#{salad["key"]}/card.json")
      draft = paste(last_response.body)
      expect(draft["settled"]).to be true
      back = ask(:post, "/api/salads", { "key" => "back-#{salad["key"]}", **draft["salad"] })
      expect(back.except("id", "version", "key")).to eq out.except("key")
    end
    expect(
      paste(
        '{"key": "a", "name": "A", "components": [{"ingredient": "carrot", "role": "body", "grams": -1}]}'
      )[
        "faults"
      ].first[
        "where"
      ]
    ).to eq "/components/0/grams"
  end

  it "writes cards that it reads again: as Markdown, and as a schema.org Recipe" do
    ask(:get, "/api/salads/barley-roast-carrot-dill/card.md?covers=40")
    expect(last_response.body).to include(
      "# Barley, roast carrot, dill",
      "Serves 40",
      "- 4.38 kg Carrots, peeled, batons, roasted"
    )
    card = paste(last_response.body)
    ask(:get, "/api/salads/barley-roast-carrot-dill/card.jsonld?covers=40")
    linked = paste(last_response.body)
    salad = ask(:get, "/api/salads/barley-roast-carrot-dill")
    [card, linked].each do |draft|
      expect(draft.values_at("title", "servings")).to eq ["Barley, roast carrot, dill", 40]
      expect(draft["salad"]["components"].map { |component| component["ingredient"] }).to eq(
        salad["components"].map { |component| component["ingredient"] }
      )
    end
  end
end
