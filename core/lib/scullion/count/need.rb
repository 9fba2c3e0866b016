# frozen_string_literal: true

module Scullion
  module Count
    # One preparation for the whole service: prepped and cooked once, split over its salads.
    class Need < Worksheet
      attr_reader :layers, :component

      gather(:of_salads, :finished_grams) { layers }
      decision(
        :for_others_grams,
        "For other services",
        :g,
        change: nil,
        shown: false,
        source: -> do
          others.empty? ? "It is made for this service alone." : "Made here for #{others_in_words}."
        end
      ) { others.sum(0.0, &:grams) }
      decision(
        :from_lots_grams,
        "From lots on hand",
        :g,
        change: nil,
        shown: false,
        source: -> { lots.empty? ? "None of it is on hand." : "On hand, and taken: #{lots_in_words}." }
      ) { brought ? 0.0 : lots.sum(0.0, &:grams) }
      figure(
        :finished_grams,
        "Ready to serve",
        :g,
        how:
          "added up over the salads that use it, and what is made here for other services, without what is " \
            "taken of lots on hand"
      ) { |of_salads, for_others_grams, from_lots_grams| of_salads.sum + for_others_grams - from_lots_grams }

      assumption :mashed,
                 "Left after the treatment",
                 :share,
                 book: :ingredient,
                 none: [1.0, "Nothing is done to it once cooked."],
                 at: -> { component.treat_at if treated_after? }
      figure(
        :cooked_grams,
        "Out of the pot",
        :g,
        how: "ready to serve ÷ left after the treatment",
        shown: false
      ) { |finished_grams, mashed| finished_grams / mashed }

      # g that no one makes for itself: where lots leave less than that to make, they are all of it.
      LEAST_MADE = 1.0

      # What is made here for other services; what is taken of lots on hand; and who makes it for this one, or
      # which lots are all of it, nil for nobody.
      # @return [Array<Day::Progress::More>] @return [Array<Day::Progress::OnHand>]
      # @return [Day::Progress::Brought, nil]
      attr_reader :others, :lots, :brought

      # @param progress [Day::Progress]
      def initialize(at, layers, progress)
        super(at)
        @layers, @component = layers, layers.first.component
        preparation = component.preparation
        @others, @lots = progress.makes.fetch(preparation, []), progress.lots.fetch(preparation, [])
        @brought = progress.brings[preparation] || all_of_lots
      end

      def others_in_words = others.map { |more| "#{more.name}, #{writer.g(more.grams)}" }.join("; ")
      def lots_in_words = lots.map { |lot| "#{lot.name}, #{writer.g(lot.grams)}" }.join("; ")

      # @return [Array<Need>] one per preparation, in the order they are first met
      def self.of(portions, progress)
        portions
          .flat_map(&:layers)
          .group_by { |layer| layer.component.preparation }
          .values
          .each_with_index
          .map { |layers, index| new("needs/#{index}", layers, progress) }
      end

      # Of what is counted on the plate, in all the salads that count it. @return [Integer] 0 where none does
      def pieces = layers.select { |layer| layer.component.pieces }.sum(&:pieces)
      def pieces_in_words = pieces.positive? ? layers.first.writer.write(pieces, :pieces) : nil

      # What the recipes write of it. @return [String, nil]
      def written
        rows = layers.filter_map { |layer| layer.component.written }.uniq
        rows.join("; ") if rows.any?
      end

      def ingredient = component.ingredient
      def practice = layers.first.practice
      def name = component.name

      # The salad and the place in it where this preparation is first met.
      def salad_key = layers.first.portion.salad.key
      def place = layers.first.index

      # Mashing and the like come after the pot; other treatments before it.
      def treated_after?
        !!(component.treat && component.method && practice.words("treats", component.treat)["after_cooking"])
      end

      # Where another service makes it for this one or has some of it. @return [String, nil]
      def shared
        if brought&.lot
          "#{name}: #{writer.g(finished_grams)} come from #{brought.name}; none of it is made."
        elsif brought
          "#{name}: #{writer.g(finished_grams)} come with #{brought.name}, which makes it for both."
        elsif lots.any?
          "#{name}: #{writer.g(finished_grams)} are made; on hand are #{lots_in_words}."
        elsif others.any?
          "#{name}: #{writer.g(finished_grams)} in all, of which for #{others_in_words}."
        end
      end

      def words
        {
          "at" => at,
          "name" => name,
          "ingredient" => ingredient.key,
          "others" => (others_in_words if others.any?),
          "brought" => brought&.name,
          "lots" => (lots_in_words if lots.any?),
          "for" =>
            layers.map do |layer|
              { "salad" => layer.portion.salad.key, "grams" => layer.finished_grams.round(4) }
            end
        }.compact
      end

      # A lot that is to be thrown before the last guest is served.
      # @return [Array<Snag>]
      def snags
        to = layers.first.portion.service.to.minutes
        lots.select { |lot| lot.discard && lot.discard < to }.map { |lot| past_its_date(lot) }
      end

      private

      def past_its_date(lot)
        date = layers.first.portion.service.from.date
        Snag.new(
          severity: "stop",
          hazard: "lot-past-its-date",
          stage: "hold",
          what:
            "#{name}: #{lot.name} is to be thrown by #{
              Moment.new(date, lot.discard)
            }, before the last guest.",
          remedy: "Give it back, and make it fresh."
        )
      end

      # They are enough for all of it.
      def all_of_lots
        needed = layers.sum(&:finished_grams) + others.sum(0.0, &:grams)
        return if lots.empty? || needed - lots.sum(&:grams) >= LEAST_MADE

        Day::Progress::Brought.new(
          name: lots.map(&:name).join(" and "),
          best: lots.filter_map(&:best).min,
          discard: lots.filter_map(&:discard).min,
          lot: true
        )
      end
    end
  end
end
