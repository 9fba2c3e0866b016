# frozen_string_literal: true

require_relative "random_salads"

# The plan never breaks: whatever salad is legal is planned through every stage, and no figure of
# it is anything but a number.
RSpec.describe "Any legal salad" do
  include AnyLegalSalad

  (1..300).each_slice(50) do |seeds|
    it "is planned, tasted and printed (seeds #{seeds.minmax.join(" to ")})" do
      each_plan(seeds) do |plan, seed|
        expect_numbers(plan.to_h, seed)
        expect_numbers(plan.taste.to_a, seed)
        expect_numbers(Scullion::Plan::Paper.new(plan).to_s, seed)
      end
    end
  end

  it "explains each of its figures, and cools what is hot" do
    each_plan((1..300).step(50)) do |plan, seed|
      plan.all_sheets.each do |sheet|
        sheet.class.definitions.each_key { |name| expect_numbers(sheet.working(name).to_h, seed) }
      end
      plan.cooking.select(&:cools?).each { |method| expect_numbers(plan.cool_down(method.at).to_h, seed) }
    end
  end

  it "is planned with the kitchen's own figures, as far as each of them goes" do
    each_plan([*501..620, 1135], :with_own_figures) do |plan, seed|
      expect_numbers(plan.to_h, seed)
      expect_numbers(plan.taste.to_a, seed)
    end
  end

  it "is laid out as a day" do
    each_plan(301..330, most_covers: 400, most_grams: 300) do |plan, seed|
      day = Scullion::Day::Roster.new(plan)
      expect_numbers(day.to_h, seed)
      # Whatever is bought has its day: salt for the water, oil for the tray, lemons for their juice.
      expect(day.needed_by.keys).to match_array(plan.purchases.map { |line| line.ingredient.key }), seed.to_s
      expect(day.needed_by.values.max.to_i).to be <= plan.brief.service.to.minutes, seed.to_s
    end
  end

  # 40 covers of cos carry 480 g of dressing in all; the pepper is 0.05 g in 141 g of it: 0.17 g, and of a
  # tenth of that the scale shows nothing.
  it "weighs less than the scale shows as that, and buys it all the same" do
    made =
      plan(covers: 4) do |data|
        data["salads"][0].merge!(
          "components" => [{ "ingredient" => "cos-lettuce", "grams" => 100, "role" => "base" }],
          "dressing" => {
            "name" => "Oil and lemon",
            "preset" => "all-at-once",
            "parts" =>
              [
                ["olive-oil", "fat", 90],
                ["lemon-juice", "acid", 45],
                ["black-pepper", "aromatic", 0.05]
              ].map { |key, role, grams| { "ingredient" => key, "role" => role, "grams" => grams } }
          }
        )
      end
    pepper = made.dressings.first.parts.last
    expect([pepper.grams, pepper.to_h["grams"]["text"]]).to eq [0.0, "under 0.1 g"]
    expect(pepper.needed_grams).to be_within(1e-6).of(made.dressings.first.whisk_grams * 0.05 / 135.05)
    expect(made.purchases.find { |line| line.ingredient.key == "black-pepper" }).to have_attributes(
      packs: 1,
      need_grams: pepper.needed_grams
    )
  end

  it "holds a salad that goes on top whole by what it is made of" do
    made = plan { |data| data["salads"][0]["components"].each { |component| component["held_back"] = 1 } }
    expect(made.windows.first.dressed_minutes).to eq 180
  end
end
