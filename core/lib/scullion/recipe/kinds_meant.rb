# frozen_string_literal: true

module Scullion
  module Recipe
    # What a name or a number of a line may mean besides: small ones of a kind, none of a jar's, so much to
    # each of the grain, two foods under one name. For WholeLine, which it is a part of.
    module KindsMeant
      private

      def kinds_meant(items)
        seeds_alone(items)
        small_ones(items)
        counted_raw(items)
        by_ratio(items)
        two_by_one_name(items)
        oils(items)
      end

      # "6 peppers roasted": nobody counts those of a jar.
      def counted_raw(items)
        return if @plain.match?(/\bjars?\b/i)

        items.each do |item|
          if !item.counted? || item.container || item.piece || !item.foods.first.to_s.start_with?("jarred-")
            next
          end

          way, name = Lexicon.fold(item.name).split.partition { |word| lexicon.roles([word]).key?("cooks") }
          raw = lexicon.food(name) if way.any?
          next unless raw

          item.foods, item.words = raw, { "cooks" => lexicon.roles(way.first(1))["cooks"] }.merge(item.words)
        end
      end

      # "Freekeh 6 kg, 1:2 stock": so much to each of the grain, and not two grams.
      def by_ratio(items)
        items.each do |item|
          next unless item.counted? && item.food? && lexicon.cooked_in?(item.foods.first)

          item.flags << :for_some if @plain.byteslice(0...item.from).to_s.scrub.match?(/\d\s?:\s?\z/)
        end
      end

      # "Salt & pepper 160 g": of both together, or of each?
      def two_by_one_name(items)
        items.each_cons(2) do |one, other|
          next unless one.food? && one.name == other.name && one.foods != other.foods

          amount = one.amount || other.amount
          next if amount.nil? || amount.estimated || amount.unit == :piece

          [one, other].each { |item| item.flags << :both }
        end
      end

      # "10 small tomatoes" may be cherries or not; "2 kg small tomatoes" are.
      def small_ones(items)
        items.each do |item|
          size, *name = Lexicon.fold(item.name.to_s).split
          next if size != "small" || !item.counted? || item.foods.first.start_with?("small-")

          item.others.concat(lexicon.food(name).to_a - item.foods)
        end
      end
    end
  end
end
