# frozen_string_literal: true

# Where a day is too full.
RSpec.describe Scullion::Day::Overload do
  def overload(tasks, resources)
    described_class.new(
      Scullion::Day::Instance.from_h(
        "format" => "scullion/day@1",
        "from" => 0,
        "to" => 600,
        "resources" => resources,
        "tasks" => tasks
      )
    )
  end

  def task(key, kind, minutes, latest: 600, amount: 1)
    {
      "key" => key,
      "name" => key,
      "latest" => latest,
      "segments" => [{ "minutes" => minutes, "uses" => [{ "kind" => kind, "amount" => amount }] }]
    }
  end

  let(:kitchen) do
    [
      { "key" => "c", "name" => "C", "kind" => "cook", "capacity" => 1, "open" => [[0, 600]] },
      { "key" => "o", "name" => "O", "kind" => "oven", "capacity" => 4, "moded" => true }
    ]
  end

  # Two places for 60 min each: 2 × 2 × 30 of 120 in each of the last half-hours: just enough.
  it "counts what is asked for in amounts times minutes" do
    expect(
      overload([task("a", "oven", 60, amount: 2), task("b", "oven", 60, amount: 2)], kitchen).worst
    ).to be_nil
    expect(
      overload([task("a", "oven", 60, amount: 2), task("b", "oven", 60, amount: 3)], kitchen).worst.to_h
    ).to eq(kind: "oven", from: 540, wanted: 150, have: 120)
  end

  it "finds the fullest of one kind, though another is tighter" do
    both =
      overload(
        [
          task("a", "oven", 60, amount: 4),
          task("b", "oven", 60, amount: 4),
          task("c", "cook", 20),
          task("d", "cook", 20)
        ],
        kitchen
      )
    expect(both.worst.kind).to eq "oven"
    expect(both.worst_hands.to_h).to eq(kind: "cook", from: 570, wanted: 40, have: 30)
    expect(overload([task("c", "cook", 20)], kitchen).worst_hands).to be_nil
  end

  it "knows that nobody is there out of hours" do
    early = [{ "key" => "c", "name" => "C", "kind" => "cook", "capacity" => 1, "open" => [[0, 300]] }]
    expect(overload([task("a", "cook", 10)], early).worst.to_h).to eq(
      kind: "cook",
      from: 570,
      wanted: 10,
      have: 0
    )
    expect(overload([task("a", "cook", 10, latest: 300)], early).worst).to be_nil
  end

  # An hour for each of three, all due at once: two of them are asked for in the hour before.
  it "carries what does not fit into the half-hour before" do
    expect(overload([task("a", "cook", 30), task("b", "cook", 30, latest: 570)], kitchen).worst).to be_nil
    expect(overload([task("a", "cook", 30), task("b", "cook", 30)], kitchen).worst.over).to eq 30
  end
end
