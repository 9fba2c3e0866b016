# frozen_string_literal: true

module Scullion
  module Records
    # A salad: its components in order, and its dressing.
    class Salad < ActiveRecord::Base
      has_many :components, -> { order(:position) }, dependent: :destroy, inverse_of: :salad
      has_many :dressing_parts, -> { order(:position) }, dependent: :destroy, inverse_of: :salad
      has_many :earlier_builds, -> { order(id: :desc) }, dependent: :destroy, inverse_of: :salad
      has_many :lines, class_name: "ServiceLine", dependent: :restrict_with_exception, inverse_of: :salad

      attribute :dressing_stages, ActiveRecord::Type::Json.new
      attribute :at_table, ActiveRecord::Type::Json.new

      def self.for_planning = includes(components: :ingredient, dressing_parts: :ingredient)

      # Writes what core read from a document; grams are those core understood.
      # @param build [Scullion::Salad] @param version [Integer, nil] the version the cook saw
      # @raise [ActiveRecord::StaleObjectError]
      def write(build, version: nil)
        transaction do
          before = to_build if persisted?
          self.lock_version = version if version
          assign_attributes(
            key: build.key,
            name: build.name,
            serves_as: build.serves_as,
            dressing_name: build.dressing&.name,
            dressing_preset: build.dressing&.preset,
            dressing_stages: build.dressing&.stages,
            dressing_grams: build.dressing&.grams,
            at_table: build.at_table.map(&:key).presence
          )
          persisted? ? touch_version : save!
          write_components(build)
          write_dressing(build)
          reload
          EarlierBuild.keep(self, before) unless before.nil? || before == to_build
        end
        self
      end

      def services = Service.where(id: lines.select(:service_id)).order(:date, :name)

      def to_build
        {
          "key" => key,
          "name" => name,
          "serves_as" => serves_as,
          "components" => components.map(&:to_document),
          "dressing" => dressing,
          "at_table" => at_table
        }.compact
      end

      def to_document = to_build.merge("id" => id, "version" => lock_version)

      # Saves even when only the parts below changed, so that the version always moves.
      def touch_version
        name_will_change!
        save!
      end

      private

      def dressing
        dressing_preset &&
          {
            "name" => dressing_name,
            "preset" => dressing_preset,
            "stages" => dressing_stages,
            "grams" => dressing_grams,
            "parts" => dressing_parts.map(&:to_document)
          }.compact
      end

      def write_components(build)
        components.destroy_all
        build.components.each_with_index do |component, position|
          components.create!(
            position: position,
            ingredient: kept(component.ingredient),
            grams: component.grams,
            pieces: component.pieces,
            name: component.name,
            role: component.role,
            trim: component.trim,
            cut: component.cut,
            treat: component.treat,
            treat_minutes: component.treat_minutes,
            held_back: component.held_back,
            cook: component.cook.presence,
            made: component.made&.to_h,
            along: component.with.map(&:to_h).presence,
            fruit: component.fruit&.kind,
            right: component.right,
            written: component.written
          )
        end
      end

      def write_dressing(build)
        dressing_parts.destroy_all
        (build.dressing&.parts || []).each_with_index do |part, position|
          dressing_parts.create!(
            :position => position,
            :ingredient => kept(part.ingredient),
            :role => part.role,
            :right => part.right,
            :fruit => part.fruit&.kind,
            :written => part.written,
            part.by => part.amount
          )
        end
      end

      def kept(ingredient) = Ingredient.find_by!(key: ingredient.key)
    end
  end
end
