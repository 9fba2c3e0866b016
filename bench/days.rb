# frozen_string_literal: true

# Days made up from a seed, in the shape of a kitchen's: cut, cook, cool, mix and plate for several
# salads, with the hands, heat and tools they share. Written in the format of docs/day.md.
module GeneratedDays
  SIZES = [10, 20, 40, 60, 80, 100, 120, 150, 200].freeze
  SEEDS = 3
  NOON = 720

  # @return [Array<Scullion::Day::Instance>]
  def self.all = SIZES.flat_map { |size| (1..SEEDS).map { |seed| make(size, seed) } }

  # @return [Scullion::Day::Instance] the same for the same size and seed
  def self.make(size, seed)
    dice = Random.new((size * 1000) + seed)
    tasks = []
    tasks.concat(salad(tasks.size, dice, [size - tasks.size, dice.rand(6..14)].min)) while tasks.size < size
    Scullion::Day::Instance.from_h(
      "format" => Scullion::Day::Instance::FORMAT,
      "from" => NOON - (6 * 1440),
      "to" => NOON,
      "resources" => resources(dice, size),
      "tasks" => tasks
    )
  end

  def self.resources(dice, size)
    cooks =
      Array.new([(size / 20.0).ceil, 2].max) do |index|
        { "key" => "cook-#{index}", "name" => "Cook #{index + 1}", "kind" => "cook", "capacity" => 1 }
      end
    cooks +
      [
        { "key" => "burners", "name" => "Burners", "kind" => "burner", "capacity" => dice.rand(3..6) },
        *Array.new(dice.rand(1..2) + (size / 100)) do |index|
          {
            "key" => "oven-#{index}",
            "name" => "Oven #{index + 1}",
            "kind" => "oven",
            "capacity" => 10,
            "moded" => true
          }
        end,
        { "key" => "mandoline", "name" => "Mandoline", "kind" => "mandoline", "capacity" => 1 },
        { "key" => "chiller", "name" => "Chiller", "kind" => "chiller", "capacity" => dice.rand(10..20) }
      ]
  end

  # Components in threes (cut, cook, cool) or cut only, mixed into one bowl and plated.
  def self.salad(first, dice, size)
    keys = Array.new(size) { |index| "task-#{first + index}" }
    mix = keys.size - 1
    made = keys[0...mix].each_slice(3).flat_map { |component| chain(component, dice) }
    ends = keys[0...mix].each_slice(3).map(&:last)
    made +
      [
        task(
          keys[mix],
          [[dice.rand(5..20), { "cook" => 1 }]],
          ends.map { |key| { "task" => key, "least" => 0, "most" => dice.rand(300..2000) } },
          NOON
        )
      ]
  end

  COOKS = [
    lambda do |dice|
      [
        [5, { "cook" => 1, "burner" => 1 }],
        [dice.rand(10..50), { "burner" => 1 }],
        [dice.rand(3..8), { "cook" => 1, "burner" => 1 }]
      ]
    end,
    lambda do |dice|
      [
        [dice.rand(4..10), { "cook" => 1, "oven" => 3, :mode => 180 }],
        [dice.rand(20..45), { "oven" => 3, :mode => 180 }],
        [4, { "cook" => 1, "oven" => 3, :mode => 180 }]
      ]
    end,
    lambda do |dice|
      [
        [dice.rand(4..10), { "cook" => 1, "oven" => 5, :mode => 210 }],
        [dice.rand(20..45), { "oven" => 5, :mode => 210 }],
        [4, { "cook" => 1, "oven" => 5, :mode => 210 }]
      ]
    end
  ].freeze

  def self.chain(keys, dice)
    cut = dice.rand(8).zero? ? { "cook" => 1, "mandoline" => 1 } : { "cook" => 1 }
    steps = [
      [[dice.rand(5..40), cut]],
      COOKS[dice.rand(COOKS.size)].call(dice),
      [[dice.rand(4..8), { "cook" => 1 }], [dice.rand(40..120), { "chiller" => dice.rand(1..2) }]]
    ]
    keys.each_with_index.map do |key, index|
      task(
        key,
        steps[index],
        if index.zero?
          []
        else
          [{ "task" => keys[index - 1], "least" => 0, "most" => index == 2 ? 30 : 720 }]
        end,
        nil
      )
    end
  end

  def self.task(key, segments, after, latest)
    {
      "key" => key,
      "name" => key,
      "after" => after,
      "latest" => latest,
      "segments" =>
        segments.map do |minutes, uses|
          {
            "minutes" => minutes,
            "uses" =>
              uses
                .except(:mode)
                .map do |kind, amount|
                  { "kind" => kind, "amount" => amount, "mode" => (uses[:mode] if kind == "oven") }
                end
          }
        end
    }
  end
  private_class_method :resources, :salad, :chain, :task
end
