# frozen_string_literal: true

module Scullion
  # Everything the cook decided: service, salads, larder, kitchen, house rules and any figures
  # of their own. Same brief, same plan.
  class Brief
    FORMAT = "scullion/brief@1"
    FIELDS = %w[format service salads ingredients kitchen house_rules figures day].freeze

    attr_reader :service, :salads, :larder, :kitchen, :rules, :practice, :progress

    # @param progress [Day::Progress] what was decided about the day, and what is done of it
    def initialize(service:, salads:, larder:, kitchen:, rules:, practice:, progress:)
      @service, @salads, @larder, @kitchen, @rules, @practice, @progress = service, salads, larder, kitchen, rules, practice, progress
      freeze
    end

    # The same with a day decided otherwise. @return [Brief]
    def with(progress:) = Brief.new(service: service, salads: salads, larder: larder, kitchen: kitchen, rules: rules, practice: practice, progress: progress)

    # @param data [Hash] parsed JSON, see docs/brief.schema.json
    # @param facts [Facts::Book] the shipped larder, practice, house rules and starter kitchen
    # @return [Brief]
    # @raise [InvalidBrief] with every fault found
    def self.read(data, facts) = BriefForm.new(data, facts).read
  end
end
