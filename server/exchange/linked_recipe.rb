# frozen_string_literal: true

module Scullion
  module Exchange
    # A schema.org Recipe, as JSON-LD or a page that holds one, written out as plain recipe text
    # that Recipe::Page lays out like any other.
    module LinkedRecipe
      SCRIPT, SCRIPT_ENDS, KIND = "<script", "</script", "application/ld+json"
      DEEPEST = 12

      # @param pasted [String]
      # @return [String] the recipe in plain lines; what was pasted itself when it is neither JSON nor a page
      # @raise [UnreadableAmount] when it is broken JSON, or holds no recipe
      def self.plain(pasted)
        documents = scripts(pasted)
        documents = [pasted] if documents.empty? && pasted.match?(/\A[\s\uFEFF]*[{\[]\s*["{\[\]}]/)
        return PageSource.plain(pasted) if documents.empty?

        recipe = documents.filter_map { |document| recipe_in(parse(document)) }.first
        if recipe
          written_out(recipe)
        else
          refuse(
            "This data holds no recipe.",
            "Look for \"@type\": \"Recipe\" in it, or paste the recipe's own words."
          )
        end
      end

      class << self
        private

        # What stands in a page's scripts of linked data, in one way through it.
        def scripts(page)
          folded, found, at = page.tr("A-Z", "a-z"), [], 0
          while (from = folded.index(SCRIPT, at)) && (opened = folded.index(">", from)) &&
                  (at = folded.index(SCRIPT_ENDS, opened))
            found << page[(opened + 1)...at] if folded[from..opened].include?(KIND)
          end
          found
        end

        def parse(document)
          JSON.parse(document.delete_prefix("\uFEFF").strip, max_nesting: 60)
        rescue JSON::ParserError => e
          refuse(
            "The data is broken: #{e.message.gsub(/\s+/, " ")[0, 120]}",
            "Paste it whole, from the first { to the last }, or paste the recipe's own words."
          )
        end

        # Recipes stand at the top, in a list, in @graph, or as what a page is mainly about.
        def recipe_in(node, depth = 0)
          return if depth > DEEPEST
          return node.filter_map { |each| recipe_in(each, depth + 1) }.first if node.is_a?(Array)
          return unless node.is_a?(Hash)
          if Array(node["@type"]).any? { |type|
               type
                 .to_s
                 .delete_prefix("https://schema.org/")
                 .delete_prefix("http://schema.org/")
                 .delete_prefix("schema:") == "Recipe"
             }
            return node
          end

          node.values.filter_map { |each| recipe_in(each, depth + 1) }.first
        end

        def written_out(recipe)
          servings = [*recipe["recipeYield"], *recipe["yield"]].join(" ")[/\d+/]
          lines = [*(recipe["recipeIngredient"] || recipe["ingredients"])].map { |line| line.to_s.strip }
          steps = spoken(recipe["recipeInstructions"])
          refuse("The recipe in it lists no ingredients.", "Paste the recipe's own words.") if lines.empty?
          [
            recipe["name"] || "Recipe",
            ("Serves #{servings}" if servings),
            "Ingredients:",
            *lines,
            ("Method:" if steps.any?),
            *steps
          ].compact.join("\n")
        end

        # Steps are a text, a list of texts, of HowToStep, or of HowToSection with steps inside.
        def spoken(node, depth = 0)
          case node
          when String
            node.split(/\r?\n/).map(&:strip).reject(&:empty?)
          when Array
            depth > DEEPEST ? [] : node.flat_map { |each| spoken(each, depth + 1) }
          when Hash
            depth > DEEPEST ? [] : spoken(node["itemListElement"] || node["text"] || node["name"], depth + 1)
          else
            []
          end
        end

        def refuse(what, remedy)
          raise(UnreadableAmount, Fault.new(what: what, where: "text", remedy: remedy))
        end
      end
    end
  end
end
