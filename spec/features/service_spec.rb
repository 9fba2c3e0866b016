# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "A cook's day", :journey, type: :feature do
  def open_demo(stage = nil)
    visit "/"
    click_link "Count weekend, Saturday lunch"
    within("nav[aria-label=Stages]") { click_link stage } if stage
  end

  before { tell("service/covers", 140) }

  # A page that nobody looks at is told nothing.
  def in_the_background
    page.execute_script(<<~JS)
      Object.defineProperty(document, "hidden", { value: true });
      document.dispatchEvent(new Event("visibilitychange"));
    JS
  end

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

  # A screen that is still filling moves what is clicked away from under the pointer.
  def at_rest(element)
    place = -> { element.evaluate_script("JSON.stringify(this.getBoundingClientRect())") }
    50.times do
      before = place.call
      sleep 0.1
      return element if place.call == before
    end
    element
  end

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
    expect(page).to have_text(/140 → 141: .*\+200 g carrots/, normalize_ws: true)
    page.driver.browser.keyboard.type("+")
    page.driver.browser.keyboard.type("+")
    expect(page).to have_text("+1 tin white beans")
    expect(packs_of("white-beans")).to have_text("26 × 400 g tin")
    page.driver.browser.keyboard.type("-")
    expect(page).to have_field("Covers", with: "142")
    covers.set("60")
    {
      "Count" => ["count/0/finished_grams", "20.54 kg"],
      "Prep" => ["prep/1/ap_grams", "6.89 kg"],
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
      "6" => ["In time as planned.", "What may be made ahead", "Packet, A4"],
      "7" => [
        "Held back for the top",
        "Begin plating",
        "Scale reads",
        "House rules A",
        "your local code and your food-safety lead decide",
        "Discard by"
      ]
    }.each do |key, words|
      page.driver.browser.keyboard.type(key)
      words.each { |word| expect(page).to have_text(word) }
    end
    expect(page).to have_css("svg[aria-label^='Dress 09:30 to 10:45, best until 14:45, discard by 15:27']")
  end

  it "opens a working, follows it back, changes an assumption and sees all of it follow" do
    open_demo "Cook"
    at_rest(figure("cook/0/water_grams")).click
    within("[role=dialog]") do
      expect(page).to have_text("taken up + boils off")
      expect(page).to have_text("Recalled, not looked up: dry and cooked cup weights")
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
    in_the_background
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
    check "Barley, roast carrot, dill", match: :first
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
