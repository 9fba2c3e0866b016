# frozen_string_literal: true

module Scullion
  module Papers
    class Sheets
      # What can hurt somebody: the first page of the packet, and on each sheet its own.
      module Safe
        # How what is cooked is kept safe.
        WAYS = {
          "cold" => "spread and into the cold at once, or iced",
          "clock" => "on the clock: what is left is not kept",
          "none" => "NOTHING COOLS IT"
        }.freeze
        WHO_SIGNS = "Read by ____________   at ______"

        private

        # Stops, looks, what the day cannot do, and who signs.
        def before_you_cook
          grave = @roster.hazards.reject { |finding| finding.grave == "mind" }
          rows = Warning.of(grave).zip(places(grave)).map { |each, place| [each.word, place, each.text, "☐"] }
          rows += other_snags(grave)
          rows += @day["says"].map { |said| ["Day", "the day does not work", said, "☐"] }
          rows << ["None", "", "No stop and nothing to look at.", ""] if rows.empty?
          rows += minds.map { |each| ["Mind", "", each.text, ""] }
          sheet(
            "before-you-cook",
            "Before you cook",
            ["", "Where", "What, and what to do", ""],
            [*rows, ["Sign", "", WHO_SIGNS, ""]],
            [3, 5, 11, 1.3],
            wall: true,
            note: "#{@plan["service"]["rules"]}. #{rules_in_words} #{Serving::LEGAL}"
          )
        end

        # What else the plan must be looked at for: no oven of that heat, too long out of the cold.
        def other_snags(grave)
          said = grave.map(&:what)
          others = @plan["snags"].reject { |snag| said.include?(snag["what"]) }
          others.map do |snag|
            [
              snag["severity"] == "stop" ? "STOP" : "Look",
              snag["stage"],
              "#{snag["what"]} #{snag["remedy"]}",
              "☐"
            ]
          end
        end

        def rules_in_words
          brief = @roster.plan.brief
          brief.rules.limits_in_words(brief.practice.writer)
        end

        # Of the service as a whole.
        def minds
          Warning.of(@roster.hazards.select { |each| each.grave == "mind" && each.at == "service" })
        end

        # Whose each line is.
        def places(findings)
          findings
            .group_by { |each| [each.hazard, each.grave, each.line.sub(each.about, "")] }
            .values
            .map { |same| same.map(&:about).uniq.join(", ") }
        end

        # @param ats [Array<String>] of sheets and tasks
        def warnings(ats) = Warning.of(@roster.hazards.select { |finding| ats.include?(finding.at) })

        # Tasks of what stands at a sheet.
        def tasks_at(at) = @day["tasks"].filter_map { |task| task["key"] if task["at"] == at }

        # What every cook must know of the day: what breaks a rule on its way, and what has no place.
        def day_ats = @roster.hazards.filter_map { |finding| finding.at if finding.stage == "day" }.uniq

        def stop_on(lot)
          ats = [lot.task, @roster.instance[lot.task].about["at"]]
          @roster.hazards.find { |finding| finding.stop? && ats.include?(finding.at) }&.what
        end

        # How what is cooked is kept safe, on its own sheet.
        def kept_safe(line)
          cooking = @roster.plan.cooking.find { |each| each.at == line["at"] }
          way = @roster.plan.control.of(cooking)
          core = line.dig("core", "text")
          [*([["Core", core]] if core), *([["Then", WAYS.fetch(way)]] if way)]
        end
      end
    end
  end
end
