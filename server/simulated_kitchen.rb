# frozen_string_literal: true

module Scullion
  # A made-up kitchen at work, with a fixed seed: services that are over, every task begun and done by
  # somebody, weighed, measured and read as a kitchen does whose carrots lose more, whose barley drinks more
  # and whose cooks cut slower than is planned; one tray is too warm and mended; something is left. All is
  # kept by way of the product's own record.
  class SimulatedKitchen
    SEED = 11
    # Days ago, name, covers, salads.
    SERVICES = [
      [20, "Ringing course lunch", 60, %w[barley-roast-carrot-dill]],
      [17, "Volunteers' lunch", 90, %w[barley-roast-carrot-dill chickpea-fennel]],
      [13, "Boat crew supper", 45, %w[barley-roast-carrot-dill potato-bean-gherkin]],
      [9, "Count training lunch", 80, %w[barley-roast-carrot-dill chickpea-fennel]],
      [6, "Harbour school visit", 110, %w[barley-roast-carrot-dill potato-bean-gherkin]],
      [1, "Warden's lunch", 50, %w[barley-roast-carrot-dill chickpea-fennel]]
    ].freeze
    FROM, TO = "12:00", "13:30"
    # What is true here, for a planned one.
    TRIMMED = { "carrot" => 0.93, "fennel" => 0.9, "cucumber" => 1.03 }.freeze
    COOKED = { "pearl-barley" => 1.07, "dry-chickpeas" => 0.97 }.freeze
    SLOWER, WATER, CAME = 1.2, 1.06, 0.93
    NOISE = 0.03
    # The service with a tray that was too warm, the one where the tray was weighed in, and the last one.
    WARM, TRAY_WEIGHED, LAST = 2, 3, 5
    READ_AT = [20, 60, 110, 180, 240].freeze

    # @param today [Date]
    def initialize(today)
      @today, @dice = today, Random.new(SEED)
    end

    # Into the database that is open, with the demo's salads in it.
    # @return [Array<Records::Service>]
    def work = SERVICES.each_with_index.map { |row, index| served(index, *row) }

    private

    def served(index, ago, name, covers, salads)
      service = write(@today - ago, name, covers, salads)
      @index, @service = index, service
      @plan = Plan.for(Exchange::Briefing.brief(service, Records::House.ours))
      @roster = Day::Roster.new(@plan)
      @sheet = @roster.to_h
      @sheet["tasks"]
        .select { |task| task["placed"] }
        .sort_by { |task| task["end"] }
        .each { |task| done(task) }
      close
      service
    end

    def write(date, name, covers, salads)
      lines = salads.map { |key| { "salad" => key } }
      Records::Service.new.write(
        {
          "name" => name,
          "date" => date.iso8601,
          "from" => FROM,
          "to" => TO,
          "covers" => covers,
          "over_prep" => Service::OVER_PREP,
          "lines" => lines
        }
      )
    end

    def noise = 1 + (NOISE * ((2 * @dice.rand) - 1))
    def by(task) = task["segments"].filter_map { |segment| segment["cook"] }.first || "ML"

    # Begun as planned, and done as slowly as it goes here.
    def done(task)
      minutes = task["minutes"]
      minutes = (minutes * SLOWER * noise).round if task["key"].include?("/cut")
      ended = moment(task["start"], minutes)
      mark(task, "started", task["start"])
      mark(task, "done", ended)
      prep(task, ended) if task["stage"] == "prep"
      cooked(task) if task["stage"] == "cook"
    end

    def mark(task, state, at)
      decision = { "mark" => { "task" => task["key"], "state" => state, "at" => at }, "by" => by(task) }
      Records::Keeping.new(@service, @roster, now: utc(at)).keep(decision)
    end

    def moment(iso, minutes) = (Time.iso8601("#{iso}:00Z") + (minutes * 60)).strftime("%Y-%m-%dT%H:%M")
    def utc(iso) = Time.iso8601("#{iso}:00Z")

    # Once for each that is trimmed, where its last part is done.
    def prep(task, ended)
      line = @plan.preps.find { |each| task["key"].start_with?("#{each.at}/") } or return
      return unless line.component.trim && last_of?(line, task)

      bought = line.ap_grams * noise
      kept = bought * line.trim_yield * TRIMMED.fetch(line.ingredient.key, 1.0) * noise
      weigh(task, ended, "bought", bought)
      weigh(task, ended, "trimmed", [kept, bought].min)
    end

    def last_of?(line, task)
      task["key"] ==
        @sheet["tasks"]
          .select { |each| each["key"].start_with?("#{line.at}/") }
          .max_by { |each| each["end"] }[
          "key"
        ]
    end

    def cooked(task)
      sheet = @plan.cooking.find { |each| each.at == task["at"] } or return
      out = out_of_heat(task)
      weighed = sheet.need.cooked_grams * COOKED.fetch(sheet.ingredient.key, 1.0) * noise
      weighed *= 1.4 if @index == TRAY_WEIGHED && task["key"] == "cook/0"
      if sheet.respond_to?(:all_water_grams)
        note(task, out, "water", nil, sheet.all_water_grams * WATER * noise)
      end
      note(task, out, "temperature", "core", (92 + (4 * @dice.rand)).round(1))
      weigh(task, out, "cooked", weighed)
      cool(task, out) if chills?(task)
    end

    # When its last hands before the cold let go.
    def out_of_heat(task)
      cold = task["segments"].find { |segment| segment["name"] == "Chills" }
      (cold || task["segments"].last)["from"]
    end

    def chills?(task) = task["segments"].any? { |segment| segment["name"] == "Chills" }

    # From hot towards the cold room, in so many minutes e times nearer.
    def cool(task, out)
      late = @index == WARM && task["key"] == "cook/0"
      pace = late ? 95.0 : 52.0 * noise
      READ_AT.each do |minutes|
        # Split into shallow trays where it was called late.
        shown =
          (
            if late && minutes > 110
              27.0 * Math.exp(-(minutes - 110) / 40.0)
            else
              3 + (72 * Math.exp(-minutes / pace))
            end
          )
        note(task, moment(out, minutes), "temperature", "cooling", [shown, 2.5].max.round(1))
        said(task, moment(out, minutes + 2)) if late && minutes == 110
      end
    end

    def said(task, at)
      note(
        task,
        at,
        "note",
        nil,
        nil,
        note: "Too warm for its time: split into two trays of 2.5 cm, into the chiller."
      )
    end

    def weigh(task, at, of, grams) = note(task, at, "weighed", of, grams.round(-1))

    def note(task, at, kind, of, value, **more)
      unit = @plan.brief.practice.words("record", "kinds").fetch(kind)["unit"]
      keep(
        {
          at: utc(at).iso8601,
          clock: at,
          by: by(task),
          kind: kind,
          of: of,
          task: task["key"],
          about: task["name"]
        }.merge(value: value, unit: value && unit).merge(more)
      )
    end

    def keep(facts)
      entry = Record::Entry.new(uid: SecureRandom.uuid, service: @service.id, **facts.compact)
      Records::Entry.keep(entry, now: Time.iso8601(facts[:at]))
    end

    # Covers served, what is left of each salad, and what becomes of it.
    def close
      at = "#{@service.date.iso8601}T14:10"
      came = (@service.covers * CAME * noise).round
      closing = { at: utc(at).iso8601, clock: at, by: "ML" }
      keep({ **closing, kind: "served", value: came, unit: "covers" })
      Records::Lot
        .where(service: @service.id)
        .where("task LIKE 'build/%/mix%'")
        .order(:id)
        .each_with_index do |lot, index|
          left = (lot.grams * 0.06 * noise).round(-1)
          keep(
            { **closing, kind: "weighed", of: "left", lot: lot.code, about: lot.name, value: left, unit: "g" }
          )
          of = index.zero? ? "given" : "thrown"
          keep({ **closing, kind: "weighed", of: of, lot: lot.code, about: lot.name, value: left, unit: "g" })
        end
      kept(closing)
    end

    # Half of a thing is kept for another day; of the last service, so that the cold room holds something.
    def kept(closing)
      return unless @index == LAST

      Records::Lot
        .where(service: @service.id)
        .where.not(preparation: nil)
        .order(:id)
        .each do |lot|
          left = lot.discard > "#{@today.iso8601}T23:59" ? (lot.grams * 0.25).round(-1) : 0.0
          keep(
            { **closing, kind: "weighed", of: "left", lot: lot.code, about: lot.name, value: left, unit: "g" }
          )
        end
    end
  end
end
