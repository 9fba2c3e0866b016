# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The salad's own screen", :journey, type: :feature do
  def open_salad
    visit "/salads"
    select "nut-free", from: "For"
    click_link "Pasta, courgette, green olive"
    expect(page).to have_field("Name of the salad", with: "Pasta, courgette, green olive")
  end

  it "takes an amount, a remedy seen before it is taken, a place in the order, and undoes them" do
    open_salad
    amount, mint = ["Green olives", "Mint"].map { |name| find_field("#{name}, per serving").value }
    fill_in "Green olives, per serving", with: "a bucket"
    find_field("Green olives, per serving").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: "bucket")
    fill_in "Mint, per serving", with: "40 Tbsp"
    find_field("Mint, per serving").send_keys(:enter)
    expect(page).to have_css("[role=status]", text: "more than it ever is")
    click_button "Make it ", match: :first
    expect(page).to have_no_text("more than it ever is")
    2.times { click_button("Undo") && sleep(0.4) }
    expect(page).to have_field("Mint, per serving", with: mint)
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
    open_salad
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
