# frozen_string_literal: true

module Scullion
  module Dress
    # A formula brought to another school of fat to acid: the fat stays, the acid follows.
    module Ratio
      # @param parts [Array<Salad::Part>] @param times [Float] fat for one of acid, by volume
      # @param practice [Practice] @return [Array<Float>] amount of each part, in the measure it is written in
      # @raise [InvalidBrief] without fat or acid there is no ratio
      def self.amounts(parts, times, practice)
        does = Does.new(practice)
        fats, acids = %i[fat? acid?].map { |kind| parts.select { |part| does.public_send(kind, part) } }
        fat, acid = [fats, acids].map { |each| each.sum(&:ml) }
        unless fat.positive? && acid.positive?
          raise InvalidBrief,
                Fault.new(
                  what: "This dressing has no #{fat.positive? ? "acid" : "fat"}, and so no ratio.",
                  where: "/dressing/parts",
                  remedy: "Add a part for it first."
                )
        end

        parts.map { |part| (part.amount * (acids.include?(part) ? fat / times / acid : 1)).round(2) }
      end
    end
  end
end
