# frozen_string_literal: true

# A service when it is over: planned and done side by side.
RSpec.describe Scullion::Record::Closing do
  let(:made) { plan }
  let(:carrot) { made.preps.find { |prep| prep.ingredient.key == "carrot" } }
  let(:build) { made.builds.first }

  def entry(uid, kind, of, value, **other)
    moment = format("%02d", uid)
    Scullion::Record::Entry.new(
      uid: "entry-#{uid}",
      at: "2026-11-28T10:#{moment}:00Z",
      clock: "2026-11-28T10:#{moment}",
      kind: kind,
      of: of,
      service: 7,
      value: value,
      **other
    )
  end

  def closing(*entries, lots: []) = described_class.new(made, Scullion::Record::Log.new(entries), 7, lots)
  def line(closed, name, of) = closed.lines.find { |each| each.name == name && each.of == of }
  def held(code, task) = Struct.new(:lot).new(Struct.new(:code, :task).new(code, task))

  it "says what was planned of every line, and nothing of what nobody weighed" do
    lines = closing.lines
    expect(lines.map(&:of).uniq).to match_array(%w[served bought trimmed cooked portion])
    expect(line(closing, "Covers", "served")).to have_attributes(planned: 140, done: nil, difference: nil)
    expect(line(closing, carrot.need.name, "bought").planned).to eq carrot.ap_grams
    expect(line(closing, carrot.need.name, "trimmed").planned).to eq carrot.ep_grams
    expect(line(closing, carrot.need.name, "cooked").planned).to eq carrot.cooking.need.cooked_grams
    expect(line(closing, build.portion.salad.name, "portion").planned).to eq build.portion.portion_grams
    expect(lines.map { |each| [each.done, each.share, each.worth] }.uniq).to eq [[nil, nil, nil]]
    expect(lines.count { |each| each.of == "bought" }).to eq made.preps.count(&:bench?)
  end

  it "adds up what was weighed of a line and of its tasks, for this service alone" do
    closed =
      closing(
        entry(1, "weighed", "bought", 4000.0, task: carrot.at),
        entry(2, "weighed", "bought", 1500.0, task: "#{carrot.at}/peel"),
        entry(3, "weighed", "bought", 9000.0, task: "#{carrot.at}0"),
        entry(4, "weighed", "bought", 9000.0, task: carrot.at).tap { |other| other.service = 8 },
        entry(5, "weighed", "trimmed", 3100.0, task: carrot.at)
      )
    bought = line(closed, carrot.need.name, "bought")
    price = made.purchases.find { |each| each.ingredient.key == "carrot" }.price
    expect(bought.done).to eq 5500.0
    expect(bought.difference).to be_within(1e-6).of(5500.0 - carrot.ap_grams)
    expect(bought.share).to be_within(1e-9).of((5500.0 - carrot.ap_grams) / carrot.ap_grams)
    expect(bought.worth).to be_within(1e-9).of((5500.0 - carrot.ap_grams) / 1000 * price)
    expect(line(closed, carrot.need.name, "trimmed").done).to eq 3100.0
    expect(closed.to_h["lines"].find { |row| row["of"] == "bought" && row["done"] }["difference"]).to match(
      /\A[+−]/
    )
  end

  # Of five portions the third by weight, of four the third too.
  it "takes the middle of the portions, and the last that was said of the covers" do
    weights = [338.0, 352.0, 341.0, 347.0, 351.0].each_with_index
    portions = weights.map { |grams, at| entry(at, "weighed", "portion", grams, task: build.at) }
    name = build.portion.salad.name
    expect(line(closing(*portions), name, "portion").done).to eq 347.0
    expect(line(closing(*portions.first(4)), name, "portion").done).to eq 347.0
    served = closing(entry(1, "served", nil, 120.0), entry(2, "served", nil, 138.0))
    expect(line(served, "Covers", "served")).to have_attributes(done: 138.0, difference: -2.0, worth: nil)
    rows = served.to_h["lines"].find { |row| row["of"] == "served" }
    expect(rows.values_at("planned", "done", "difference", "share")).to eq(
      ["140 covers", "138 covers", "−2 covers", -0.014]
    )
    exactly = closing(entry(1, "served", nil, 140.0)).to_h["lines"].first
    expect(exactly["difference"]).to eq "as planned"
  end

  it "says what is gone and what it was worth, by its lot" do
    lots = [held("28A", carrot.at), held("28B", build.at)]
    closed =
      closing(
        entry(1, "weighed", "left", 2000.0, lot: "28A"),
        entry(2, "weighed", "left", 1000.0, lot: "28B"),
        entry(3, "weighed", "thrown", 500.0, lot: "28Z"),
        lots: lots
      )
    price = made.purchases.find { |each| each.ingredient.key == "carrot" }.price
    of_carrot = 2.0 * price * carrot.ap_grams / carrot.need.finished_grams
    of_salad = 1000.0 / build.portion.portion_grams * made.taste.costs.first.cost
    expect(closed.gone["left"].first).to eq 3000.0
    expect(closed.gone["left"].last).to be_within(1e-9).of(of_carrot + of_salad)
    expect(closed.gone.slice("thrown", "given")).to eq("thrown" => [500.0, 0.0], "given" => [0.0, 0.0])
    expect(closed.to_h["gone"].map { |row| row["of"] }).to eq %w[left thrown given]
    expect(closed.to_h["gone"].first).to include("grams" => 3000.0, "text" => "3.00 kg")
    expect(closed.to_h["lots"]).to eq %w[28A 28B]
  end
end
