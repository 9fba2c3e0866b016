# frozen_string_literal: true

module Scullion
  module Safety
    # A hazard that holds somewhere in a plan. at: the sheet it touches ("cook/0"); about: of what; stage: the
    # screen; taken_on: by whom, and why, where a stop was.
    Finding =
      Struct.new(
        :hazard,
        :grave,
        :hand,
        :at,
        :about,
        :stage,
        :what,
        :remedy,
        :source,
        :taken_on,
        keyword_init: true
      ) do
        # Keeps a task from being begun, unless a named person took it on.
        def stop? = grave == "stop"
        def bars? = stop? && taken_on.nil?

        # Known by this for who takes it on.
        def key = "#{hazard}@#{at}"

        # In one line, as it stands on paper.
        def line
          said = [what, remedy].reject(&:empty?).join(" ")
          taken_on ? "#{said} Taken on by #{taken_on.by}: #{taken_on.reason}" : said
        end

        def snag = Snag.new(severity: grave, stage: stage, what: what, remedy: remedy)

        def to_h
          {
            "key" => key,
            "hazard" => hazard,
            "grave" => grave,
            "at" => at,
            "stage" => stage,
            "about" => about,
            "what" => what,
            "remedy" => remedy,
            "source" => source,
            "taken_on" => taken_on&.to_h&.transform_keys(&:to_s)
          }.compact
        end
      end
  end
end
