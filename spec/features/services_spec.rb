# frozen_string_literal: true

require_relative "feature_helper"

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
