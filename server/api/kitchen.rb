# frozen_string_literal: true

module Scullion
  module Api
    # The kitchen's vessels, and the house rules it chose.
    module Kitchen
      def self.registered(app)
        app.helpers Reading
        app.get("/api/kitchen") { json(Records::Kitchen.ours.to_document) }

        app.get("/api/kitchen/starters") { json(Records.facts.starters) }
        app.get("/api/kitchen/choices") { json({ "tools" => tool_rates, "coolings" => coolings, "skills" => skills }) }

        app.put("/api/kitchen") do
          kitchen, document = Records::Kitchen.ours, body_document
          plain = document.except("version", "house_rules")
          rules = nil
          read(plain) do |fields|
            Scullion::Kitchen.read(fields, Records.facts.practice)
            rules = Records::HouseRules.find_by(key: document["house_rules"]) ||
                    fields.fault("house_rules", "There are no such house rules.", "Use one of: #{Records::HouseRules.pluck(:key).join(', ')}.")
          end
          on_stale(-> { kitchen.reload.to_document }) { json(kitchen.write(plain, rules: rules, version: document["version"]).to_document) }
        end
      end

      # Helpers of these routes.
      module Reading
        # Every tool, and what it cuts in an hour: the kitchen's own rate where it has set one.
        def tool_rates
          practice = Records.facts.practice.with(Records::OwnFigure.of_practice)
          practice.keys("tools").select { |key| cuts_of(practice, key).any? }.map do |key|
            words = practice.words("tools", key)
            { "key" => key, "name" => words["name"], "bench" => words["bench"], "plain" => words["plain"] == true, "setup_minutes" => words["setup_minutes"],
              "clean_minutes" => words["clean_minutes"], "cuts" => cuts_of(practice, key) }
          end
        end

        # The ways of cooling that a chiller can have.
        def coolings = Records.facts.practice.words("cooling", "methods").reject { |_, words| words["ice"] }.map { |key, words| { "key" => key, "name" => words["name"] } }

        # The kinds of work that a cook can be down for.
        def skills = Records.facts.practice.keys("skills").map { |key| { "key" => key, "name" => Records.facts.practice.words("skills", key)["name"] } }

        def cuts_of(practice, tool)
          practice.cuts.filter_map do |cut, words|
            next unless words["rates"].key?(tool)

            at = "cuts/#{cut}/rates/#{tool}"
            { "at" => "practice/#{at}", "name" => words["name"], "kg_per_h" => practice.fetch(at), "default" => practice.figures.default(at) }.compact
          end
        end
      end
    end
  end
end
