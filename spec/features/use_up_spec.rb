# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "What is left and what comes", :journey, type: :feature do
  it "makes a salad and a service of what is left, and bins what must be" do
    visit "/record"
    click_link "Use it up"
    fill_in "What is left",
            with:
              "half a cucumber, tired\n1.2 kg cooked chickpeas, made today\n3 soft tomatoes\nslimy spinach"
    within("[aria-label='What becomes of it']") do
      expect(page).to have_css("li", text: "into the bin")
      expect(page).to have_css("li", text: /Cucumbers.*144 g of 160 g/m)
    end
    uncheck "What is in the cold room too", allow_label_click: true
    offer = find("section[aria-label^='Chickpeas']", text: "made up of it", match: :first)
    offer.click_button("Make it")
    expect(page).to have_css("h1", text: /Chickpeas.*, 20/)
    page.execute_script("localStorage.clear()")
    id = page.current_path[/\d+/]
    service = JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/services/#{id}")))
    expect(service["stock"]).to include("cucumber")
    # The demo as it was.
    Net::HTTP.start(URI(@server.url).host, URI(@server.url).port) do |http|
      http.delete("/api/services/#{id}")
      http.delete("/api/salads/#{service["lines"].first["salad"]}")
    end
  end

  it "holds what has come against the order, and says how many what is short serves" do
    visit "/services/1/buy"
    click_link "What has come"
    within("section[aria-label='Vegetables']", match: :first) do
      click_button "All here", match: :first
      expect(page).to have_content("all here")
      first("button", text: "Short").click
      fill_in "There is only", with: "500 g"
      click_button "Keep: There is only"
      expect(page).to have_content(/Enough for \d+ of 140/)
    end
  end
end
