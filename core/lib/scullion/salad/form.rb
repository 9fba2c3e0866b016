# frozen_string_literal: true

module Scullion
  class Salad
    # Reads a salad from plain data against a larder, noting every fault at the fields.
    class Form
      include Below

      LEAST_STAGE = 0.01
      # Minutes that something may stand in its dressing ahead of the rest: two days.
      STANDS = (1..2880).freeze
      INTO = %w[bowl warm ahead plate table back].freeze
      # What components written as shares may make up together: the others weigh the rest.
      MOST_SHARED = 0.95
      # A component by its share of the build, "20 %".
      SHARE = /\A\s*(\d{1,2}(?:[.,]\d+)?)\s*%\s*\z/.freeze

      # @param fields [DocumentReader] at the salad @param house [House]
      # @return [Salad, nil]
      def self.read(fields, house) = new(fields, house).read

      def initialize(fields, house)
        @fields, @larder, @practice = fields, house.larder, house.practice
      end

      def read
        before = @fields.faults.size
        @fields.only(*Salad::FIELDS)
        parts = {
          key: @fields.key("key"),
          name: @fields.text("name"),
          serves_as: @fields.choice("serves_as", %w[side starter main], default: "main"),
          components: shared(@fields.list("components", 1..60, "components") { |item| component(item) }),
          dressing: @fields.within("dressing", default: nil) { |item| dressing(item) },
          at_table: at_table
        }
        Salad.new(**parts) if @fields.faults.size == before
      end

      private

      def component(item)
        before = item.faults.size
        item.only(*Salad::Component::FIELDS)
        ingredient = ingredient(item)
        parts = {
          name: item.text("name", default: nil, most: 60),
          role: item.choice("role", @practice.roles.keys),
          pieces: item.number("pieces", Salad::Component::PIECES, "pieces on a serving", default: nil),
          held_back: item.number("held_back", 0..1, "as a share", default: 0.0),
          right: item.flag("right"),
          written: row_of_recipe(item),
          cut: item.choice("cut", @practice.cuts.keys, default: nil),
          trim: trim(item, ingredient),
          treat: item.text("treat", default: nil),
          treat_minutes: treat_minutes(item),
          cook: item.given?("cook") ? cook(item) : Salad::Component::RAW,
          made: item.within("made", default: nil) { |made| made(made) },
          with: with(item),
          fruit: fruit(item, ingredient)
        }
        return if ingredient.nil? || item.faults.size > before

        component = Salad::Component.new(ingredient: ingredient, grams: 0.0, **parts)
        suits(item, component)
        grams = grams(item, component)
        return unless grams && item.faults.size == before

        made = Salad::Component.new(ingredient: ingredient, grams: grams, **parts)
        @shares[made] = @shares.delete(:next) if @shares&.key?(:next)
        made
      end

      # What comes ready has no trim, whatever was chosen for it once.
      def trim(item, ingredient)
        chosen = item.text("trim", default: nil)
        chosen unless ingredient && ingredient.trims.empty?
      end

      def ingredient(item)
        key = item.key("ingredient") or return
        if key == @fields.raw("key") && !@larder.key?(key)
          return item.fault("ingredient", "A salad cannot contain itself.", "Name what goes into it instead.")
        end

        @larder[key] ||
          item.fault(
            "ingredient",
            "There is no #{key.inspect} in the larder.",
            "Add it to the larder, or use another ingredient."
          )
      end

      def cook(item)
        item.within("cook") do |cook|
          method = cook.choice("method", Cook::Parcels.keys)
          schools = method ? @practice.schools(method) : {}
          contradictions(cook, method, schools) if method
          {
            "method" => method,
            "pot" => cook.key("pot", default: nil),
            **written(cook, method, item),
            **cut_after(cook, item),
            **schools.to_h { |option, choices| [option, cook.choice(option, choices.keys, default: nil)] }
          }.compact.freeze
        end
      end

      # What does not belong to this method is a mistake to be told, not passed over.
      def contradictions(cook, method, schools)
        in_pot = Cook::Parcels.kind(method).in_pot?
        (cook.data.keys - ["method", CUT_AFTER, *WRITTEN.keys, *schools.keys]).each do |option|
          next if option == "pot" && in_pot

          cook.fault(
            option,
            "There is no #{Fault.shown(option)} to choose in #{method}.",
            schools.empty? ? "Leave it out." : "Leave it out, or choose: #{schools.keys.join(", ")}."
          )
        end
      end

      # Every figure that the plan will need is there, so that planning never stops half way.
      def suits(item, component)
        ingredient = component.ingredient
        if component.method && !ingredient.facts.key?(component.cook["method"])
          refuse(item, "cook", "is not cooked by #{component.cook["method"]}", "figures for it")
        end
        lacking(item, component)
        if component.method&.parcel&.whole_only? && component.cut && !component.cut_after?
          refuse(item, "cut", "cannot be cut before it is cooked this way", "another way of cooking")
        end
        if component.trim && !ingredient.trims.key?(component.trim)
          refuse(
            item,
            "trim",
            "has no trim #{component.trim.inspect}",
            "one of: #{ingredient.trims.keys.join(", ")}"
          )
        end
        unless component.treat.nil? || component.treatable?
          refuse(item, "treat", "has no treatment #{component.treat.inspect}", "its yield")
        end
        unless component.method || ingredient.figures.key?("density/#{component.form}")
          refuse(item, "cut", "has no density as \"#{component.form}\"", "its density in g/ml in that form")
        end
        return if @practice.known?("holds", component.hold_class.to_s)
        refuse(item, "ingredient", "has no holding time as \"#{component.form}\"", "a hold class")
      end

      def lacking(item, component)
        return unless component.method && component.ingredient.facts.key?(component.cook["method"])

        missing = component.method.needs(component).reject { |at| component.ingredient.figures.key?(at) }
        return unless missing.any?
        refuse(
          item,
          "cook",
          "cannot be cooked by #{component.cook["method"]} yet",
          missing.map { |at| at.tr("/", " ") }.join(", ")
        )
      end

      def refuse(item, field, what, give)
        name = @larder[item.raw("ingredient")].name
        item.fault(field, "#{name} #{what}.", "Choose another #{field}, or give the larder #{give}.")
      end

      # Either "grams": 120 or "amount": "½ cup".
      def grams(item, component)
        if item.given?("amount")
          if item.given?("grams")
            return item.fault("amount", "Both grams and amount are given.", "Keep one of them.")
          end

          return read_amount(item, component)
        end
        item.number("grams", Salad::Component::GRAMS, "grams per serving")
      end

      # "20 %" of the build is worked out once the others are known.
      def shared(components)
        return components if components.nil? || @shares.nil? || components.include?(nil)

        shares = components.map { |component| @shares[component] || 0.0 }
        others = components.reject { |component| @shares.key?(component) }.sum(&:grams)
        return components unless shares_fit?(shares.sum, others)

        components
          .zip(shares)
          .map do |component, share|
            share.zero? ? component : component.weighing((others / (1 - shares.sum) * share).round(1))
          end
      end

      def shares_fit?(share, others)
        return true if share < MOST_SHARED && others.positive?

        @fields.fault(
          "components",
          "The shares leave nothing for the other components.",
          "Keep them below #{(MOST_SHARED * 100).round} % together."
        ) || false
      end

      def read_amount(item, component)
        text = item.text("amount") or return
        if (share = text.match(SHARE))
          (@shares ||= {}.compare_by_identity)[:next] = share[1].tr(",", ".").to_f / 100
          return 0.1
        end
        WrittenGrams.read(text, component, @practice)
      rescue UnreadableAmount, MissingFigure => e
        item.fault("amount", e.faults.first.what, e.faults.first.remedy)
      end

      def dressing(item)
        item.only("name", "preset", "parts", "stages", "grams")
        Salad::Dressing.new(
          name: item.text("name"),
          preset: item.choice("preset", @practice.presets.keys),
          stages: item.given?("stages") ? stages(item) : nil,
          grams: item.number("grams", 0.1..2000, "grams", default: nil),
          parts: item.list("parts", 1..30, "dressing parts") { |part| part(part) }
        )
      end

      # Stages of the salad's own; their shares add up to the whole. One may leave its share out and takes the
      # rest.
      def stages(item)
        before = item.faults.size
        stages = item.list("stages", 1..8, "stages") { |stage| stage(stage) }
        return stages if stages.nil? || item.faults.size > before

        said = stages.sum { |stage| stage["share"] || 0 }
        rest = stages.select { |stage| stage["share"].nil? }
        if rest.size == 1 && said <= 1 - LEAST_STAGE
          return stages.map { |stage| { **stage, "share" => stage["share"] || (1 - said).round(4) } }
        end
        return stages if rest.empty? && (said - 1).abs < 0.0005

        item.fault(
          "stages",
          "The shares add up to #{(said * 100).round(1)} " \
            "%#{" and leave nothing for #{rest.first["name"]}" if rest.any?}.",
          "Let them add up to 100 %."
        )
      end

      def stage(item)
        item.only("key", "name", "when", "share", "into", "to", "minutes")
        {
          "key" => item.key("key"),
          "name" => item.text("name", most: 40),
          "when" => item.text("when", most: 120, default: "as written in the salad"),
          "share" => item.number("share", LEAST_STAGE..1, "as a share", default: nil),
          "into" => item.choice("into", INTO, default: "bowl"),
          "to" => onto(item),
          "minutes" => item.number("minutes", STANDS, "minutes", default: nil)
        }.compact
      end

      # Kinds of component, and foods by their key.
      def onto(item)
        known = @practice.words("dressing", "uptake").keys
        strange = Array(item.raw("to")).reject { |name| known.include?(name) || @larder.key?(name) }
        if strange.empty?
          Array(item.raw("to"))
        else
          item.fault(
            "to",
            "#{Fault.shown(strange.first)} is neither a kind of component nor a food.",
            "Use the key of a component, or: #{known.join(", ")}."
          )
        end
      end

      def part(item)
        item.only("ingredient", "role", "ml", "grams", "right", "fruit", "written")
        ingredient = ingredient(item)
        role = item.choice("role", Salad::PART_ROLES)
        by = item.given?("ml") ? "ml" : "grams"
        amount = item.number(by, 0.01..100_000, by == "ml" ? "ml" : "grams")
        if item.given?("ml") && item.given?("grams")
          item.fault("grams", "Both ml and grams are given.", "Keep one of them.")
        end
        Salad::Part.new(
          ingredient: ingredient,
          role: role,
          amount: amount,
          by: by,
          right: item.flag("right"),
          fruit: fruit(item, ingredient),
          written: row_of_recipe(item)
        )
      end
    end
  end
end
