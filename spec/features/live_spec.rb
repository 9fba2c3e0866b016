# frozen_string_literal: true

require_relative "feature_helper"
require_relative "../../devices/scale"

RSpec.describe "Several screens, and none", :journey, type: :feature do
  def network = page.driver.browser.network

  def rehearsed
    visit "/services/1/run"
    click_button "Rehearse from", match: :first
    find("section[aria-label=Next] li", match: :first)
  end

  after { page.execute_script("localStorage.clear()") }

  it "shows on one screen what was begun on another, without being asked" do
    name = rehearsed.find("button")["aria-label"].delete_prefix("Start ")
    other = Capybara::Session.new(:chromium)
    other.visit "#{@server.url}/services/1/run"
    other.click_button "Rehearse from", match: :first
    other.click_button "Start #{name}", match: :first
    expect(page).to have_css("section[aria-label=Now] li[aria-label='#{name}']")
    click_button "Not begun after all"
    expect(other).not_to have_css("section[aria-label=Now] li[aria-label='#{name}']")
  ensure
    other&.quit
  end

  it "goes on without a net: the page is there, what is ticked waits and goes out by itself, once" do
    rehearsed
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    visit "/services/1/run"
    name = find("section[aria-label=Next] li button", match: :first)["aria-label"].delete_prefix("Start ")
    network.offline_mode
    click_button "Start #{name}", match: :first
    expect(page).to have_css("[role=status]", text: "One entry waits on this device")
    visit "/services/1/run"
    expect(page).to have_css("[role=status]", text: "No net.")
    expect(page).to have_css("section[aria-label=Now] li[aria-label='#{name}']")
    uid = page.evaluate_script("JSON.parse(localStorage.getItem('scullion-outbox'))[0].body.uid")
    network.emulate_network_conditions(offline: false)
    expect(page).not_to have_css("[role=status]", text: "waits on this device")
    begun = JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/entries?service=1&kind=begun")))
    expect(begun.count { |each| each["uid"] == uid }).to eq 1
    click_button "Not begun after all"
  ensure
    network.emulate_network_conditions(offline: false)
  end

  it "has the scale's weight beside the field, and takes it with a touch" do
    scale = Devices::Scale.new(0).start
    visit "/kitchen"
    fill_in "Bench scale", with: "127.0.0.1:#{scale.port}"
    click_button "Save the addresses"
    expect(page).to have_css("section[aria-label=Devices] b", text: /\d g/)
    TCPSocket.open("127.0.0.1", scale.port) { |socket| socket.puts("PUT 3210") && socket.gets }
    name = rehearsed.find("button")["aria-label"].delete_prefix("Start ")
    click_button "Start #{name}", match: :first
    within("section[aria-label=Now] li[aria-label='#{name}']") do
      expect(page).to have_button("Take what the scale reads: Once trimmed", text: "3,210 g")
      click_button "Take what the scale reads: Once trimmed"
      expect(page).to have_css("[role=status]", text: "3,210 g is written down.")
    end
    click_button "Not begun after all"
    visit "/kitchen"
    fill_in "Bench scale", with: ""
    click_button "Save the addresses"
    expect(page).to have_content("Saved.")
  ensure
    scale.stop
  end
end
