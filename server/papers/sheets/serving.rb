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
          @day["lanes"]
            .select { |lane| lane["kind"] == "cook" }
            .map do |cook|
              rows =
                @day["tasks"]
                  .flat_map do |task|
                    task["segments"]
                      .select { |each| each["hands"] && each["lanes"].include?(cook["key"]) }
                      .map { |each| [each["from"], task, each] }
                  end
                  .sort_by(&:first)
                  .map do |from, task, each|
                    [
                      moment(from),
                      [task["name"], each["name"]&.downcase].compact.join(", "),
                      each["text"],
                      "☐"
                    ]
                  end
              sheet(
                "day-#{key(cook["name"])}",
                "Day: #{cook["name"]}",
                ["Begin", "What", "For", ""],
                rows,
                [5, 11, 3, 1],
                wall: true,
                amounts: [2]
              )
            end
        end

        def moment(iso) = iso.start_with?(@plan["service"]["date"]) ? iso[11..] : "#{day(iso)} #{iso[11..]}"

        def build
          @plan["build"]
            .zip(@plan["waves"])
            .map do |bowls, waves|
              scale = bowls["scale"].to_h { |each| each.values_at("at", "text") }
              rows =
                bowls["shares"].each_with_index.flat_map do |share, index|
                  weighed =
                    (
                      if share["in_bowls_grams"]["value"].positive?
                        [text(share, "per_bowl_grams"), scale[share["at"]]]
                      else
                        ["", ""]
                      end
                    )
                  [
                    [share["step"], share["name"], *weighed, some(share, "top_grams")],
                    *bowls["pours"]
                      .select { |pour| pour["after"] == index }
                      .map do |pour|
                        [
                          pour["already"] ? "With it" : "Pour",
                          "Dressing, #{pour["name"].downcase}",
                          text(pour, "per_bowl_grams"),
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
                      text(pour, "per_bowl_grams")
                    ]
                  end
              note =
                "#{text(bowls, "batches")} of #{bowls["bowl"]}. #{waves["style_name"]}: #{waves["finish"]} " \
                  "Begin plating #{text(waves, "start_at")}, #{text(waves, "waves")}."
              sheet(
                "build-#{key(bowls["salad"])}",
                "Build: #{bowls["salad_name"]}",
                ["Step", "Into each bowl", "Grams", "Scale reads", "Held back"],
                rows,
                [5, 6, 4, 4, 4],
                amounts: [2, 3, 4],
                wall: true,
                note: note
              )
            end
        end

        def labels
          rows =
            hold_labels.map do |label|
              [label["name"], label["ready"], label["best"], label["discard"], label["allergens"]]
            end
          sheet(
            "labels",
            "Hold labels",
            ["What", "Ready", "Best until", "Discard by", "Contains"],
            rows,
            [5, 5, 5, 5, 5],
            note: "#{@plan["service"]["rules"]}. #{LEGAL}"
          )
        end

        def stamp(moment) = "#{moment.date.strftime("%a %-d %b")} #{moment.clock}"

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
              end
          sheet(
            "matrix",
            "For the front of house",
            ["", *@tastes.map { |taste| taste["name"] }],
            rows,
            [0.38 * @tastes.size, *([1] * @tastes.size)],
            note: "May be cross-contact: decide in your kitchen.",
            wall: true
          )
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
