# frozen_string_literal: true

require "yaml"

# One amount of one food is the same however it is written: before the name and behind it, with signs and
# without, in the one measure or the other.
RSpec.describe "Ways of writing one amount" do
  ways = YAML.safe_load_file(File.expand_path("written_ways.yml", __dir__))

  # Share of them that may be asked about: "rocket 120", "1 250 g carrots".
  mostly_sure = 0.05

  # @return [Hash, nil] each food: grams, place and cut; nil where anything of it is asked about
  def found(line)
    draft = Scullion::Recipe::Draft.new("Salad bowl\nserves 100\n1 kg kale\n#{line}", house)
    sure = draft.to_h["lines"].select { |each| each["kind"] == "ingredient" }.drop(1)
    return unless sure.any? && sure.all? { |each| each["status"] == "sure" }

    taken = draft.reads.drop(1).map { |read| draft.taken(read) }.group_by { |each| each.ingredient.key }
    taken.transform_values do |of_it|
      [
        of_it.sum { |each| each.prepared.to_f },
        *of_it.flat_map { |each| [each.into, each.component["cut"]] }.uniq
      ]
    end
  end

  # Are these the same foods, in the same place and cut, and as much of each?
  def same?(one, other, within)
    one.keys.sort == other.keys.sort &&
      one.all? do |key, (grams, *as)|
        other[key].drop(1) == as && (other[key].first - grams).abs <= grams * within
      end
  end

  ways.each do |row|
    it "takes #{row["line"]} for itself in #{row["ways"].size} ways, and never for anything else" do
      meant = found(row["line"])
      off =
        row["ways"].reject do |way|
          found(way).then { |other| other.nil? || same?(meant, other, row["within"]) }
        end
      expect(off).to eq []
    end
  end

  it "asks about few of them" do
    all = ways.flat_map { |row| row["ways"] }
    expect(all.count { |way| found(way).nil? }).to be <= all.size * mostly_sure
  end
end
