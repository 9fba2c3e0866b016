# frozen_string_literal: true

# A limit is tried exactly where it stands: the figure that a rule is held against is set to what the plan
# has, and then a hair to either side.
RSpec.describe "Limits of rules, exactly at the limit" do
  HAIR = 1e-9

  # @return [Array] what comes of a value just below, at and just above the limit
  def around(limit, &) = [limit - HAIR, limit, limit + HAIR].map(&)

  # @param own [Hash{String=>Float}] the house's own figures @yield [Hash] the brief's data
  def with(own, covers: 140, &change)
    figures = own.transform_values { |value| [value, "this kitchen"] }
    ours = house.with(figures: figures)
    data = example
    data["service"]["covers"] = covers
    change&.call(data)
    Scullion::Plan.for(Scullion::Brief.read(data, ours))
  end

  def said(made) = made.snags.map(&:what).join(" ")

  it "is drowned over its share, and dry under it" do
    share = plan.dressings[0].salad_share
    drowned =
      around(share) { |limit| said(with({ "practice/dressing/share/drowned" => limit })).include?("rown") }
    expect(drowned).to eq [true, false, false]
    dry = around(share) { |limit| said(with({ "practice/dressing/share/dry" => limit })) }
    expect(dry.map { |words| words == said(plan) }).to eq [true, true, false]
  end

  it "counts an amount as usual up to the most that it ever is, and down to the least" do
    pepper = house.larder["black-pepper"]
    most, low = pepper.figures["usual/high"], pepper.figures["usual/low"]
    over, under =
      house.practice.fetch("slips/beyond/over_times"),
      house.practice.fetch("slips/beyond/under_times")
    slip = ->(share) { Scullion::Salad::Slip.new(pepper, share, 100.0, house.practice).slip? }
    expect(around(most * over) { |share| slip.call(share) }).to eq [false, false, true]
    expect(around(low * under) { |share| slip.call(share) }).to eq [true, false, false]
  end

  it "fills a bowl to its share and not a drop more" do
    made = plan(covers: 40)
    mix = made.builds[0].mix_ml
    bowls =
      around(mix / 1000) do |litres|
        with({ "practice/bowls/fill" => 1.0 }, covers: 40) do |data|
          small = { "key" => "own", "name" => "Own", "litres" => litres, "count" => 9 }
          data["kitchen"]["bowls"] = [
            small,
            small.merge("key" => "other", "name" => "Large", "litres" => 400)
          ]
        end.builds[
          0
        ].bowl.name
      end
    expect(bowls).to eq %w[Large Own Own]
  end

  it "takes a pot that holds it to its limit, and the next one for a gram more" do
    narrow = { "key" => "narrow", "name" => "narrow", "diameter_cm" => 24, "height_cm" => 16 }
    wide = narrow.merge("key" => "wide", "name" => "wide", "diameter_cm" => 40)
    most = in_example("Pearl barley") { |data| data["kitchen"]["pots"] = [narrow] }.most_dry_grams
    pots =
      [-1, 0, 1].map do |more|
        in_example("Pearl barley") do |data|
          data["kitchen"]["pots"] = [narrow, wide]
          data["salads"][0]["components"][0]["grams"] = (most + more) * 3 / 147
        end.pot.key
      end
    expect(pots).to eq %w[narrow narrow wide]
  end

  it "calibrates a pot from a tenth to five times the usual" do
    pot = brief.kitchen.pots.last
    usual = house.practice.figures.shipped("evaporation/simmer-open") * pot.area * 1000
    told =
      [0.099, 0.1, 5, 5.001].map do |factor|
        data = {
          "lid" => "off",
          "before_grams" => 100_000,
          "after_grams" => 100_000 - (usual * factor),
          "minutes" => 60
        }
        fields = Scullion::DocumentReader.new(data)
        [Scullion::Cook::Calibration.read(fields, pot, house.practice)&.factor, fields.faults.size]
      end
    expect(told).to eq [[0.099, 1], [0.1, 0], [5.0, 0], [5.001, 1]]
  end

  it "weighs a batch by tenths below 250 g, and by whole grams from there" do
    expect(around(250) { |grams| Scullion::Amount::Split.step(grams) }).to eq [0.1, 1.0, 1.0]
    expect(Scullion::Amount::Split.steps(249.91, [1, 1], 0.1).sum).to be_within(1e-9).of(250)
    expect(Scullion::Amount::Split.steps(250.2, [1, 1], 1.0).sum).to eq 251
  end

  # Whole from ten grams, else to a tenth; salt to a tenth from one.
  it "writes a label's grams and its salt by their own steps" do
    writer = house.writer
    expect([9.94, 10, 10.4].map { |grams| writer.label_g(grams) }).to eq ["9.9 g", "10 g", "10 g"]
    expect([0.994, 1, 1.16].map { |grams| writer.label_salt(grams) }).to eq ["0.99 g", "1 g", "1.2 g"]
  end

  it "knows one of several by its length" do
    words = %w[pies berries peas gas chives olives tomatoes radishes]
    expect(words.map { |word| Scullion::Recipe::Lexicon.singular(word) }).to eq(
      %w[pie berry pea gas chive olive tomato radish]
    )
  end

  it "writes grams by the scale's step on either side of each step" do
    writer = house.writer
    {
      0 => "0 g",
      9.94 => "9.9 g",
      9.96 => "10 g",
      10.4 => "10 g",
      10.5 => "11 g",
      249.4 => "249 g",
      249.5 => "250 g",
      252.4 => "250 g",
      252.5 => "255 g",
      997.4 => "995 g",
      997.5 => "1 kg",
      1997.4 => "1.995 kg",
      1997.5 => "2 kg",
      2004.9 => "2.00 kg",
      2005 => "2.01 kg"
    }.each { |grams, text| expect(writer.g(grams)).to eq(text), "#{grams}: #{writer.g(grams)}" }
  end

  it "orders nothing, and names all that is over, when more is on hand than is needed" do
    need = plan.purchases.find { |line| line.ingredient.key == "carrot" }.need_grams
    carrots =
      [-1, 0, 2500].map do |more|
        plan { |data| data["service"]["stock"] = { "carrot" => need + more } }.purchases.find do |line|
          line.ingredient.key == "carrot"
        end
      end
    expect(carrots.map { |line| line.packs.zero? }).to eq [false, true, true]
    expect(carrots.last(2).map(&:surplus_grams)).to match [be_within(1e-6).of(0), be_within(1e-6).of(2500)]
    expect(carrots.last.enough_for).to eq (140 * (need + 2500) / need).floor
  end

  it "begins with less of each strong seasoning, and of no other" do
    strong = Scullion::Dress::Part::STRONG
    expect(strong).to match_array %w[spice allium salt root fruiting]
    by_part = plan.dressings[0].parts.to_h { |part| [part.ingredient.key, part.strong?] }
    expect(by_part.select { |_, is| is }.keys).to match_array %w[fine-salt black-pepper]
  end

  it "writes an oven in fives of °F, and food to the degree, from 100 °C on" do
    us = Scullion::Amount::Writer.for(Scullion::Amount::Measures::US)
    {
      57 => "135 °F",
      63 => "145 °F",
      99 => "210 °F",
      100 => "210 °F",
      190 => "375 °F",
      175 => "345 °F"
    }.each { |celsius, text| expect(us.celsius(celsius)).to eq(text), us.celsius(celsius) }
  end

  it "takes for an oil, an acid, a sweetener or a salt what holds so much of it and no less" do
    oil, vinegar, honey, salt = %w[olive-oil cider-vinegar honey fine-salt].map { |key| house.larder[key] }
    {
      oil => ["fat", :fat?],
      vinegar => ["acid", :acid?],
      honey => ["sugar", :sweet?],
      salt => ["salt", :salt?]
    }.each do |food, (what, kind)|
      part = Scullion::Salad::Part.new(ingredient: food, role: "aromatic", amount: 10.0, by: "grams")
      found =
        around(food.figures["content/#{what}"] / 100) do |least|
          practice = house.practice.with({ "dressing/does/#{what}/least_share" => [least, "this kitchen"] })
          Scullion::Dress::Does.new(practice).public_send(kind, part)
        end
      expect(found).to eq([true, true, false]), food.name
    end
  end

  it "follows what cools to the end of the minutes asked for" do
    slab =
      Scullion::Hold::Slab.new(depth: 0.05, surface: 25, ambient: 3, diffusivity: 1.4e-7, conductivity: 0.5)
    expect([10, 10.5].map { |minutes| slab.curve(57, minutes).to_a.last.first }).to eq [10.0, 11.0]
  end

  # Shares of stages make up the dressing to half a thousandth.
  it "takes shares of stages that make one, a hair of rounding aside" do
    taken =
      [0.4994, 0.4996, 0.5, 0.5004, 0.5006].map do |share|
        stages = [
          { "key" => "a", "name" => "A", "share" => 0.5 },
          { "key" => "b", "name" => "B", "share" => share }
        ]
        faults { |data| data["salads"][0]["dressing"]["stages"] = stages }.none? do |at, _|
          at.include?("stages")
        end
      end
    expect(taken).to eq [false, true, true, true, false]
  end

  # Six pieces of one kind, twenty of what has no piece, five grams of what is eaten for each who is served.
  it "counts, weighs and asks of what a recipe leaves open by the last that is meant" do
    draft = ->(text) { Scullion::Recipe::Draft.new(text, house) }
    settled = ->(text) { draft[text].then { |read| read.settled?(read.reads.last) } }
    cut = ->(many) { settled["Salad for 20\n2 kg barley\n#{many} tomato wedges"] }
    expect([cut[6], cut[7]]).to eq [true, false]
    list = "Noodles for 20\n2 kg soba\nDressing\n250 tahini\n120 rice vinegar\n"
    expect([19, 20].map { |grams| settled["#{list}#{grams} ginger"] }).to eq [false, true]
    expect([99, 100].map { |grams| settled["#{list}Bowl\nquinoa #{grams}"] }).to eq [false, true]
  end
end
