# frozen_string_literal: true

require "nokogiri"

module Scullion
  module Exchange
    # A page's source without linked data, as plain recipe text: what it marks as a recipe by microdata or
    # RDFa, else what a reader of the page sees.
    module PageSource
      PAGE = /<(?:!doctype|html|body|head|div|article|section|main|ul|ol|table|h[1-6]|p|span|li)\b/i.freeze
      # What is on a page and not in its recipe.
      BESIDE = "script, style, noscript, template, nav, header, footer, aside, form, svg, button"
      BREAKS = "br, p, li, h1, h2, h3, h4, h5, h6, tr, div, section, article, dt, dd"
      RECIPE = "[itemtype*='schema.org/Recipe'], [typeof~='Recipe'], [typeof~='schema:Recipe']"
      INGREDIENTS, STEPS = %w[recipeIngredient ingredients], %w[recipeInstructions]

      # @param pasted [String] @return [String] in plain lines; what was pasted itself where it is no page
      def self.plain(pasted)
        return pasted unless pasted.match?(PAGE)

        page = Nokogiri.HTML(pasted.scrub)
        recipe = page.at_css(RECIPE)
        marked = recipe && written_out(recipe)
        (marked || readable(page)).then { |text| text.strip.empty? ? pasted : text }
      rescue Nokogiri::SyntaxError
        pasted
      end

      class << self
        private

        def written_out(recipe)
          lines = said(recipe, INGREDIENTS)
          return if lines.empty?

          servings = said(recipe, %w[recipeYield yield]).join(" ")[/\d+/]
          steps = said(recipe, STEPS)
          [
            said(recipe, %w[name]).first || "Recipe",
            ("Serves #{servings}" if servings),
            "Ingredients:",
            *lines,
            ("Method:" if steps.any?),
            *steps
          ].compact.join("\n")
        end

        # What the page marks by one of these words, in order.
        def said(recipe, words)
          marked =
            words.flat_map do |word|
              ["[itemprop~='#{word}']", "[property~='#{word}']", "[property~='schema:#{word}']"]
            end
          recipe.css(marked.join(", ")).flat_map { |node| lines(node) }
        end

        def lines(node)
          text = node["content"] || broken(node).text
          text.split("\n").map { |line| line.gsub(/[[:space:]]+/, " ").strip }.reject(&:empty?)
        end

        def readable(page)
          page.css(BESIDE).remove
          body = page.at_css("article, main") || page.at_css("body") || page
          lines(body).join("\n")
        end

        # With a line's end behind each block.
        def broken(node)
          node.css(BREAKS).each { |each| each.add_next_sibling("\n") }
          node
        end
      end
    end
  end
end
