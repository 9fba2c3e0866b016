# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "Cooling", :journey, type: :feature do
  it "cools the barley in time, by the method chosen" do
    visit "/services/1/cook"
    expect(page).to have_text("Left in the pot it stands 19.5 cm deep and misses 21 °C")
    choose "Blast chiller", allow_label_click: true
    expect(page).to have_css("svg[aria-label='Cooling 6 cm deep: meets both limits']")
  end
end
