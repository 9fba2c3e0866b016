# frozen_string_literal: true

module Scullion
  # Everything the cook decided: service, salads, the house (larder, kitchen, house rules, own figures),
  # and what was decided about the day. Same brief, same plan.
  class Brief
    FORMAT = "scullion/brief@1"
    FIELDS = %w[format service salads ingredients kitchen house_rules figures day].freeze

    attr_reader :service, :salads, :house, :progress

    # @param progress [Day::Progress] what was decided about the day, and what is done of it
    def initialize(service:, salads:, house:, progress:)
      @service, @salads, @house, @progress = service, salads, house, progress
      freeze
    end

    def larder = house.larder
    def kitchen = house.kitchen
    def rules = house.rules
    def practice = house.practice

    # The same with a day decided otherwise. @return [Brief]
    def with(progress:) = Brief.new(service: service, salads: salads, house: house, progress: progress)

    # @param data [Hash] parsed JSON, see docs/brief.schema.json
    # @param house [House] whose larder, kitchen, house rules and figures hold where the brief has none
    # @return [Brief]
    # @raise [InvalidBrief] with every fault found
    def self.read(data, house) = BriefForm.new(data, house).read
  end
end
