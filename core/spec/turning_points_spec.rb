# frozen_string_literal: true

require_relative "read_texts"

# Figures that turn at a number, just before it and just behind: pots, ladles, portions, days.
RSpec.describe "Turning points" do
  include ReadTexts

  it "takes 120 °C and more for an oven's heat" do
    way = ->(heat) do
      read = draft("Squash for 10\n1 kg squash\n90 g feta\n\nThe squash wants 25 minutes at #{heat}C.")
      read["salad"]["components"].find { |each| each["ingredient"] == "butternut" }.dig("cook", "method")
    end
    expect([way[120], way[119]]).to eq %w[roast boil-cut]
  end

  # A tablespoon is 15 ml here: 10.5 are seven tenths of it, 21 are 1.4 of it.
  it "believes the millilitres in a bracket that are nearly the measure before it" do
    grams = ->(said) { taken("Bowl for 1\n1 tbsp (#{said} ml) honey")["honey"]["grams"] }
    spoon = taken("Bowl for 1\n1 tbsp honey")["honey"]["grams"]
    expect([10.5, 21].map { |said| (grams[said] / spoon).round(2) }).to eq [0.7, 1.4]
    expect([10.4, 21.1].map { |said| (grams[said] / spoon).round(2) }).to eq [1, 1]
  end

  it "takes what stands in a bracket for all of a dressing from 85 % of it to 115 %" do
    headed = ->(oil) do
      rows = draft("Bowl for 4\n100 ml vinaigrette (#{oil} ml oil, 20 ml vinegar)\n200 g rocket")["lines"]
      rows.any? { |line| line["kind"] == "heading" }
    end
    expect([65, 95].map(&headed)).to eq [true, true]
    expect([64, 96].map(&headed)).to eq [false, false]
  end

  it "takes a number for a year from 1990 to 2060, unless it says whom it serves" do
    served = ->(title) do
      draft("#{title}\n2 kg potatoes").then { |read| read["servings"] if read["servings_said"] }
    end
    expect([1990, 2060].map { |year| served["Potato salad #{year}"] }).to eq [nil, nil]
    expect([1989, 2061].map { |year| served["Potato salad #{year}"] }).to eq [1989, 2061]
    expect(served["Potato salad for 2000 guests"]).to eq 2000
  end

  it "takes the ladle that holds it exactly" do
    ladles = Scullion::Dress::Ladles.new(house.practice)
    house
      .practice
      .words("ladles", "sizes")
      .each { |size| expect(ladles.of(size.to_f)).to eq "1 #{size < 60 ? "spoon" : "ladle"} of #{size} ml" }
  end

  # A tray's load of 4 kg/m² on 0.3 m², say: twice that is two trays, a gram more is three.
  it "takes another tray only for what is more than all of them hold" do
    roast = { "ingredient" => "butternut", "cook" => { "method" => "roast" } }
    cooked = ->(grams) { Scullion::Cook::Single.read(roast.merge("raw_grams" => grams), house).cooking }
    one = cooked[1000.0]
    full = one.tray_load * one.tray_area * 1000
    expect([full * 2, (full * 2) + 1].map { |grams| cooked[grams].trays }).to eq [2, 3]
  end

  it "says that a portion is on the mark up to the share that is none to speak of" do
    waves = plan(covers: 10).waves[0]
    light = Scullion::Build::CheckWeigh.new(waves, [waves.portion_grams * 0.9])
    says =
      lambda do |near|
        allow(light).to receive(:near).and_return(near)
        light.to_h["says"]
      end
    off = light.send(:off).abs
    expect([says[off], says[off - 1e-9]]).to match ["On the mark.", a_string_starting_with("Light")]
  end

  # A portion of half the grams has half the pieces, to a quarter, and at least that.
  it "counts what is on a plate by its size, in quarters, and never leaves it off" do
    whole = plan(covers: 10).portions[0].portion_grams
    pieces = ->(written, size) do
      sized =
        plan(covers: 10) do |data|
          data["salads"][0]["components"][0]["pieces"] = written
          data["service"]["lines"][0]["portion_grams"] = whole * size
        end
      sized.portions[0].layers[0].serving_pieces
    end
    expect([pieces[2, 1.5], pieces[2, 0.5], pieces[0.25, 0.3]]).to eq [3, 1, 0.25]
  end

  it "begins and ends a day without tasks at its own beginning" do
    none = Struct.new(:tasks).new([])
    solution = Scullion::Day::Solution.new(none, {}, {}, [])
    expect([solution.first, solution.last]).to eq [0, 0]
  end

  it "takes forty parts in one, and none of which a part is unknown" do
    refused = ->(parts) do
      row = { "made" => { "how" => "pounded", "parts" => parts }, "ingredient" => "walnuts", "grams" => 20 }
      faults { |data| data["salads"][0]["components"][0].merge!(row) }.keys.grep(/made/)
    end
    part = { "ingredient" => "walnuts", "grams" => 1 }
    expect(refused[[part] * 40]).to eq []
    expect(refused[[part] * 41]).not_to eq []
    expect(refused[[part, part.merge("ingredient" => "moonstone")]]).not_to eq []
  end

  it "reads a list by scales from two of them on" do
    scaled = Scullion::Recipe::Scales.new(["x10  x40", "Oil 100 400"])
    expect(scaled.last("Oil 100 400")).to eq "400 g Oil"
    expect(Scullion::Recipe::Scales.new(["40", "Oil 400"]).last("Oil 400")).to be_nil
  end
end
