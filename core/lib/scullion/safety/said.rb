# frozen_string_literal: true

module Scullion
  module Safety
    # What every hazard can say, whatever it is about: the limits of the house rules, as this house writes
    # them.
    module Said
      GUESTS = {
        "under-ones" => "children under one",
        "pregnant" => "pregnant guests",
        "older" => "old guests",
        "ill" => "ill guests"
      }.freeze

      def guests = asked.guests
      def rules = asked.rules.name
      def cold = writer.celsius(asked.rules.cold_celsius)
      def first_celsius = writer.celsius(asked.rules.fetch("first_celsius"))
      def first_minutes = writer.min(asked.rules.fetch("first_minutes"))
      def cooled_minutes = writer.min(asked.rules.fetch("cooled_minutes"))
      def out_minutes = writer.min(asked.rules.fetch("out_minutes"))
      def ambient_minutes = writer.min(asked.code["ambient_minutes"])
      def boil_minutes = writer.min(asked.code["boil_minutes"])
      def soak_boil_minutes = writer.min(asked.code["soak_boil_minutes"])
      def rice_days = writer.days(asked.code["rice_days"])
      def reheat = asked.core("reheated").text(writer)

      # Those of the service's guests that this is not for.
      def guests_barred = asked.guests.map { |guest| GUESTS.fetch(guest) }.join(", ")

      # Where its sheet stands. @return [String]
      def stage(hand)
        word = at(hand)[/\A[a-z]+/]
        { "needs" => "prep", "waves" => "build" }.fetch(word, word)
      end

      private

      attr_reader :asked

      def writer = asked.writer
    end
  end
end
