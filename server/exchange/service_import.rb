# frozen_string_literal: true

module Scullion
  module Exchange
    # A service from its own JSON file (a brief): the ingredients and salads that are not here yet,
    # its figures, its day, and the service itself; all of it or nothing. The kitchen stays ours.
    class ServiceImport
      MOST_NAMESAKES = 99

      # @param document [Hash] a brief @param house [House]
      # @raise [InvalidBrief] with every fault
      def initialize(document, house)
        @document, @house = document, house
        Brief.read(document, house)
      end

      # @return [Records::Service]
      def save
        Records::Service.transaction do
          ingredients
          @house = Records::House.ours
          keys = salads
          service =
            Records::Service.new.write(
              { "over_prep" => Service::OVER_PREP }.merge(@document["service"]).merge("lines" => lines(keys))
            )
          (@document["figures"] || []).each do |figure|
            service.own_figures.create!(at: figure["at"], value: figure["value"])
          end
          if @document["day"]
            service.update!(day: @document["day"].except("taken", "outings", "brings", "makes"))
          end
          service
        end
      end

      private

      def ingredients
        (@document["ingredients"] || []).each do |facts|
          unless Records::Ingredient.exists?(key: facts["key"])
            Records::Ingredient.create!(Records::Ingredient.document(facts))
          end
        end
      end

      # Each salad under its key; under another where a different one stands there.
      # @return [Hash{String=>String}]
      def salads
        @document["salads"].to_h do |salad|
          key =
            [
              salad["key"],
              *(2..MOST_NAMESAKES).map { |number| "#{salad["key"][0, 76]}-#{number}" }
            ].find { |each| free?(each, salad) }
          Records::Salad.new.write(read(salad.merge("key" => key))) unless Records::Salad.exists?(key: key)
          [salad["key"], key]
        end
      end

      # Nothing stands there, or the very same.
      def free?(key, salad)
        kept = Records::Salad.for_planning.find_by(key: key)
        kept.nil? || plain(read(kept.to_build)) == plain(read(salad))
      end

      def plain(salad)
        dressing =
          salad.dressing &&
            [
              salad.dressing.to_h.except(:parts),
              salad.dressing.parts.map { |part| [part.ingredient.key, part.role, part.amount, part.by] }
            ]
        [salad.name, salad.serves_as, salad.components.map(&:to_h), dressing]
      end

      def read(salad)
        fields = DocumentReader.new(salad)
        Salad::Form.read(fields, @house) or raise InvalidBrief, fields.faults
      end

      def lines(keys)
        @document["service"]["lines"].map { |line| line.merge("salad" => keys.fetch(line["salad"])) }
      end
    end
  end
end
