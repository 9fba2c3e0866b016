# frozen_string_literal: true

module Scullion
  module Api
    # The day of a service: solved when asked for, as it is decided and marked so far.
    module Days
      def self.registered(app)
        app.helpers Reading
        app.set :solved_days, Records::SolvedDays.new
        app.set :slow, Once.new(keeps: 8)
        app.set :chances, Once.new(keeps: Records::SolvedDays::KEPT)
        app.get("/api/services/:id/day") { json(roster(service_asked).to_h) }
        app.get("/api/services/:id/day/fixes") do
          service = service_asked
          day, earlier = roster(service), beside_earlier(service).days_before
          json(slowly([day, "fixes"], ->(word) { Day::Fixes.new(day, earlier).to_a(&word) }))
        end
        app.get("/api/services/:id/day/chance") do
          day = roster(service_asked)
          json(settings.chances.of(day) { Apart.run { Day::Chance.new(day).to_h } })
        end
        app.get("/api/services/:id/together") { json(beside_earlier(service_asked).shared_work) }
        app.get("/api/services/:id/day/later") { json(later_days(service_asked)) }
        app.get("/api/services/:id/day/range") { json(roster(service_asked).ranges(params["task"])) }
        app.get("/api/services/:id/day/instance") { json(roster(service_asked).instance.to_h) }

        app.get("/api/services/:id/lots") { json(lots_on_hand(service_asked).to_a) }

        app.post("/api/services/:id/day") do
          service, document = service_asked, body_document
          roster, before = decided(service, with_lots(service, document))
          json(roster.to_h.merge("before" => before))
        end
      end

      # Services of so many days after one may be planned around it.
      LATER = 7

      # Helpers of these routes.
      module Reading
        # Solved before it is kept; where another decision was kept meanwhile, once more on top of that one.
        # @return [Array(Day::Roster, Hash)] the day as decided, and what stood there before
        def decided(service, decision)
          loop do
            seen = service.day
            said = Changes::DayDecision.new(seen || {}, decision)
            roster = roster(service, now: decision["now"], day: said.to_h)
            not_barred(roster, decision)
            keep_decision(service, said.to_h, seen, roster, decision) or service.reload && next
            # What is made with others follows from what is kept.
            moved = said.to_h["together"] != seen.to_h["together"]
            return moved ? roster(service.reload, now: decision["now"]) : roster, said.before
          end
        end

        def lots_on_hand(service)
          Exchange::LotsOnHand.new(service, plan_of(service), record_book.on_hand)
        end

        # What is taken of a lot is kept with its name and its dates, if there is so much of it.
        def with_lots(service, decision)
          if decision["all"]
            return { **decision, "all" => decision["all"].map { |step| with_lots(service, step) } }
          end
          return { **decision, "more" => more_weighed(decision["more"]) } if decision["more"]
          return decision unless decision["lot"]

          there = lots_on_hand(service)
          free?(there, decision["lot"])
          { **decision, "lot" => there.kept(decision["lot"]) }
        end

        def free?(there, row)
          why = there.refusal(row)
          problem 422, why, remedy: "Take another lot, or less of it." if why
        end

        # What this takes of lots that it did not take before is still there to be had: it may be taken back
        # from somebody who has it by now, or at the same moment by two.
        def still_free(service, day, seen)
          taken = day["lots"].to_a.select { |row| row["code"] } - (seen || {})["lots"].to_a
          return if taken.empty?

          Records::Lot.lock.where(code: taken.map { |row| row["code"] }).order(:id).load
          there = lots_on_hand(service)
          taken.each { |row| free?(there, row) }
        end

        # @param more [Hash] in g, or as it is written
        def more_weighed(more)
          grams = more["grams"] || Scullion::Record::Written.read(more["written"].to_s, "g", house.measures)
          return { **more.except("written"), "grams" => grams } if grams&.between?(0.1, 1_000_000)

          problem 422, "#{Fault.shown(more["written"])} is no weight.", remedy: "Write 2 kg, or 800 g."
        end

        # With what the record says of it, or not at all.
        # @return [Boolean] false where another decision was kept meanwhile
        def keep_decision(service, day, seen, roster, decision)
          Records::Service.transaction do
            still_free(service, day, seen)
            kept = service.keep_day(day, seen: seen)
            Records::Keeping.new(service, roster).keep(decision, (seen || {})["marks"] || []) if kept
            kept
          end
        end

        # What is planned around this one. @return [Array<Hash>]
        def later_days(service)
          turn = Records::Together.turn(service)
          near = Records::Service.for_planning.where(date: service.date..(service.date + LATER)).to_a
          later = near.select { |other| Records::Together.before?(service, other, house.practice) }
          later = later.sort_by { |other| Records::Together.turn(other) }.reject { |other| turn == other }
          later
            .zip(Records::EarlierServices.of(later, days_here))
            .map { |other, days| brief_word(other, days) }
        end

        def brief_word(service, days)
          { "id" => service.id, "name" => service.name, **days.roster.brief_word }
        rescue InvalidBrief, UnworkableDay
          {
            "id" => service.id,
            "name" => service.name,
            "first" => "",
            "works" => false,
            "said" => "cannot be laid out"
          }
        end

        # A task with a stop on it is not begun, unless somebody took that on.
        def not_barred(roster, decision)
          begun = [decision, *decision["all"]].filter_map { |step| step["mark"] }
          begun.select! { |mark| mark["state"] == "started" }
          bars =
            begun.flat_map { |mark| roster.instance[mark["task"]]&.then { |task| roster.bars(task) } || [] }
          return if bars.empty?

          problem 422,
                  "This cannot be begun: #{bars.first.what}",
                  stops: bars.map(&:to_h),
                  remedy: "#{bars.first.remedy} Or take it on, with your initials and a reason."
        end

        # @param now [String, nil] local, "2026-11-28T09:40"
        # @param day [Hash, nil] what is decided of it, where that is not kept yet
        # @raise [InvalidBrief] when a decision cannot be
        def roster(service, now: params["now"], day: nil)
          beside_earlier(service).roster(now: now, day: day)
        end

        def beside_earlier(service) = Records::EarlierServices.of([service], days_here).first

        def days_here
          Records::EarlierServices::Kitchen.new(settings.solved_days, settings.plans, house)
        end
      end
    end
  end
end
