# frozen_string_literal: true

module Scullion
  module Records
    # A made, dated batch, as it was when it was made. What became of it the entries tell. Only ever added to.
    class Lot < ActiveRecord::Base
      # Letters that are not taken for figures, to be said aloud.
      LETTERS = [*"A".."H", "J", "K", *"L".."N", *"P".."Z"].freeze

      attribute :facts, ActiveRecord::Type::Json.new

      # @param service [Service] @param lot [Safety::Lot] @param more [Hash] of its food: colour, preparation,
      #   grams, component, and taken_by, cooling; batch, where it is another
      # @return [Lot] the one that was made already, or made now
      def self.make(service, lot, more)
        batch = more.fetch(:batch, lot.batch)
        found = find_by(service: service.id, task: lot.task, batch: batch)
        return found if found

        said = lot.to_h
        transaction(requires_new: true) do
          create!(
            code: next_code(said["made"]),
            service: service.id,
            service_name: service.name,
            task: lot.task,
            batch: batch,
            name: lot.name,
            made: said["made"],
            best: said["best"],
            discard: said["discard"],
            **more.slice(:colour, :preparation, :grams),
            facts: {
              "allergens" => lot.allergens,
              "control" => lot.control,
              "limits" => said["limits"],
              "taken_by" => more[:taken_by],
              "shared" => more[:shared],
              "cooling" => more[:cooling],
              "component" => more[:component]
            }.compact
          )
        end
      rescue ActiveRecord::RecordNotUnique
        retry
      end

      # The day of the month and a letter, then two: "28R".
      def self.next_code(made)
        day = made[8, 2]
        taken = where("code LIKE ?", "#{day}%").pluck(:code)
        names = LETTERS + LETTERS.product(LETTERS, LETTERS.first(9)).lazy.map(&:join).first(4000)
        "#{day}#{names.find { |letters| !taken.include?("#{day}#{letters}") }}"
      end
      private_class_method :next_code

      # @return [Record::Lot]
      def value_object
        Record::Lot.new(
          code: code,
          name: name,
          colour: colour,
          service: service,
          service_name: service_name,
          task: task,
          batch: batch,
          made: made,
          best: best,
          discard: discard,
          grams: grams,
          allergens: facts["allergens"] || [],
          control: facts["control"],
          limits: facts["limits"],
          taken_by: facts["taken_by"] || [],
          shared: facts["shared"],
          cooling: facts["cooling"],
          component: facts["component"],
          preparation: preparation
        )
      end
    end
  end
end
