# frozen_string_literal: true

require_relative "feature_helper"

RSpec.describe "The dressing", :journey, type: :feature do
  it "brings a recipe in from anywhere: a doubt settled, something new added, and on to the salad" do
    visit "/salads"
    click_link "Paste a recipe"
    find("textarea").set(
      "Quay lunch\nServes 4\n\n200 g pearl barley\n2 tbsp ground cloves\n400 g carrots, peeled, diced and " \
        "roasted\n1 kg lettuce\n60 g zzorp\n4 tbsp olive oil\n\nBoil the barley for 35 min."
    )
    expect(page).to have_content("3 to ask")
    expect(page).to have_button("To its page", disabled: true)
    click_button "Done"
    find("li button", text: "ground cloves").click
    click_button "Make it ½ tsp"
    expect(page).to have_content("2 to ask")
    expect(page).to have_content("Taken as ½ tsp", normalize_ws: true)
    find("li[data-status=doubtful] button").click
    click_button "Butterhead lettuce"
    expect(page).to have_content("1 to ask")
    within("section[aria-label=Question]") do
      click_button "New, like …"
      fill_in "Add “zzorp” to the larder, like", with: "spinach"
      find("[role=option]", match: :first).click
    end
    expect(page).to have_content("Every line is settled.")
    visit "/paste"
    find("li button", text: "ground cloves").click
    expect(page).to have_content("Taken as ½ tsp", normalize_ws: true)
    click_button "To its page"
    expect(page).to have_field("Name of the salad", with: "Quay lunch")
    expect(page).to have_content("Zzorp")
  end

  it "offers each number that a text says of whom it feeds, and goes by the one that is chosen" do
    visit "/paste"
    find("textarea").set(
      "Quay oats salad for 24 covers\nSERVES 30\n\n3 kg cherry tomatoes, halved\n600 g rocket\n" \
        "300 ml olive oil"
    )
    expect(page).to have_content("The text says more than one number.")
    expect(page).to have_content("One portion, 156")
    click_button "30"
    expect(page).to have_content("One portion, 125")
    expect(page).to have_no_content("more than one number")
    expect(page).to have_field("feeds", with: "30")
  end

  it "says which cut stands in, asks what is only named, and names what is on the table with its allergens" do
    visit "/paste"
    find("textarea").set(
      "Quay peanuts\nServes 20\n\n500 g peanuts, crushed\n1 kg rocket\n3 kg carrots, kept in milk\n" \
        "40 slices sourdough, on the side"
    )
    expect(page).to have_content(
      "Tried for 100 covers, 12:00 to 13:00\nOn the table beside Quay peanuts: White country bread (gluten)."
    )
    expect(page).to have_content("No amount could be read.")
    fill_in "or write it", with: "500 ml"
    find_field("or write it").send_keys(:enter)
    expect(page).to have_content("Every line is settled.").and have_content("Contains milk, peanuts.")
    click_button "Done"
    expect(page).to have_css("li button", text: "500 g peanuts, crushed chopped here")
    click_button "Into a service"
    expect(page).to have_field("Day", with: (Date.today + 1).iso8601)
    fill_in "To", with: "10:00"
    fill_in "Covers", with: "90"
    click_button "Plan it"
    expect(page).to have_css("dialog", text: /From/)
    fill_in "To", with: "13:30"
    click_button "Plan it"
    expect(page).to have_content("On the table beside it, not in it: White country bread (gluten)")
    click_link "Prep"
    expect(page).to have_css("p", text: /As the recipe has it:\s+“500 g peanuts, crushed \(for 20\)”/)
    click_link "Count"
    click_link "open the salad"
    expect(page).to have_content("“1 kg rocket (for 20)”")
    click_button "Nothing on the table"
    expect(page).to have_no_content("White country bread")
  end

  it "is as written on the desk, beside what is carried, and goes straight into a service" do
    visit "/paste"
    find("textarea").set(
      "Quay oats\nServes 4\n\n400 g cherry tomatoes, halved\n100 g rocket\n1 bunch dill\n" \
        "120 ml olive oil\n30 ml lemon juice"
    )
    within("section[aria-label=Dressing]") do
      expect(page).to have_content("as written").and have_content("would carry")
      expect(page).to have_css("[aria-pressed=true]", text: "As written")
      click_button "As carried"
      expect(page).to have_no_content("as written", exact: true)
    end
    steps =
      "Whisk the oil and the lemon juice with a third of the dill. Toss with half the dressing, the rest " \
        "at the end. Scatter the rest of the dill on top."
    find("textarea").set("#{find("textarea").value}\n\n#{steps}")
    click_button "Done"
    shared = all("li button", text: "1 bunch dill", count: 2).map(&:text)
    expect(shared).to match [/in the dressing, 1.3 g/, /on top, 2.7 g/]
    split = find("input[type=checkbox][aria-label^='Dressing: 50 % first']")
    split.click
    expect(page).to have_css("input[aria-label^='Dressing: 50 % first']:not(:checked)")
    click_button "Into a service"
    fill_in "Day", with: Date.new(2026, 12, 3)
    fill_in "Covers", with: "55"
    click_button "Plan it"
    expect(page).to have_content("Quay oats").and have_field("Covers", with: "55")
  end

  it "is corrected by adding only, refused when it cannot be, and brought to another ratio" do
    visit "/services/1/dress"
    within("section[aria-label='Correct it']") do
      select "flat", from: "It tastes"
      expect(page).to have_text("375 g")
      fill_in "In the jug now", with: "1 kg"
      expect(page).to have_text("80 g cider vinegar", normalize_ws: true)
      fill_in "In the jug now", with: "a lake"
      expect(page).to have_css("[role=alert]", text: "lake")
      expect(page).to have_field("In the jug now", with: "a lake")
    end
    visit "/salads/barley-roast-carrot-dill"
    click_button "2 : 1, bright"
    expect(page).to have_field("cider-vinegar: how much", with: "30 ml")
    select "Half now, half later", from: "How it is split"
    expect(page).to have_text("For pulses and potato")
    click_button "Undo"
    expect(page).to have_no_text("For pulses and potato")
    click_button "Undo"
    expect(page).to have_field("cider-vinegar: how much", with: "20 ml")
  end

  it "keeps two changes made in one breath, each as a change of its own" do
    put_on_the_shelf(barley.merge("key" => "two-in-one-breath"))
    visit "/salads/two-in-one-breath"
    expect(page).to have_button("Take out Sunflower seeds")
    page.execute_script(<<~JS)
        for (const name of ["White beans", "Dill"])
          document.querySelector(`[aria-label="Take out ${name}"]`).click();
      JS
    expect(page).to have_css("summary", text: "As it was, 2 changes back")
    expect(page).to have_no_button("Take out Dill").and have_no_button(
            "Take out White beans"
          ).and have_button("Take out Sunflower seeds")
    2.times { click_button "Undo" }
    expect(page).to have_button("Take out Dill").and have_button("Take out White beans")
  end

  it "is split in stages of its own, and the salad goes back to what it was before" do
    put_on_the_shelf(barley.merge("key" => "in-stages"))
    visit "/salads/in-stages"
    select "In stages of its own", from: "How it is split"
    fill_in "Soak: share of the batch", with: "40 %"
    find_field("Soak: share of the batch").send_keys(:tab)
    expect(page).to have_field("Reserve: share of the batch", with: "25 %")
    fill_in "Soak: share of the batch", with: "90 %"
    find_field("Soak: share of the batch").send_keys(:tab)
    expect(page).to have_css("[role=alert]", text: "leave nothing for Reserve")
    click_button "Take out Reserve"
    expect(page).to have_field("Toss: share of the batch", with: "60 %")
    find("summary", text: "As it was, 3 changes back").click
    click_button "See it as it was before: dressing split another way", match: :first
    within("section[aria-label='What it would do']") { click_button "Take it" }
    expect(page).to have_field("Reserve: share of the batch", with: "25 %")
    select "Most into the warm grain, toss, keep a tenth back", from: "How it is split"
    expect(page).to have_no_field("Reserve: share of the batch")
    expect(page).to have_css("[role=status]", text: "Saved")
  end
end
