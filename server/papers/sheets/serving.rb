# frozen_string_literal: true

module Scullion
  module Papers
    class Sheets
      # Who does what when, what goes into the bowls, and what stands on the labels and at the pass.
      module Serving
        KEPT = { "plate" => "Over plates", "table" => "Table jugs" }.freeze
        LEGAL = "Your local code and your food-safety lead decide."

        private

        # By cook: what begins when, in order.
        def days
          loose = @day["tasks"].reject { |task| task["placed"] }
          @day["lanes"]
            .select { |lane| lane["kind"] == "cook" }
            .map do |cook|
              rows =
                @day["tasks"]
                  .flat_map do |task|
                    task["segments"]
                      .select { |each| each["lanes"].include?(cook["key"]) }
                      .map { |each| [each["from"], task, each] }
                  end
                  .sort_by(&:first)
                  .map do |from, task, each|
                    lasts = Sheet::Cell.new(each["text"], minutes(each), "min")
                    [moment(from), [task["name"], each["name"]&.downcase].compact.join(", "), lasts, "☐"]
                  end
              rows +=
                loose.map do |task|
                  ["no place", "#{task["name"]}: has no place in this day", task["text"], ""]
                end
              sheet(
                "day-#{key(cook["name"])}",
                "Day: #{cook["name"]}",
                ["Begin", "What", "For", ""],
                rows,
                [5, 11, 3, 1],
                wall: true,
                amounts: [2],
                note: @day.dig("in_place", "said"),
                ats: day_ats
              )
            end
        end

        def minutes(stretch)
          from, to = stretch.values_at("from", "to").map { |iso| DateTime.iso8601(iso) }
          ((to - from) * 1440).round
        end

        def build
          @plan["build"]
            .zip(@plan["waves"])
            .map do |bowls, waves|
              scale =
                bowls["scale"].to_h do |each|
                  [each["at"], cell(each.merge("value" => each["grams"], "unit" => "g"))]
                end
              rows =
                bowls["shares"].each_with_index.flat_map do |share, index|
                  weighed =
                    (
                      if share["in_bowls_grams"]["value"].positive?
                        [amount(share, "per_bowl_grams"), scale[share["at"]]]
                      else
                        ["", ""]
                      end
                    )
                  [
                    [
                      share["step"],
                      share.values_at("name", "pieces").compact.join(", "),
                      *weighed,
                      some(share, "top_grams")
                    ],
                    *bowls["pours"]
                      .select { |pour| pour["after"] == index }
                      .map do |pour|
                        [
                          pour["already"] ? "With it" : "Pour",
                          "Dressing, #{pour["name"].downcase}",
                          amount(pour, "per_bowl_grams"),
                          scale[pour["at"]],
                          ""
                        ]
                      end
                  ]
                end
              rows +=
                bowls["pours"]
                  .reject { |pour| pour["after"] }
                  .map do |pour|
                    [
                      KEPT.fetch(pour["into"], "Kept back"),
                      "Dressing, #{pour["name"].downcase}",
                      "",
                      "",
                      amount(pour, "per_bowl_grams")
                    ]
                  end
              note =
                "#{text(bowls, "batches")} of #{bowls["bowl"]}. #{waves["style_name"]}: #{waves["finish"]} " \
                  "Begin plating #{text(waves, "start_at")}, #{text(waves, "waves")}."
              sheet(
                "build-#{key(bowls["salad"])}",
                "Build: #{bowls["salad_name"]}",
                ["Step", "Into each bowl", "Weigh", "Scale reads", "Held back"],
                rows,
                [5, 6, 4, 4, 4],
                amounts: [2, 3, 4],
                wall: true,
                note: note,
                ats: [bowls["at"], bowls["at"].sub("build", "hold"), *tasks_at(bowls["at"])]
              )
            end
        end

        def labels
          rows =
            lots
              .zip(hold_labels)
              .map do |lot, said|
                times = [made(lot), lot.best, lot.discard].map { |moment| stamp(moment) }
                [said.values_at("name", "batch").compact.join(", "), *times, said["allergens"]]
              end
          sheet(
            "labels",
            "Hold labels",
            ["What", "Ready", "Best until", "Discard by", "Contains"],
            rows,
            [5, 5, 5, 5, 5],
            note: "#{@plan["service"]["rules"]}. #{LEGAL}",
            ats: lots.map(&:task) & day_ats
          )
        end

        def stamp(moment)
          said = "#{moment.date.strftime("%a %-d %b")} #{moment.clock}"
          Sheet::Cell.new(said, "#{moment.date.iso8601} #{moment.clock}")
        end

        def matrix
          allergens =
            @tastes.flat_map { |taste| taste["suits"]["allergens"].map { |each| each["name"] } }.uniq.sort
          diets = @tastes.first["suits"]["diets"].map { |diet| diet["name"] }
          rows =
            allergens.map { |name| [name, *@tastes.map { |taste| contains(taste, name) }] } +
              diets.map do |name|
                [
                  name,
                  *@tastes.map do |taste|
                    taste["suits"]["diets"].find { |each| each["name"] == name }["suits"] ? "yes" : "no"
                  end
                ]
              end + beside + contained
          sheet(
            "matrix",
            "For the front of house",
            ["", *@tastes.map { |taste| taste["name"] }],
            rows,
            [0.38 * @tastes.size, *([1] * @tastes.size)],
            note:
              "May be cross-contact: decide in your kitchen. A serving contains: worked out from tables, " \
                "not analysed.",
            wall: true
          )
        end

        # The recipes in their own words, where salads came from any.
        def written
          rows =
            @roster.plan.portions.flat_map do |portion|
              portion.written.map { |name, said| [portion.salad.name, name, said] }
            end
          return [] if rows.empty?

          [sheet("written", "As the recipes have it", %w[Salad Item Written], rows, [5, 5, 9])]
        end

        # What a serving contains, worked out and not analysed.
        def contained
          rows = { "kj" => "Energy, a serving", "kcal" => "" }
          Salad::Label::ROWS.each { |content, name| rows["#{content}_grams"] = name.capitalize }
          rows.map { |figure, name| [name, *@tastes.map { |taste| taste["label"][figure]["text"] }] } +
            [["Of it looked up", *@tastes.map { |taste| taste["label"]["looked_up"] }]]
        end

        # On the table, and in no salad.
        def beside
          names = @plan["count"].map { |portion| portion.fetch("at_table", []).join(", ") }
          names.all?(&:empty?) ? [] : [["On the table, not in it", *names]]
        end

        def contains(taste, name)
          taste["suits"]["allergens"]
            .find { |each| each["name"] == name }
            &.then { |found| "CONTAINS: #{found["lines"].join(", ")}" } || "–"
        end
      end
    end
  end
end
