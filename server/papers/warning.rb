# frozen_string_literal: true

module Scullion
  module Papers
    # What can hurt somebody, as a line of a sheet.
    Warning =
      Struct.new(:grave, :text, keyword_init: true) do
        # Of findings that touch one sheet: one line each, those that say the same of several foods as one.
        # @param findings [Array<Safety::Finding>] @return [Array<Warning>]
        def self.of(findings)
          findings
            .group_by { |each| [each.hazard, each.grave, each.line.sub(each.about, "")] }
            .values
            .map { |same| new(grave: same.first.grave, text: together(same)) }
        end

        # @param same [Array<Safety::Finding>]
        def self.together(same)
          first = same.first
          same.one? ? first.line : first.line.sub(first.about, same.map(&:about).uniq.join(", "))
        end

        # How it is marked. @return [String]
        def word = { "stop" => "STOP", "look" => "Look", "mind" => "Mind" }.fetch(grave)
        def to_s = "#{word}: #{text}"
      end
  end
end
