# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The kitchen", :journey, type: :feature do
  it "weighs a pot, begins from a starter, and writes in pounds and back" do
    visit "/kitchen"
    within(:xpath, "//section[.//h2[normalize-space()='Pots']]") { click_button "Calibrate", match: :first }
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
