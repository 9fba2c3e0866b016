# frozen_string_literal: true

require "json"
require "net/http"
require "tmpdir"
require_relative "../server/server"
require_relative "large_day"
require_relative "first_page"
require_relative "bare_loops"
require_relative "days"
require_relative "../core/spec/recipe_texts"
require "puma"
require "puma/server"

# Every speed is a ratio to something bare, timed in turn in the same run, so that a slow or
# busy machine changes both alike; each is the median of its rounds.
module Bench
  ROUNDS = 15
  EXAMPLE = File.expand_path("../docs/brief.example.json", __dir__)
  Figure = Struct.new(:name, :value, :unit, :aim, :better, keyword_init: true)

  def self.all
    [
      *plan_against_json,
      route_against_bare,
      *change_on_screen,
      *cooking,
      find_in_the_larder,
      *slips,
      *pasted,
      *days,
      Figure.new(
        name: "script of the first page, gzipped",
        value: (FirstPage.script / 1000.0).round(1),
        unit: "kB",
        aim: 120,
        better: "lower"
      ),
      Figure.new(
        name: "fonts of the first page",
        value: (FirstPage.fonts / 1000.0).round(1),
        unit: "kB",
        aim: 120,
        better: "lower"
      )
    ]
  end

  # (a) Planning a large day against serialising the plan. Figures are worked out when first
  # asked for, so the second row counts every one of them, worked out and written.
  def self.plan_against_json
    brief = Scullion::Brief.read(LargeDay.brief(JSON.parse(File.read(EXAMPLE))), Scullion::House.shipped)
    made = Scullion::Plan.for(brief).to_h
    generate = -> { JSON.generate(made) }
    [
      Figure.new(
        name: "Plan.for a large day ÷ JSON.generate of its result",
        value: ratio(20, -> { Scullion::Plan.for(brief) }, generate),
        unit: "×",
        aim: 2,
        better: "lower"
      ),
      Figure.new(
        name: "the same with every figure worked out and written",
        value: ratio(20, -> { Scullion::Plan.for(brief).to_h }, generate),
        unit: "×",
        aim: 2,
        better: "lower"
      )
    ]
  end

  # (b) POST /api/plan against a route of the same server that answers with the same bytes.
  def self.route_against_bare
    body = File.read(EXAMPLE)
    serving do |http|
      planned = http.post("/api/plan", body, "Content-Type" => "application/json").body
      BareRoute.bytes = planned
      plan = -> { http.post("/api/plan", body, "Content-Type" => "application/json").body }
      bare = -> { http.post("/bare", body, "Content-Type" => "application/json").body }
      raise "The bare route answers with other bytes" unless plan.call == bare.call

      Figure.new(
        name: "POST /api/plan ÷ a bare route with the same bytes",
        value: ratio(20, plan, bare),
        unit: "×",
        aim: 3,
        better: "lower"
      )
    end
  end

  # A change of covers, from the request to the whole new plan, saved; what a cook waits for.
  def self.change_on_screen
    serving do |http|
      version = JSON.parse(http.get("/api/services/1").body)["version"]
      covers = 140
      change =
        lambda do
          covers = covers == 140 ? 141 : 140
          sent = JSON.generate("version" => version, "at" => "service/covers", "value" => covers)
          version =
            JSON.parse(http.post("/api/services/1/changes", sent, "Content-Type" => "application/json").body)[
              "service"
            ][
              "version"
            ]
        end
      alone = seconds(30, change)
      beside = while_solving { seconds(30, change) }
      [
        Figure.new(
          name: "a change of covers, saved and planned anew",
          value: (alone * 1000).round(1),
          unit: "ms",
          aim: 100,
          better: "lower"
        ),
        Figure.new(
          name: "the same while days are being solved",
          value: (beside * 1000).round(1),
          unit: "ms",
          aim: 100,
          better: "lower"
        )
      ]
    end
  end

  # Beside one who does nothing but solve days, in the same process as the server does.
  def self.while_solving
    busy = true
    solving =
      Thread.new do
        while busy
          Scullion::Day::Roster.new(
            Scullion::Plan.for(Scullion::Brief.read(JSON.parse(File.read(EXAMPLE)), Scullion::House.shipped))
          ).solution
        end
      end
    yield
  ensure
    busy = false
    solving.join
  end

  # Batches of grain and cooling curves against bare loops that do the same arithmetic.
  def self.cooking
    brief = Scullion::Brief.read(JSON.parse(File.read(EXAMPLE)), Scullion::House.shipped)
    need = Scullion::Plan.for(brief).needs.first
    batches = -> { 1000.times { Scullion::Cook::Absorption.new("cook/0", need, brief).water_grams } }
    slab =
      Scullion::Hold::Slab.new(depth: 0.05, surface: 25, ambient: 3, diffusivity: 1.4e-7, conductivity: 0.5)
    curves = -> { 100.times { slab.curve(57, 360).each(&:last) } }
    [
      Figure.new(
        name: "1,000 absorption batches ÷ the bare arithmetic",
        value: ratio(1, batches, -> { BareLoops.absorption(1000) }),
        unit: "×",
        aim: 10,
        better: "lower"
      ),
      Figure.new(
        name: "100 cooling curves ÷ the bare arithmetic",
        value: ratio(1, curves, -> { BareLoops.cooling(100) }),
        unit: "×",
        aim: 2,
        better: "lower"
      )
    ]
  end

  # Slips caught and false alarms, over the lines that the specs are tried on.
  def self.slips
    house = Scullion::House.shipped
    lines = YAML.safe_load_file(File.expand_path("../core/spec/slips.yml", __dir__))
    share =
      lambda do |kind|
        lines[kind].count { |key, written, total| slip?(house, key, written, total) } * 100.0 /
          lines[kind].size
      end
    [
      Figure.new(
        name: "slips caught, of #{lines["wrong"].size}",
        value: share.call("wrong").round(1),
        unit: "%",
        aim: 95,
        better: "higher"
      ),
      Figure.new(
        name: "false alarms, of #{lines["right"].size} right lines",
        value: share.call("right").round(1),
        unit: "%",
        aim: 2,
        better: "lower"
      )
    ]
  end

  def self.slip?(house, key, written, total)
    ingredient = house.larder.fetch(key)
    form = %w[liquid whole dry drained].find { |each| ingredient.figures.key?("density/#{each}") }
    grams = house.practice.reader.read(written).grams(ingredient, form)
    Scullion::Salad::Slip.new(ingredient, grams, [total, grams * 1.05].max.to_f, house.practice).slip?
  end

  # Lines of pasted recipes read as they are meant, over the recipes that the specs are tried on;
  # and one recipe drafted.
  def self.pasted
    house = Scullion::House.shipped
    draft = -> { RecipeTexts.pairs(RecipeTexts::ALL.first, house) }
    fresh = RecipeTexts.share(house, RecipeTexts::HELD_OUT)
    lines, right = RecipeTexts::ALL.sum { |recipe| recipe["lines"].size }, RecipeTexts.share(house)
    [
      Figure.new(
        name: "lines read right, of #{lines} in #{RecipeTexts::ALL.size} recipes",
        value: (right * 100).round(1),
        unit: "%",
        aim: 95,
        better: "higher"
      ),
      Figure.new(
        name: "the same of #{RecipeTexts::HELD_OUT.size} recipes it was not mended for",
        value: (fresh * 100).round(1),
        unit: "%",
        aim: 95,
        better: "higher"
      ),
      Figure.new(
        name: "a pasted recipe drafted",
        value: (seconds(10, draft) * 1000).round(1),
        unit: "ms",
        aim: 300,
        better: "lower"
      )
    ]
  end

  # (f) Generated days of 10 to 200 tasks, solved for the shortest day: against the proven bound, and how
  # long one of 150 tasks takes as the kitchen asks for it.
  def self.days
    gaps =
      GeneratedDays.all.map do |instance|
        solved = Scullion::Day::Solver.new(instance, by: :makespan).solve
        raise "A generated day is not solved" unless solved.feasible?

        (solved.last - solved.first).fdiv(Scullion::Day::Bound.new(instance).minutes) - 1
      end
    large = GeneratedDays.make(150, 1)
    solve, shortest = %i[score makespan].map { |by| -> { Scullion::Day::Solver.new(large, by: by).solve } }
    [
      Figure.new(
        name: "#{gaps.size} generated days, over the proven bound on average",
        value: (gaps.sum / gaps.size * 100).round(1),
        unit: "%",
        aim: 10,
        better: "lower"
      ),
      Figure.new(
        name: "the same at worst",
        value: (gaps.max * 100).round(1),
        unit: "%",
        aim: 25,
        better: "lower"
      ),
      Figure.new(
        name: "a day of 150 tasks solved so",
        value: (seconds(5, shortest) * 1000).round,
        unit: "ms",
        aim: 300,
        better: "lower"
      ),
      Figure.new(
        name: "the same day solved as the kitchen asks for it",
        value: (seconds(5, solve) * 1000).round,
        unit: "ms",
        aim: 300,
        better: "lower"
      )
    ]
  end

  # A typo looked up by the server among 5,000 ingredients: the larder's own under ever new names.
  def self.find_in_the_larder
    serving do |http|
      larder = Scullion::Records::Ingredient.all.to_a
      (5000 - larder.size)
        .times
        .each_slice(500) do |some|
          Scullion::Records::Ingredient.insert_all!(
            some.map { |index| another(larder[index % larder.size], index) }
          )
        end
      find = -> { http.get("/api/ingredients?find=zuchini").body }
      raise "Nothing is found" unless find.call.include?("courgette")

      Figure.new(
        name: "a typo found by the server among 5,000 ingredients",
        value: (seconds(20, find) * 1000).round(1),
        unit: "ms",
        aim: 30,
        better: "lower"
      )
    end
  end

  def self.another(record, index)
    name = "#{record.name} #{index.to_s(26).tr("0-9a-p", "a-z")}"
    {
      key: "#{record.key}-#{index}",
      name: name,
      facts: record.facts.merge("key" => "#{record.key}-#{index}", "name" => name)
    }
  end

  # The same stack with one more route, there for this measurement only.
  class BareRoute < Scullion::App
    class << self
      attr_accessor :bytes
    end

    post("/bare") do
      content_type :json
      BareRoute.bytes
    end
  end

  def self.serving(&measure)
    Dir.mktmpdir do |folder|
      Scullion::Records.open(File.join(folder, "bench.sqlite3"))
      Scullion::Demo.load
      server =
        Puma::Server.new(
          Scullion.stack(hosts: ["127.0.0.1"], app: BareRoute),
          nil,
          log_writer: Puma::LogWriter.null,
          min_threads: 1,
          max_threads: 1
        )
      port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      Net::HTTP.start("127.0.0.1", port, &measure)
    ensure
      server&.stop(true)
      ActiveRecord::Base.connection_pool.disconnect!
    end
  end

  # Median over rounds of one's time divided by the other's, timed in turn.
  def self.ratio(times, one, other)
    [one, other].each { |work| (times * 3).times { work.call } }
    Array.new(ROUNDS) { seconds(times, one) / seconds(times, other) }.sort[ROUNDS / 2].round(2)
  end

  # @return [Float] seconds for one call
  def self.seconds(times, work)
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    times.times { work.call }
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - start) / times
  end
  private_class_method :plan_against_json,
                       :route_against_bare,
                       :change_on_screen,
                       :while_solving,
                       :cooking,
                       :find_in_the_larder,
                       :another,
                       :slips,
                       :slip?,
                       :pasted,
                       :days,
                       :serving,
                       :ratio,
                       :seconds
end

figures = Bench.all
if ARGV.include?("--json")
  puts JSON.pretty_generate(figures.map(&:to_h))
else
  figures.each do |figure|
    within = figure.better == "lower" ? figure.value <= figure.aim : figure.value >= figure.aim
    puts format(
           "%-66s %8s %-3s aim %s %s  %s",
           figure.name,
           figure.value,
           figure.unit,
           figure.better == "lower" ? "≤" : "≥",
           figure.aim,
           within ? "met" : "missed"
         )
  end
end
