# frozen_string_literal: true

module Scullion
  class Plan
    # What changed between two plans, in the words of the kitchen: "+1 tin", "+0.9 kg carrots",
    # "2nd pot". Biggest work first: vessels, then packs, then weights.
    class Difference
      def initialize(before, after)
        @before, @after = before, after
      end

      # @return [Array<String>] empty when nothing that can be bought, filled or carried changed
      def to_a
        changes = vessels + packs + loose
        changes = stove if changes.empty?
        changes.empty? ? dressing : changes
      end

      private

      def vessels
        [
          counted(:cooking, :batches, "batch", "batches"),
          counted(:cooking, :trays, "tray", "trays"),
          counted(:builds, :batches, "bowl", "bowls")
        ].flatten
      end

      def packs
        before = @before.purchases.to_h { |purchase| [purchase.ingredient.key, purchase.mix] }
        @after
          .purchases
          .reject(&:loose?)
          .flat_map { |purchase| repacked(purchase, before.fetch(purchase.ingredient.key, {})) }
      end

      # How many more or fewer of each size.
      def repacked(purchase, before)
        now, one = purchase.mix, purchase.ingredient.packs.one?
        purchase.ingredient.packs.filter_map do |pack|
          change = now.fetch(pack, 0) - before.fetch(pack, 0)
          name = change.abs == 1 ? pack.name : pack.plural
          name = name.split.last if one
          "#{signed(change)} #{bought(name, pack, purchase.ingredient)}" unless change.zero?
        end
      end

      # "tin white beans", "head cos lettuce"; a cucumber is called so once.
      def bought(name, pack, ingredient)
        food = ingredient.name.downcase
        [pack.name, pack.plural].include?(food) ? name : "#{name} #{food}"
      end

      def loose
        purchases { |purchase| purchase.bought_grams if purchase.loose? }
          .select { |_, change| change.abs >= 1 }
          .sort_by { |_, change| -change.abs }
          .map { |purchase, change| "#{weight(change)} #{purchase.ingredient.name.downcase}" }
      end

      # When nothing is bought or filled otherwise: water and minutes at the stove, else the dressing.
      def stove
        pairs(:cooking).flat_map do |before, after|
          [
            ["water", :water_grams, 1, ->(change) { weight(change) }],
            ["", :total_minutes, 0.5, ->(change) { minutes(change) }]
          ].filter_map do |what, figure, least, say|
            next unless before.respond_to?(figure) && after.respond_to?(figure)

            change = after.public_send(figure) - before.public_send(figure)
            [say.call(change), what, name(after)].reject(&:empty?).join(" ") if change.abs >= least
          end
        end
      end

      def dressing
        change = @after.dressings.sum(&:batch_grams) - @before.dressings.sum(&:batch_grams)
        change.abs < 0.05 ? [] : ["#{weight(change)} dressing"]
      end

      def counted(stage, figure, one, many)
        pairs(stage).filter_map do |before, after|
          next unless after.respond_to?(figure) && before.respond_to?(figure)

          change = after.public_send(figure) - before.public_send(figure)
          "#{signed(change)} #{change.abs == 1 ? one : many} #{name(after)}" unless change.zero?
        end
      end

      def pairs(stage)
        before = @before.public_send(stage).to_h { |sheet| [name(sheet), sheet] }
        @after
          .public_send(stage)
          .filter_map { |sheet| [before[name(sheet)], sheet] if before.key?(name(sheet)) }
      end

      def purchases
        before = @before.purchases.to_h { |purchase| [purchase.ingredient.key, yield(purchase)] }
        @after.purchases.filter_map do |purchase|
          now = yield(purchase) or next
          [purchase, now - before.fetch(purchase.ingredient.key, 0)]
        end
      end

      def name(sheet) = (sheet.respond_to?(:need) ? sheet.need.name : sheet.portion.salad.name).downcase
      def minutes(change) = "#{change.positive? ? "+" : "−"}#{@after.brief.practice.writer.min(change.abs)}"
      def weight(grams) = "#{grams.positive? ? "+" : "−"}#{@after.brief.practice.writer.g(grams.abs)}"
      def signed(number) = number.positive? ? "+#{number}" : "−#{number.abs}"
    end
  end
end
