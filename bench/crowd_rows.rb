# frozen_string_literal: true

require_relative "crowd"

module Bench
  # What many clients at once wait for, on a server in a process of its own.
  module CrowdRows
    CLIENTS, CHANGES = 8, 20
    ROW = Struct.new(:name, :value, :unit, :aim, :better, keyword_init: true)

    def self.all
      rows = []
      Crowd.run do |crowd|
        rows += [
          *one_salad(crowd),
          *own_services(crowd),
          *shelf(crowd),
          *first_visit(crowd),
          *memory(crowd, "memory"),
          *table(crowd),
          *memory(crowd, "memory with 5,000 ingredients more")
        ]
      ensure
        crowd.stop
      end
      rows
    end

    def self.row(name, value, unit, aim)
      ROW.new(name: name, value: value, unit: unit, aim: aim, better: "lower")
    end
    def self.p95(seconds) = (seconds.sort[(seconds.size * 0.95).floor] * 1000).round(1)
    def self.faults(said) = said.count { |each| each.status >= 500 }

    # Eight save one salad, each until it is saved, while somebody asks whether the server is up.
    def self.one_salad(crowd)
      path = crowd.ask(:get, "/api/salads").body.first["key"].then { |key| "/api/salads/#{key}" }
      saver =
        lambda do |asking|
          CHANGES.times do
            crowd.insist(path, asking) { |there| there.except("id").merge("name" => "Bowl #{rand(999)}") }
          end
        end
      crowd.said
      _, health = crowd.beside("/api/health") { crowd.at_once([saver] * CLIENTS) }
      said = crowd.said
      saved = said.select { |each| each.status == 200 && each.body.is_a?(Hash) }.map(&:seconds)
      [
        row("8 clients saving one salad: answers that the server is at fault for", faults(said), "", 0),
        row("the same: p95 of a save or a read", p95(saved), "ms", 300),
        row("the same: the longest that /api/health took", (health.max * 1000).round(1), "ms", 100)
      ]
    end

    # Changes of covers by four clients, each on a service of its own.
    def self.own_services(crowd)
      service = crowd.ask(:get, "/api/services/1").body.except("id", "version")
      ids =
        Array.new(4) do |index|
          crowd.ask(:post, "/api/services", service.merge("name" => "Lunch #{index}")).body["id"]
        end
      changes =
        ids.map do |id|
          lambda do |asking|
            version = asking.call(:get, "/api/services/#{id}").body["version"]
            Array.new(CHANGES * 2) do |count|
              change = { "version" => version, "at" => "service/covers", "value" => 100 + count }
              said = asking.call(:post, "/api/services/#{id}/changes", change)
              version = said.body["service"]["version"]
              said.seconds
            end
          end
        end
      crowd.said
      taken = crowd.at_once(changes).flatten
      [
        row("4 clients changing covers, each of its own service: p95", p95(taken), "ms", 60),
        row("the same: answers that the server is at fault for", faults(crowd.said), "", 0)
      ]
    end

    # A table of 5,000 rows, while somebody searches the larder and somebody asks for health.
    def self.table(crowd)
      rows = (1..5000).map { |row| "own-#{row},Own leaf #{row},herb,#55aa33,dill" }
      body = { "csv" => ["key,name,family,colour,like", *rows].join("\n"), "write" => true }
      seconds = nil
      (_, health), search =
        crowd.beside("/api/ingredients?find=carot") do
          crowd.beside("/api/health") { seconds = crowd.ask(:post, "/api/larder/import", body).seconds }
        end
      after = Array.new(20) { crowd.ask(:get, "/api/ingredients?find=zuchini").seconds }
      [
        row("a larder table of 5,000 rows read and written", seconds.round(1), "s", 15),
        row("a search meanwhile: the longest", (search.max * 1000).round(1), "ms", 50),
        row("/api/health meanwhile: the longest", (health.max * 1000).round(1), "ms", 100),
        row("the first search after it", (after.first * 1000).round(1), "ms", 50)
      ]
    end

    def self.shelf(crowd)
      salad = crowd.ask(:get, "/api/salads").body.first.except("id", "version")
      there = crowd.ask(:get, "/api/salads").body.size
      (there...200).each do |count|
        crowd.ask(:post, "/api/salads", salad.merge("key" => "bowl-#{count}", "name" => "Bowl #{count}"))
      end
      first = crowd.ask(:get, "/api/shelf").seconds
      again = Array.new(5) { crowd.ask(:get, "/api/shelf").seconds }.sort[2]
      [
        row("a shelf of 200 salads, asked for again", (again * 1000).round(1), "ms", 150),
        row("the same after every salad has changed", (first * 1000).round(1), "ms", 1000)
      ]
    end

    def self.first_visit(crowd)
      sizes =
        ["/", *crowd.ask(:get, "/").body.scan(%r{(?:src|href)="(/assets/[^"]+)"}).flatten].sum do |path|
          crowd.raw(path)
        end
      sizes += %w[/api/services /api/services/1 /api/services/1/plan].sum { |path| crowd.raw(path) }
      [row("a first visit, compressed", (sizes / 1000.0).round, "kB", 220)]
    end

    # After many plans, days and packets.
    def self.memory(crowd, name)
      curve = [crowd.memory]
      1000.times do |count|
        crowd.ask(:get, "/api/services/#{1 + (count % 2)}/plan") && change(crowd, count) if (count % 4).zero?
      end
      curve << crowd.memory
      60.times { |count| change(crowd, count) && crowd.ask(:get, "/api/services/1/day") }
      curve << crowd.memory
      40.times { |count| change(crowd, count) && crowd.ask(:get, "/api/services/1/packet.pdf") }
      curve << crowd.memory
      [row("#{name} after 250 plans, 60 days and 40 packets (#{curve.join(" → ")})", curve.last, "MB", 250)]
    end

    def self.change(crowd, count)
      version = crowd.ask(:get, "/api/services/1").body["version"]
      crowd.ask(
        :post,
        "/api/services/1/changes",
        { "version" => version, "at" => "service/covers", "value" => 100 + (count % 50) }
      )
    end
    private_class_method :row,
                         :p95,
                         :faults,
                         :one_salad,
                         :own_services,
                         :table,
                         :shelf,
                         :first_visit,
                         :memory,
                         :change
  end
end
