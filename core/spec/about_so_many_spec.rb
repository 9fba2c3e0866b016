# frozen_string_literal: true

# One list of the words for about serves every pattern that may find one before a number.
RSpec.describe Scullion::Recipe::Servings do
  it "knows every word for about, wherever a number of guests may stand" do
    [
      "about ",
      "around ",
      "roughly ",
      "approx ",
      "approx. ",
      "approximately ",
      "circa ",
      "c. ",
      "ca ",
      "ca. ",
      "abt ",
      "some ",
      "nearly ",
      "almost ",
      "~",
      "~ "
    ].each do |about|
      [
        "Serves %s24",
        "Potato salad for %s24",
        "Staff party of %s24",
        "We are %s24",
        "Makes %s24 portions",
        "We made it for %s24"
      ].each do |row|
        text = ["Potato salad", format(row, about), "2 kg potatoes"]
        expect([row, about, described_class.new(text).number]).to eq [row, about, 24]
      end
    end
  end
end
