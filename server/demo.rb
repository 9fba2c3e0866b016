# frozen_string_literal: true

module Scullion
  # Puts the demo scenario into an empty database, and only there.
  module Demo
    SCENARIO = File.expand_path("../demo/scenario.json", __dir__)

    # @param today [Date] the demo's services come after it
    # @param past [Boolean] with three weeks that are over
    # @return [Boolean] false when the database already holds something
    def self.load(today: Date.today, past: false)
      ActiveRecord::Base.transaction do
        next false if Records::Ingredient.exists? || Records::Service.exists?

        scenario = JSON.parse(File.read(SCENARIO))
        larder
        rules = house_rules.fetch(scenario["house_rules"])
        Records::Kitchen.new.write(scenario["kitchen"], rules: rules)
        scenario["salads"].each { |salad| add_salad(salad) }
        services = scenario["services"]
        services.zip(dates(services.map { |service| service["weekday"] }, today)) do |service, date|
          add_service(service, date)
        end
        DemoRecord.new(today).keep
        DemoPast.new(today).load if past
        true
      end
    end

    def self.larder
      Records::House.shipped.larder.each_value do |ingredient|
        Records::Ingredient.create!(Records::Ingredient.document(ingredient.facts))
      end
    end

    def self.house_rules
      Records::House.shipped.rule_sets.to_h do |key, rules|
        [
          key,
          Records::HouseRules.create!(
            key: key,
            name: rules.name,
            source: rules.figures.source("days"),
            **HouseRules::LIMITS.keys.to_h { |limit| [limit.to_sym, rules.fetch(limit)] }
          )
        ]
      end
    end

    def self.add_salad(document)
      fields = DocumentReader.new(document)
      build = Salad::Form.read(fields, Records::House.shipped)
      raise InvalidBrief, fields.faults unless build

      Records::Salad.new.write(build)
    end

    # Each on the next such weekday after the one before it. @return [Array<Date>]
    def self.dates(weekdays, today)
      weekdays
        .reduce([today]) { |all, weekday| all + [all.last + 1 + ((weekday - all.last.wday - 1) % 7)] }
        .drop(1)
    end

    def self.add_service(document, date)
      Records::Service.new.write(document.except("weekday").merge("date" => date.iso8601))
    end
    private_class_method :larder, :house_rules, :add_salad, :add_service
  end
end
