# frozen_string_literal: true

module Scullion
  # A local moment, counted in minutes that really pass from midnight of the service day: where the clocks
  # change, an hour more or less passes between two readings, and what is counted is what passes. Written as
  # "10:45" on that day and "Fri 4 Dec, 16:30" on any other.
  class Moment
    include Comparable

    # Minutes, of a day without a change of clocks.
    DAY = 1440
    # Days round a service within which a change of clocks counts.
    NEAR = (-15..4).freeze
    KEPT_DAYS = 400

    class << self
      # @param clock [String] "HH:MM" @param days [Integer] after that day
      def at(day, clock, days: 0)
        new(day, minute(day, (days * DAY) + (clock[0, 2].to_i * 60) + clock[3, 2].to_i))
      end

      # @param reading [Integer] minutes that the clocks show since midnight of the day, as if none had
      #   changed
      # @return [Integer] minutes that pass until then
      def minute(day, reading)
        changes(day).reduce(reading) do |passed, (from, by, later)|
          if later ? reading - by >= from : reading < from
            passed - by
          else
            passed
          end
        end
      end

      # What the clocks show, so many minutes after midnight of that day.
      # @return [Integer]
      def reading(day, minutes)
        changes(day).reduce(minutes) do |shown, (from, by, later)|
          counts = later ? minutes >= from : minutes < from
          counts ? shown + by : shown
        end
      end

      private

      # Changes of the clocks near a day: from which minute, by how much they are off against its midnight,
      # and whether they are so after or before that.
      # @return [Array<Array(Integer, Integer, Boolean)>]
      def changes(day)
        @changes ||= {}
        @changes.shift if @changes.size > KEPT_DAYS
        @changes[day] ||= NEAR.filter_map { |days| change_on(day, day + days) }.freeze
      end

      def change_on(day, date)
        from, to = [date, date + 1].map { |each| Time.local(each.year, each.month, each.day) }
        by = (to.utc_offset - from.utc_offset) / 60
        return if by.zero?

        midnight = Time.local(day.year, day.month, day.day)
        into =
          (0..((to - from) / 60).to_i).bsearch do |minute|
            (from + (minute * 60)).utc_offset != from.utc_offset
          end
        [((from - midnight) / 60).round + into, date >= day ? by : -by, date >= day]
      end
    end

    # What a clock shows, as a number to reckon with. @param iso [String] "2026-11-28T09:40"
    # @return [Integer] minutes
    def self.stamp(iso) = (Date.iso8601(iso[0, 10]).jd * DAY) + (iso[11, 2].to_i * 60) + iso[14, 2].to_i

    # The same back. @param stamp [Integer] @return [String]
    def self.clock_of(stamp)
      format("%sT%02d:%02d", Date.jd(stamp.div(DAY)).iso8601, stamp % DAY / 60, stamp % 60)
    end

    attr_reader :day, :minutes

    # @param day [Date] the service day @param minutes [Integer] from its midnight, may be negative
    def initialize(day, minutes)
      @day, @minutes = day, minutes.round
      freeze
    end

    def +(other) = Moment.new(day, minutes + other)
    def -(other) = other.is_a?(Moment) ? minutes - other.minutes : Moment.new(day, minutes - other)
    def <=>(other) = minutes <=> other.minutes
    def date = day + reading.div(DAY)
    def clock = format("%02d:%02d", reading % DAY / 60, reading % 60)
    def iso = "#{date}T#{clock}"
    def to_s = reading.between?(0, DAY - 1) ? clock : "#{date.strftime("%a %-d %b")}, #{clock}"

    # The last minute of the day that is so many days after this one.
    def end_of_day(days)
      Moment.new(day, Moment.minute(day, ((reading.div(DAY) + days + 1) * DAY) - 1))
    end

    private

    # What the clocks show.
    def reading = Moment.reading(day, minutes)
  end
end
