# frozen_string_literal: true

module Scullion
  # A local wall-clock moment, counted in minutes from midnight of the service day. Written as
  # "10:45" on that day and "Fri 4 Dec, 16:30" on any other.
  class Moment
    include Comparable

    # Minutes.
    DAY = 1440

    attr_reader :day, :minutes

    # @param day [Date] the service day @param minutes [Integer] from its midnight, may be negative
    def initialize(day, minutes)
      @day, @minutes = day, minutes.round
      freeze
    end

    # @param clock [String] "HH:MM"
    def self.at(day, clock) = new(day, (clock[0, 2].to_i * 60) + clock[3, 2].to_i)

    def +(other) = Moment.new(day, minutes + other)
    def -(other) = other.is_a?(Moment) ? minutes - other.minutes : Moment.new(day, minutes - other)
    def <=>(other) = minutes <=> other.minutes
    def date = day + minutes.div(DAY)
    def clock = format("%02d:%02d", minutes % DAY / 60, minutes % 60)
    def iso = "#{date}T#{clock}"
    def to_s = minutes.between?(0, 1439) ? clock : "#{date.strftime("%a %-d %b")}, #{clock}"

    # The last minute of the day that is so many days after this one.
    def end_of_day(days) = Moment.new(day, ((minutes.div(DAY) + days + 1) * DAY) - 1)
  end
end
