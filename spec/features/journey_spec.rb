# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "A cook's day", :journey, type: :feature do
  def open_demo(stage = nil)
    visit "/"
    click_link "Count weekend, Saturday lunch"
    within("nav[aria-label=Stages]") { click_link stage } if stage
  end

  before { tell("service/covers", 140) }

  # A change made elsewhere, on top of whatever is on its way.
  def tell(at, value)
    5.times do
      version = JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/services/1")))["version"]
      answer =
        Net::HTTP.post(
          URI("#{@server.url}/api/services/1/changes"),
          JSON.generate("version" => version, "at" => at, "value" => value),
          "Content-Type" => "application/json"
        )
      return if answer.is_a?(Net::HTTPSuccess)
    end
    raise "#{at} could not be set to #{value}"
  end

  def covers = find_field("Covers")
  def figure(at) = find("[data-at='#{at}']", match: :first)
  def packs_of(ingredient)
    figure(planned["buy"].find { |line| line["ingredient"] == ingredient }["packs"]["at"])
  end

  # Waits for the server's word, then looks at what it holds.
  def planned = JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/services/1/plan")))

  it "opens the demo service and sees its salad, layer by layer" do
    open_demo
    expect(page).to have_css("h1", text: "Count weekend, Saturday lunch")
    expect(page).to have_text(/11:45 to 13:30/)
    expect(covers.value).to eq "140"
    [
      "Pearl barley",
      "Roast carrot",
      "Cucumber, salted",
      "White beans",
      "Dill",
      "Sunflower seeds",
      "White brined cheese",
      "Mustard vinaigrette"
    ].each { |layer| expect(page).to have_css("tr", text: layer) }
    expect(page).to have_css("svg[aria-label^='One portion cut through']")
    expect(all("nav[aria-label=Stages] a").map { |link| link.text[/[A-Z]\w+/] }).to eq %w[
         Count
         Buy
         Prep
         Cook
         Dress
         Day
         Build
       ]
  end

  it "changes the covers by stepper, by keys and by typing, and every stage follows" do
    open_demo "Buy"
    expect(packs_of("white-beans")).to have_text("25 × 400 g tin")
    click_button "One cover more"
    expect(page).to have_text("140 → 141: +100 g carrots", normalize_ws: true)
    page.driver.browser.keyboard.type("+")
    page.driver.browser.keyboard.type("+")
    expect(page).to have_text("+1 tin white beans")
    expect(packs_of("white-beans")).to have_text("26 × 400 g tin")
    page.driver.browser.keyboard.type("-")
    expect(page).to have_field("Covers", with: "142")
    covers.set("60")
    {
      "Count" => ["count/0/finished_grams", "20.54 kg"],
      "Prep" => ["prep/1/ap_grams", "6.60 kg"],
      "Cook" => ["cook/0/batch_dry_grams", "2.31 kg"],
      "Dress" => ["dress/0/whisk_grams", "2,056 g"],
      "Build" => ["build/0/shares/0/per_bowl_grams", "3,465 g"]
    }.each do |stage, (at, text)|
      within("nav[aria-label=Stages]") { click_link stage }
      expect(figure(at)).to have_text(text)
    end
    # Changes in quick succession are undone as one; on a slow machine they may be several.
    6.times { click_button("Undo") unless page.has_field?("Covers", with: "140", wait: 3) }
    expect(page).to have_field("Covers", with: "140")
    expect(planned["service"]["covers"]).to eq 140
  end

  it "walks the stages with the keys and reads off what each one answers" do
    open_demo
    expect(page).to have_css("h1", text: "Count weekend")
    {
      "2" => ["Order", "5 × 1 kg tub", "brine or paper"],
      "3" => ["batons 50 × 10 mm", "true size", "peel and ends → stock"],
      "4" => ["40 cm pot", "water line 12.5 cm", "Water to dry, by weight"],
      "5" => ["Soak", "Toss", "Reserve", "4,699 g"],
      "6" => ["Ready in time.", "What may be made ahead", "Packet, A4"],
      "7" => [
        "Held back for the top",
        "Begin plating",
        "Scale reads",
        "House rules A",
        "your local code decides",
        "Discard by"
      ]
    }.each do |key, words|
      page.driver.browser.keyboard.type(key)
      words.each { |word| expect(page).to have_text(word) }
    end
    expect(page).to have_css("svg[aria-label^='Dress 09:30 to 10:45, best until 14:45, discard by 15:45']")
  end

  it "opens a working, follows it back, changes an assumption and sees all of it follow" do
    open_demo "Cook"
    figure("cook/0/water_grams").click
    within("[role=dialog]") do
      expect(page).to have_text("taken up + boils off")
      expect(page).to have_text("Published dry and cooked cup weights")
      fill_in "Change Water taken up", with: "2.5", match: :first
      find_field("Change Water taken up", match: :first).send_keys(:enter)
      expect(page).to have_text(/Set for this service, on .* The larder says 2.0/)
      expect(page).to have_text("12.35 kg")
    end
    expect(figure("cook/0/batch_dry_grams")).to have_text("4.62 kg")
    within("[role=dialog]") { click_button "Back to 2 g per g", match: :first }
    expect(figure("cook/0/batch_dry_grams")).to have_text("5.39 kg")
    page.driver.browser.keyboard.type(:escape)
    expect(page).to have_no_css("[role=dialog]")
  end

  it "keeps what was typed and says what is wrong, beside the field" do
    open_demo
    covers.set("lots")
    expect(page).to have_css("#covers-fault", text: '"lots" is not a whole number.')
    expect(covers.value).to eq "lots"
    covers.set("9000")
    expect(page).to have_css("#covers-fault", text: "Use 1 to 5000 covers.")
    field = find_field("Roast carrot, per serving")
    field.set("3 blobs")
    field.send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: '"blobs"')
    expect(find_field("Roast carrot, per serving").value).to eq "3 blobs"
    covers.set("140")
    expect(page).to have_no_css("#covers-fault", text: /./)
    expect(planned["service"]["covers"]).to eq 140
  end

  it "takes an amount as a cook writes it, and undoes it" do
    open_demo
    find_field("Roast carrot, per serving").set("½ cup").send_keys(:enter)
    expect(page).to have_field("Roast carrot, per serving", with: "78 g")
    click_button "Undo"
    expect(page).to have_field("Roast carrot, per serving", with: "60 g")
  end

  it "chooses within a method at the stove, sees what it does, and goes back" do
    open_demo "Cook"
    expect(page).to have_css("figure[aria-label='Minutes in order']", text: "Rest, lid on 10 min")
    click_button "lid on"
    expect(page).to have_text("−515 g water pearl barley")
    expect(page).to have_text("Least boils off: steady, and hard to check.")
    click_button "Undo"
    expect(page).to have_text("absorb, lid ajar, tender")
  end

  it "ticks a line off at its bench, and finds it ticked again" do
    visit "/services/2/prep"
    expect(page).to have_css("h2", text: "Machine")
    check "Rocket is done"
    expect(page).to have_css("h2", text: /Picking table.*1 of 2 to do/m)
    kept { JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/services/2/ticks"))).any? }
    visit "/services/2/prep"
    expect(page).to have_checked_field("Rocket is done")
    uncheck "Rocket is done"
    expect(page).to have_css("h2", text: /Picking table.*2 of 2 to do/m)
  end

  it "says that someone else changed it first, and lets the cook choose" do
    open_demo
    expect(page).to have_field("Covers", with: "140")
    tell("service/covers", 120)
    click_button "One cover more"
    expect(page).to have_text("There it now stands at 120 covers. Yours: covers 141.")
    click_button "Keep theirs"
    expect(page).to have_field("Covers", with: "120")
    covers.set("140")
    expect(page).to have_text("120 → 140")
  end

  it "renders every name as text" do
    name = "<img src=x onerror=document.title='owned'>"
    put_on_the_shelf(barley.merge("key" => "rude", "name" => name))
    added =
      Net::HTTP.post(
        URI("#{@server.url}/api/services"),
        JSON.generate(
          "name" => name,
          "date" => "2026-11-29",
          "from" => "12:00",
          "to" => "13:00",
          "covers" => 10,
          "lines" => [{ "salad" => "rude" }]
        ),
        "Content-Type" => "application/json"
      )
    visit "/services/#{JSON.parse(added.body)["id"]}/build"
    expect(page).to have_css("h2", text: name)
    expect(page).to have_no_css("img")
    expect(page.title).not_to eq "owned"
  end

  it "adds a service, and says what is missing" do
    visit "/services"
    click_button "Add a service"
    fill_in "Name", with: "Boat crew supper"
    fill_in "Covers", with: "none"
    click_button "Add and plan"
    expect(page).to have_text('"none" is not a whole number.')
    fill_in "Covers", with: "12"
    fill_in "Date", with: "2026-11-30"
    check "Barley, roast carrot, dill"
    click_button "Add and plan"
    expect(page).to have_css("h1", text: "Boat crew supper")
    expect(page).to have_field("Covers", with: "12")
  end

  it "keeps everything acknowledged when the server is killed in the middle of edits" do
    open_demo
    covers.set("151")
    expect(page).to have_text("→ 151")
    find_field("Roast carrot, per serving").set("65").send_keys(:enter)
    expect(page).to have_field("Roast carrot, per serving", with: "65 g")
    @server.kill
    click_button "One cover more"
    expect(page).to have_text("The server does not answer.")
    @server.start
    expect(page).to have_no_text("The server does not answer.", wait: 30)
    expect(page).to have_text("→ 152")
    @server.kill
    @server.start
    visit "/services/1/count"
    expect(page).to have_field("Covers", with: "152")
    expect(page).to have_field("Roast carrot, per serving", with: "65 g")
    find_field("Roast carrot, per serving").set("60").send_keys(:enter)
    expect(page).to have_field("Roast carrot, per serving", with: "60 g")
    tell("service/covers", 140)
  end
end

RSpec.describe "The larder", :journey, type: :feature do
  # Types into the finder and waits until the list stands still.
  def find_in_larder(text, leaves:, hides:)
    expect(page).to have_link(hides)
    fill_in "Find, by any name", with: text
    expect(page).to have_no_link(hides)
    expect(page).to have_link(leaves)
  end

  it "finds by another name or a typo, shows what a kilo becomes, and takes the kitchen's own figure" do
    visit "/larder"
    find_in_larder "zuchini", leaves: "Courgettes", hides: "Almonds"
    click_link "Courgettes"
    expect(page).to have_css("h2", text: "Courgettes")
    expect(page).to have_css("tr", text: "roast")
    field = find_field("Trim: topped")
    field.set("much").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: '"much" cannot be.')
    fill_in "Your initials, noted beside what you set", with: "ML"
    field.set("90 %").send_keys(:tab)
    expect(page).to have_button("Back to 94 %")
    expect(page).to have_text(/Set for this kitchen, by ML on .* The larder says 0.94/)
    click_button "Back to 94 %"
    expect(page).to have_no_button("Back to 94 %")
  end
end

RSpec.describe "A cook's own ingredient", :journey, type: :feature do
  it "is begun from one like it, and is there" do
    visit "/larder/dill"
    click_button "Add one like this"
    fill_in "Name", with: "Salt-marsh dill"
    click_button "Add to the larder"
    expect(page).to have_css("h2", text: "Salt-marsh dill")
    expect(page).to have_link("Salt-marsh dill")
    click_button "Add one like this"
    fill_in "Name", with: "Dill"
    click_button "Add to the larder"
    expect(page).to have_text('There is an ingredient "dill" already.')
    expect(page).to have_field("Name", with: "Dill")
  end
end

RSpec.describe "The salad bench", :journey, type: :feature do
  def bench
    visit "/salads"
    select "nut-free", from: "For"
    click_link "Pasta, courgette, green olive"
    expect(page).to have_field("Name of the salad", with: "Pasta, courgette, green olive")
  end

  it "takes an amount, a remedy seen before it is taken, a place in the order, and undoes them" do
    bench
    amount = find_field("Green olives, per serving").value
    fill_in "Green olives, per serving", with: "a bucket"
    find_field("Green olives, per serving").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: "bucket")
    fill_in "Mint, per serving", with: "40 Tbsp"
    find_field("Mint, per serving").send_keys(:enter)
    expect(page).to have_css("[role=status]", text: "more than it ever is")
    click_button "Make it ", match: :first
    expect(page).to have_no_text("more than it ever is")
    2.times { click_button("Undo") && sleep(0.4) }
    fill_in "Green olives, per serving", with: "10 %"
    find_field("Green olives, per serving").send_keys(:enter)
    expect(page).to have_css("[role=status]", text: "Saved")
    expect(page).to have_text("Nothing crunchy")
    click_button "See with sunflower seeds"
    within("section[aria-label='What it would do']") { click_button "Take it" }
    expect(page).to have_css("li", text: "Sunflower seeds")
    expect(page).to have_no_text("Nothing crunchy")
    click_button "Sunflower seeds: mix earlier"
    expect(page).to have_css("li:nth-last-child(2)", text: "Sunflower seeds")
    3.times { click_button("Undo") && sleep(0.3) }
    expect(page).to have_field("Green olives, per serving", with: amount)
    expect(page).to have_no_css("li", text: "Sunflower seeds")
  end

  it "shows a line that stands there twice, and takes it out with one tap" do
    put_on_the_shelf(
      barley.merge(
        "key" => "dill-twice",
        "components" => barley["components"] + [barley["components"][5].merge("grams" => 3)]
      )
    )
    visit "/salads/dill-twice"
    expect(page).to have_css(
      "[aria-label='A slip?']",
      text: "Dill stands here again: 4 g a serving before, 3 g here."
    )
    click_button "Take this one out: said twice"
    expect(page).to have_no_css("[aria-label='A slip?']")
    expect(page).to have_field("Dill, per serving", count: 1)
  end

  it "resizes by role, opens a working, sets a salad beside another, and adds one from the larder" do
    bench
    click_button "side"
    expect(page).to have_css("button[data-at='count/0/portion_grams']", text: "115 g")
    click_button "Undo"
    find("button[data-at='taste/0/salt_share']").click
    expect(page).to have_css("[role=dialog]", text: "salt ÷ portion")
    page.driver.browser.keyboard.type(:escape)
    select "Chickpea, fennel, lemon", from: "Beside another"
    expect(page).to have_css("tr", text: "→ vegan, vegetarian, gluten-free, dairy-free, egg-free, nut-free")
    fill_in "Add to it", with: "caper"
    expect(page).to have_css("[role=option]", text: "Capers")
    find_field("Add to it").send_keys(:enter)
    expect(page).to have_css("li", text: "Capers")
    click_button "Take out Capers"
    expect(page).to have_no_css("li", text: "Capers")
    select "vegan", from: "Make it"
    within("section[aria-label='What it would do']") do
      expect(page).to have_text("vegan: nothing has to change")
      click_button "Leave it"
    end
    select "gluten-free", from: "Make it"
    expect(page).to have_text(/gluten-free: .* pasta, gluten-free for small pasta/)
  end
end

RSpec.describe "The dressing", :journey, type: :feature do
  it "brings a recipe in from anywhere: a doubt settled, something new added, and on to the bench" do
    visit "/salads"
    click_link "Paste a recipe"
    find("textarea").set(
      "Quay lunch\nServes 4\n\n200 g pearl barley\n2 tbsp ground cloves\n400 g carrots, peeled, diced and " \
        "roasted\n1 kg lettuce\n60 g zzorp\n4 tbsp olive oil\n\nBoil the barley for 35 min."
    )
    expect(page).to have_content("2 lines still to settle")
    expect(page).to have_button("To the bench", disabled: true)
    click_button "Little gem lettuce"
    expect(page).to have_content("1 line still to settle")
    within("[data-status=unknown], [data-status=doubtful]") do
      fill_in "Add “zzorp” to the larder, like", with: "spinach"
      find("[role=option]", match: :first).click
    end
    expect(page).to have_content("Every line is settled.")
    click_button "Make it ½ tsp"
    expect(page).to have_content("Taken as ½ tsp", normalize_ws: true)
    visit "/paste"
    expect(page).to have_content("Taken as ½ tsp", normalize_ws: true)
    expect(find("textarea").value).to start_with("Quay lunch")
    click_button "To the bench"
    expect(page).to have_field("Name of the salad", with: "Quay lunch")
    expect(page).to have_content("Zzorp")
  end

  it "is corrected by adding only, refused when it cannot be, and brought to another ratio" do
    visit "/services/1/dress"
    within("section[aria-label='Correct it']") do
      select "flat", from: "It tastes"
      expect(page).to have_text("375 g")
      fill_in "In the jug now", with: "1 kg"
      expect(page).to have_text("80 g cider vinegar", normalize_ws: true)
      fill_in "In the jug now", with: "a lake"
      expect(page).to have_css("[role=alert]", text: "lake")
      expect(page).to have_field("In the jug now", with: "a lake")
    end
    visit "/salads/barley-roast-carrot-dill"
    click_button "2 : 1, bright"
    expect(page).to have_field("cider-vinegar: how much", with: "30 ml")
    select "Half now, half later", from: "How it is split"
    expect(page).to have_text("For pulses and potato")
    click_button "Undo"
    expect(page).to have_no_text("For pulses and potato")
    click_button "Undo"
    expect(page).to have_field("cider-vinegar: how much", with: "20 ml")
  end

  it "keeps two changes made in one breath, each as a change of its own" do
    put_on_the_shelf(barley.merge("key" => "two-in-one-breath"))
    visit "/salads/two-in-one-breath"
    expect(page).to have_button("Take out Sunflower seeds")
    page.execute_script(<<~JS)
        for (const name of ["White beans", "Dill"])
          document.querySelector(`[aria-label="Take out ${name}"]`).click();
      JS
    expect(page).to have_css("summary", text: "As it was, 2 changes back")
    expect(page).to have_no_button("Take out Dill").and have_no_button(
            "Take out White beans"
          ).and have_button("Take out Sunflower seeds")
    2.times { click_button "Undo" }
    expect(page).to have_button("Take out Dill").and have_button("Take out White beans")
  end

  it "is split in stages of its own, and the salad goes back to what it was before" do
    put_on_the_shelf(barley.merge("key" => "in-stages"))
    visit "/salads/in-stages"
    select "In stages of its own", from: "How it is split"
    fill_in "Soak: share of the batch", with: "40 %"
    find_field("Soak: share of the batch").send_keys(:tab)
    expect(page).to have_field("Reserve: share of the batch", with: "25 %")
    fill_in "Soak: share of the batch", with: "90 %"
    find_field("Soak: share of the batch").send_keys(:tab)
    expect(page).to have_css("[role=alert]", text: "leave nothing for Reserve")
    click_button "Take out Reserve"
    expect(page).to have_field("Toss: share of the batch", with: "60 %")
    find("summary", text: "As it was, 3 changes back").click
    click_button "See it as it was before: dressing split another way", match: :first
    within("section[aria-label='What it would do']") { click_button "Take it" }
    expect(page).to have_field("Reserve: share of the batch", with: "25 %")
    select "Most into the warm grain, toss, keep a tenth back", from: "How it is split"
    expect(page).to have_no_field("Reserve: share of the batch")
    expect(page).to have_css("[role=status]", text: "Saved")
  end
end

RSpec.describe "Cooling", :journey, type: :feature do
  it "cools the barley in time, by the method chosen" do
    visit "/services/1/cook"
    expect(page).to have_text("Left in the pot it stands 19.5 cm deep and misses 21 °C")
    choose "Blast chiller", allow_label_click: true
    expect(page).to have_css("svg[aria-label='Cooling 7 cm deep: meets both limits']")
  end
end

RSpec.describe "The kitchen", :journey, type: :feature do
  it "weighs a pot, begins from a starter, and writes in pounds and back" do
    visit "/kitchen"
    within(all("section").find { |section| section.has_css?("h2", text: "Pots", wait: 0) }) do
      click_button "Calibrate", match: :first
    end
    fill_in "Weight before", with: "5 kg"
    fill_in "Weight after", with: "5.2 kg"
    click_button "Set its rate"
    expect(page).to have_text("It weighs no less than before.")
    fill_in "Weight after", with: "4.7 kg"
    click_button "Set its rate"
    expect(page).to have_text("Its rate is set.")
    click_button "Boils × ", match: :first
    click_button "Back to the usual"
    expect(page).to have_no_button("Boils × ")
    click_button "Begin from a starter kitchen"
    click_button "Begin with it", match: :first
    expect(page).to have_field("Name", with: "School canteen")
    visit "/services/1/cook"
    click_button "Units: kg · °C"
    expect(page).to have_text("25 lb 8 oz")
    click_button "Units: lb · °F"
    expect(page).to have_text("11.58 kg")
  end

  it "takes another pot, says what a pot cannot be, and plans with what is saved" do
    visit "/kitchen"
    fill_in "40 cm pot: cm across", with: "0"
    click_button "Save the kitchen"
    expect(page).to have_text("0 is outside what can be planned.")
    expect(page).to have_field("40 cm pot: cm across", with: "0")
    fill_in "40 cm pot: cm across", with: "50"
    select "House rules B", from: "House rules"
    click_button "Save the kitchen"
    expect(page).to have_text("Saved. Every plan follows it.")
    visit "/services/1/build"
    expect(page).to have_text("House rules B")
    visit "/services/1/cook"
    expect(page).to have_css("svg[aria-label^='40 cm pot: dry grain 3 cm']")
    visit "/kitchen"
    find("summary", text: "does everything", match: :first).click
    within("[role=group][aria-label='ML: does']") do
      ["Slicing machines", "Stove and oven", "Dressings", "Mixing and plating"].each { |work| uncheck work }
    end
    expect(page).to have_css("summary", text: "does knife and bench")
    click_button "Save the kitchen"
    expect(page).to have_text("Saved. Every plan follows it.")
    within("[role=group][aria-label='ML: does']") { uncheck "Knife and bench" }
    click_button "Save the kitchen"
    expect(page).to have_text("This cook is down for no work at all.")
    within("[role=group][aria-label='ML: does']") do
      [
        "Knife and bench",
        "Slicing machines",
        "Stove and oven",
        "Dressings",
        "Mixing and plating"
      ].each { |work| check work }
    end
    expect(page).to have_css("summary", text: "does everything")
    fill_in "40 cm pot: cm across", with: "40"
    select "House rules A", from: "House rules"
    click_button "Save the kitchen"
    expect(page).to have_text("Saved. Every plan follows it.")
  end
end

RSpec.describe "The day", :journey, type: :feature do
  def day(id = 1)
    visit "/services/#{id}/day"
    expect(page).to have_text("Ready in time.")
  end

  def undo_everything
    brief = JSON.parse(Net::HTTP.get(URI("#{Capybara.app_host}/api/services/1/brief")))["day"] || {}
    decide =
      lambda do |body|
        Net::HTTP.post(
          URI("#{Capybara.app_host}/api/services/1/day"),
          JSON.generate(body),
          "Content-Type" => "application/json"
        )
      end
    (brief["marks"] || []).each { |mark| decide["unmark" => mark["task"]] }
    (brief["pins"] || []).each { |pin| decide["unpin" => pin["task"]] }
    (brief["ahead"] || []).each do |line|
      decide["ahead" => { "preparation" => line["preparation"], "days" => 0 }]
    end
  end

  after { undo_everything }

  it "shows every task on the rail, the range of one, moves it by key, and makes one the day before" do
    day
    cheese =
      find(
        "button[aria-label^='White brined cheese'][aria-label$='OK'], button[aria-label^='White brined " \
          "cheese'][aria-label$='ML'], button[aria-label^='White brined cheese'][aria-label$='TR']",
        match: :first
      )
    before = cheese["aria-label"][/\d\d:\d\d/]
    cheese.send_keys(:space)
    expect(page).to have_css("section[aria-label='The task']", text: /May begin|Cannot move/)
    # By key, as the card of the task that was chosen moves what is below it.
    within("section[aria-label='Made ahead']") do
      find("li", text: "White brined cheese").find_button("Day before").send_keys(:enter)
    end
    expect(page).to have_css("button[aria-pressed=true]", text: "Day before")
    expect(page).to have_no_css("button[aria-label^='White brined cheese'][aria-label*='#{before}']")
    find_button("Undo").send_keys(:enter)
    expect(page).to have_no_css("button[aria-pressed=true]", text: "Day before")
    select "3 days", from: "Show"
    uncheck "Equipment"
    expect(page).to have_no_text("Galley oven")
  end

  it "moves a task by the arrow keys within its range, and says by the header when all begins" do
    day
    bar = "button[aria-label^='Whisk Mustard vinaigrette']"
    begins = -> { find(bar, match: :first)["aria-label"][/\d\d:\d\d/] }
    before = begins.call
    find(bar, match: :first).send_keys(:space)
    expect(page).to have_css("section[aria-label='The task']", text: /May begin/)
    find(bar, match: :first).send_keys(:left)
    expect(page).to have_no_css("#{bar}[aria-label*='#{before}']")
    expect(begins.call).to be < before
    click_button "Undo"
    expect(page).to have_css("#{bar}[aria-label*='#{before}']")
    visit "/services/1/count"
    click_link "first start"
    expect(page).to have_current_path("/services/1/day")
  end

  it "says what does not work, and does what helps" do
    visit "/services/1/day"
    fill_in "Covers", with: "900"
    find_field("Covers").send_keys(:enter)
    expect(page).to have_css("section[aria-label='What does not work']", text: "This day does not work yet")
    click_button "Find ways out"
    expect(page).to have_css("section[aria-label='What does not work'] li", text: "→")
    click_button "Do it", match: :first
    expect(page).to have_css("section[aria-label='Decided for this day'] button", text: "×")
    click_button "Undo"
    expect(page).to have_no_css("section[aria-label='Decided for this day']")
    fill_in "Covers", with: "140"
    find_field("Covers").send_keys(:enter)
    expect(page).to have_text("Ready in time.")
  end

  it "is run: begun, ticked off, late, and found again after a reload" do
    visit "/services/1/run"
    click_button "Rehearse from", match: :first
    name =
      find("section[aria-label=Next] li", match: :first).find("button")["aria-label"].delete_prefix("Start ")
    find("section[aria-label=Next] li", match: :first).click_button
    expect(page).to have_css("section[aria-label=Now] li[aria-label='#{name}']")
    visit "/services/1/run"
    expect(page).to have_css("section[aria-label=Now] li[aria-label='#{name}'] [role=timer]", text: /\d:\d\d/)
    over =
      lambda do
        JSON.parse(Net::HTTP.get(URI("#{Capybara.app_host}/api/services/1/day")))["tasks"]
          .find { |task| task["state"] == "late" }
          &.fetch("over_minutes")
      end
    [10, 20].each do |minutes|
      find_button("Running late, 10 min more", disabled: false).click
      40.times { over.call == minutes || sleep(0.25) }
      expect(over.call).to eq minutes
    end
    click_button "Done: #{name}"
    expect(page).to have_css("section[aria-label=Now]", text: "Nothing is under way")
    expect(page).to have_css("summary", text: "Done, 1 of")
    page.execute_script("localStorage.clear()")
  end

  it "counts what is on hand, says what a short delivery does, weighs portions at the pass" do
    visit "/services/1/buy"
    order = find("button[aria-label^='Order Carrots']")["aria-label"]
    fill_in "Carrots on hand", with: "2 kg"
    find_field("Carrots on hand").send_keys(:tab)
    expect(page).to have_no_css("button[aria-label='#{order}']")
    click_button "Undo"
    expect(page).to have_css("button[aria-label='#{order}']")
    click_button "Carrots is short"
    find("div[aria-label='Carrots is short'] input").set("5")
    expect(page).to have_text(/enough for \d+ covers/)
    visit "/services/1/build"
    fill_in "Check-weigh five portions", with: "400 405 410 398 402"
    find_field("Check-weigh five portions", match: :first).send_keys(:enter)
    expect(page).to have_css("[role=status]", text: "guests would get none")
  end
end

RSpec.describe "The list of services", :journey, type: :feature do
  it "makes a service again on another date, and brings one in from its own file" do
    brief = Net::HTTP.get(URI("#{Capybara.app_host}/api/services/2/brief"))
    visit "/services"
    expect(page).to have_css("section[aria-label^='Week of']", text: /\d+ covers in \d services/)
    within("section", text: "Count weekend, Saturday lunch") { click_link "The week's order" }
    expect(page).to have_css("h1", text: "Order for the week of Mon ")
    expect(page).to have_css("tr", text: /Mustard.*Sat .*Sun .*Fri /m)
    click_link "Services", match: :first
    click_button "Make Count weekend, Sunday lunch again"
    expect(page).to have_text("Usually 120.")
    find_field("Covers").set("90")
    click_button "Make it again"
    expect(page).to have_field("Covers", with: "90")
    again = page.current_path[/\d+/]
    Dir.mktmpdir do |folder|
      file = File.join(folder, "service.json")
      File.write(file, "not JSON")
      visit "/services"
      attach_file "Bring in a service's JSON file", file, make_visible: true
      expect(page).to have_css("[role=alert]", text: "not JSON")
      File.write(file, brief)
      attach_file "Bring in a service's JSON file", file, make_visible: true
      expect(page).to have_css("h1", text: "Count weekend, Sunday lunch")
    end
    [again, page.current_path[/\d+/]].each do |id|
      Net::HTTP.start(*URI(Capybara.app_host).then { |uri| [uri.host, uri.port] }) do |http|
        http.delete("/api/services/#{id}")
      end
    end
  end
end
