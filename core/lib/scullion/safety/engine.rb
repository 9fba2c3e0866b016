# frozen_string_literal: true

module Scullion
  module Safety
    # What can hurt somebody in a plan, place by place. Every medium asks it: screens, sheets, labels,
    # calendar, tables and the command line.
    class Engine
      SUBJECTS = {
        "line" => Line,
        "dressing" => Sauce,
        "bowl" => Bowl,
        "service" => Occasion,
        "lot" => Lot
      }.freeze

      # @param plan [Plan]
      def initialize(plan)
        @plan, @brief = plan, plan.brief
        @asked, @control = Asked.new(@brief), plan.control
      end

      # @return [Array<Finding>] each once at its place, the gravest first
      def findings
        @findings ||=
          gravest_first([*of("service", [Occasion.new(@plan, @asked)]), *of_plan, *of_sheets, *told])
      end

      # Those of the day: what its lots go through. @param lots [Array<Lot>]
      def of_lots(lots) = gravest_first(of("lot", lots))

      # @return [Asked]
      attr_reader :asked

      private

      def of_plan
        [
          *of("line", lines),
          *of("dressing", @plan.dressings.map { |batch| Sauce.new(batch, @asked) }),
          *of("bowl", bowls)
        ]
      end

      # What cannot be done as planned, as the sheets find themselves: a salad's where it is put together.
      def of_sheets
        [
          *@plan.needs.map { |sheet| [sheet, bowl_at(sheet), sheet.name] },
          *@plan.cooking.map { |sheet| [sheet, sheet.at, sheet.need.name] },
          *@plan.windows.zip(@plan.builds).map { |sheet, build| [sheet, build.at, build.portion.salad.name] }
        ].flat_map { |sheet, at, name| sheet.snags.select(&:stop?).map { |snag| cannot(snag, at, name) } }
      end

      def cannot(snag, at, name)
        Finding.new(
          hazard: snag.hazard,
          grave: "stop",
          hand: snag.stage,
          at: at,
          about: name,
          stage: snag.stage,
          what: snag.what,
          remedy: snag.remedy,
          source: Catalogue.shipped.source("practice")
        )
      end

      def lines = @lines ||= @plan.every_prep.map { |prep| Line.new(prep, @asked, @control, bowl_of(prep)) }

      # The first bowl that it goes into. @return [String]
      def bowl_of(prep) = bowl_at(prep.need)

      # @param need [Count::Need]
      def bowl_at(need)
        portion = need.layers.first.portion
        @plan.builds.find { |build| build.portion.equal?(portion) }.at
      end

      def bowls
        @plan
          .builds
          .zip(@plan.windows)
          .map do |build, window|
            batch = @plan.dressings.find { |dressing| dressing.portion.equal?(build.portion) }
            Bowl.new(build, window, batch, @asked, @control)
          end
      end

      def of(word, subjects)
        hazards = Catalogue.shipped.hazards_of(word)
        subjects.flat_map do |subject|
          hazards.select { |hazard| hazard.holds?(subject) }.map { |hazard| hazard.found(subject) }
        end
      end

      # What the larder says of a food, and a tool's drawer of a blade: once where the hand is.
      def told
        @plan
          .every_prep
          .zip(lines)
          .flat_map do |prep, line|
            tool = prep.tool && @asked.practice.words("tools", prep.tool)["caution"]
            [said("food", line, prep.ingredient.caution), said("tool", line, tool)].compact
          end
      end

      def said(from, line, words)
        return unless words

        Finding.new(
          hazard: from,
          grave: "mind",
          hand: "prep",
          at: line.at("prep"),
          about: line.name,
          stage: line.stage("prep"),
          what: words,
          remedy: "",
          source: Catalogue.shipped.source("practice")
        )
      end

      # One line said twice at a place is said once; what was taken on says by whom.
      def gravest_first(all)
        once = all.uniq { |finding| [finding.at, finding.what] }
        once.each { |finding| finding.taken_on = @brief.progress.taken_on[finding.key] if finding.stop? }
        once.sort_by.with_index { |finding, index| [Hazard::GRAVE.index(finding.grave), index] }
      end
    end
  end
end
