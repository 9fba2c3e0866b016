# frozen_string_literal: true

module Scullion
  # The one front door: a brief goes in, everything that follows from it comes out. A pipeline
  # in the order the work is done; each stage takes what came before and adds its own sheets.
  #
  #   plan = Scullion::Plan.for(brief)
  #   plan.to_h                                    # the whole plan, ready for JSON
  #   plan.working("cook/0/water_grams").to_h      # how one figure came about
  class Plan
    FORMAT = "scullion/plan@1"

    # @param brief [Brief] @return [Plan]
    def self.for(brief) = new(brief)

    attr_reader :brief, :portions, :needs, :cooking, :preps, :made, :along, :benches, :dressings, :windows

    def initialize(brief)
      @brief = brief
      @portions =
        brief.service.lines.each_with_index.map do |line, index|
          Count::Portion.new("count/#{index}", line, index, brief)
        end
      @needs = Count::Need.of(portions, brief.progress)
      cook_and_prep
      @windows =
        portions.each_with_index.map do |portion, index|
          Hold::Window.new("hold/#{index}", portion, brief) { builds[index] }
        end
      dress
    end

    # Stages that no other needs are worked out when they are asked for: a salad that is only tried is neither
    # bought nor built.
    def purchases = @purchases ||= buy
    def builds = @builds ||= build
    def waves = @waves ||= in_waves

    # @return [Hash] same brief, same Hash, in the same order
    def to_h
      @to_h ||= {
        "format" => FORMAT,
        "service" => service,
        "snags" => snags.map(&:to_h),
        "hazards" => hazards.map(&:to_h),
        "count" => portions.map(&:to_h),
        "needs" => needs.map(&:to_h),
        "shared" => shared,
        "buy" => purchases.map(&:to_h),
        "prep" => preps.map(&:to_h),
        "made" => made.map(&:to_h),
        "benches" => benches.map(&:to_h),
        "cook" => cooking.map { |method| cooked(method) },
        "dress" => dressings.map(&:to_h),
        "hold" => windows.map(&:to_h),
        "build" => builds.map(&:to_h),
        "waves" => waves.map(&:to_h)
      }
    end

    # @param at [String] a figure's "at"
    # @return [Working]
    # @raise [UnknownFigure]
    def working(at)
      place, _, name = at.to_s.rpartition("/")
      sheet =
        sheets.find { |candidate| candidate.at == place } ||
          taste.sheets.find { |candidate| candidate.at == place } or
        raise UnknownFigure,
              Fault.new(
                what: "Nothing in this plan stands at #{Fault.shown(at)}.",
                where: "at",
                remedy: "Ask for a figure by the \"at\" that the plan gives it."
              )
      sheet.working(name)
    end

    # How to cool what was cooked at this place in time.
    # @param at [String] a cooking sheet's "at" @param method [String, nil] see Cook::CoolDown
    # @return [Cook::CoolDown]
    # @raise [UnknownFigure] when nothing there is cooled
    def cool_down(at, method = nil)
      sheet = cooking.find { |candidate| candidate.at == at && candidate.cools? } or
        raise UnknownFigure,
              Fault.new(
                what: "Nothing at #{Fault.shown(at)} is cooled by plan.",
                where: "at",
                remedy: "Ask for something that comes out hot and must be kept cold."
              )
      Cook::CoolDown.new(sheet, brief, method)
    end

    # What reaches each plate, what it costs, whom it suits and how it is balanced. Asked for on
    # its own, so that no other figure waits for it.
    def taste = @taste ||= Salad::Taste.new(self, needs.zip(cooking_of_needs, every_prep), @by_portion)

    # Of every preparation, also of what another service makes for this one. @return [Array<Prep::Line>]
    attr_reader :every_prep

    # Worst first.
    def snags
      @snags ||=
        begin
          sheets = [portions, needs, preps, cooking, dressings, windows, builds, waves].flatten
          found = hazards.reject { |finding| finding.grave == "mind" }.map(&:snag)
          all = found + sheets.flat_map(&:snags).reject(&:stop?)
          all.sort_by.with_index { |snag, index| [snag.severity == "stop" ? 0 : 1, index] }
        end
    end

    # What is made once for several services, in words. @return [Array<String>]
    def shared = needs.filter_map(&:shared)

    # How what is cooked is kept safe. @return [Safety::Control]
    def control = @control ||= Safety::Control.new(brief, cooking)

    # What can hurt somebody, at its place, the gravest first. @return [Array<Safety::Finding>]
    def hazards = safety.findings

    # @return [Safety::Engine]
    def safety = @safety ||= Safety::Engine.new(self)

    # Stops that nobody has taken on: with one of them it is no plan to cook by.
    def stops = hazards.select(&:bars?)

    # Every sheet of the plan, flat.
    def sheets
      [
        *portions,
        *portions.flat_map(&:layers),
        *needs,
        *cooking,
        *preps,
        *made,
        *made.flat_map(&:parts),
        *along,
        *benches,
        *dressings,
        *dressings.filter_map(&:full),
        *dressings.flat_map(&:parts),
        *dressings.flat_map(&:stages),
        *dressings.flat_map(&:stages).flat_map(&:pours),
        *purchases,
        *windows,
        *waves,
        *builds,
        *builds.flat_map(&:shares),
        *builds.flat_map(&:pours)
      ]
    end

    # The same, and those of the taste.
    def all_sheets = sheets + taste.sheets

    private

    def service
      from = brief.service.from
      {
        "name" => brief.service.name,
        "date" => from.date.iso8601,
        "from" => from.clock,
        "to" => brief.service.to.clock,
        "covers" => brief.service.covers,
        "over_prep" => brief.service.over_prep,
        "rules" => brief.rules.name,
        "served_as" => brief.service.served_as,
        "guests" => brief.service.guests,
        "stops" => stops.size,
        "latest_dress" => waves.map(&:dress_by).max.to_s,
        "order_cost" =>
          Buy::Price.words(purchases.sum(&:cost), purchases.any?(&:unpriced?), brief.practice.writer),
        "kitchen" => brief.kitchen.name,
        "crew" => crew
      }
    end

    # The hands there are, in words.
    def crew
      cooks = brief.kitchen.cooks
      if cooks.empty?
        "no cook is on shift yet"
      else
        "#{cooks.map(&:initials).join(", ")} on shift, #{brief.practice.writer.min(cooks.sum(&:minutes))} " \
          "between them"
      end
    end

    def cooking_of_needs = every_prep.map(&:cooking)

    # What another service makes for this one is neither bought, cut nor cooked here.
    def cook_and_prep
      cooked = 0
      @every_prep =
        needs.each_with_index.map do |need, index|
          method = need.component.method&.new("cook/#{cooked}", need, brief)
          cooked += 1 if method
          Prep::Line.new("prep/#{index}", need, method, brief)
        end
      @preps = every_prep.reject { |prep| prep.need.brought }
      @cooking = preps.filter_map(&:cooking)
      @benches = Prep::Bench.of(@preps)
      @made = preps.filter_map(&:made)
      @along = cooking.flat_map(&:along)
    end

    def cooked(method)
      with = method.along.map(&:to_h)
      { **method.to_h, "control" => control.of(method), "with" => (with unless with.empty?) }.compact
    end

    def dress
      @dressings = []
      @by_portion =
        portions
          .zip(windows)
          .to_h do |portion, window|
            next portion, nil unless portion.salad.dressing && portion.dressing_grams.positive?

            @dressings << Dress::Batch.new("dress/#{@dressings.size}", portion, window, brief.practice)
            [portion, @dressings.last]
          end
    end

    def build
      portions.each_with_index.map do |portion, index|
        Build::Bowls.new("build/#{index}", portion, @by_portion[portion], brief)
      end
    end

    def in_waves
      portions
        .zip(windows)
        .each_with_index
        .map { |(portion, window), index| Build::Waves.new("waves/#{index}", portion, window, brief) }
    end

    # Everything that is bought, gathered by ingredient: by section, then by name. What takes nothing buys
    # nothing.
    def buy
      needed = takers.select { |_, sheet, name| sheet.public_send(name).positive? }
      needed
        .group_by(&:first)
        .sort_by { |ingredient, _| [ingredient.section, ingredient.name] }
        .each_with_index
        .map do |(ingredient, uses), index|
          Buy::Purchase.new("buy/#{index}", ingredient, uses.map { |use| use.drop(1) }, brief)
        end
    end

    # @return [Array<Array(Ingredient, Worksheet, Symbol)>] with the figure that says how much
    def takers
      seasonings =
        (cooking + preps).flat_map do |sheet|
          sheet.uses.map { |key, name| [brief.larder.fetch(brief.practice.seasoning(key)), sheet, name] }
        end
      bought = preps.reject { |prep| prep.component.made }
      bought.map { |prep| taker(prep, :ap_grams) } + seasonings +
        dressings.flat_map(&:parts).map { |part| taker(part, :needed_grams) } +
        made.flat_map(&:parts).map { |part| taker(part, :grams) } +
        along.map { |each| [each.ingredient, each, :grams] }
    end

    # From whole fruit the fruit is bought.
    def taker(sheet, figure)
      sheet.fruit ? [sheet.fruit.whole, sheet, :fruit_grams] : [sheet.ingredient, sheet, figure]
    end
  end
end
