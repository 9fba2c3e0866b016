# frozen_string_literal: true

module Scullion
  module Recipe
    # What a step tells, in a few words.
    module FactInWords
      SAID = {
        "warm" => "dressed warm",
        "cold" => "cooled first",
        "order" => "when it goes in",
        "hold_back" => "kept back",
        "cut_after" => "cut once it is cooked",
        "served" => "served"
      }.freeze

      # @param fact [Bound::Fact] @param writer [Amount::Writer] @return [String]
      def self.of(fact, writer)
        case fact.fact
        when "method"
          (Cook::Parcels.all[fact.value.first]&.label || fact.value.first).downcase
        when "treat_minutes"
          "for #{fact.value.uniq.map { |each| writer.min(each) }.join(" to ")}"
        when "cut", "trim"
          fact.value.map { |each| each.tr("-", " ") }.join(", ")
        when "treat"
          fact.value.tr("-", " ")
        when "celsius"
          fact.value.uniq.map { |degrees| writer.celsius(degrees) }.join(" to ")
        when *SAID.keys
          "#{SAID.fetch(fact.fact)}: #{fact.value[/[^\s,;:].*[^\s,;:]/]}"
        else
          minutes = fact.value.uniq.map { |each| writer.min(each) }.join(" to ")
          "#{fact.fact.delete_suffix("_minutes").delete_suffix("minutes")} #{minutes}".strip
        end
      end
    end
  end
end
