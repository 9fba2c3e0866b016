# frozen_string_literal: true

module Scullion
  module Records
    # The one house of this database: what core's rules may ask of this kitchen. Kept in memory until any
    # of what it is made from has changed: reading hundreds of ingredients anew for every request is what
    # would be slow.
    module House
      Kept = Struct.new(:stamp, :house)
      LOCK = Mutex.new

      class << self
        # @return [Scullion::House]
        def ours
          now = stamp
          LOCK.synchronize do
            @kept = Kept.new(now, built) unless @kept&.stamp == now
            @kept.house
          end
        end

        # As it comes, before a kitchen has decided anything: what a new database is filled from.
        # @return [Scullion::House]
        def shipped = (@shipped ||= {})[Scullion::Cook::Parcels.keys] ||= Scullion::House.shipped

        private

        # Every write moves a version, and every row added or taken out moves the count or the last id.
        def stamp
          [
            ActiveRecord::Base.connection_db_config.database,
            Scullion::Cook::Parcels.keys,
            Ingredient.pick(Arel.sql("COUNT(*), COALESCE(SUM(lock_version), 0), COALESCE(MAX(id), 0)")),
            Kitchen.pluck(:id, :lock_version, :house_rules_id),
            HouseRules.order(:id).map(&:attributes),
            OwnFigure.of_the_kitchen.order(:id).pluck(:at, :value, :set_by, :set_on)
          ]
        end

        def built
          bare = shipped.with(larder: larder, rule_sets: rule_sets)
          ours = Kitchen.ours
          kitchen = Scullion::Kitchen.read(DocumentReader.new(ours.to_brief), bare.practice)
          bare.with(
            kitchen: kitchen,
            rules: bare.rule_sets.fetch(ours.house_rules.key),
            figures: own_figures(bare)
          )
        end

        def larder
          Ingredient
            .all
            .to_h { |record| [record.key, IngredientForm.read(record.facts, sources: shipped.sources)] }
            .freeze
        end

        def rule_sets
          HouseRules
            .order(:key)
            .to_h do |record|
              [record.key, Scullion::HouseRules.read(DocumentReader.new(record.to_document), record.source)]
            end
        end

        # One whose figure has gone since is no reason not to plan.
        def own_figures(house)
          OwnFigure
            .of_the_kitchen
            .select { |figure| house.bound(figure.at) }
            .to_h { |figure| [figure.at, [figure.value, figure.set_for]] }
        end
      end
    end
  end
end
