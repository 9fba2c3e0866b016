# frozen_string_literal: true

module Scullion
  module Papers
    class Sheets
      # What is ordered, cut, cooked and whisked.
      module Preparing
        private

        def order
          dates = @day["needed_by"].to_h { |each| each.values_at("ingredient", "date") }
          rows =
            @plan["buy"].map do |line|
              [
                line["section"],
                line["name"],
                Sheet.order(line),
                amount(line, "need_grams"),
                some(line, "on_hand_grams"),
                dates[line["ingredient"]]&.then { |date| day(date) },
                amount(line, "surplus_grams"),
                amount(line, "cost")
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
                    amount(line, "ap_grams"),
                    [
                      line["first"],
                      line["pieces"],
                      line["fruit"],
                      line["trim"],
                      cut(line),
                      line.dig("treat", "said"),
                      quoted(line)
                    ].compact.join(", "),
                    amount(line, "ready_grams"),
                    amount(line, "hands_minutes")
                  ]
                end
            sheet(
              "prep-#{key(bench["name"])}",
              "Prep: #{bench["name"]}",
              ["Item", "As bought", "Do", "Ready", "Minutes"],
              rows,
              [5, 4, 6, 4, 4],
              wall: true,
              note: shared,
              amounts: [1, 3, 4],
              ats: bench["lines"]
            )
          end
        end

        # In the recipe's own words.
        def quoted(line) = line["written"]&.then { |said| "“#{said}”" }

        # What comes from another service, or is for one.
        def shared = @plan["shared"].any? ? @plan["shared"].join(" ") : nil

        def cut(line)
          name = line.dig("cut", "name") or return
          return "#{name}, bought ready cut" if line["ready_cut"]

          line.dig("cut", "after_cooking") ? "#{name} once cooked" : name
        end

        # A made part, weighed out: a sheet of its own.
        def making
          @plan["made"].map do |part|
            sheet(
              "made-#{key(part["name"])}",
              "Make: #{part["name"]}, #{text(part, "make_grams")}",
              ["Into it", "Weigh"],
              [
                *part["parts"].map do |each|
                  [[of_fruit(each), quoted(each)].compact.join(", "), amount(each, "grams")]
                end,
                ["Then", "#{part["do"]}. Too thick: #{part["thin"]}."],
                ["Keeps", "#{text(part, "days")}#{", cold" if part["cold"]}"],
                ["Contains", part["contains"].any? ? part["contains"].join(", ") : "none of the fourteen"]
              ],
              [5, 8],
              wall: true,
              amounts: [1],
              ats: [part["prep"], *tasks_at(part["prep"])]
            )
          end
        end

        def cook
          @plan["cook"].map do |line|
            rows =
              line["facts"].filter_map do |fact|
                line[fact["name"]]&.then { |figure| [fact["label"], cell(figure)] }
              end
            sheet(
              "cook-#{key(line["name"])}",
              "Cook: #{line["name"]}",
              ["What", "How much"],
              [*rows, *along(line), ["Done when", line["done"]], *kept_safe(line), *as_written(line)],
              [4, 6],
              note: [
                "#{line["setting"]}.",
                *@plan["shared"].select { |said| said.start_with?("#{line["name"]}:") }
              ].join(" "),
              wall: true,
              ats: [line["at"], *tasks_at(line["at"])]
            )
          end
        end

        def as_written(line) = [["As written", line["written"]]].select(&:last)

        def along(line)
          Array(line["with"]).map { |each| ["#{each["name"]}, cooks along", cell(each["grams"])] }
        end

        # A part with the whole fruit that it comes from.
        def of_fruit(part) = [part["name"], part["fruit"]].compact.join(", ")

        def dressing
          @plan["dress"].map do |batch|
            parts =
              batch["parts"].map do |part|
                [
                  of_fruit(part),
                  amount(part, "grams"),
                  amount(part, "ml"),
                  [("begin with #{text(part, "start_grams")}" if part["strong"]), quoted(part)].compact.join(
                    ", "
                  )
                ]
              end
            stages =
              batch["stages"].map do |stage|
                ["→ #{stage["name"]}", amount(stage, "grams"), amount(stage, "ml"), stage["told"]]
              end
            sheet(
              "dressing-#{key(batch["salad"])}",
              "Dressing: #{batch["name"]}",
              %w[Part Weigh Measure Note],
              parts + stages,
              [5, 3, 3, 6],
              amounts: [1, 2],
              note: "For #{batch["salad_name"]}. #{batch.dig("character", "emulsion", "how")}",
              wall: true,
              ats: [batch["at"], *tasks_at(batch["at"])]
            )
          end
        end
      end
    end
  end
end
