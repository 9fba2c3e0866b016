# frozen_string_literal: true

module Scullion
  module Count
    # One line of the service: a salad for so many covers, as one portion and all of them.
    class Portion < Worksheet
      attr_reader :line, :layers, :practice, :service

      decision(:service_covers, "Covers", :covers, change: "service/covers", shown: false) { @service.covers }
      decision(
        :covers,
        "Covers",
        :covers,
        change: -> { line.covers ? "service/lines/#{@index}/covers" : "service/covers" }
      ) { line.covers || @service.covers }
      decision(
        :over_prep,
        "Made on top",
        :share,
        change: "service/over_prep",
        source: "You decided this; applied once, on finished portions."
      ) { @service.over_prep }
      gather(:grams_and_uptakes) { layers.flat_map { |layer| [[layer, :build_grams], [layer, :uptake]] } }
      figure(
        :build_carries,
        "Its components carry, in the build",
        :g,
        shown: false,
        how: "grams × uptake ÷ 100, added up; none without a dressing"
      ) do |grams_and_uptakes|
        next 0.0 unless salad.dressing

        grams_and_uptakes.each_slice(2).sum { |grams, uptake| grams * uptake / 100 }
      end
      figure(
        :build_dressing,
        "Dressing in the build",
        :g,
        shown: false,
        how: "what its components carry, unless the salad says how much",
        decided: -> { salad.dressing&.grams },
        source: "As it is written in the salad."
      ) { |build_carries| build_carries }
      figure(
        :build_solids,
        "Components in the build",
        :g,
        shown: false,
        how: "added up"
      ) { |grams_and_uptakes| grams_and_uptakes.each_slice(2).sum(&:first) }
      figure(
        :build_grams,
        "The build as written",
        :g,
        shown: false,
        how: "components + dressing"
      ) { |build_solids, build_dressing| build_solids + build_dressing }
      figure(
        :dressing_factor,
        "Of what its components carry",
        :factor,
        shown: false,
        how: "dressing in the build ÷ what its components carry"
      ) { |build_dressing, build_carries| build_carries.zero? ? 0.0 : build_dressing / build_carries }
      figure(
        :dressing_spread,
        "On all alike, where nothing carries any",
        :g_per_g,
        shown: false,
        how: "dressing in the build ÷ components"
      ) do |build_dressing, build_carries, build_solids|
        build_carries.zero? ? build_dressing / build_solids : 0.0
      end
      figure(
        :portion_grams,
        "Portion",
        :g,
        writes: :by_sheet,
        change: -> { "service/lines/#{@index}/portion_grams" },
        how: "the build as written, unless you decide otherwise",
        decided: -> { line.portion_grams },
        source: "You decided this portion."
      ) { |build_grams| build_grams }
      figure(
        :resize,
        "Resize",
        :factor,
        how: "portion ÷ the build as written",
        shown: false
      ) { |portion_grams, build_grams| portion_grams / build_grams }
      figure(
        :servings,
        "Portions to make",
        :portions,
        how: "covers × (1 + made on top)"
      ) { |covers, over_prep| covers * (1 + over_prep) }
      gather(:carried, :dressing_grams) { layers }
      figure(
        :dressing_grams,
        "Dressing",
        :g,
        writes: :by_sheet,
        how: "on each component, added up"
      ) { |carried| carried.sum }
      figure(
        :carries_grams,
        "Its components would carry",
        :g,
        how: "in the build × resize"
      ) { |build_carries, resize| build_carries * resize }
      figure(
        :dressing_ml,
        "Dressing by volume",
        :ml,
        how: "grams ÷ density"
      ) { |dressing_grams, dressing_density| dressing_grams / dressing_density }
      decision(
        :dressing_density,
        "Density of the dressing",
        :g_per_ml,
        change: nil,
        shown: false,
        source: "The formula's weight ÷ its volume."
      ) { @parts ? @parts.sum(&:grams) / @parts.sum(&:ml) : 1.0 }
      figure(
        :finished_grams,
        "Finished, all portions",
        :g,
        how: "portion × portions to make"
      ) { |portion_grams, servings| portion_grams * servings }

      def initialize(at, line, index, brief)
        super(at)
        @line, @index, @service, @practice = line, index, brief.service, brief.practice
        @larder = brief.larder
        @parts = salad.dressing&.parts
        @left_out, @otherwise = brief.progress.left_out, brief.progress.otherwise
        @layers =
          every_component.each_with_index.filter_map do |component, order|
            Layer.new("#{at}/layers/#{order}", self, component, order) if components.include?(component)
          end
      end

      def salad = line.salad

      # Those of the salad that are not left out for the day; never none.
      def components
        @components ||=
          every_component
            .reject { |component| @left_out.include?(component.preparation) }
            .then { |kept| kept.empty? ? every_component : kept }
      end
      def left_out = every_component - components

      # Those of the salad, each as this day makes it.
      def every_component
        @every_component ||=
          salad.components.map do |component|
            Salad::Otherwise.as_chosen(component, @otherwise, @larder, practice)
          end
      end

      # The family of the heaviest component of the base; of all where there is no base.
      def base_family
        base = layers.select { |layer| layer.component.role == "base" }
        (base.empty? ? layers : base).max_by(&:grams).ingredient.family
      end

      # Tables laid, nil where the service does not say.
      def tables = @service.tables

      # Allergens of every component and every part of the dressing.
      def contains = lines_eaten.flat_map { |line| line.ingredient.allergens }.uniq.sort

      # Everything that reaches the plate, by the name of its line.
      # @return [Array<Salad::DietsAndAllergens::Line>]
      def lines_eaten
        brought =
          components.flat_map do |component|
            seasonings = component.brings.map { |seasoning| @larder.fetch(practice.seasoning(seasoning)) }
            (seasonings + component.with.map(&:ingredient)).map { |ingredient| [component.name, ingredient] }
          end
        (
          layers.map { |layer| [layer.component.name, layer.ingredient] } +
            Array(@parts).map { |part| [part.ingredient.name, part.ingredient] } + brought
        ).map { |name, ingredient| Salad::DietsAndAllergens::Line.new(name, ingredient) }
      end

      # How its layers and its dressing are shown, so that they add up to it.
      def sums
        @sums ||=
          Sums.new(
            { **layers.to_h { |layer| [layer, layer.grams] }, dressing_grams: dressing_grams },
            layers.sum(&:grams) + dressing_grams,
            writer
          )
      end

      def text_by_sheet(figure) = figure == :portion_grams ? sums.whole : sums.text(figure)

      def snags
        [
          *left_out.map { |component| missed(component) },
          *made_otherwise.map { |each| changed(*each) },
          *at_table
        ]
      end

      # What this day makes otherwise than the salad has it. @return [Array<Array(Component, Way)>]
      def made_otherwise
        salad.components.filter_map do |component|
          key = @otherwise[component.preparation] or next
          way = Salad::Otherwise.of(component, @larder, practice)[key]
          [component, way] if way
        end
      end

      def words
        {
          "at" => at,
          "salad" => salad.key,
          "name" => salad.name,
          "serves_as" => salad.serves_as,
          "dressing_name" => salad.dressing&.name,
          "contains" => contains,
          "layers" => layers.map(&:to_h),
          **{ "at_table" => names_at_table }.compact
        }
      end

      # Its rows of the recipe, of all that came from one.
      # @return [Array<Array(String, String)>] name, and what is written
      def written
        made = components.flat_map { |component| component.made.to_h.fetch("parts", []) }
        rows =
          components.map { |component| [component.name, component.written] } +
            made.map { |part| [@larder.fetch(part["ingredient"]).name, part["written"]] } +
            Array(@parts).map { |part| [part.ingredient.name, part.written] }
        rows.select(&:last).uniq
      end

      # What stands beside it, neither in it nor planned, with its allergens. @return [Array<String>, nil]
      def names_at_table
        names = salad.at_table.map(&:with_allergens)
        names if names.any?
      end

      private

      def at_table
        names = names_at_table or return []
        [
          Snag.new(
            severity: "look",
            stage: "count",
            what: "On the table beside #{salad.name}: #{names.join(", ")}.",
            remedy: "It is neither ordered nor in what the salad contains: see to both."
          )
        ]
      end

      def changed(component, way)
        Snag.new(
          severity: "look",
          stage: "cook",
          what: "#{component.name}, in #{salad.name}: #{way.name} for this service.",
          remedy: way.why
        )
      end

      def missed(component)
        Snag.new(
          severity: "look",
          stage: "count",
          what: "#{component.name} is left out of #{salad.name} for this day.",
          remedy: "The menu and the people at the counter should know. It is put back on the Day."
        )
      end
    end
  end
end
