# frozen_string_literal: true

module Scullion
  # An ingredient may be written as being like another: it takes over all that it does not say
  # itself, but neither name nor aliases. Likenesses may follow each other, not go in a circle.
  class Likeness
    OWN = %w[key name aliases like].freeze
    # The source of what was looked up of another.
    ALIKE = "alike"

    # @param known [Hash{String=>Hash}] key => facts as written
    def initialize(known)
      @known = known
    end

    # @param facts [Hash] as written @param where [String] for faults @param faults [Array<Fault>] collects
    # @return [Hash] complete, and like nothing any more; the facts themselves when there is a fault
    def resolve(facts, where: "", faults: [])
      chain = follow(facts, where, faults) or return facts
      chain.reverse.reduce({}) { |made, each| deep(unsaid(made.except(*OWN), each), each) }.except("like")
    end

    private

    # @return [Array<Hash>, nil] the facts, those they are like, and so on
    def follow(facts, where, faults)
      chain = [facts]
      while (key = chain.last["like"])
        return circle(facts, chain, key, where, faults) if chain.any? { |each| each["key"] == key }

        chain << (@known[key] || (return missing(key, where, faults)))
      end
      chain
    end

    def circle(facts, chain, key, where, faults)
      faults << Fault.new(
        what: "#{facts["key"]} is made like itself: #{[*chain.map { |each| each["key"] }, key].join(" → ")}.",
        where: "#{where}/like",
        remedy: "Break the circle."
      )
      nil
    end

    def missing(key, where, faults)
      faults << Fault.new(
        what: "There is no #{Fault.shown(key)} to be like.",
        where: "#{where}/like",
        remedy: "Use the key of an ingredient in the larder."
      )
      nil
    end

    # Without the sources of what is written anew; what a table says of one food it does not say of another.
    def unsaid(made, own)
      return made unless made["sources"].is_a?(Hash)

      kept =
        made["sources"].reject do |at, _|
          field, what = at.split("/", 3)
          what && own[field].is_a?(Hash) && own[field].key?(what)
        end
      made.merge("sources" => kept.transform_values { |source| Tables.source?(source) ? ALIKE : source })
    end

    # What is written as empty is none of what the other has.
    def deep(under, over)
      under.merge(over) do |_, theirs, own|
        theirs.is_a?(Hash) && own.is_a?(Hash) && own.any? ? deep(theirs, own) : own
      end
    end
  end
end
