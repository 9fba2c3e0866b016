# frozen_string_literal: true

module Scullion
  class Salad
    # What so many grams of an ingredient contain, in g: what the larder says of 100 g of it, edible and raw,
    # or cooked where its family's contents are of that. The worksheet says how many grams (content_grams).
    module Contents
      extend Worksheet::Figures

      # In the order of a label, and what the tongue knows of them.
      OF = {
        fat: "Fat",
        saturated: "Saturated fat",
        carbohydrate: "Carbohydrate",
        sugar: "Sugar",
        fibre: "Fibre",
        protein: "Protein",
        acid: "Acid"
      }.freeze
      OF.each do |content, label|
        assumption :"#{content}_content",
                   "#{label} in it",
                   :per_hundred,
                   book: :ingredient,
                   none: [0.0, "The larder says nothing of it."],
                   at: -> { "content/#{content}" if ingredient.figures.key?("content/#{content}") }
        figure(
          :"own_#{content}_grams",
          "#{label} of its own",
          :g,
          shown: false,
          how: "grams, as its contents are given × what is in it ÷ 100",
          reading: {
            content: :"#{content}_content"
          }
        ) { |content_grams, content| content_grams * content / 100 }
      end
    end
  end
end
