# frozen_string_literal: true

module Scullion
  module Dress
    # What kind of dressing a formula makes: how it holds together, how long it keeps, and which
    # school of fat to acid it is nearest. Rules of the job, "Dressing".
    class Character
      # @param parts [Array<Salad::Part>] @param practice [Practice]
      def initialize(parts, practice)
        @parts, @practice, @does = parts, practice, Does.new(practice)
      end

      # "loose", "held" or "full": by what binds it. @return [String]
      def emulsion
        return "full" if share(@parts.select { |part| @does.full?(part) }) >= least("full")

        share(@parts.select { |part| @does.binds?(part) }) >= least("held") ? "held" : "loose"
      end

      # What an emulsion can be whisked up on; bought mayonnaise is one already.
      # @return [Array<Salad::Part>]
      def bases = @parts.select { |part| @does.base?(part) }

      # By its riskiest part. @return [Safety::Keeping]
      def keeping = @keeping ||= Safety::Keeping.new(@parts, @practice)

      # @return [Float, nil] fat for one of acid, by volume; nil without acid
      def ratio
        fat, acid =
          %i[fat? acid?].map { |kind| @parts.select { |part| @does.public_send(kind, part) }.sum(&:ml) }
        fat / acid if acid.positive?
      end

      def to_h
        held = @practice.words("emulsions", emulsion)
        {
          "emulsion" => {
            "name" => held["name"],
            "how" => held["how"],
            "rescue" => held["rescue"],
            "again" => (writer.min(held["rewhisk_minutes"]) unless emulsion == "full")
          }.compact,
          "keeping" => {
            "text" => writer.days(keeping.days),
            "why" => keeping.why,
            "cold" => keeping.cold?
          },
          "ratio" => ratio&.round(3),
          "schools" => schools,
          "presets" => @practice.presets.map { |key, words| { "key" => key, "name" => words["name"] } },
          "complaints" =>
            @practice
              .words("corrections", "complaints")
              .map { |key, words| { "key" => key, "name" => words["name"] } }
        }.compact
      end

      # The school that the ratio is nearest to, as far up as down. @return [String, nil] its key
      def nearest_school
        return unless ratio&.positive?

        @nearest_school ||=
          @practice
            .keys("ratios")
            .min_by { |key| Math.log(@practice.fetch("ratios/#{key}/times") / ratio).abs }
      end

      private

      def writer = @practice.writer
      def share(parts) = parts.sum(&:grams).fdiv(@parts.sum(&:grams))
      def least(emulsion) = @practice.fetch("emulsions/#{emulsion}/least_share")

      def schools
        @practice
          .keys("ratios")
          .map do |key|
            @practice
              .words("ratios", key)
              .then do |words|
                {
                  "key" => key,
                  "name" => words["name"],
                  "suits" => words["suits"],
                  "times" => words["times"].to_f,
                  "nearest" => key == nearest_school
                }
              end
          end
      end
    end
  end
end
