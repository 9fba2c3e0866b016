# frozen_string_literal: true

require "yaml"

# A list says the same in a table, in one line, in a thread of messages or told: laid out in every way.
RSpec.describe "One salad, laid out" do
  texts = YAML.safe_load_file(File.expand_path("laid_out.yml", __dir__))

  # @return [Array] for how many, and each food with its grams to the tenth and its place
  def read(text)
    draft = Scullion::Recipe::Draft.new(text, house)
    lines = draft.to_h["lines"].select { |line| line["kind"] == "ingredient" }
    foods =
      draft
        .reads
        .zip(lines)
        .map do |read, line|
          taken = draft.taken(read)
          [line["status"], taken&.ingredient&.key, taken&.prepared.to_f.round(-1), taken&.into]
        end
    [draft.to_h["servings"], foods.sort_by(&:to_s)]
  end

  # 4 eggs of 58 g are 232; 200 ml of oil 183; 50 ml of lemon juice 52; a tablespoon of mustard 16.
  meant = [
    10,
    [
      ["sure", "waxy-potato", 2000, "salad"],
      ["sure", "brined-white-cheese", 300, "salad"],
      ["sure", "hen-egg", 230, "salad"],
      ["sure", "chives", 50, "salad"],
      ["sure", "olive-oil", 180, "dressing"],
      ["sure", "lemon-juice", 50, "dressing"],
      ["sure", "mustard", 20, "dressing"]
    ].sort_by(&:to_s)
  ]

  texts.each { |how, text| it("reads it as #{how}") { expect(read(text)).to eq meant } }
end
