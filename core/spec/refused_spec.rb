# frozen_string_literal: true

# What cannot be is refused where it is set, in words that say what to do.
RSpec.describe "Facts and choices that cannot be" do
  def read(facts)
    faults = []
    given = { "key" => "own", "name" => "Own", "family" => "root", "colour" => "#d0651c" }.merge(facts)
    complete = house.fill_in.complete(given)
    Scullion::IngredientForm.read(complete, sources: house.sources, faults: faults)
    faults.join(" ")
  end

  # 102 g for what tables round.
  it "is more than a hundred grams in a hundred, tables' rounding aside" do
    parts = ->(fat) do
      { "content" => { "water" => 60, "fat" => fat, "protein" => 0, "fibre" => 0, "salt" => 0 } }
    end
    expect(read(parts.call(42).tap { |facts| facts["content"]["carbohydrate"] = 0 })).to eq ""
    over = read(parts.call(42.1).tap { |facts| facts["content"]["carbohydrate"] = 0 })
    expect(over).to include("/content").and include("102.1 g of 100 g").and include("Lower one of: ")
    expect(read("content" => { "sugar" => 99 })).to eq ""
    expect(read("content" => { "sugar" => 60, "fat" => 60 })).to include("120.0 g of 100 g")
  end

  it "leaves room in what is typical for what is known" do
    complete =
      house.fill_in.complete(
        {
          "key" => "own",
          "name" => "Own",
          "family" => "spice",
          "colour" => "#d0651c",
          "content" => {
            "fat" => 70
          }
        }
      )
    expect(Scullion::Possible.accounted(complete["content"])).to be_within(0.1).of(100)
    expect(complete["content"]["fat"]).to eq 70
  end

  it "is a density of a state that the food has not, and it names the nearest" do
    expect { house.larder["carrot"].density("sliced-thin") }.to raise_error(
      Scullion::MissingFigure,
      /Carrot.* has no density as "sliced-thin".*what it has: sliced/m
    )
    expect { house.larder["olive-oil"].density("diced") }.to raise_error(Scullion::MissingFigure, /liquid/)
  end

  it "is an egg that is cut before it is boiled in its shell" do
    refused =
      begin
        cooked("hen-egg", "eggs", cut: "halved", cook: { "cut_after" => false })
        ""
      rescue Scullion::InvalidBrief => e
        e.faults.join
      end
    expect(refused).to include("components/0/cut").and include("cannot be cut before")
    expect(cooked("hen-egg", "eggs", cut: "halved").component).to be_cut_after
  end

  it "is a tin of which nobody knows the drained weight" do
    expect(read("family" => "tinned-pulse", "tinned" => {})).to include("/tinned").and include(
            "drained weight"
          )
    expect(read("family" => "tinned-pulse")).to eq ""
  end

  it "is sold by a piece that nobody weighed" do
    by = ->(piece) { { "pieces" => { "head" => 400 }, "packs" => [{ "name" => "head", "piece" => piece }] } }
    expect(read(by.call("bunch"))).to include("/packs/0/piece").and include("head")
    expect(read(by.call("head"))).to eq ""
  end

  # Roast in halves is cut and peeled after; in cubes before.
  it "is no dice of squash that is peeled raw and roast in halves" do
    halves =
      cooked("butternut", "roast", trim: "peeled", cut: "diced", cook: { "shape" => "halves" }).component
    cubes = cooked("butternut", "roast", trim: "peeled", cut: "diced").component
    expect([halves, cubes].map { |each| [each.cut_after?, each.trimmed_after?] }).to eq(
      [[true, true], [false, false]]
    )
  end
end
