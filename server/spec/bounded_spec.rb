# frozen_string_literal: true

require_relative "server_helper"

# Nothing hangs: every reader is fed 64 kB of what it likes least, and an eighth of the same. What goes up
# with the square of the length would take 64 times as long for it.
RSpec.describe "What is read takes no longer than its length" do
  house = ExampleBrief::SHIPPED
  worst =
    [
      "<script ",
      "<script>",
      "<br",
      "<",
      "<!--",
      "<a href=",
      '{"@type":',
      "((((",
      "1 ",
      "1/",
      "½",
      "½ ",
      "1-",
      "- "
    ] +
      [
        "to taste ",
        "juice of ",
        "zest and juice of ",
        "a ",
        "aa, ",
        "salt, ",
        "\n",
        "1 kg\n",
        " ",
        "\u00a0",
        "é",
        "ſ",
        "st"
      ] +
      [
        "(1 kg) ",
        "about ",
        "400 g tin ",
        "heaped ",
        "&amp;",
        "%",
        "#",
        "=",
        "a-",
        "1,",
        "1.",
        "serves 4 ",
        "for ",
        "or "
      ] +
      [
        "until ",
        "at 200 C ",
        "and ",
        "2 tbsp oil\n",
        "chopped ",
        "İ",
        "①",
        "**",
        "!?",
        ": ",
        "each ",
        "made from on ",
        "use by ",
        "zested and juiced "
      ]
  readers = {
    "a pasted recipe" => ->(text) { Scullion::Recipe::Draft.new(text, house).to_h },
    "a page of the net" => ->(text) { Scullion::Exchange::LinkedRecipe.plain(text) },
    "an amount" => ->(text) { house.reader.read(text) },
    "a table" => ->(text) { Scullion::Exchange::LarderCsv.read("key,name,family,colour\n#{text}") },
    "a table's head" => ->(text) { Scullion::Exchange::LarderCsv.read(text) },
    "when something was made" => ->(text) { Scullion::UseUp::Dated.new(text, Date.new(2026, 11, 28)) },
    "a search" => ->(text) { house.finder.find(text) },
    "a number" => ->(text) { Scullion::Changes::WrittenNumber.read(text) },
    "a name" => ->(text) { Scullion::Exchange::NewIngredient.key_for(text) }
  }

  # The quickest of three: what else the machine does only adds.
  def least_seconds(&block) = Array.new(3) { seconds(&block) }.min

  def seconds
    from = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    yield
    Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - from
  rescue Scullion::Error
    Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - from
  end

  # What takes five times as long for 4 kB as for one, or is among the slowest, is fed all of it.
  define_method(:suspects) do |reader|
    taken =
      worst.to_h do |piece|
        kilobyte = piece * (1024 / piece.bytesize)
        [piece, [seconds { reader.call(kilobyte * 4) }, -> { least_seconds { reader.call(kilobyte) } }]]
      end
    slowest = worst.max_by(3) { |piece| taken[piece].first }
    worst.select { |piece| slowest.include?(piece) || taken[piece].first > taken[piece].last.call * 5 }
  end

  readers.each do |name, reader|
    it "by #{name}" do
      slow =
        suspects(reader).filter_map do |piece|
          long = piece * (64 * 1024 / piece.bytesize)
          whole = seconds { reader.call(long) }
          next if whole < 1

          eighth = least_seconds { reader.call(long[0, long.length / 8]) }
          next if whole <= eighth * 24

          whole = least_seconds { reader.call(long) }
          [piece, eighth, whole] if whole > [eighth * 24, 1].max
        end
      expect(slow).to eq []
    end
  end

  it "nor is a day pinned, begun or marked ages away" do
    day = { "marks" => [{ "task" => "a", "state" => "done", "at" => "9999-01-01T10:00" }] }
    day["pins"] = [{ "task" => "a", "at" => "9999-01-01T10:00" }]
    day["extra"] = [{ "from" => "0001-01-01T10:00", "to" => "9999-01-01T10:00" }]
    brief = JSON.parse(File.read(File.expand_path("../../docs/brief.example.json", __dir__)))
    expect { Scullion::Brief.read(brief.merge("day" => day), house) }.to raise_error(
      Scullion::InvalidBrief
    ) do |error|
      expect(error.faults.map(&:where)).to contain_exactly(
        "/day/marks/0/at",
        "/day/pins/0/at",
        "/day/extra/0/from",
        "/day/extra/0/to"
      )
    end
    far = brief.merge("day" => { "now" => "9999-01-01T10:00", "since" => "0001-01-01T10:00" })
    expect(
      Scullion::Day::Roster.new(Scullion::Plan.for(Scullion::Brief.read(far, house))).to_h["says"]
    ).to be_an Array
  end
end
