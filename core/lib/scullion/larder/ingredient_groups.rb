# frozen_string_literal: true

module Scullion
  # What stands where a group of an ingredient's facts should be, and what its words name. Part of
  # IngredientForm.
  module IngredientGroups
    # Groups of named fields; those that hold a group for each name.
    GROUPS = %w[trims treats pieces content usual price].freeze
    NESTED = %w[trims treats].freeze

    private

    # A word where a group should be is found here, and not by who looks into it.
    def groups
      return unless @facts.is_a?(Hash)

      (GROUPS + Cook::Parcels.keys).each do |group|
        value = @facts[group]
        next if value.nil? || (value.is_a?(Hash) && (!NESTED.include?(group) || value.values.all?(Hash)))

        @fields.fault(group, "This should be an object with named fields.", "Send {\"…\": …}.")
      end
    end

    # How it holds and what it carries are words of practice.
    def named
      return unless @practice && @facts.is_a?(Hash)

      {
        "hold" => @practice.keys("holds"),
        "carries" => @practice.words("dressing", "uptake").keys
      }.each do |group, known|
        (@facts[group].is_a?(Hash) ? @facts[group] : {}).each do |form, word|
          next if known.include?(word)

          @fields.fault(
            [group, form],
            "#{Fault.shown(word)} is not known here.",
            "Use one of: #{known.join(", ")}."
          )
        end
      end
    end
  end
end
