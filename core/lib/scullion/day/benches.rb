# frozen_string_literal: true

module Scullion
  module Day
    # What is done at the bench to one preparation: washed, trimmed, cut, in parts where it takes long. Part
    # of its Jobs.
    module Benches
      PART = ", one of "
      BY_THE_SINK = %w[leaf herb].freeze

      private

      # With a knife each piece is trimmed and cut; for a machine all of it is trimmed first, and nobody waits
      # for the machine meanwhile.
      def cutting
        return [] unless @prep.bench? && !@bought_cut && (component.trim || component.cut || @prep.washed?)

        washed = in_bulk? ? at_bench("wash", "wash and spin dry", @prep.washing_minutes, [use("sink")]) : []
        first = washed + chilled_firm
        first + trimmed_and_cut(first)
      end

      # Leaf and herbs by the kilo are washed in the sink as a job of its own.
      def in_bulk?
        @prep.washed? && BY_THE_SINK.include?(@need.ingredient.family) &&
          @prep.ep_grams >= @practice.fetch("day/wash/bulk_grams")
      end

      def trimmed_and_cut(before)
        trimming, cutting = trim_minutes, @prep.cutting_minutes + @prep.tool_minutes
        trimming += @prep.washing_minutes unless in_bulk?
        trim = component.trim if trimming.positive?
        words = [("wash" if @prep.washed? && !in_bulk?), trim, cut_name].compact.uniq.join(", ")
        return at_bench("cut", words, trimming + cutting, tool, before) unless tool.any? && trimming.positive?

        trimmed = at_bench("trim", component.trim || "wash", trimming, [], before)
        trimmed + at_bench("cut", cut_name, cutting, tool, trimmed)
      end

      # Fat cured meat is cold through before it is cut.
      def chilled_firm
        return [] unless @prep.firm?

        wait = whole(@practice.fetch("trimming/firm/minutes"))
        segments = [
          segment(1, hands(KNIFE), name: "Into the coldest place"),
          segment(wait, name: "Chills firm")
        ]
        [task("#{@prep.at}/firm", "#{@need.name}: chill firm", "prep", @prep.at, segments)]
      end

      # A long job is shared out in parts, which any cook may take at any time.
      def at_bench(step, said, minutes, uses = [], before = [])
        return [] unless minutes.positive?

        parts = minutes.fdiv(@practice.fetch("day/chunk/most_minutes")).ceil
        Amount::Split
          .evenly(whole(minutes), parts)
          .each_with_index
          .map do |part, index|
            task(
              "#{@prep.at}/#{step}#{"/#{index + 1}" if parts > 1}",
              "#{@need.name}: #{said.tr("-", " ")}#{"#{PART}#{parts} parts" if parts > 1}",
              "prep",
              @prep.at,
              [segment(part, hands(blade || KNIFE), *uses), *clean_between],
              before
            )
          end
      end

      # Raw meat, fish and egg leave a clean bench behind.
      def clean_between
        return [] unless @prep.kind.animal?

        minutes = whole(@practice.fetch("day/separate/clean_minutes"))
        [segment(minutes, hands(KNIFE), name: "Wash down board, knife and hands")]
      end

      def blade = @prep.tool && @practice.words("tools", @prep.tool)["skill"]
      def tool
        @prep.tool && !@practice.words("tools", @prep.tool)["plain"] ? [use("tool-#{@prep.tool}")] : []
      end
    end
  end
end
