# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The record", :journey, type: :feature do
  it "keeps what is weighed at a task, stands what is done on its shelf, and closes the service" do
    visit "/services/1/run"
    click_button "Rehearse from", match: :first
    first = find("section[aria-label=Next] li", match: :first)
    name = first.find("button")["aria-label"].delete_prefix("Start ")
    first.click_button
    within("section[aria-label=Now] li[aria-label='#{name}']") do
      fill_in "Once trimmed", with: "3,2 kg"
      click_button "Keep: Once trimmed"
      expect(page).to have_css("[role=status]", text: "3,2 kg is written down.")
      fill_in "As bought", with: "900000"
      click_button "Keep: As bought"
      expect(page).to have_css("[role=status]", text: "Use 0 to 500000 g")
      find("summary", text: "A note, a picture").click
      fill_in "Note", with: "Two crates were soft"
      attach_file "A picture with the note", File.join(ROOT, "docs/screenshots/run.png"), make_visible: true
      expect(page).to have_css("img[alt='As it goes with the note']")
      click_button "Note it"
      expect(page).to have_css("[role=status]", text: "Written down.")
      find("summary", text: /entries/).click
      expect(page).to have_css("li img[alt='Two crates were soft']")
    end
    path = find("img[alt='Two crates were soft']")["src"]
    expect(Net::HTTP.get(URI(path))[0, 3].b).to eq "\xFF\xD8\xFF".b
    page.execute_script("localStorage.clear()")
    click_link "Record"
    expect(page).to have_css("section[aria-label='Written down last'] li", text: "Weighed, trimmed: #{name}")
    fill_in "Stands at", with: "3,5"
    click_button "Keep: Stands at"
    expect(page).to have_css("section[aria-label='Written down last'] li", text: "3.5 °C")
    visit "/services/1/close"
    fill_in "Covers served", with: "131"
    click_button "Keep: Covers served"
    expect(page).to have_css("section[aria-label='Planned and done'] li", text: /131 covers.*−9 covers/m)
    click_link "Back to the run"
    click_button "Not begun after all"
  end
end
