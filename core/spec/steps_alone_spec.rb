# frozen_string_literal: true

require_relative "taken_lines"

# What a list leaves open and the steps alone say: how much, which part, how it is shared out, and where it
# goes.
RSpec.describe "What the steps alone say" do
  include TakenLines

  def of(text, key) = all(text).find { |food| food.include?(key) }

  it "squeezes half a lemon, and hands the rest of it round where the steps say so" do
    lemons = ->(told) do
      all("Serves 4\n1 kg squash\n1 lemon\n30 g tahini\n\nMethod\n#{told}").select do |each|
        each.first.include?("lemon")
      end
    end
    half = "Whisk the tahini with the juice of half the lemon."
    differs = ->(told) do
      reads("Serves 4\n1 kg squash\n1 lemon\n30 g tahini\n\nMethod\n#{told}").to_h["differs"]
    end
    expect(differs[half]).to eq ["lemon: the steps squeeze less than the list has"]
    expect(differs["#{half} Serve with the rest of the lemon cut into wedges."]).to eq []
    expect(lemons[half].map { |each| each.values_at(0, 1) }).to eq [["lemon-juice", 24]]
    expect(lemons["#{half} Serve with the rest of the lemon cut into wedges."].map(&:last)).to eq %w[
         dressing
         table
       ]
    expect(lemons["#{half} Add the other half of the lemon."].map { |each| each[1] }).to eq [47]
    limes =
      "Serves 8\n3 limes\n60 ml oil\n\nMethod\nWhisk the juice of %s limes with the oil. " \
        "Hand round the last lime in wedges."
    ["2", "two", "two of the"].each do |many|
      found = all(format(limes, many)).first(2)
      expect(found.map { |each| each.values_at(0, 2) }).to eq [%w[lime-juice dressing], %w[lime table]]
      expect(found.first[1]).to eq 66
    end
  end

  it "pours stock on a grain, whatever the next sentence roasts" do
    text = "Couscous for 24.\n\nPour 1.8 litres hot stock on 1.5 kg couscous, cover. %s"
    roasts = ["Roast 3 kg courgettes 25 min.", "Then roast 3 kg courgettes 25 min.", "Serve."]
    expect(roasts.map { |told| of(format(text, told), "vegetable-stock").last }).to eq %w[pot pot pot]
  end

  it "shares out what is zested, squeezed and left of five lemons" do
    told = "Whisk the yoghurt with the zest of 2 lemons and juice of 3. Serve the remaining lemons in wedges."
    lemons =
      all("Serves 30\n1 kg yoghurt\n5 lemons\n\nMethod\n#{told}").select do |each|
        each.first.include?("lemon")
      end
    expect(lemons).to match [
            ["lemon-juice", 141, "dressing"],
            ["lemon", 12, anything],
            ["lemon", 216, "table"]
          ]
  end

  it "squeezes an orange that is zested, and none that is eaten" do
    orange = ->(told) do
      all("Serves 4\n1 kg carrots\n2 oranges\n30 ml oil\n\nMethod\n#{told}").map(&:first).grep(/orange/)
    end
    expect(orange["Zest the oranges and squeeze the juice of the whole lot into the oil."]).to eq %w[
         orange-juice
         orange
       ]
    expect(orange["Grate the zest of the oranges, then squeeze out their juice."]).to eq %w[
         orange-juice
         orange
       ]
    expect(orange["Segment the oranges, squeezing their juice over the bowl."]).to eq %w[orange]
  end

  it "parts the oil whose amounts are said one by one, and simmers lentils with garlic for their own time" do
    list = "Serves 4\n400 g tomatoes\n250 g puy lentils\n2 garlic cloves\n90 ml olive oil\n45 ml vinegar"
    told =
      "Simmer the lentils with one of the garlic cloves for 20 min. Roast the tomatoes with 15 ml oil. " \
        "Whisk the vinegar with 60 ml oil."
    read = reads("#{list}\n\nMethod\n#{told}").to_h
    oils = read["lines"].select { |line| line["name"].to_s.include?("oil") }
    expect(oils.map { |line| line["to"] }).to eq %w[cook dressing]
    minutes = read["told"].find { |fact| fact["what"] == "20 min" }
    expect(minutes.values_at("line", "set")).to eq [3, true]
  end

  it "knows flaked almonds on top by their last word, and croutons that have a list below" do
    told = "Fold it together. Almonds on at the last minute, almonds on top."
    expect(
      of("Serves 4\n1 kg carrots\n40 g flaked almonds\n\nMethod\n#{told}", "flaked-almonds").last
    ).to eq "top"
    rows = "Serves 100\n6 kg rocket\ncroutons (see below)   100 x 10 g\n\ncroutons: 1.4 kg bread, 150 ml oil"
    expect(all(rows).map(&:first)).to eq %w[rocket white-loaf olive-oil]
  end

  it "lays bread beside the salad that is served on the side, and salts and drains by the next sentence" do
    into = ->(told) { of("Serves 30\n1 kg carrots\n30 flatbreads\n\nMethod\n#{told}", "flatbread").last }
    expect(into["Warm flatbreads on the side."]).to eq "table"
    expect(into["Serve with the warm flatbreads."]).to eq "table"
    expect(into["Tear the flatbreads and toss with the carrots."]).to eq "salad"
    treat = ->(told) do
      parts =
        reads("Serves 6\n2 cucumbers\n\nMethod\nSalt the cucumbers and leave an hour. #{told}").to_h["salad"]
      parts["components"].first["treat"]
    end
    expect(["Squeeze them out hard.", "Then drain well.", "Serve."].map(&treat)).to eq %w[
         salt-and-drain
         salt-and-drain
       ].push(nil)
  end

  it "takes the amounts that only the steps say, each where it goes" do
    list = "Serves 4\n1 kg carrots\nolive oil\nsalt\nfeta\n20 ml vinegar"
    told =
      "Toss the carrots in 4 tbsp olive oil with 1 tsp salt and roast for 20 min. Whisk the vinegar with " \
        "2 tbsp olive oil. Crumble over 100 g feta."
    expect(all("#{list}\n\nMethod\n#{told}")).to eq [
         ["carrot", 1000, "salad"],
         ["olive-oil", 55, "cook"],
         ["olive-oil", 27, "dressing"],
         ["fine-salt", 6, "cook"],
         ["brined-white-cheese", 100, "top"],
         ["red-wine-vinegar", 20, "dressing"]
       ]
    salted = "Serves 4\n1 kg white cabbage\nsalt\n\nMethod\nSalt cabb 1 hr, squeeze."
    expect(of(salted, "fine-salt")[1]).to eq of(salted.sub(/Salt cabb.*/, "Serve."), "fine-salt")[1]
    more = all("#{list}\nextra olive oil 20 ml\n\nMethod\n#{told}")
    expect(more.count { |each| each.first == "olive-oil" }).to eq 2
  end

  it "keeps some of all the herbs for the top" do
    text =
      "Serves 4\n1 kg carrots\n20 g mint\n20 g coriander\n\nToss with most of the herbs. " \
        "Top with the remaining herbs."
    held = reads(text).to_h["salad"]["components"].to_h { |each| each.values_at("ingredient", "held_back") }
    expect(held).to eq("carrot" => nil, "mint" => 0.25, "coriander" => 0.25)
  end

  it "keeps a share that is kept back by any word for it, and not all of what a few leaves are kept of" do
    list = "Serves 4\n1 kg carrots\n60 g almonds\n1 bunch dill"
    held = ->(told) do
      parts = reads("#{list}\n\nMethod\n#{told}").to_h["salad"]["components"]
      parts.to_h { |each| each.values_at("ingredient", "held_back") }.compact
    end
    ["keeping", "saving", "reserving", "holding back"].each do |word|
      expect(held["Combine it all, #{word} a third of the almonds for the top."]["almonds"]).to be_within(
        0.01
      ).of(0.33)
    end
    expect(held["Chop the dill, keeping a few fronds back, and mix. Top with the dill fronds."]).to be_empty
    expect(held["Mix the carrots. Top with the dill."]).to eq("dill" => 1.0)
  end

  it "blitzes bread to crumbs and not into a dressing, and misses the salt beside salted anchovies" do
    list = "Serves 4\n1 kg kale\n500 g sourdough\n60 g salted anchovies\n100 ml oil\n30 ml lemon juice"
    text =
      "#{list}\n\nMethod\nBlitz the sourdough to crumbs. Massage the kale with salt. " \
        "Whisk the oil and lemon juice."
    expect(of(text, "white-loaf").last).to eq "salad"
    expect(reads(text).to_h["missing"]).to eq %w[salt]
  end

  it "mixes all of a dressing that a sentence is for, and lays on top what is mostly laid there" do
    list =
      "Serves 4\n1 kg carrots\n1 red chilli\n300 g chicken breast\n40 g parmesan\n30 g walnuts\n" \
        "60 ml oil\n2 limes"
    told = "For the dressing, juice the limes and stir with the oil and chopped chilli. Top with "
    into = ->(what) { all("#{list}\n\nMethod\n#{told}#{what}.").to_h { |each| each.values_at(0, 2) } }
    all_of_it = into["the chicken, parmesan and walnuts"]
    expect(all_of_it).to include("red-chilli" => "dressing", "parmesan" => "top")
    expect(into["the carrots and parmesan"]).to include("carrot" => "salad", "parmesan" => "salad")
  end

  it "zests one of them and squeezes all, whatever is laid on top of the salad" do
    told =
      "Zest one lime and juice all three; whisk with the oil. Toss, then scatter over the mint and lime zest."
    text = "Serves 8\n1 kg melon\n3 limes\n20 g mint\n30 ml oil\n\nMethod\n#{told}"
    expect([of(text, "lime-juice"), of(text, "lime")[1]]).to eq [["lime-juice", 99, "dressing"], 4]
  end

  it "slices some of the oranges and squeezes the others" do
    list = "Serves 4\n3 large oranges\n85 g watercress\n3 tbsp oil\n\nMethod\n"
    fruit = ->(told) do
      all(list + told).select { |each| each.first.start_with?("orange") }.map { |each| each.values_at(0, 2) }
    end
    told = "Cut the peel from %s of the oranges and slice them. Juice the %s. Whisk the juice with the oil."
    both = [%w[orange salad], %w[orange-juice dressing]]
    expect([%w[2 third], %w[two other], %w[2 last]].map { |said| fruit[format(told, *said)] }.uniq).to eq [
         both
       ]
    expect(fruit["Slice 2 of the oranges. Toss."]).to eq [%w[orange salad]]
    eaten = all(list + format(told, "2", "third")).find { |each| each.first == "orange" }
    expect(eaten[1]).to be_within(1).of(all("#{list}Slice all.").first[1] * 2 / 3.0)
  end

  it "dots and tears over what goes on top" do
    told = "Toss the beans with the rocket. Dot over the goat's cheese, tear over the basil and serve."
    list = "Serves 4\n400 g can cannellini\n100 g rocket\n100 g goat's cheese\n15 g basil\n\nMethod\n"
    expect(all(list + told).map(&:last)).to eq %w[salad salad top top]
  end

  it "asks of a way that the sentence before the food's own tells first" do
    steps = "Heat a griddle pan until smoking. Griddle the kohlrabi for 4 minutes. Tip into a bowl."
    found = reads("Serves 4\n700 g kohlrabi\n100 g feta\n\nMethod\n#{steps}")
    expect(found.settled?(found.reads.first)).to be false
    grilled = reads("Serves 4\n700 g broccoli\n100 g feta\n\nMethod\n#{steps.sub("kohlrabi", "broccoli")}")
    expect(grilled.taken(grilled.reads.first).component["cook"]).to include(
      "method" => "grill",
      "minutes" => 4
    )
  end

  it "weighs what running text says is peeled or podded as it is then" do
    grams = ->(told) { all("For 12. #{told}").first[1] }
    expect(grams["Boil 600 g of peeled potatoes."]).to eq 600
    expect(grams["Add 300 g grated carrots."]).to eq 300
    expect(grams["Roast 1 kg squash, peeled."]).to be < 1000
    expect(grams["Peel 400 g beetroot and boil it."]).to be < 400
  end

  it "tells what is poured of a dressing in the sentence that lists it" do
    told =
      "For 12. Boil 1.5 kg potatoes. Make a dressing of 150 ml olive oil and 50 ml white wine vinegar, " \
        "and pour half of it over the potatoes while they are warm."
    expect(all(told).map(&:first)).to eq %w[waxy-potato olive-oil white-wine-vinegar]
    apart =
      "For 12\n1.5 kg potatoes\nMake a dressing of 150 ml oil and 50 ml vinegar, and pour half of it over."
    expect(reads(apart).to_h["lines"].last).to include("kind" => "step")
    expect(all(apart).map(&:last)).to eq %w[salad dressing dressing]
  end

  it "keeps some back of which the steps take most" do
    list = "Serves 6\n500 g cabbage\n50 g pecans, toasted - keep some for the top\n\nMethod\n"
    held = ->(told) do
      reads(list + told).to_h["salad"]["components"].find { |each| each["ingredient"] == "pecans" }[
        "held_back"
      ]
    end
    expect(held["Add cabbage and most of the pecans."]).to eq 0.25
  end

  it "stirs herbs into what is poured, and hands round the wedges" do
    list =
      "Serves 4\n600 g potatoes\n150 ml soured cream\n1 tbsp each chopped dill & chives\n" \
        "1 lemon: half juiced, half in wedges"
    told =
      "Stir soured cream, herbs and lemon juice; season. Toss the potatoes in it and serve with the wedges."
    expect(all("#{list}\n\nMethod\n#{told}").map(&:last)).to eq %w[
         salad
         dressing
         dressing
         dressing
         dressing
         table
       ]
    stirred = all("#{list}\n\nMethod\nStir the herbs into the potatoes.")
    expect(stirred.select { |each| %w[dill chives].include?(each.first) }.map(&:last)).to eq %w[salad salad]
  end

  it "finishes with the seeds of what it names, and with what goes over at the end" do
    list = "Serves 4\n600 g freekeh\n80 g pomegranate seeds\n60 g flaked almonds\n\nMethod\n"
    expect(all("#{list}Finish with the pomegranate.").map(&:last)).to eq %w[salad top salad]
    told = "Toss the freekeh. Toasted flaked almonds, two handfuls, go over at the very end."
    expect(all(list + told).map(&:last)).to eq %w[salad salad top]
  end
end
