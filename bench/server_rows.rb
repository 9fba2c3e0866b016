# frozen_string_literal: true

require "json"
require_relative "measuring"

module Bench
  # What a cook waits for: the running server, asked over the network.
  module ServerRows
    extend Measuring

    def self.all = [route_against_bare, *change_on_screen, find_in_the_larder]

    # (b) POST /api/plan against a route of the same server that answers with the same bytes.
    def self.route_against_bare
      body = File.read(EXAMPLE)
      serving do |http|
        planned = http.post("/api/plan", body, "Content-Type" => "application/json").body
        BareRoute.bytes = planned
        plan = -> { http.post("/api/plan", body, "Content-Type" => "application/json").body }
        bare = -> { http.post("/api/plan", body, "Content-Type" => "application/json", "X-Bare" => "1").body }
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
            answer = http.post("/api/services/1/changes", sent, "Content-Type" => "application/json").body
            version = JSON.parse(answer).dig("service", "version")
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
              Scullion::Plan.for(
                Scullion::Brief.read(JSON.parse(File.read(EXAMPLE)), Scullion::House.shipped)
              )
            ).solution
          end
        end
      yield
    ensure
      busy = false
      solving.join
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
    private_class_method :route_against_bare, :change_on_screen, :while_solving, :find_in_the_larder, :another
  end
end
