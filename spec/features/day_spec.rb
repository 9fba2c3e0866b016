# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The day", :journey, type: :feature do
  def day(id = 1)
    visit "/services/#{id}/day"
    expect(page).to have_text("In time as planned.")
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

  it "draws each food's own way, shows the range of one, moves it by key, and makes one the day before" do
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
    expect(page).to have_no_css("button[aria-label^='Roast carrot: roast'][aria-label*=', Galley oven']")
    check "Heat and vessels"
    check "Days before"
    expect(page).to have_css("button[aria-label^='Roast carrot: roast'][aria-label*=', Galley oven']")
    expect(page).to have_css("button[aria-label^='Roast carrot: roast'][aria-label*=', Roast carrot']")
  end

  it "says how sure it is on its page and by the header, and what a change moves of a later day" do
    visit "/services/1/day"
    expect(page).to have_css("section[aria-label='How sure this day is']", text: /Ready in \d+ of 100 days/)
    expect(page).to have_text(/first start, ready \d+ in 100/)
    # How the later day stood before is asked for last of all.
    asked = "performance.getEntriesByType('resource').some((each) => each.name.endsWith('/day/later'))"
    100.times { page.evaluate_script(asked) ? break : sleep(0.2) }
    fill_in "Covers", with: "480"
    find_field("Covers").send_keys(:enter)
    expect(page).to have_css("section[aria-label='Moved elsewhere'] li", text: "Count weekend, Sunday lunch")
    fill_in "Covers", with: "140"
    find_field("Covers").send_keys(:enter)
    expect(page).to have_text("In time as planned.")
  end

  it "moves a task by the arrow keys within its range, and says by the header when all begins" do
    day
    check "Days before"
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
    fill_in "Covers", with: "800"
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
    expect(page).to have_text("In time as planned.")
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
