# frozen_string_literal: true

require_relative "feature_helper"

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
