# frozen_string_literal: true

module Scullion
  module Records
    # The one house of this database: what core's rules may ask of this kitchen. Kept in memory until any
    # of what it is made from has changed, and then made anew of what has: reading hundreds of ingredients
    # for every request is what would be slow. While somebody makes it anew of very much, others go on
    # with the one before.
    module House
      # stamp: of what it is made from; larder: as it was read, without own figures.
      Kept = Struct.new(:stamp, :house, :larder)
      # More ingredients than these are very much.
      MUCH = 50
      LOCK = Mutex.new

      class << self
        # @return [Scullion::House]
        def ours
          now, kept = made_from, @kept
          return kept.house if kept&.stamp == now
          return kept.house if @busy && LOCK.locked? && !LOCK.owned? && same_place?(kept, now)

          LOCK.synchronize do
            @kept = made(now, @kept) unless @kept&.stamp == now
            @kept.house
          end
        end

        # While very much is written, and until the house is made of it, others go on with the one before.
        # @return what the block gives
        def renewed
          LOCK.synchronize do
            @busy = true
            yield.tap { @kept = made(made_from, @kept) }
          ensure
            @busy = false
          end
        end

        # As it comes, before a kitchen has decided anything: what a new database is filled from.
        # @return [Scullion::House]
        def shipped = (@shipped ||= {})[Scullion::Cook::Parcels.keys] ||= Scullion::House.shipped

        private

        def made_from = [Records.database&.to_s, Scullion::Cook::Parcels.keys, Stamp.house]
        def same_place?(kept, now) = kept && kept.stamp.first(2) == now.first(2)

        def made(now, before)
          before = nil unless same_place?(before, now)
          larder, changed = LarderRead.after(before&.larder, shipped.sources) { @busy = true }
          Kept.new(now, built(now.last, larder, before&.house, changed), larder)
        ensure
          @busy = false
        end

        def built(stamp, larder, before, changed)
          bare = shipped.with(larder: larder.transform_values(&:ingredient).freeze, rule_sets: rule_sets)
          ours = Kitchen.ours
          kitchen = Scullion::Kitchen.read(DocumentReader.new(ours.to_brief), bare.practice)
          bare.with(
            stamp: stamp,
            kitchen: kitchen,
            rules: bare.rule_sets.fetch(ours.house_rules.key),
            figures: own_figures(bare),
            finder: finder(larder, before, changed)
          ).tap(&:finder)
        end

        def finder(larder, before, changed)
          names = larder.transform_values(&:names)
          return ->(ours) { Finder.new(ours, names) } unless before

          lambda { |ours| before.finder.over(ours, changed.to_h { |key| [key, names[key]] }) { Thread.pass } }
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
