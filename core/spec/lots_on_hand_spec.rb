# frozen_string_literal: true

require_relative "hazard_cases"

# Lots on hand take the place of what would be made: all of it, or a part.
RSpec.describe "Lots on hand", type: :core do
  def brief(lots: [], more: [])
    HazardCases.brief(
      HazardCases.one("carrot", cook: { "method" => "roast" }, trim: "peeled", cut: "batons")
    ).merge("day" => { "lots" => lots, "more" => more })
  end

  def plan(**day) = Scullion::Plan.for(Scullion::Brief.read(brief(**day), house))
  def need(plan) = plan.needs.find { |each| each.ingredient.key == "carrot" }
  def prepped(plan) = plan.preps.find { |line| line.ingredient.key == "carrot" }.ap_grams
  def bought(plan) = plan.purchases.find { |line| line.ingredient.key == "carrot" }

  def lot(grams, **more)
    {
      "preparation" => need(plan).component.preparation,
      "code" => "26A",
      "name" => "lot 26A",
      "grams" => grams
    }.merge(more.transform_keys(&:to_s))
  end

  it "makes and buys less by what is taken, and puts as much on the plates as ever" do
    plain = plan
    half = need(plain).finished_grams / 2
    with = plan(lots: [lot(half)])
    expect(need(with).finished_grams).to be_within(0.001).of(half)
    expect(prepped(with)).to be_within(0.5).of(prepped(plain) / 2)
    expect(with.portions.map(&:finished_grams)).to eq plain.portions.map(&:finished_grams)
    expect(with.shared.join).to include("lot 26A")
  end

  it "makes none of it where lots are all of it, to the gram" do
    all = need(plan).finished_grams
    [all, all - 0.99, all + 500].each do |grams|
      with = plan(lots: [lot(grams)])
      expect(with.cooking).to eq []
      expect(bought(with)).to be_nil
      expect(Scullion::Day::Roster.new(with).instance.tasks.map(&:key).grep(/prep|cook/)).to eq []
    end
    expect(plan(lots: [lot(all - 1.01)]).cooking.size).to eq 1
  end

  it "stops at a lot that is to be thrown before the last guest, at the minute" do
    to = plan.brief.service.to
    at = ->(minutes) { format("%sT%02d:%02d", to.date, minutes / 60, minutes % 60) }
    late = plan(lots: [lot(100, discard: at[to.minutes - 1])])
    expect(late.stops.map(&:hazard)).to eq ["lot-past-its-date"]
    expect(plan(lots: [lot(100, discard: at[to.minutes])]).stops).to eq []
  end

  it "says on the day what is taken, and what is used later than it is good for" do
    from = plan.brief.service.from
    day = Scullion::Day::Roster.new(plan(lots: [lot(50, best: "#{from.date}T06:00")]))
    expect(day.to_h["decided"]["lots"].first).to include("code" => "26A", "text" => /50 g of lot 26A/)
    whole = plan(lots: [lot(need(plan).finished_grams, best: "#{from.date}T06:00")])
    expect(Scullion::Day::Roster.new(whole).together.over.size).to be_positive
    expect(day.together.over.join).to include("lot 26A").and include("good until")
  end

  it "dates what is mixed by the lot that is in it, wherever that is said" do
    from = plan.brief.service.from
    with = plan(lots: [lot(50, discard: "#{from.date}T23:59")])
    own = plan
    expect(own.windows.first.date_mark.date).to be > from.date
    expect(with.windows.first.date_mark.iso).to eq "#{from.date}T23:59"
    expect(with.windows.first.discard_by).to be <= with.windows.first.date_mark
    mixed = Scullion::Day::Roster.new(with).lots.find { |each| each.task.start_with?("build/") }
    expect(mixed.discard.iso).to be <= "#{from.date}T23:59"
  end

  it "makes more on purpose" do
    more = [{ "preparation" => need(plan).component.preparation, "for" => "Wednesday", "grams" => 2000 }]
    with = plan(more: more)
    expect(need(with).finished_grams).to be_within(0.001).of(need(plan).finished_grams + 2000)
    expect(with.shared.join).to include("Wednesday")
    words = ->(plan) { Scullion::Day::Roster.new(plan).to_h["decided"]["more"] }
    expect(words[with].map { |each| each["text"] }).to contain_exactly(/Wednesday/)
    # What another service has made here is its own to take back.
    data = brief.merge("day" => { "makes" => more })
    expect(words[Scullion::Plan.for(Scullion::Brief.read(data, house))]).to eq []
  end
end
