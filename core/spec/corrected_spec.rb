# frozen_string_literal: true

require_relative "taken_lines"

RSpec.describe Scullion::Recipe::Corrected do
  include TakenLines

  # @return [Array<Array(String, Integer, String)>] foods, g as prepared, and whether they are sure
  def read(line)
    draft = Scullion::Recipe::Draft.new("Salad for 20\n\n#{line}", house)
    rows = draft.to_h["lines"].select { |row| row["kind"] == "ingredient" }
    rows
      .zip(draft.reads)
      .map do |row, read|
        taken = draft.taken(read)
        [taken&.ingredient&.key, taken&.prepared.to_i, row["status"]]
      end
  end

  {
    "six peppers mixed colours no wait four peppers" => ["mixed-peppers", 640],
    "six peppers no wait four" => ["mixed-peppers", 640],
    "six no wait four peppers" => ["mixed-peppers", 640],
    "a tin of chickpeas no make it three tins drained" => ["chickpeas", 720],
    "200 g feta, no make that 300" => ["brined-white-cheese", 300],
    "500 g rice hang on 600 g" => ["white-rice", 600],
    "1 kg carrots, I mean 2 kg" => ["carrot", 2000]
  }.each do |line, (key, grams)|
    it "takes the second number of “#{line}”" do
      expect(read(line)).to eq [[key, grams, "sure"]]
    end
  end

  it "asks where another food is named, and both may be meant" do
    expect(read("2 cucumbers no wait 3 courgettes").first.last).to eq "doubtful"
    expect(read("6 peppers no wait they are huge").first.last).to eq "doubtful"
  end

  it "leaves what only sounds like it" do
    expect(read("200 g feta you can make that day")).to eq [["brined-white-cheese", 200, "sure"]]
    expect(read("make that with 1 kg carrots")).to eq [["carrot", 1000, "sure"]]
  end

  it "takes a plain no between two numbers, and neither a grade nor what is left out" do
    eggs = all("For 40. Spinach, a kilo. Thirty soft eggs, no, forty, one each.").last
    expect(eggs.first(2)).to eq ["hen-egg", 2320]
    expect(all("Serves 40\npotatoes 5 kg, no 2 grade").size).to eq 1
  end
end
