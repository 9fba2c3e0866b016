# frozen_string_literal: true

module Scullion
  module Exchange
    # Turns a service and all that belongs to it into a brief: the one thing core plans from,
    # and the file that carries a service elsewhere.
    module Briefing
      # @param service [Records::Service] @param house [House]
      # @return [Hash] a brief as docs/brief.schema.json describes it
      def self.document(service, house) = documents([service], house).fetch(service.id)

      # Those of several services, each thing read once for all of them.
      # @param services [Array<Records::Service>] @return [Hash{Integer=>Hash}] by the service's id
      def self.documents(services, house)
        return {} if services.empty?

        shared = SharedWork.new(house)
        read(services, house) { |service| shared.day_of(service) }
      end

      # A service's own, as if it took nothing of another and made nothing for one.
      # @return [Hash] a brief
      def self.alone(service, house)
        read([service], house) { |each| (each.day || {}).except("together").presence }.fetch(service.id)
      end

      # @yield [Records::Service] its day as the brief has it
      def self.read(services, house)
        kitchen, salads, figures = Records::Kitchen.ours, salads(services), figures(services)
        rules, kitchen = kitchen.house_rules.to_document, kitchen.to_brief
        services.to_h do |service|
          builds = salads.values_at(*service.lines.map(&:salad_id).uniq.sort).map(&:to_build)
          ingredients = ingredients(builds, house)
          document = {
            "format" => Brief::FORMAT,
            "service" => service.to_brief,
            "salads" => builds,
            "ingredients" => ingredients,
            "kitchen" => kitchen,
            "house_rules" => rules,
            "figures" => known(figures.fetch(service.id), ingredients),
            "day" => yield(service)
          }
          [service.id, document.compact]
        end
      end

      # @return [Brief] @raise [InvalidBrief]
      def self.brief(service, house) = Brief.read(document(service, house), house)

      # Those that its salads are made of, and what cooking seasons with.
      def self.ingredients(salads, house)
        keys = salads.flat_map { |salad| keys_of(salad) } | house.practice.seasonings
        house.larder.values_at(*keys).compact.sort_by(&:key).map(&:facts)
      end

      def self.keys_of(salad)
        parts = salad.dig("dressing", "parts") || []
        salad["components"].flat_map { |line| Records::Component.keys_of(line) } +
          parts.flat_map { |part| Records::Component.keys_of_row(part) } + salad.fetch("at_table", [])
      end

      # @return [Hash{Integer=>Records::Salad}] those that the services serve
      def self.salads(services)
        Records::Salad
          .for_planning
          .where(id: services.flat_map { |each| each.lines.map(&:salad_id) })
          .index_by(&:id)
      end

      # @return [Hash{Integer=>Array<Hash>}] own figures that hold for each service
      def self.figures(services)
        Records::OwnFigure.for_planning(services).transform_values { |list| list.map(&:to_document) }
      end

      # Own figures of what the brief carries. One kept for an ingredient that this brief does not
      # use, or whose figure has gone since, is no reason not to plan.
      def self.known(figures, ingredients)
        known = ingredients.to_h { |facts| ["larder/#{facts["key"]}", Figures.flatten(facts)] }
        figures.select do |figure|
          book, key, address = figure["at"].split("/", 3)
          book == "practice" || known["#{book}/#{key}"]&.key?(address)
        end
      end
      private_class_method :read, :ingredients, :keys_of, :salads, :figures, :known
    end
  end
end
