# frozen_string_literal: true

module Scullion
  # Reads a brief from plain data. What the brief leaves out (ingredients, kitchen, house rules,
  # figures) is as the house has it.
  class BriefForm
    # @param data [Object] @param house [House]
    def initialize(data, house)
      @fields, @ours = DocumentReader.new(data), house
    end

    # @raise [InvalidBrief]
    def read
      @fields.only(*Brief::FIELDS)
      @fields.choice("format", [Brief::FORMAT])
      brief = Brief.new(house: house, salads: salads, service: service, progress: progress)
      raise InvalidBrief, @fields.faults if @fields.faults.any?

      brief
    end

    private

    # Ours, with what the brief has otherwise, and then with its figures.
    def house
      @house ||= as_brought.with(figures: figures)
    end

    def as_brought
      @as_brought ||= @ours.with(brought: brought, kitchen: kitchen, rules: rules)
    end

    def brought = ingredients.compact.to_h { |ingredient| [ingredient.key, ingredient] }

    # One that is as ours is stays ours, with our own figures in it.
    def ingredients
      return [] unless @fields.given?("ingredients")

      @fields.list("ingredients", 0..2000, "ingredients") do |item|
        next if @ours.larder[item.raw("key")]&.facts == item.data

        IngredientForm.read(
          item.data,
          sources: @ours.sources,
          practice: @ours.practice,
          where: item.where,
          faults: @fields.faults
        )
      end || []
    end

    def kitchen
      @fields.within("kitchen", default: @ours.kitchen) { |item| Kitchen.read(item, @ours.practice) }
    end

    # The key of a set of ours, or a set of one's own.
    def rules
      given = @fields.raw("house_rules")
      if given.is_a?(Hash)
        return @fields.within("house_rules") { |item| HouseRules.read(item, "Your house rules.") }
      end

      key = @fields.choice("house_rules", @ours.rule_sets.keys, default: nil)
      key ? @ours.rule_sets[key] : @ours.rules
    end

    def salads
      @salads ||=
        (@fields.list("salads", 1..60, "salads") { |item| Salad::Form.read(item, house) } || [])
          .compact
          .to_h { |salad| [salad.key, salad] }
    end

    # What was decided about the day; it is counted from the service's date.
    def progress
      return Day::Progress.new unless @fields.given?("day") && service

      @fields.within("day") { |item| Day::ProgressForm.new(item, service.from.date).read }
    end

    # Salads with faults of their own are not reported a second time as missing.
    def service
      return @service if defined?(@service)

      faulty =
        (
          if @fields.raw("salads").is_a?(Array)
            @fields.raw("salads").grep(Hash).map { |salad| salad["key"] }
          else
            []
          end
        )
      known = faulty.to_h { |key| [key, nil] }.merge(salads)
      @service = @fields.within("service") { |item| Service.read(item, known) }
    end

    # Own figures of the brief, over those of the house.
    def figures
      return {} unless @fields.given?("figures")

      (@fields.list("figures", 0..500, "figures") { |item| own_figure(item) } || []).compact.to_h
    end

    def own_figure(item)
      item.only("at", "value", "set_for")
      at = item.text("at", most: 200) or return
      least, most, unit = as_brought.bound(at)
      unless least
        return item.fault("at", "There is no figure #{at.inspect}.", "Use the address that a working gives.")
      end

      value = item.number("value", least..most, unit)
      [at, [value, item.text("set_for", default: "this service", most: 80)]] if value
    end
  end
end
