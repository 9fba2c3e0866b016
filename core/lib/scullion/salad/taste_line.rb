# frozen_string_literal: true

module Scullion
  class Salad
    # What one line of a salad brings of salt, acid, sugar and fat, in g per serving: from the
    # ingredient itself, and from the salt it was cooked or treated in. Rules of the job, "Salt ledger".
    class TasteLine < Worksheet
      attr_reader :portion

      TASTES = { salt: "Salt", acid: "Acid", sugar: "Sugar", fat: "Fat" }.freeze
      TASTES.each do |taste, label|
        assumption :"#{taste}_content",
                   "#{label} in it",
                   :per_hundred,
                   book: :ingredient,
                   none: [0.0, "The larder says nothing of it."],
                   at: -> { "content/#{taste}" if ingredient.figures.key?("content/#{taste}") }
        next if taste == :salt

        figure(
          :"#{taste}_grams",
          label,
          :g,
          how: "grams × what is in it ÷ 100",
          reading: {
            content: :"#{taste}_content"
          }
        ) { |grams, content| grams * content / 100 }
      end

      def writer = practice.writer
      def words = { "at" => at, "name" => name, "colour" => ingredient.colour }
    end

    # A component's line.
    class TasteLine::OfLayer < TasteLine
      attr_reader :layer, :cooking, :prep

      brought :grams, of: :layer
      assumption :rinsed,
                 "Left of a tin's salt",
                 :share,
                 book: :practice,
                 none: [1.0, "Not rinsed."],
                 at: -> { cooking&.salt_left_at }
      assumption :kept,
                 "Stays in the food, of the salt it is cooked in",
                 :share,
                 book: :practice,
                 none: [0.0, "Not cooked in salt."],
                 at: -> { "salt/kept/#{cooking.class.key}/share" if cooking_salt }
      assumption :treated,
                 "Stays in the food, of the salt it is treated with",
                 :share,
                 book: :practice,
                 none: [0.0, "Not salted before."],
                 at:
                   lambda {
                     at = "treats/#{layer.component.treat}/salt_kept_share"
                     at if practice.figures.key?(at)
                   }
      assumption :soaked_left,
                 "Left of its salt, soaked",
                 :share,
                 book: :practice,
                 none: [1.0, "Not soaked."],
                 at:
                   lambda {
                     at = "treats/#{layer.component.treat}/salt_left_share"
                     at if practice.figures.key?(at)
                   }
      assumption :stock_salt_content,
                 "Salt in the stock powder",
                 :per_hundred,
                 book: :stock,
                 none: [0.0, "Not cooked in stock."],
                 at: -> { "content/salt" if cooking_stock }
      gather(:stock_of_the_pot) do
        cooking_stock ? [[cooking, cooking_stock], [cooking, :finished_grams], [self, :grams]] : []
      end
      gather(:salt_of_the_pot) do
        cooking_salt ? [[cooking, cooking_salt], [cooking, :finished_grams], [self, :grams]] : []
      end
      figure(
        :stock_salt_grams,
        "Salt from the stock",
        :g,
        how: "stock powder × salt in it ÷ 100 × its share of the food"
      ) do |stock_salt_content, stock_of_the_pot|
        powder, finished, here = stock_of_the_pot
        powder ? powder * stock_salt_content / 100 / finished * here : 0.0
      end
      brought :treat_salt_grams, of: :prep
      brought :ready_grams, of: :prep
      figure(
        :cooked_salt_grams,
        "Salt from cooking",
        :g,
        how: "salt in the pot × its share of the food × what stays"
      ) do |kept, salt_of_the_pot|
        salt, finished, here = salt_of_the_pot
        salt ? salt / finished * here * kept : 0.0
      end
      figure(
        :treated_salt_grams,
        "Salt from the treatment",
        :g,
        how: "salt taken × its share of the food × what stays"
      ) { |treat_salt_grams, ready_grams, grams, treated| treat_salt_grams / ready_grams * grams * treated }
      assumption :along_kept,
                 "Stays in the food, of the salt that cooks along",
                 :share,
                 book: :practice,
                 none: [1.0, "All of it stays, or nothing salty cooks along."],
                 at: -> { share_of_along }
      gather(:salt_along, :salt_grams) { cooking ? cooking.along : [] }
      gather(:cooked_in_all) { cooking ? [[cooking, :finished_grams]] : [] }
      figure(
        :along_salt_grams,
        "Salt from what cooks along",
        :g,
        how: "the salt of what cooks along × its share of the food × what stays"
      ) do |salt_along, cooked_in_all, grams, along_kept|
        salt_along.empty? ? 0.0 : salt_along.sum / cooked_in_all.first * grams * along_kept
      end
      figure(
        :own_salt_grams,
        "Salt of its own",
        :g,
        how: "grams × what is in it ÷ 100 × what rinsing and soaking leave"
      ) { |grams, salt_content, rinsed, soaked_left| grams * salt_content / 100 * rinsed * soaked_left }
      gather(:salt_brought) { %i[cooked stock treated along].map { |from| [self, :"#{from}_salt_grams"] } }
      figure(
        :salt_grams,
        "Salt",
        :g,
        how: "its own + from cooking + from the stock + from the treatment + from what cooks along"
      ) { |own_salt_grams, salt_brought| own_salt_grams + salt_brought.sum }

      # @param stock [Ingredient] what "in stock" means here
      def initialize(at, layer, cooking, prep, stock)
        super(at)
        @layer, @portion, @cooking, @prep, @stock = layer, layer.portion, cooking, prep, stock
        @cooking_salt, @cooking_stock = cooking&.uses.to_h.values_at("salt", "stock")
      end

      def ingredient = layer.ingredient
      def practice = layer.practice
      def name = layer.component.name

      private

      # In plenty of water most of the salt is poured away with it.
      def share_of_along
        at = "salt/kept/#{cooking&.class&.key}/share"
        at if layer.component.with.any? { |with| !with.stays } && practice.figures.key?(at)
      end

      # The cooking's figures for the salt and the stock that it takes.
      attr_reader :cooking_salt, :cooking_stock, :stock
    end

    # A part of the dressing's line.
    class TasteLine::OfPart < TasteLine
      attr_reader :part

      brought :dressing_grams, of: :portion
      brought :share, of: :part
      figure(
        :grams,
        "Per serving",
        :g,
        how: "dressing per serving × its share of the formula"
      ) { |dressing_grams, share| dressing_grams * share }
      figure(:salt_grams, "Salt", :g, how: "grams × what is in it ÷ 100") do |grams, salt_content|
        grams * salt_content / 100
      end

      def initialize(at, part)
        super(at)
        @part, @portion = part, part.dressing.portion
      end

      def ingredient = part.ingredient
      def practice = part.practice
      def name = ingredient.name
    end
  end
end
