# frozen_string_literal: true

require "json"
require_relative "core_rows"
require_relative "server_rows"
require_relative "first_page"
require_relative "crowd_rows"
require_relative "reading_rows"
require_relative "left_rows"

rooms = [
  Bench::CoreRows,
  Bench::ReadingRows,
  Bench::LeftRows,
  Bench::ServerRows,
  Bench::FirstPage,
  Bench::CrowdRows
]
figures = rooms.flat_map(&:all)
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
