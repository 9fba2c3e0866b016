# frozen_string_literal: true

module Scullion
  class Salad
    # What one line of a salad brings of salt, acid, sugar, fat and the rest of a label, in g per serving:
    # from the ingredient itself, from what it was cooked or treated in and from what cooked along. Rules of
    # the job, "Salt ledger".
    class TasteLine < Worksheet
      include Contents

      # Those that stand in the ledger beside the salt.
      SHOWN = %i[acid sugar fat].freeze

      attr_reader :portion

      assumption :salt_content,
                 "Salt in it",
                 :per_hundred,
                 book: :ingredient,
                 none: [0.0, "The larder says nothing of it."],
                 at: -> { "content/salt" if ingredient.figures.key?("content/salt") }

      # Who says what it contains of this, by grams of a serving. @param content [Symbol] of Contents::OF
      # @return [Array<Array(Float, String)>] grams, and the kind of source
      def rests(content) = [[public_send(:"own_#{content}_grams"), kind_of_source(ingredient, content)]]

      # @return [String] see SourceKind
      def kind_of_source(food, content)
        at = "content/#{content}"
        food.figures.key?(at) ? SourceKind.of(food.figures.source(at)) : "nothing"
      end

      def writer = practice.writer
      def words = { "at" => at, "name" => name, "colour" => ingredient.colour }
    end

    # A component's line.
    class TasteLine::OfLayer < TasteLine
      # What oil from cooking brings, by the figure of how much is in it.
      OIL = { fat: :oil_fat, saturated: :oil_saturated }.freeze

      attr_reader :layer, :cooking, :prep, :stock, :oil

      brought :grams, of: :layer
      gather(:raw_of_it) { raw_contents? ? [[prep, :prepped_grams], [prep.need, :finished_grams]] : [] }
      figure(
        :content_grams,
        "As its contents are given",
        :g,
        shown: false,
        how: "per serving × cut raw ÷ ready to serve; as it is served, where they are of it cooked or drained"
      ) { |grams, raw_of_it| raw_of_it.empty? ? grams : grams * raw_of_it.first / raw_of_it.last }
      assumption :oil_kept,
                 "Eaten, of the oil it is cooked in",
                 :share,
                 book: :practice,
                 none: [1.0, "All of it stays, or it takes none."],
                 at: -> { "oil/kept/#{cooking.class.key}/share" if keeps_oil? }
      gather(:oil_of_the_pot) { cooking_oil ? [[cooking, cooking_oil], [cooking, :finished_grams]] : [] }
      figure(
        :oil_grams,
        "Oil from cooking",
        :g,
        shown: false,
        how: "oil it takes × its share of the food × what is eaten of it"
      ) do |grams, oil_kept, oil_of_the_pot|
        oil, finished = oil_of_the_pot
        oil ? oil / finished * grams * oil_kept : 0.0
      end
      assumption :oil_fat, "Fat in that oil", :per_hundred, book: :oil, at: "content/fat"
      assumption :oil_saturated,
                 "Saturated fat in that oil",
                 :per_hundred,
                 book: :oil,
                 at: "content/saturated"
      Contents::OF.each do |content, label|
        gather(:"#{content}_along", :"own_#{content}_grams") { cooking ? cooking.along : [] }
        next if OIL.key?(content)

        figure(
          :"#{content}_grams",
          label,
          :g,
          shown: SHOWN.include?(content),
          how: "its own + its share of what cooks along",
          reading: {
            own: :"own_#{content}_grams",
            along: :"#{content}_along"
          }
        ) { |own, along, cooked_in_all, grams| own + along_here(along, cooked_in_all, grams) }
      end
      OIL.each do |content, in_oil|
        figure(
          :"#{content}_grams",
          Contents::OF.fetch(content),
          :g,
          shown: SHOWN.include?(content),
          how: "its own + its share of what cooks along + what is in the oil from cooking",
          reading: {
            own: :"own_#{content}_grams",
            along: :"#{content}_along",
            in_oil: in_oil
          }
        ) do |own, along, cooked_in_all, grams, oil_grams, in_oil|
          own + along_here(along, cooked_in_all, grams) + (oil_grams * in_oil / 100)
        end
      end
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
        how: "as its contents are given × what is in it ÷ 100 × what rinsing and soaking leave"
      ) do |content_grams, salt_content, rinsed, soaked_left|
        content_grams * salt_content / 100 * rinsed * soaked_left
      end
      gather(:salt_brought) { %i[cooked stock treated along].map { |from| [self, :"#{from}_salt_grams"] } }
      figure(
        :salt_grams,
        "Salt",
        :g,
        how: "its own + from cooking + from the stock + from the treatment + from what cooks along"
      ) { |own_salt_grams, salt_brought| own_salt_grams + salt_brought.sum }

      # @param seasonings [Hash{String=>Ingredient}] what "in stock" and "oil" mean here
      def initialize(at, layer, cooking, prep, seasonings)
        super(at)
        @layer, @portion, @cooking, @prep = layer, layer.portion, cooking, prep
        @stock, @oil = seasonings.values_at("stock", "oil")
        @cooking_oil = cooking&.eaten_oil
        @cooking_salt, @cooking_stock = cooking&.uses.to_h.values_at("salt", "stock")
      end

      def ingredient = layer.ingredient
      def practice = layer.practice
      def name = layer.component.name

      def rests(content)
        from_oil = OIL.key?(content) ? oil_grams * public_send(OIL.fetch(content)) / 100 : 0.0
        along =
          (cooking ? cooking.along : []).map do |each|
            of_all = [each.public_send(:"own_#{content}_grams")]
            [along_here(of_all, cooked_in_all, grams), kind_of_source(each.ingredient, content)]
          end
        [*super, [from_oil, kind_of_source(oil, content)], *along]
      end

      private

      # Are its contents given for it raw, and not as it is served?
      def raw_contents?
        layer.component.made.nil? && ingredient.facts["contents_of"] != "cooked" && !tinned?
      end
      def tinned? = cooking ? cooking.class.parcel.takes == "drained" : false
      def keeps_oil? = cooking && practice.figures.key?("oil/kept/#{cooking.class.key}/share")

      # A serving's share of what cooked along.
      def along_here(along, finished, grams) = along.empty? ? 0.0 : along.sum / finished.first * grams

      # In plenty of water most of the salt is poured away with it.
      def share_of_along
        at = "salt/kept/#{cooking&.class&.key}/share"
        at if layer.component.with.any? { |with| !with.stays } && practice.figures.key?(at)
      end

      # The cooking's figures for the salt, the stock and the oil that it takes.
      attr_reader :cooking_salt, :cooking_stock, :cooking_oil
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
      figure(:content_grams, "As its contents are given", :g, shown: false, how: "per serving") do |grams|
        grams
      end
      figure(:salt_grams, "Salt", :g, how: "grams × what is in it ÷ 100") do |grams, salt_content|
        grams * salt_content / 100
      end
      Contents::OF.each do |content, label|
        figure(
          :"#{content}_grams",
          label,
          :g,
          shown: SHOWN.include?(content),
          how: "its own",
          reading: {
            own: :"own_#{content}_grams"
          }
        ) { |own| own }
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
