# frozen_string_literal: true

require_relative "told_texts"

# Of which lines of a list a step tells what, and which rows below a list only speak of it again.
RSpec.describe Scullion::Recipe::Told do
  include ToldTexts

  # Of which lines (the first below "Serves" is 2) a step tells what.
  {
    "Put the squash in at 200 for 40 min, shallots join for the last 20." => [
      "2 kg squash\n1 kg shallots",
      [[2, "40 min"], [3, "20 min"]]
    ],
    "Simmer the farro. 25 minutes, adding the edamame for the last 4." => [
      "1 kg farro\n500 g edamame",
      [[2, "25 min"], [3, "4 min"]]
    ],
    "Rinse the bulgur. Dissolve salt in boiling water, pour over with raisins, cover, 25 minutes." => [
      "1 kg bulgur\n200 g raisins",
      [[2, "25 min"]]
    ],
    "Toast the cumin for 2 min. Roast the nuts for 9 min." => [
      "1 kg walnuts\n2 tbsp cumin",
      [[2, "9 min"], [3, "2 min"]]
    ],
    "Roast the nuts for 9 min. Fry the sage leaves for 1 min." => [
      "1 kg walnuts\n500 g rocket\n30 g sage",
      [[2, "9 min"], [4, "1 min"]]
    ],
    "Nuke the rice for 2 min." => ["1 kg brown rice\n100 ml rice vinegar", [[2, "2 min"]]],
    "Shallots in the vinegar 20 min." => ["200 g shallots\n100 ml vinegar", [[2, "marinate 20 min"]]],
    "The ribbons go in the pan for 3 min." => [
      "1 kg courgettes, ribbons\n1 kg carrots, diced",
      [[2, "3 min"]]
    ]
  }.each do |step, (list, told)|
    it "tells of what it says: #{step}" do
      facts = read("Serves 40\n#{list}\n\nMethod\n#{step}")["told"]
      timed = facts.map { |fact| fact.values_at("line", "what") }.select { |_, what| what.end_with?(" min") }
      expect(timed.sort_by(&:first)).to eq told
    end
  end

  # What goes in when, is kept back or dressed warm.
  {
    "Apple, ham and leeks only just before you serve." => ["when it goes in", [2, 3, 4]],
    "Dress everything but the ham and leeks." => ["kept back", [3, 4]],
    "Turn the apple and the ham in the dressing while the leeks are still warm." => ["dressed warm", [4]],
    "Ham on top, then leeks over the top." => ["when it goes in", [3, 4]]
  }.each do |step, (what, lines)|
    it "says of all of them, and of no other: #{step}" do
      facts = read("Serves 40\n1 kg apples\n1 kg ham\n1 kg leeks\n\nMethod\n#{step}")["told"]
      expect(
        facts.select { |fact| fact["what"].start_with?(what) }.map { |fact| fact["line"] }.sort
      ).to eq lines
    end
  end

  it "takes a kind without an amount for what of it is listed above" do
    told = read("Serves 40\n1.6 kg focaccia\n1 kg feta\nbread torn, oil, 170 fan 14 min\ncheese")
    kinds = told["lines"].map { |line| line["kind"] }
    expect(kinds.last(3)).to eq %w[note ingredient note]
    expect(told["told"].map { |fact| fact.values_at("line", "what") }).to include [2, "14 min"]
  end

  it "leaves what is not wanted in the words of what it is not wanted on" do
    read = read("Serves 40\n1 kg tofu, cubes, pan, no oil, 6 min\n2 kg potatoes")
    expect(read["lines"].map { |line| line["text"] }).to include "1 kg tofu, cubes, pan, no oil, 6 min"
    expect(read["told"].map { |fact| fact.values_at("line", "what") }).to include [2, "6 min"]
  end
end
