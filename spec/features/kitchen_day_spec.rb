# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The kitchen's day", :journey, type: :feature do
  it "is one picture of all that is served and made ahead on a date, and moves each service's own work" do
    visit "/services/1/day"
    click_link "Whole kitchen"
    expect(page).to have_css("h1", text: /\AThe kitchen on Sat /)
    ["Saturday lunch", "Sunday lunch"].each do |lunch|
      expect(page).to have_link("Count weekend, #{lunch}")
      expect(page).to have_css("button[aria-label*=', Count weekend, #{lunch}']", minimum: 3)
    end
    expect(page).to have_no_css("[role=status]", text: "Laying out")
    beans = "button[aria-label^='White beans'][aria-label*=', Count weekend, Saturday lunch']"
    begins = -> { find(beans, match: :first)["aria-label"][/\d\d:\d\d/] }
    at = begins.call
    find(beans, match: :first).send_keys(:space)
    expect(page).to have_css("section[aria-label='The task']", text: /May begin /)
    find(beans, match: :first).send_keys(:left)
    expect(page).to have_no_css("#{beans}[aria-label*=' #{at} to']")
    expect(begins.call).to be < at
    click_button "Undo"
    expect(page).to have_css("#{beans}[aria-label*=' #{at} to']", minimum: 1)
    expect(begins.call).to eq at
    click_link "Day after"
    expect(page).to have_link("Count weekend, Sunday lunch")
    expect(page).to have_no_link("Count weekend, Saturday lunch")
  end

  it "is one cook's list on a phone, and says of a day with nothing that there is nothing" do
    page.current_window.resize_to(390, 844)
    sunday = JSON.parse(Net::HTTP.get(URI("#{Capybara.app_host}/api/services/2")))["date"]
    visit "/days/#{sunday}"
    expect(page).to have_css("[role=group][aria-label='Whose day'] button", text: "ML")
    expect(page).to have_css("li", text: /Count weekend, Sunday lunch/, minimum: 3)
    visit "/days/1999-01-03"
    expect(page).to have_text("Nothing to be served on this day")
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
