# frozen_string_literal: true

require_relative "server_helper"
require_relative "../../core/spec/random_salads"

# Every paper and file of any legal salad is made, and says only numbers.
RSpec.describe "The papers of any legal salad" do
  include AnyLegalSalad

  each_day =
    lambda do |spec, seeds, &block|
      spec.each_plan(seeds, most_covers: 400, most_grams: 300) do |plan, seed|
        block.call(Scullion::Day::Roster.new(plan), seed)
      end
    end

  it "are lists, a packet, labels and a calendar" do
    each_day.call(self, 401..416) do |roster, seed|
      sheets = Scullion::Papers::Sheets.new(roster)
      expect_numbers(sheets.all.map(&:to_csv).join, seed)
      expect_numbers(
        sheets.hold_labels.map { |label| Scullion::Papers::LabelPicture.new(label).to_svg }.join,
        seed
      )
      expect_numbers(Scullion::Papers::DayCalendar.new(1, roster).to_ical, seed)
      expect(Scullion::Papers::Packet.new(sheets, "a4").render).to start_with("%PDF") if (seed % 4).zero?
    end
  end

  it "are one order for the week, what a short delivery serves, and portions weighed" do
    plans = []
    each_plan(425..448) do |plan, seed|
      plans << plan
      plan.purchases.each do |line|
        expect_numbers(
          Scullion::Buy::ShortDelivery.new(plan, line.ingredient.key, line.need_grams / 2, swap).to_h,
          seed
        )
      end
      plan.waves.each do |waves|
        expect_numbers(Scullion::Build::CheckWeigh.new(waves, [300.0, 310.0]).to_h, seed)
      end
      expect_numbers(Scullion::Plan::Difference.new(plans[-2] || plan, plan).to_a, seed)
    end
    order = Scullion::Papers::WeekOrder.new(Date.new(2026, 11, 23), plans)
    expect_numbers(order.to_h, "week")
    expect_numbers(order.sheet({}).to_csv, "week")
  end

  def swap = house.swap
end
