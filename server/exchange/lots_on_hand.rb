# frozen_string_literal: true

module Scullion
  module Exchange
    # What is on hand of what a service needs: lots of the same preparation that are good until its last
    # guest, first to expire first, each with how much of it would be taken; and what is taken already.
    class LotsOnHand
      # @param service [Records::Service] @param plan [Plan] of it @param held [Array<Record::ColdRoom::Held>]
      def initialize(service, plan, held)
        @service, @plan, @held = service, plan, held
        @taken = (service.day || {})["lots"] || []
      end

      # @return [Array<Hash>] by need; ready for JSON
      def to_a = @plan.needs.map { |need| row(need, lots_of(need)) }

      # Why so much of a lot cannot be taken. @param step [Hash] preparation, code and grams
      # @return [String, nil]
      def refusal(step)
        held = held(step) or return "There is no lot #{step["code"]}."
        lot, free = held.lot, free(held)
        return "Lot #{lot.code} is something else." unless lot.preparation == step["preparation"]
        return "Lot #{lot.code} is gone." unless held.state == "there"
        return past(lot) unless good?(lot)

        too_much(lot, free) if free && step["grams"] > free + nothing
      end

      # @param step [Hash] one that nothing speaks against @return [Hash] as the day keeps it
      def kept(step)
        lot = held(step).lot
        step
          .slice("preparation", "code", "grams")
          .merge("name" => "lot #{lot.code}", "best" => lot.best, "discard" => lot.discard)
          .compact
      end

      private

      def held(step) = @held.find { |each| each.lot.code == step["code"] }
      def nothing = Record::ColdRoom.nothing(@plan.brief.practice)
      def writer = @plan.brief.practice.writer
      def last_guest
        to = @plan.brief.service.to
        "#{to.date.iso8601}T#{to.clock}"
      end

      def good?(lot) = lot.discard >= last_guest

      def past(lot)
        "Lot #{lot.code} is to be thrown by #{
          lot.discard.tr("T", " ")
        }, before the last guest of this service."
      end

      def too_much(lot, free) = "Of lot #{lot.code} #{writer.g(free)} are free."

      # g that no other service has.
      def free(held)
        others = held.promised.reject { |each| each.service == @service.id }
        held.grams && [held.grams - others.sum(0.0, &:grams), 0.0].max
      end

      # Not what this service makes for itself.
      def lots_of(need)
        @held
          .select do |held|
            lot = held.lot
            lot.preparation == need.component.preparation && held.state == "there" && good?(lot) &&
              lot.service != @service.id && free(held).to_f >= nothing
          end
          .sort_by { |held| [held.lot.discard, held.lot.code] }
      end

      def row(need, lots)
        needed = need.layers.sum(&:finished_grams)
        {
          "preparation" => need.component.preparation,
          "name" => need.name,
          "colour" => need.ingredient.colour,
          "needed" => writer.g(needed),
          "more" => more(need),
          "lots" => shares(need, lots, needed)
        }.compact
      end

      # What is made of it on purpose beyond that, in words.
      def more(need)
        rows = (@service.day || {})["more"].to_a.select { |row| of?(row, need) }
        rows.map { |row| "#{writer.g(row["grams"])} for #{row["for"]}" }.first
      end

      # As much of each as is still needed.
      def shares(need, lots, needed)
        lots.map do |held|
          taken = @taken.find { |each| each["code"] == held.lot.code && of?(each, need) }
          grams = taken ? taken["grams"] : [free(held), needed].min.floor(1)
          needed = [needed - grams, 0].max
          lot(held, grams, taken)
        end
      end

      def of?(row, need) = row["preparation"] == need.component.preparation

      def lot(held, grams, taken)
        {
          "code" => held.lot.code,
          "text" => writer.g(free(held)),
          "grams" => grams,
          "takes" => writer.g(grams),
          "leaves" => writer.g([free(held) - grams, 0].max),
          "made" => held.lot.made,
          "discard" => held.lot.discard,
          "of" => held.lot.service_name,
          "taken" => !taken.nil?
        }
      end
    end
  end
end
