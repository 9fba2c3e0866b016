# frozen_string_literal: true

module Scullion
  module Papers
    # A salad written out as a recipe for a number of servings: what to weigh as bought, the
    # dressing, the steps and how long it holds; as a Markdown card or a schema.org Recipe.
    class RecipeCard
      # @param salad [Records::Salad] @param covers [Integer] @param house [House]
      def initialize(salad, covers, house)
        @name, @covers, @build, @house = salad.name, covers, salad.to_build, house
        @whole = Scullion::Salad::Trial.new(@build, house, covers: covers).plan
        @plan = @whole.to_h
      end

      # What Markdown or a page would take for more than a text.
      MARKUP = /[\\`*_\[\]<>|~&]/.freeze

      # Of schema.org's NutritionInformation, by the label's figures.
      NUTRITION = {
        "fatContent" => "fat_grams",
        "saturatedFatContent" => "saturated_grams",
        "carbohydrateContent" => "carbohydrate_grams",
        "sugarContent" => "sugar_grams",
        "fiberContent" => "fibre_grams",
        "proteinContent" => "protein_grams"
      }.freeze

      # @return [String] safe to show as a page
      def to_markdown
        parts =
          { "Dressing" => dressing, **made, "For pot and tray" => along }.reject { |_, lines| lines.empty? }
        text =
          [
            "# #{escaped(@name)}",
            "Serves #{@covers}",
            "## Ingredients",
            list(solids),
            *parts.flat_map { |name, lines| ["## #{escaped(name)}", list(lines)] },
            "## Method",
            numbered(steps),
            *notes.map { |note| escaped(note) }
          ].join("\n\n") << "\n"
        Exchange::Carried.in_text(text, @build)
      end

      # @return [String] schema.org Recipe, as JSON-LD that may stand in a page's script
      def to_json_ld
        JSON.pretty_generate(Exchange::Carried.in_data(to_linked_data, @build)).gsub("<", "\\u003c")
      end

      private

      def to_linked_data
        {
          "@context" => "https://schema.org",
          "@type" => "Recipe",
          "name" => @name,
          "recipeYield" => "#{@covers} servings",
          "recipeCategory" => "Salad",
          "recipeIngredient" => solids + dressing + made.values.flatten + along,
          "recipeInstructions" => steps.map { |step| { "@type" => "HowToStep", "text" => step } },
          "nutrition" => nutrition
        }
      end

      # What a serving contains, as schema.org has it; sodium is salt by its weight in it.
      def nutrition
        {
          "@type" => "NutritionInformation",
          "servingSize" => "1 serving",
          "calories" => label["kcal"]["text"],
          **NUTRITION.to_h { |name, figure| [name, label[figure]["text"]] },
          "sodiumContent" => "#{(label["salt_grams"]["value"] / Tables::SALT * 1000).round} mg",
          "description" => label["said"]
        }
      end

      def label = @label ||= @whole.taste.labels.first.to_h

      # The same in a line of text.
      def contents = "A serving: #{@whole.taste.labels.first.in_words}. #{label["said"]}"

      def solids
        made = @plan["made"].map { |part| part["prep"] }
        @plan["prep"]
          .reject { |line| made.include?(line["at"]) }
          .map do |line|
            cut, cooked = line.dig("cut", "key"), method(line["name"])
            last = line.dig("cut", "after_cooking") ? [cooked, cut] : [cut, cooked]
            done =
              [line["trim"], last.first, treated(line), last.last, raw(line["at"])].compact.map do |word|
                word.tr("-", " ")
              end
            "#{line["ap_grams"]["text"]} #{[line["ingredient_name"], *done].join(", ")}"
          end
      end

      # With how long, where the cook says so.
      def treated(line)
        treat = line["treat"] or return
        written = @whole.preps.find { |prep| prep.at == line["at"] }.component.treat_minutes
        # A comma would part its name.
        name = treat["name"].downcase.delete(",")
        written ? treat["said"].downcase.sub(treat["name"].downcase, name) : name
      end

      # Not cooked, where it usually is: whoever changes a word of the card still reads it so.
      def raw(at)
        component = @whole.preps.find { |prep| prep.at == at }.component
        "raw" if component.method.nil? && @house.default_component(component.ingredient).to_h.key?("cook")
      end

      # How it is cooked, where the ingredient's line should say so.
      def method(name)
        found = @plan["cook"].find { |cook| cook["name"] == name }
        found && Cook::Parcels.all.fetch(found["method"]).words.first
      end

      def dressing
        batches.flat_map { |batch| batch["parts"].map { |part| "#{part["grams"]["text"]} #{part["name"]}" } }
      end
      def batches = @plan["dress"]

      # Each made part with what goes into it.
      def made
        @plan["made"].to_h do |part|
          [part["name"], part["parts"].map { |each| "#{each["grams"]["text"]} #{each["name"]}" }]
        end
      end

      # What cooking takes and nobody eats as such: oil for the tray, salt for the water, stock, bay.
      def along
        seasonings =
          (@whole.cooking + @whole.preps).flat_map do |sheet|
            sheet.uses.map do |key, figure|
              [
                @whole.brief.larder.fetch(@whole.brief.practice.seasoning(key)).name,
                sheet.public_send(figure)
              ]
            end
          end
        company = @whole.along.map { |each| [each.ingredient.name, each.grams] }
        (seasonings + company)
          .select { |_, grams| grams.positive? }
          .group_by(&:first)
          .map { |name, rows| "#{@whole.brief.practice.writer.g(rows.sum(&:last))} #{name}" }
      end

      def steps
        cooking =
          @plan["cook"].map { |cook| "#{cook["name"]}: #{cook["setting"]}#{written(cook)}. #{cook["done"]}" }
        building =
          @plan["build"].flat_map do |build|
            build["shares"].map do |share|
              "#{share["step"]}: #{[share["name"].downcase, share["pieces"]].compact.join(", ")}."
            end
          end
        cooking + making + batches.flat_map { |batch| mixing(batch) } + building
      end

      # How long and how hot, where the salad says so.
      def written(cook)
        said = @whole.cooking.find { |sheet| sheet.at == cook["at"] }.component.cook
        heat = said["celsius"] unless cook["setting"].include?("°")
        writer = @house.practice.writer
        [said["minutes"] && writer.min(said["minutes"]), heat && writer.celsius(heat)].compact
          .map { |each| ", #{each}" }
          .join
      end

      def making
        @plan["made"].map do |part|
          kept = "keeps #{part["days"]["text"]}#{", cold" if part["cold"]}"
          "#{part["name"]}: #{part["do"].downcase}; #{kept}. Too thick: #{part["thin"]}."
        end
      end

      def mixing(batch)
        whisk = "Whisk the dressing: #{batch["parts"].map { |part| part["name"].downcase }.join(", ")}."
        [
          whisk,
          *batch["stages"].map do |stage|
            "#{stage["name"]}: #{stage.dig("grams", "text")}, #{stage["told"]}."
          end
        ]
      end

      # Its recipe in the cook's own words.
      def in_its_words
        rows = @whole.portions.first.written.map { |name, said| "#{name}: “#{said}”" }
        rows.any? ? ["As written. #{rows.join("; ")}."] : []
      end

      def notes
        warned = @plan["hazards"].reject { |found| found["grave"] == "mind" && found["at"] != "service" }
        warned.map { |found| "#{found["grave"].upcase}: #{found["what"]} #{found["remedy"]}".strip } + held +
          beside + [contents] + in_its_words
      end

      def held
        kept =
          @plan["hold"].map do |hold|
            "Dressed, it is good for #{hold["dressed_minutes"]["text"]}; out of the cold it lasts " \
              "#{hold["out_minutes"]["text"]} (#{hold["rules"]}; your local code decides)."
          end
        kept +
          @plan["count"].filter_map do |portion|
            if portion["contains"]&.any?
              "Contains #{portion["contains"].join(", ")}; may be cross-contact: decide in your kitchen."
            end
          end
      end

      def beside
        @plan["count"].filter_map do |portion|
          names = portion["at_table"] or next
          "On the table beside it, not in it: #{names.join(", ")}."
        end
      end

      def escaped(text) = text.gsub(MARKUP) { |sign| "\\#{sign}" }
      def list(lines) = lines.map { |line| "- #{escaped(line)}" }.join("\n")
      def numbered(lines)
        lines.each.with_index(1).map { |line, number| "#{number}. #{escaped(line)}" }.join("\n")
      end
    end
  end
end
