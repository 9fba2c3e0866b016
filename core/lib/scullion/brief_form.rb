# frozen_string_literal: true

module Scullion
  # Reads a brief from plain data. What the brief leaves out (ingredients, kitchen, house
  # rules) comes from the shipped facts.
  class BriefForm
    def initialize(data, facts)
      @fields, @facts = DocumentReader.new(data), facts
    end

    # @raise [InvalidBrief]
    def read
      @fields.only(*Brief::FIELDS)
      @fields.choice("format", [Brief::FORMAT])
      brief = Brief.new(larder: larder, kitchen: kitchen, rules: rules, practice: practice, salads: salads,
                        service: service, progress: progress)
      raise InvalidBrief, @fields.faults if @fields.faults.any?

      brief
    end

    private

    def larder
      @larder ||= begin
        own = ingredients.compact.to_h { |ingredient| [ingredient.key, ingredient] }
        own_figures("larder").group_by { |at, _| at[%r{\A[^/]+}] }.each do |key, changes|
          ingredient = own[key] || @facts.larder[key]
          own[key] = ingredient.with(changes.to_h { |at, change| [at.delete_prefix("#{key}/"), change] }) if ingredient
        end
        own.empty? ? @facts.larder : @facts.larder.merge(own)
      end
    end

    def ingredients
      return [] unless @fields.given?("ingredients")

      @fields.list("ingredients", 0..2000, "ingredients") do |item|
        IngredientForm.read(item.data, sources: @facts.sources, where: item.where, faults: @fields.faults)
      end || []
    end

    def practice
      @practice ||= own_figures("practice").then { |own| own.empty? ? @facts.practice : @facts.practice.with(own) }.then { |book| kitchen ? book.measured_in(kitchen.house) : book }
    end

    def kitchen
      return @kitchen if defined?(@kitchen)

      @kitchen = @fields.within("kitchen", default: @facts.kitchen) { |item| Kitchen.read(item, @facts.practice) }
    end

    # The key of a shipped set, or a set of one's own.
    def rules
      given = @fields.raw("house_rules")
      return @fields.within("house_rules") { |item| HouseRules.read(item, "Your house rules.") } if given.is_a?(Hash)

      key = @fields.choice("house_rules", @facts.house_rules.keys, default: @facts.house_rules.keys.first)
      @facts.house_rules[key]
    end

    def salads
      @salads ||= (@fields.list("salads", 1..60, "salads") { |item| Salad::Form.read(item, larder, practice) } || [])
                  .compact.to_h { |salad| [salad.key, salad] }
    end

    # What was decided about the day; it is counted from the service's date.
    def progress
      return Day::Progress.new unless @fields.given?("day") && service

      @fields.within("day") { |item| Day::ProgressForm.new(item, service.from.date).read }
    end

    # Salads with faults of their own are not reported a second time as missing.
    def service
      return @service if defined?(@service)

      faulty = @fields.raw("salads").is_a?(Array) ? @fields.raw("salads").grep(Hash).map { |salad| salad["key"] } : []
      known = faulty.to_h { |key| [key, nil] }.merge(salads)
      @service = @fields.within("service") { |item| Service.read(item, known) }
    end

    def own_figures(book)
      figures.filter_map { |at, change| [at.delete_prefix("#{book}/"), change] if at.start_with?("#{book}/") }.to_h
    end

    def figures
      @figures ||= if @fields.given?("figures")
                     (@fields.list("figures", 0..500, "figures") { |item| own_figure(item) } || []).compact.to_h
                   else
                     {}
                   end
    end

    def own_figure(item)
      item.only("at", "value", "set_for")
      at = item.text("at", most: 200) or return
      least, most, unit = bound(at)
      return item.fault("at", "There is no figure #{at.inspect}.", "Use the address that a working gives.") unless least

      value = item.number("value", least..most, unit)
      [at, [value, item.text("set_for", default: "this service", most: 80)]] if value
    end

    def bound(at)
      book, rest = at.split("/", 2)
      if book == "practice" then Practice.bound(rest) if @facts.practice.figures.key?(rest.to_s)
      elsif book == "larder" then IngredientForm.bound(rest) if larder_figure?(rest)
      end
    end

    def larder_figure?(rest)
      key, address = rest.to_s.split("/", 2)
      own = Array(@fields.raw("ingredients")).find { |row| row.is_a?(Hash) && row["key"] == key }
      return Figures.flatten(own).key?(address) if own

      @facts.larder[key]&.figures&.key?(address.to_s)
    end
  end
end
