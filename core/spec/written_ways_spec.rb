# frozen_string_literal: true

require "yaml"

# One amount of one food is the same however it is written: before the name and behind it, with signs and
# without, in the one measure or the other.
RSpec.describe "Ways of writing one amount" do
  ways = YAML.safe_load_file(File.expand_path("written_ways.yml", __dir__))

  # Share of them that may be asked about: "rocket 120", "1 250 g carrots".
  mostly_sure = 0.05

  def found(line)
    draft = Scullion::Recipe::Draft.new("Salad bowl\nserves 100\n1 kg kale\n#{line}", house)
    sure = draft.to_h["lines"].select { |each| each["kind"] == "ingredient" }.drop(1)
    return unless sure.any? && sure.all? { |each| each["status"] == "sure" }

    taken = draft.reads.drop(1).map { |read| draft.taken(read) }
    [taken.map { |each| each.ingredient.key }.uniq, taken.sum { |each| each.prepared.to_f }]
  end

  ways.each do |row|
    it "takes #{row["line"]} for itself in #{row["ways"].size} ways, and never for anything else" do
      foods, grams = found(row["line"])
      off =
        row["ways"].filter_map do |way|
          other, comes_to = found(way)
          next if other.nil? || (other == foods && (comes_to - grams).abs <= grams * row["within"])

          "#{way}: #{comes_to.round(1)} g of #{other.join(", ")}, not #{grams.round(1)} g"
        end
      expect(off).to eq []
    end
  end

  it "asks about few of them" do
    all = ways.flat_map { |row| row["ways"] }
    expect(all.count { |way| found(way).nil? }).to be <= all.size * mostly_sure
  end
end
