# frozen_string_literal: true

module Scullion
  module Papers
    # A service on paper: every list that the crew needs, as plain tables that the packet sets in
    # type and that go out as CSV.
    class Sheets
      # wall: set large, to be read from two metres. widths: of the columns, against each other.
      # amounts: columns of numbers, which stand under each other.
      Sheet =
        Struct.new(:key, :title, :note, :head, :rows, :widths, :wall, :amounts, keyword_init: true) do
          def to_csv
            CSV.generate { |csv| [head, *rows].each { |row| csv << row.map { |cell| safe(cell.to_s) } } }
          end

          private

          # A spreadsheet must not take a name for a formula.
          def safe(text) = text.match?(/\A[=+@\t\r]/) ? "'#{text}" : text
        end

      KEPT = { "plate" => "Over plates", "table" => "Table jugs" }.freeze
      LEGAL = "Your local code and your food-safety lead decide."

      # @param roster [Day::Roster]
      def initialize(roster)
        @roster, @plan, @day = roster, roster.plan.to_h, roster.to_h
        @tastes = roster.plan.taste.to_a
      end

      # @return [Array<Sheet>] in the order the packet has them
      def all = [order, *prep, *cook, *dressing, *days, *build, labels, matrix]

      def title = @plan["service"]["name"]

      def subtitle
        "#{Date.iso8601(@plan["service"]["date"]).strftime("%a %-d %b %Y")}, #{@plan["service"]["from"]} " \
          "to #{@plan["service"]["to"]}, #{@plan["service"]["covers"]} covers"
      end

      # What is labelled: preparations when they are ready, salads when they are dressed.
      # @return [Array<Hash>] name, ready, best, discard, allergens, rules
      def hold_labels
        Day::HoldLabels
          .new(@roster)
          .to_a
          .map do |label|
            {
              "name" => label.name,
              "ready" => stamp(label.ready),
              "best" => stamp(label.best),
              "discard" => stamp(label.discard),
              "allergens" => label.allergens.empty? ? "none of the 14" : label.allergens.join(", "),
              "rules" => @plan["service"]["rules"]
            }
          end
      end

      private

      def sheet(key, title, head, rows, widths, note: nil, wall: false, amounts: [])
        Sheet.new(
          key: key,
          title: title,
          note: note,
          head: head,
          rows: rows,
          widths: widths,
          wall: wall,
          amounts: amounts
        )
      end

      def text(sheet, name) = sheet.fetch(name).fetch("text")

      # Nothing where there is none.
      def some(sheet, name) = sheet[name]["value"].positive? ? text(sheet, name) : ""
      def day(iso) = Date.iso8601(iso[0, 10]).strftime("%a %-d %b")

      def order
        dates = @day["needed_by"].to_h { |each| each.values_at("ingredient", "date") }
        rows =
          @plan["buy"].map do |line|
            [
              line["section"],
              line["name"],
              line["order"],
              text(line, "need_grams"),
              some(line, "on_hand_grams"),
              dates[line["ingredient"]]&.then { |date| day(date) },
              text(line, "surplus_grams"),
              text(line, "cost")
            ]
          end
        sheet(
          "order",
          "Order",
          ["Section", "Item", "Order", "Needed", "On hand", "Wanted by", "Over", "Price"],
          rows,
          [7, 7, 6, 4.5, 4, 5.5, 4, 3.5],
          amounts: [2, 3, 4, 6, 7]
        )
      end

      def prep
        lines = @plan["prep"].to_h { |line| [line["at"], line] }
        @plan["benches"].map do |bench|
          rows =
            lines
              .values_at(*bench["lines"])
              .map do |line|
                [
                  line["name"],
                  text(line, "ap_grams"),
                  [line["trim"], line.dig("cut", "name"), line.dig("treat", "name")].compact.join(", "),
                  text(line, "ready_grams"),
                  text(line, "hands_minutes")
                ]
              end
          sheet(
            "prep-#{key(bench["name"])}",
            "Prep: #{bench["name"]}",
            ["Item", "As bought", "Do", "Ready", "Minutes"],
            rows,
            [5, 4, 6, 4, 4],
            wall: true,
            amounts: [1, 3, 4],
            note: cautions(lines.values_at(*bench["lines"]))
          )
        end
      end

      def cautions(lines)
        lines.flat_map { |line| line["cautions"] }.uniq.join(" ").then { |said| said unless said.empty? }
      end

      def cook
        @plan["cook"].map do |line|
          rows =
            line["facts"].filter_map do |fact|
              line[fact["name"]]&.then do |figure|
                [fact["label"], figure["text"]] unless figure["value"].to_f.zero?
              end
            end
          sheet(
            "cook-#{key(line["name"])}",
            "Cook: #{line["name"]}",
            ["What", "How much"],
            [*rows, ["Done when", line["done"]]],
            [4, 6],
            note: ["#{line["setting"]}.", *line["cautions"]].join(" "),
            wall: true
          )
        end
      end

      def dressing
        @plan["dress"].map do |batch|
          parts =
            batch["parts"].map do |part|
              [
                part["name"],
                text(part, "grams"),
                text(part, "ml"),
                part["strong"] ? "begin with #{text(part, "start_grams")}" : ""
              ]
            end
          stages =
            batch["stages"].map do |stage|
              ["→ #{stage["name"]}", text(stage, "grams"), text(stage, "ml"), stage["when"]]
            end
          sheet(
            "dressing-#{key(batch["salad"])}",
            "Dressing: #{batch["name"]}",
            %w[Part Weigh Measure Note],
            parts + stages,
            [5, 3, 3, 6],
            amounts: [1, 2],
            note: "For #{batch["salad_name"]}. #{batch.dig("character", "emulsion", "how")}",
            wall: true
          )
        end
      end

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
                  [moment(from), [task["name"], each["name"]&.downcase].compact.join(", "), each["text"], "☐"]
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
      def key(name) = name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")
    end
  end
end
