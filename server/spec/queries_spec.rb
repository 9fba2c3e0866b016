# frozen_string_literal: true

require_relative "server_helper"

# No answer asks the database once more for each of its rows.
RSpec.describe "Queries", :server do
  def queries(&block)
    count, asked = 0, []
    counting =
      lambda do |*, payload|
        next if %w[TRANSACTION SCHEMA].include?(payload[:name])

        asked << payload[:sql]
        count += 1
      end
    ActiveSupport::Notifications.subscribed(counting, "sql.active_record", &block)
    @asked = asked
    count
  end

  def more_of_everything
    records = Scullion::Records
    house = records::House.ours
    builds = records::Salad.for_planning.to_a.map(&:to_build)
    builds
      .product((1..2).to_a)
      .each do |build, copy|
        fields = Scullion::DocumentReader.new(build.merge("key" => "#{build["key"]}-#{copy}"))
        records::Salad.new.write(Scullion::Salad::Form.read(fields, house))
      end
    service = records::Service.first.to_brief
    3.times do |copy|
      lines = records::Salad.order(:id).offset(copy).limit(1 + copy).map { |salad| { "salad" => salad.key } }
      more = { "name" => "Lunch #{copy}", "date" => "2026-11-2#{5 + copy}", "lines" => lines }
      made = records::Service.new.write(service.merge(more))
      made.ticks.create!(key: "prep/#{copy}")
      made.own_figures.create!(at: "practice/pots/fill", value: 0.5)
    end
    salad = records::Salad.first
    5.times { records::EarlierBuild.keep(salad, salad.to_build) }
  end

  %w[
    /api/services
    /api/salads
    /api/shelf
    /api/ingredients
    /api/ingredients?find=carot
    /api/larder.csv
    /api/larder.json
    /api/kitchen
    /api/house-rules
    /api/weeks/2026-11-24/order
    /api/weeks/2026-11-24/order.csv
    /api/weeks/2026-11-24/wanted
    /api/services/1/plan
    /api/services/1/taste
    /api/services/1/brief
    /api/services/1/day
    /api/services/1/history
  ].each do |path|
    it "of #{path} do not grow with its rows" do
      status = nil
      ask =
        lambda do
          Scullion::App.set :plans, Scullion::Exchange::Plans.new
          status = (get(path, {}, "HTTP_HOST" => "127.0.0.1") && last_response.status)
        end
      ask.call
      before = queries(&ask)
      more_of_everything
      ask.call
      after = queries(&ask)
      expect([status, after - before, @asked.tally.select { |_, times| times > 3 }]).to eq [200, 0, {}]
    end
  end
end
