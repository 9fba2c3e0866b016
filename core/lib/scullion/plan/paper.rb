# frozen_string_literal: true

module Scullion
  class Plan
    # The plan as a plain text sheet to read in a terminal or pin to the wall.
    class Paper
      def initialize(plan)
        @plan = plan
        @lines = []
      end

      TIMES = %i[dress_from dress_by ready_from top_from best_until discard_by].freeze

      # @return [String]
      def to_s
        title
        snags
        section("Before you cook") { mind("service") }
        count
        section("Buy") do
          @plan.purchases.each do |line|
            row(
              line.ingredient.name,
              line.order,
              [
                "needs #{text(line, :need_grams)}, over #{text(line, :surplus_grams)}",
                *line.words.values_at("ready_cut", "fruit", "pieces")
              ].compact.join("; ")
            )
          end
        end
        prep
        made
        cook
        dress
        build
        hold
        written
        "#{@lines.join("\n")}\n"
      end

      # Just the pots, trays and tins.
      # @return [String]
      def cooking_only
        snags
        cook
        "#{@lines.drop_while(&:empty?).join("\n")}\n"
      end

      private

      def title
        service = @plan.to_h["service"]
        @lines << service["name"] <<
          "#{service["date"]}, #{service["from"]} to #{service["to"]}, #{service["covers"]} covers, " \
            "#{service["kitchen"]}"
      end

      def snags
        return if @plan.snags.empty?

        section("Snags") do
          @plan.snags.each { |snag| @lines << "  #{snag.severity.upcase}  #{snag.what} #{snag.remedy}" }
        end
      end

      # What can hurt somebody at these sheets; stops and looks stand at the top already.
      def mind(*ats)
        @plan
          .hazards
          .select { |found| ats.include?(found.at) && found.grave == "mind" }
          .each { |found| @lines << "  Mind: #{found.line}" }
      end

      def count
        @plan.portions.each do |portion|
          section("Count: #{portion.salad.name}") do
            portion.layers.each do |layer|
              made = "#{text(layer, :finished_grams)} to make"
              row(layer.component.name, text(layer, :grams), [made, layer.words["pieces"]].compact.join("; "))
            end
            row("Dressing", text(portion, :dressing_grams))
            row(
              "Portion",
              text(portion, :portion_grams),
              "#{text(portion, :servings)}, contains #{portion.contains.join(", ")}"
            )
          end
        end
      end

      def prep
        if @plan.shared.any?
          section("Made once for several services, or on hand") do
            @lines.concat(@plan.shared.map { |said| "  #{said}" })
          end
        end
        section("Prep") do
          @plan
            .preps
            .select(&:bench?)
            .each do |line|
              words = [line.component.trim, line.words.dig("cut", "name")].compact
              words += line.words.values_at("fruit", "first", "pieces").compact
              words << "cut once cooked" if line.component.cut_after?
              words << line.words["treat"]["said"].downcase if line.component.treat
              row(
                line.need.name,
                text(line, :ap_grams),
                "AP → #{text(line, :ep_grams)} EP → #{text(line, :prepped_grams)} cut → " \
                  "#{["#{text(line, :ready_grams)} ready", *words].compact.join("; ")}"
              )
              mind(line.at)
            end
        end
      end

      def made
        @plan.made.each do |made|
          section("Make: #{made.name}, #{text(made, :make_grams)}, keeps #{text(made, :days)}") do
            made.parts.each { |part| row(part.ingredient.name, text(part, :grams), part.fruit_words) }
            @lines << "  #{made.do_it}."
          end
        end
      end

      def cook
        @plan.cooking.each do |method|
          section("Cook: #{method.need.name}, #{method.setting}") do
            shown = method.class.shown.reject { |figure| method.nothing?(figure.name) }
            shown.each { |figure| row(figure.label, text(method, figure.name)) }
            method.along.each { |along| row("#{along.ingredient.name}, cooks along", text(along, :grams)) }
            @lines << "  Done: #{method.done_to_its_core}"
            mind(method.at)
          end
        end
      end

      def dress
        @plan.dressings.each do |batch|
          section("Dress: #{batch.recipe.name}, #{text(batch, :batch_grams)}") do
            batch.parts.each do |part|
              row(
                part.ingredient.name,
                text(part, :grams),
                [text(part, :ml), part.fruit_words].compact.join("  ")
              )
            end
            batch.stages.each { |stage| row(stage.name, text(stage, :grams), stage.told) }
            mind(batch.at)
          end
        end
      end

      def build
        @plan.builds.each do |build|
          section("Build: #{build.portion.salad.name}, #{text(build, :batches)} of #{build.bowl.name}") do
            build.ordered.each do |share|
              row(
                share.layer.component.name,
                "#{text(share, :per_bowl_grams)} a bowl",
                ["#{text(share, :top_grams)} for the top", share.words["pieces"]].compact.join("; ")
              )
            end
            build.pours.each do |pour|
              row("Dressing, #{pour.stage.name.downcase}", "#{text(pour, :per_bowl_grams)} a bowl")
            end
            mind(build.at)
          end
        end
      end

      def hold
        @plan.windows.each do |window|
          section("Hold: #{window.portion.salad.name} (#{window.rules.name}; your local code decides)") do
            TIMES.each { |name| row(window.class.definitions[name].label, text(window, name)) }
            mind(window.at)
          end
        end
      end

      def written
        @plan.portions.each do |portion|
          rows = portion.written
          next if rows.empty?

          section("As written: #{portion.salad.name}") { rows.each { |name, said| row(name, "", said) } }
        end
      end

      def section(title)
        @lines << "" << title
        yield
      end

      def row(name, figure, note = nil) = @lines << "  #{name.ljust(28)}#{figure.rjust(18)}  #{note}".rstrip
      def text(sheet, name) = sheet.text_of(name)
    end
  end
end
