# frozen_string_literal: true

module Scullion
  module Cook
    # What every method in a pot shares: which pot, how full, how many batches. The method says
    # how much raw food a pot takes (room_for) and declares most_dry_grams and dry_grams.
    module InPot
      extend Worksheet::Figures

      # Litres to cubic centimetres, square metres to square centimetres.
      CM3 = 1000.0
      CM2 = 10_000.0

      attr_reader :pot

      assumption :most_full, "Never fuller than", :share, book: :practice, at: "pots/fill"
      decision(
        :pot_litres,
        "The pot holds",
        :litre,
        change: nil,
        source: -> { "#{pot.name} in your kitchen." }
      ) { pot.litres }
      decision(
        :pot_area,
        "The pot's area",
        :square_metre,
        change: nil,
        source: -> { "#{pot.name} in your kitchen." },
        shown: false
      ) { pot.area }
      decision(
        :pot_height,
        "The pot's height",
        :cm,
        change: nil,
        source: -> { "#{pot.name} in your kitchen." },
        shown: false
      ) { pot.height_cm.to_f }
      figure(
        :batches,
        "Batches",
        :batches,
        how: "raw ÷ most the pot takes, rounded up; one if it takes none"
      ) do |dry_grams, most_dry_grams|
        most_dry_grams.positive? ? [Amount::Whole.up(dry_grams / most_dry_grams), 1].max : 1
      end
      figure(:batch_dry_grams, "Raw, each batch", :g, how: "raw ÷ batches") do |dry_grams, batches|
        dry_grams / batches
      end
      figure(
        :batch_finished_grams,
        "Finishes at",
        :g,
        how: "finished weight ÷ batches"
      ) { |finished_grams, batches| finished_grams / batches }
      gather(:levels) { lines.map { |line| [self, line] } }
      figure(
        :headroom_cm,
        "Headroom",
        :cm,
        how: "the pot's height − the highest line"
      ) { |pot_height, levels| pot_height - levels.max }

      def initialize(at, need, brief)
        super
        @pot =
          kitchen.pot(component.cook["pot"]) || kitchen.pots.find { |pot| dry_grams <= room_for(pot) } ||
            kitchen.pots.last
      end

      def raw_name = :dry_grams
      def picture = { "each" => batches > 1 }.merge(super.except("each"))

      def rounds(beside) = batches.fdiv(at_once(beside)).ceil
      def short_of(beside) = rounds(beside) > 1 ? kind_of_pot : nil
      def demands(beside)
        [
          Demand.new(kind: "burner", amount: at_once(beside)),
          Demand.new(kind: kind_of_pot, amount: at_once(beside))
        ]
      end

      def words
        super.merge(
          "pot" => {
            "key" => pot.key,
            "name" => pot.name,
            "diameter_cm" => pot.diameter_cm,
            "height_cm" => pot.height_cm
          },
          "pots" => kitchen.pots.map { |other| { "key" => other.key, "name" => other.name } },
          "most_full" => most_full
        )
      end

      def snags
        return [no_room] unless most_dry_grams.positive?

        [*no_such_pot, *in_batches]
      end

      private

      # kg per m² and hour that boil off under a lid (a key of facts/practice/evaporation): of a pot that
      # was weighed what it boils off, whatever the house has set for the others; else as the house has it.
      def boils_off(pot, lid)
        if pot.boil_factor
          practice.figures.shipped("evaporation/#{lid}") * pot.boil_factor
        else
          practice.fetch("evaporation/#{lid}")
        end
      end

      # The same for the pot that was chosen: where it stands, or that it was weighed.
      def rate_at(lid) = ("evaporation/#{lid}" unless pot.boil_factor)
      def weighed_rate(lid) = [boils_off(pot, lid), "#{pot.name}: weighed in your kitchen."]

      def kind_of_pot = "pot-#{pot.key}"

      # Batches that cook side by side.
      def at_once(beside)
        [
          batches.to_i,
          1 + beside.more(kind_of_pot),
          kitchen.burners.sum(&:count) + beside.more("burner")
        ].min.clamp(1, nil)
      end

      def no_such_pot
        wanted = component.cook["pot"]
        return [] if wanted.nil? || kitchen.pot(wanted)

        [
          snag(
            "look",
            "#{need.name} is meant for a pot this kitchen has not (#{wanted}).",
            "Planned in the #{pot.name}: choose another, or add the pot to the kitchen."
          )
        ]
      end

      def in_batches
        return [] if batches == 1

        [
          snag(
            "look",
            "#{need.name} does not fit one pot: #{batches} batches of #{writer.g(batch_dry_grams)} raw in " \
              "the #{pot.name}.",
            "Use #{batches} pots side by side, or cook one batch after the other."
          )
        ]
      end

      # Levels in the pot, by name.
      def lines = %i[water_line_cm]

      def no_room
        snag(
          "stop",
          "The #{pot.name} cannot hold #{need.name} and its water.",
          "Use a deeper or narrower pot, or check the figures.",
          "no-room"
        )
      end
    end
  end
end
