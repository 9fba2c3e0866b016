# frozen_string_literal: true

# What services of one kitchen make once between them.
RSpec.describe "Made once for several services" do
  carrot = nil
  before { carrot = plan.needs.find { |need| need.name == "Roast carrot" }.component.preparation }

  def with_day(day, **options, &change)
    plan(**options) do |data|
      data["day"] = day
      change&.call(data)
    end
  end
  def roster(made) = Scullion::Day::Roster.new(made)
  def grams(made, name) = made.purchases.find { |each| each.ingredient.key == name }&.need_grams
  def makes(key, grams) = { "makes" => [{ "preparation" => key, "for" => "Quay dinner", "grams" => grams }] }
  def brings(key, **facts)
    { "brings" => [{ "preparation" => key, "for" => "Quay lunch", **facts.transform_keys(&:to_s) }] }
  end

  it "is made where it is made first, in the amount of both" do
    alone = plan
    need = ->(made) { made.needs.find { |each| each.component.preparation == carrot } }
    both = with_day(makes(carrot, 3000))
    expect(need[both].finished_grams).to be_within(0.01).of(need[alone].finished_grams + 3000)
    share = need[both].finished_grams / need[alone].finished_grams
    expect(grams(both, "carrot")).to be_within(1).of(grams(alone, "carrot") * share)
    expect(both.builds.first.to_h["shares"]).to eq alone.builds.first.to_h["shares"]
    expect(both.working("#{need[both].at}/finished_grams").to_h.to_s).to include("Quay dinner, 3.00 kg")
  end

  it "is neither bought, cut, cooked nor laid out where it comes from there, and all else stays" do
    alone, rest = plan, with_day(brings(carrot))
    expect(grams(rest, "carrot")).to be_nil
    expect(rest.preps.map { |prep| prep.need.name }).to eq(
      alone.preps.map { |prep| prep.need.name } - ["Roast carrot"]
    )
    expect(rest.cooking.map(&:at)).to eq(
      alone.cooking.reject { |each| each.need.name == "Roast carrot" }.map(&:at)
    )
    expect(roster(rest).instance.tasks.map(&:name)).not_to include(/Roast carrot/)
    kept = ->(made) { made.taste.to_a }
    expect(kept[rest]).to eq kept[alone]
    expect(rest.builds.map(&:to_h)).to eq alone.builds.map(&:to_h)
  end

  it "goes into no bowl before it is ready" do
    date = plan.brief.service.from.date.iso8601
    late = roster(with_day(brings(carrot, ready: "#{date}T10:20")))
    expect(late.solution.start("build/0/mix")).to be >= 620
    expect(roster(with_day(brings(carrot))).solution.start("build/0/mix")).to be < 620
  end

  # Mixed at some minute: good until then, it is; until the minute before, it is not.
  it "is said where it is used later than it is good for, and the day does not work then" do
    used = Scullion::Day::Roster.new(with_day(brings(carrot))).solution.start("build/0/mix")
    at = ->(minute) { Scullion::Moment.new(plan.brief.service.from.date, minute).iso }
    tried = ->(**facts) { roster(with_day(brings(carrot, **facts))) }
    expect(tried.call(best: at.call(used), discard: at.call(used)).together.over).to be_empty
    expect(tried.call(best: at.call(used - 1)).says).to include(
      /\ARoast carrot, made with Quay lunch, is good until/
    )
    thrown = tried.call(best: at.call(used - 1), discard: at.call(used - 1))
    expect(thrown.says).to include(/is to be thrown by/)
    expect([thrown.works?, thrown.to_h["works"]]).to eq [false, false]
    expect(tried.call(lost: true).says).to include(
      "Roast carrot, made with Quay lunch, has no place in that day."
    )
  end

  it "has the mixed salad go no later than it" do
    date = plan.brief.service.from.date.iso8601
    lot = ->(made) { roster(made).lots.find { |each| each.name.start_with?("Barley") } }
    expect(lot[with_day(brings(carrot, discard: "#{date}T12:30"))].discard.minutes).to be <= 750
  end

  it "tells whoever has some of it when it is ready, and until when it is good" do
    made = roster(plan).together.made(carrot)
    job = roster(plan).layout.jobs.find { |each| each.need.component.preparation == carrot }
    ready = roster(plan).iso(roster(plan).solution.end(job.done.last))
    expect(made["ready"]).to eq ready
    expect(made["best"]).to be > ready
    expect(made["discard"]).to end_with("T23:59").or end_with("T00:00")
    expect(roster(plan).together.made("nothing")).to be_nil
  end

  it "is not what is dressed while it is warm" do
    shareable = roster(plan).together.shareable.values.map(&:name)
    expect(shareable).to include("Roast carrot", "Dill")
    expect(shareable).not_to include(/barley/i)
  end
end
