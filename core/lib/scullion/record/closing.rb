# frozen_string_literal: true

module Scullion
  module Record
    # A service when it is over: planned and done side by side, line by line, with what the difference is in
    # kilos and in money. Lines for which nobody weighed say so. Rules of the job, "The record".
    class Closing
      # One line. of: what is compared; planned, done: g, or covers; worth: of the difference, in money.
      Line =
        Struct.new(:name, :of, :at, :planned, :done, :unit, :price, keyword_init: true) do
          def difference = done && (done - planned)
          def share = difference && planned.positive? ? difference / planned : nil
          def worth = difference && price && unit == "g" ? difference / 1000 * price : nil
        end

      # @param plan [Plan] as it was issued @param log [Log] @param service [Integer]
      # @param lots [Array<ColdRoom::Held>] of this service
      def initialize(plan, log, service, lots)
        @plan, @log, @service, @lots = plan, log, service, lots
      end

      # @return [Array<Line>]
      def lines = [covers, *@plan.preps.flat_map { |prep| bench(prep) }, *pots, *plates]

      # g that were left over, thrown and given away, and what they were worth.
      # @return [Hash{String=>Array(Float, Float)}]
      def gone
        %w[left thrown given].to_h do |of|
          found = @log.of(kind: "weighed", of: of, service: @service)
          [of, [found.sum { |entry| entry.value || 0.0 }, found.sum { |entry| worth(entry) }]]
        end
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "lines" => lines.map { |line| words(line) },
          "gone" =>
            gone.map do |of, (grams, worth)|
              {
                "of" => of,
                "grams" => grams.round(1),
                "text" => writer.g(grams),
                "worth" => writer.money(worth)
              }
            end,
          "lots" => @lots.map { |held| held.lot.code }
        }
      end

      private

      def writer = @plan.brief.practice.writer
      def weighed(of, ats)
        found =
          @log
            .of(kind: "weighed", of: of, service: @service)
            .select { |entry| ats.any? { |at| at?(entry, at) } }
        found.sum(&:value) unless found.empty?
      end
      def at?(entry, at) = entry.task == at || entry.task.to_s.start_with?("#{at}/")

      def covers
        served = @log.last(kind: "served", service: @service)
        Line.new(
          name: "Covers",
          of: "served",
          planned: @plan.brief.service.covers,
          done: served&.value,
          unit: "covers"
        )
      end

      def price(prep) = @plan.purchases.find { |line| line.ingredient.equal?(prep.ingredient) }&.price

      def bench(prep)
        return [] unless prep.bench?

        { "bought" => prep.ap_grams, "trimmed" => prep.ep_grams }.map do |of, planned|
          gram(prep.need.name, of, prep.at, planned, price(prep))
        end
      end

      def pots
        @plan.cooking.map do |cooking|
          gram(
            cooking.need.name,
            "cooked",
            cooking.at,
            cooking.need.cooked_grams,
            price(cooking_prep(cooking))
          )
        end
      end
      def cooking_prep(cooking) = @plan.preps.find { |prep| prep.need.equal?(cooking.need) }

      def plates
        @plan.builds.map do |build|
          gram(build.portion.salad.name, "portion", build.at, build.portion.portion_grams, nil, middle: true)
        end
      end

      # middle: the middle of several, where each is one of its kind.
      def gram(name, of, at, planned, price, middle: false)
        done = middle ? portion(at) : weighed(of, [at])
        Line.new(name: name, of: of, at: at, planned: planned, done: done, unit: "g", price: price)
      end

      def portion(at)
        found = @log.of(kind: "weighed", of: "portion", service: @service).select { |entry| at?(entry, at) }
        found.map(&:value).sort[found.size / 2] unless found.empty?
      end

      # Of a lot of one food by what its ingredient cost; of a mixed salad by what a serving of it does.
      def worth(entry)
        held = @lots.find { |each| each.lot.code == entry.lot } or return 0.0
        of_food(held.lot, entry) || of_salad(held.lot, entry) || 0.0
      end

      def of_food(lot, entry)
        prep = @plan.preps.find { |each| [each.at, each.cooking&.at].compact.any? { |at| at?(lot, at) } }
        prep && (entry.value.to_f / 1000 * price(prep).to_f * prep.ap_grams / prep.need.finished_grams)
      end

      def of_salad(lot, entry)
        index = @plan.builds.index { |build| at?(lot, build.at) } or return
        entry.value.to_f / @plan.portions[index].portion_grams * @plan.taste.costs[index].cost
      end

      def words(line)
        write = ->(value) { value && (line.unit == "g" ? writer.g(value) : writer.write(value, :covers)) }
        {
          "name" => line.name,
          "of" => line.of,
          "planned" => write[line.planned],
          "done" => write[line.done],
          "share" => line.share&.round(3),
          "difference" => line.difference && signed(line),
          "worth" => line.worth && writer.money(line.worth.abs)
        }.compact
      end

      def signed(line)
        return "as planned" if line.difference.zero?

        size = line.difference.abs
        text = line.unit == "g" ? writer.g(size) : writer.write(size, :covers)
        "#{line.difference.positive? ? "+" : "−"}#{text}"
      end
    end
  end
end
