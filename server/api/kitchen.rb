# frozen_string_literal: true

module Scullion
  module Api
    # The kitchen's vessels, and the house rules it chose.
    module Kitchen
      def self.registered(app)
        app.helpers Reading
        app.get("/api/kitchen") { json(Records::Kitchen.ours.to_document) }
        app.get("/api/kitchen/starters") { json(house.starters) }
        app.get("/api/kitchen/choices") { json(choices) }
        app.get("/api/loose-measures") { json(loose_measures) }

        app.put("/api/kitchen") do
          kitchen, document = Records::Kitchen.ours, body_document
          plain, rules = read_kitchen(document)
          on_stale(-> { kitchen.reload.to_document }) do
            json(kitchen.write(plain, rules: rules, version: document["version"]).to_document)
          end
        end

        # Between kg with °C and lb with °F.
        app.post("/api/kitchen/measures/turn") do
          json(Records::Kitchen.ours.measure_in(house.measures.turned).to_document)
        end
      end

      # Helpers of these routes.
      module Reading
        # What a pinch or a ladle holds here. @return [Array<Hash>]
        def loose_measures
          loose, writer = house.practice.loose, house.practice.writer
          loose.words.map do |word|
            low, high, unit = loose[word]
            text = [low, high].uniq.map { |each| writer.write(each, unit) }.join(" to ")
            { "word" => word, "unit" => unit.to_s, "text" => text }
          end
        end

        # @return [Array(Hash, Records::HouseRules)] the kitchen without what belongs to its record, and its
        #   rules
        # @raise [InvalidBrief]
        def read_kitchen(document)
          plain = document.except("version", "house_rules")
          rules = Records::HouseRules.find_by(key: document["house_rules"])
          read(plain) do |fields|
            Scullion::Kitchen.read(fields, house.practice)
            rules ||
              fields.fault(
                "house_rules",
                "There are no such house rules.",
                "Use one of: #{house.rule_sets.keys.join(", ")}."
              )
          end
          [plain, rules]
        end

        def choices
          {
            "tools" => tool_rates,
            "coolings" => coolings,
            "skills" => named("skills"),
            "methods" => methods_of_cooking
          }
        end

        # Every tool, and what it cuts in an hour: the kitchen's own rate where it has set one.
        def tool_rates
          practice = house.practice
          practice
            .keys("tools")
            .select { |key| cuts_of(practice, key).any? }
            .map do |key|
              words = practice.words("tools", key)
              {
                "key" => key,
                "plain" => words["plain"] == true,
                "cuts" => cuts_of(practice, key),
                **words.slice("name", "bench", "setup_minutes", "clean_minutes")
              }
            end
        end

        # The ways of cooling that a chiller can have.
        def coolings
          house
            .practice
            .words("cooling", "methods")
            .reject { |_, words| words["ice"] }
            .map { |key, words| { "key" => key, "name" => words["name"] } }
        end

        def named(file)
          house
            .practice
            .keys(file)
            .map { |key| { "key" => key, "name" => house.practice.words(file, key)["name"] } }
        end
        def methods_of_cooking
          Cook::Parcels.all.values.map { |parcel| { "key" => parcel.key, "name" => parcel.label } }
        end

        def cuts_of(practice, tool)
          practice.cuts.filter_map do |cut, words|
            next unless words["rates"].key?(tool)

            at = "cuts/#{cut}/rates/#{tool}"
            {
              "at" => "practice/#{at}",
              "name" => words["name"],
              "kg_per_h" => practice.fetch(at),
              "default" => practice.figures.default(at)
            }.compact
          end
        end
      end
    end
  end
end
