# frozen_string_literal: true

module Scullion
  module Safety
    # One prepared food as its hazards see it: what it is, what is done to it, and how it ends up.
    class Line
      include Said

      ASKED = %w[
        guests
        kind
        kind_said
        family
        food
        form
        method
        cut
        tool
        treat
        school
        eaten
        raw
        animal
        handled_raw
        hot
        core
        undercooked
        boil
        soak_water
        washed
        cut_needs_cold
        needs_cold
        not_for_guests
        control
        cooled_by
        rice
        heavy
      ].freeze
      # Litres: a full pot of this size is more than one carries.
      HEAVY = 10
      # Grain of which a set may say that it keeps shorter.
      RICE = /rice/.freeze

      # @param prep [Prep::Line] @param asked [Asked] @param control [Control]
      # @param bowl [String] where it goes in
      def initialize(prep, asked, control, bowl)
        @prep, @asked, @control, @bowl = prep, asked, control, bowl
        @cooking, @component = prep.cooking, prep.component
        @food = asked.kind(@component.ingredient)
      end

      def name = @component.name

      # At the stove, on the bench; what is on neither goes straight into its bowl.
      def at(hand)
        return @cooking.at if @cooking && (hand == "cook" || !@prep.bench?)

        @prep.bench? ? @prep.at : @bowl
      end

      def kind = @food.key
      def kind_name = @food.name
      def kind_said = asked.catalogue.kind_said?(@component.ingredient)
      def family = @component.ingredient.family
      def food = @component.ingredient.key
      def form = @component.form
      def method = @component.cook["method"]
      def cut = @component.cut
      def tool = @prep.tool
      def tool_name = tool && asked.practice.words("tools", tool)["name"]
      def treat = @component.treat
      def why = @food.why
      def animal = @food.animal?
      def hot = @component.method&.parcel&.hot? || false

      # The choices within its method, as "water=soak".
      def school
        @school ||=
          if @cooking
            asked.practice.schools(method).keys.map { |option| "#{option}=#{@cooking.school(option)}" }
          else
            []
          end
      end

      # As it is when it reaches the plate: cooked here, as it comes, or ready to eat when it comes.
      def eaten
        return "cooked" if @component.method

        @food.bought? ? "bought" : "raw"
      end

      def raw = (@food.raw if eaten == "raw")

      # Somebody has it in hand before it is cooked.
      def handled_raw = animal && (@prep.bench? || hot)
      def washed = @food.washed? && eaten == "raw"
      def cut_needs_cold = eaten == "raw" && !cut.nil? && @component.tcs?
      def needs_cold = @component.tcs?
      def heavy = !@cooking.nil? && @cooking.class.in_pot? && @cooking.pot_litres >= HEAVY
      def rice = food.match?(RICE) && asked.code["rice_days"] < asked.rules.fetch("days")

      # Was it cooked at all, and through?
      def undercooked = school.include?("yolk=jammy") || core == "below"
      def not_for_guests = @food.not_for.intersect?(guests) && (eaten != "cooked" || undercooked)
      def guests_barred = (@food.not_for & guests).map { |guest| GUESTS.fetch(guest) }.join(", ")

      # Against what the rules ask of its kind. @return [String, nil]
      def core
        return unless asked_core

        @cooking.core_celsius < asked_core.celsius ? "below" : "met"
      end

      def core_class = asked.catalogue.kind(@component.ingredient).name
      def core_of_kind = (asked_core || asked.core(@food.core || "reheated")).text(writer)
      def core_said = writer.celsius(@cooking.core_celsius)

      # How long common beans boil hard. @return [String, nil] none, short or enough
      def boil
        return unless @cooking.is_a?(Cook::Simmer)
        return "none" if @cooking.hard_boil_minutes.zero?

        @cooking.hard_boil_minutes < asked.code[least_boil] ? "short" : "enough"
      end

      def boil_said = writer.min(@cooking.hard_boil_minutes)
      def soak_water
        @cooking.is_a?(Cook::Simmer) ? { "soak" => "kept" }.fetch(school_of("water"), "fresh") : nil
      end

      # How it is kept from growing what hurts: cold, clock, or none where nothing is.
      def control = @control.of(@cooking)
      def cooled_by = @cooking&.cooled_by
      def depth = writer.cm(@control.depth)

      private

      def asked_core = @asked_core ||= Core.of(@component, asked)
      def least_boil = soak_water == "kept" ? "soak_boil_minutes" : "boil_minutes"
      def school_of(option) = @cooking.school(option)
    end
  end
end
