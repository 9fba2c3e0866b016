# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The list of services", :journey, type: :feature do
  # A machine that is too slow for a day: as often as there are answers in it, it takes too long.
  def too_long(path, refused)
    browser = page.driver.browser
    browser.page.command("Network.setBypassServiceWorker", bypass: true)
    browser.network.intercept
    browser.on(:request) do |request|
      said = refused.pop if request.match?(path)
      next request.continue unless said

      request.respond(
        responseCode: 503,
        body: { title: said, status: 503, faults: [] }.to_json,
        responseHeaders: {
          "Content-Type" => "application/json"
        }
      )
    end
    yield
  ensure
    browser.page.command("Fetch.disable")
    browser.page.command("Network.setBypassServiceWorker", bypass: false)
  end

  it "asks by when each thing is wanted for as long as it takes, and again when told" do
    visit "/services"
    week = find_link("The week's order", match: :first)[:href]
    refused = ["Too long."] * 2
    too_long(/wanted/, refused) do
      visit week
      expect(page).to have_css("td", text: /\A(Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d/)
      expect(page).to have_no_text("not known")
      expect(refused).to be_empty
      refused.concat(["Longer than anyone waits."] * 4)
      visit week
      expect(page).to have_css("[role=alert]", text: "Longer than anyone waits.")
      expect(page).to have_css("td", text: "not known")
      click_button "Ask again by when each is wanted"
      expect(page).to have_no_text("not known")
      expect(page).to have_no_css("[role=alert]")
    end
  end

  it "makes a service again on another date, and brings one in from its own file" do
    brief = Net::HTTP.get(URI("#{Capybara.app_host}/api/services/2/brief"))
    visit "/services"
    expect(page).to have_css("section[aria-label^='Week of']", text: /\d+ covers in \d services/)
    within("section", text: "Count weekend, Saturday lunch") { click_link "The week's order" }
    expect(page).to have_css("h1", text: "Order for the week of Mon ")
    expect(page).to have_css("tr", text: /Mustard.*Sat .*Sun .*Fri /m, wait: 90)
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
