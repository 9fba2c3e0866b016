# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The larder as a table", :server do
  # A table of some rows is as good as one of all, but for coming in just as it went out.
  before(:context) do
    foods = Scullion::Records::Ingredient.where(key: %w[carrot dill fine-salt cucumber])
    @table = Scullion::Exchange::LarderCsv.write(foods.order(:name).map(&:facts))
  end

  let(:table) { @table.dup.force_encoding("UTF-8").delete_prefix("\uFEFF") }

  def bring_in(csv, **more)
    ask(:post, "/api/larder/import", { "csv" => csv }.merge(more.transform_keys(&:to_s)))
  end
  def spoiled(from, into) = table.sub(from, into)
  def refused = answer["rows"].select { |row| row["fate"] == "refused" }

  it "comes in again just as it went out" do
    whole = raw("/api/larder.csv").force_encoding("UTF-8").delete_prefix("\uFEFF")
    expect(bring_in(whole)["rows"].map { |row| row["fate"] }.uniq).to eq ["same"]
    expect(ask(:get, "/api/larder.json").size).to eq Scullion::Records::Ingredient.count
  end

  it "reports a dry run row by row, and writes nothing" do
    bring_in(spoiled(",Carrots,", ",Carrots (new),"))
    expect(
      answer["rows"].reject { |row| row["fate"] == "same" }.map { |row| row.values_at("name", "fate") }
    ).to eq [["Carrots (new)", "changed"]]
    expect(Scullion::Records::Ingredient.find_by(key: "carrot").name).to eq "Carrots"
  end

  it "writes all when told to, new ones too" do
    dill = table.lines.find { |line| line.start_with?("dill,") }
    csv = spoiled(",Carrots,", ",Carrots (new),") + dill.sub("dill,Dill", "wild-dill,Wild dill")
    expect(bring_in(csv, write: true)["written"]).to be true
    expect(Scullion::Records::Ingredient.where(key: %w[carrot wild-dill]).order(:key).pluck(:name)).to eq [
         "Carrots (new)",
         "Wild dill"
       ]
  end

  it "writes nothing when one row is at fault, and names line, field and remedy" do
    csv = spoiled(",Dill,", ",=1+1,").sub("#9cc27a", "green")
    bring_in(csv, write: true)
    expect(last_response.status).to eq 422
    expect(told.values.join).to include('"=1+1" begins like a formula', '"green" cannot be read')
    expect(Scullion::Records::Ingredient.find_by(key: "dill").name).to eq "Dill"
  end

  it "finds impossible yields, formulas for numbers and twins" do
    yields = table.lines.find { |line| line.start_with?("carrot,") }
    bring_in(table.sub(yields, yields.sub("0.82", "1.82")))
    expect(refused.first["faults"].first["what"]).to include("1.82 is not possible")
    bring_in(table + yields)
    expect(refused.last["faults"].map { |fault| fault["what"] }).to include(/"carrot" is already on line/)
  end

  it "says what is wrong with the whole table" do
    {
      "name,colour\nx,y" => "columns are missing: key",
      "\"a" => "not CSV",
      "#{table.lines.first}#{"x,\n" * 5001}" => "There are 5001 rows"
    }.each do |csv, says|
      bring_in(csv)
      expect([last_response.status, told["/csv"]]).to match [422, a_string_including(says)]
    end
    ask(:post, "/api/larder/import", { "csv" => 7 })
    expect(told["/csv"]).to include("should be text")
  end

  it "takes a short row: like another, or its family's usual" do
    bring_in(
      "key,name,family,colour,like,trims/picked/yield\nmarsh-dill,Marsh " \
        "dill,herb,#557744,dill,0.5\nsea-beet,Sea beet,leaf,#336633,,\n",
      write: true
    )
    expect(answer["rows"].map { |row| row["fate"] }).to eq %w[new new]
    dill = Scullion::Records::Ingredient.find_by(key: "marsh-dill").facts
    expect(dill["trims"]["picked"]).to include("yield" => 0.5, "sheds" => "thick stalks")
  end

  it "refuses a formula where a number should be, a name that is taken, and a circle of likenesses" do
    head = "key,name,family,colour,like,density/whole\n"
    {
      "a,A,herb,#557744,,=1+1" => '"=1+1" is not a number',
      "a,Dill,herb,#557744,," => "already in the larder, as dill",
      "a,A,herb,#557744,b,\nb,B,herb,#557744,a," => "made like itself: a → b → a"
    }.each do |rows, says|
      bring_in("#{head}#{rows}\n")
      expect(refused.flat_map { |row| row["faults"].map { |fault| fault["what"] } }.join(" ")).to include(
        says
      )
    end
  end

  it "comes in as JSON just as it went out" do
    list = ask(:get, "/api/larder.json")
    expect(
      ask(:post, "/api/larder/import", { "json" => list.first(40) })["rows"].map { |row| row["fate"] }.uniq
    ).to eq ["same"]
    ask(:post, "/api/larder/import", { "json" => [1] })
    expect(last_response.status).to eq 422
  end

  it "turns 200,000 rows away whole" do
    bring_in("#{table.lines.first}#{"x,#{"y" * 20}\n" * 200_000}", write: true)
    expect([last_response.status, answer["title"]]).to eq [413, "The body is over 4 MB."]
  end

  it "refuses text that is not UTF-8" do
    expect { Scullion::Exchange::LarderCsv.read("key,n\xFFme") }.to raise_error(
      Scullion::InvalidBrief,
      /not UTF-8/
    )
  end

  describe "and the plans that follow" do
    let(:dill) { table.lines.find { |line| line.start_with?("dill,") } }

    def plan_of_saturday = ask(:get, "/api/services/1/plan")

    it "orders the salt that cooking takes in the kitchen's own pack" do
      salt = table.lines.find { |line| line.start_with?("fine-salt,") }
      bring_in(table.sub(salt, salt.sub("1 kg pack", "2 kg pack").sub("1000", "2000")), write: true)
      expect(
        ask(
          :post,
          "/api/cook",
          { "ingredient" => "carrot", "cook" => { "method" => "roast" }, "raw_grams" => 1000 }
        )[
          "buy"
        ].map { |line| line["order"] }
      ).to include("1 × 2 kg pack")
      expect(
        plan_of_saturday["buy"].find { |line| line["ingredient"] == "fine-salt" }["order"]
      ).to eq "1 × 2 kg pack"
    end

    it "plans on when a figure is kept for an ingredient that no salad uses, and when that is deleted" do
      bring_in(table + dill.sub("dill,Dill", "wild-dill,Wild dill"), write: true)
      ask(:put, "/api/house-figures", { "at" => "larder/wild-dill/trims/picked/yield", "value" => 0.4 })
      expect(plan_of_saturday).to include("count")
      ask(:delete, "/api/ingredients/wild-dill")
      expect(plan_of_saturday).to include("count")
      expect(
        ask(
          :post,
          "/api/cook",
          { "ingredient" => "carrot", "cook" => { "method" => "roast" }, "raw_grams" => 1000 }
        )
      ).to include("cooking")
    end

    it "plans on when a table took away the figure that was set by hand" do
      ask(:put, "/api/house-figures", { "at" => "larder/carrot/pieces/small", "value" => 45 })
      carrot = Scullion::Records::Ingredient.find_by(key: "carrot")
      carrot.update!(facts: carrot.facts.merge("pieces" => { "medium" => 61 }))
      expect(plan_of_saturday).to include("count")
      expect(ask(:get, "/api/ingredients/carrot/page")).to include("figures")
    end
  end
end
