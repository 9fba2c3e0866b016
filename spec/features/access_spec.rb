# frozen_string_literal: true

require_relative "feature_helper"

# What a screen reader, a keyboard or weak eyes would stumble over, as far as a program can tell.
RSpec.describe "Every screen", :journey, type: :feature do
  axe = File.read(File.join(ROOT, "web/node_modules/axe-core/axe.min.js"))
  screens = {
    "/services" => "Services",
    "/services/1/count" => "covers",
    "/services/1/buy" => "Buy",
    "/services/1/prep" => "Prep",
    "/services/1/cook" => "Cook",
    "/services/1/dress" => "Dress",
    "/services/1/day" => "Day",
    "/services/1/build" => "Build",
    "/services/1/run" => "Rehearse",
    "/days/2026-11-28" => "The kitchen on",
    "/services/1/close" => "Covers served",
    "/services/1/delivery" => "All here",
    "/salads" => "Salads",
    "/salads/barley-roast-carrot-dill" => "Balance",
    "/paste" => "From your words",
    "/larder" => "Larder",
    "/kitchen" => "What it measures with",
    "/record" => "In the cold room",
    "/use-up" => "What is left"
  }

  def faults(axe)
    page.execute_script(axe)
    page.evaluate_async_script(<<~JS)
      const done = arguments[arguments.length - 1];
      axe.run(document, { resultTypes: ["violations"] }).then((found) =>
        done(found.violations
          .filter((each) => ["serious", "critical"].includes(each.impact))
          .map((each) => `${each.id}: ${each.nodes.length} × ${each.nodes[0].html.slice(0, 160)}`)));
    JS
  end

  # Each second one by night.
  it "can be read and worked by everyone, by day and by night" do
    visit "/salads"
    found =
      screens.each_with_index.flat_map do |(path, word), index|
        page.execute_script("localStorage.setItem('scullion-theme', '#{index.odd? ? "night" : "day"}')")
        visit path
        expect(page).to have_content(word)
        faults(axe).map { |fault| "#{path} #{fault}" }
      end
    expect(found).to eq []
  end

  after { page.execute_script("localStorage.clear()") }
end
