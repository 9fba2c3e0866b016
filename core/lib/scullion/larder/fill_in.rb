# frozen_string_literal: true

module Scullion
  # Completes an ingredient written short: what its family usually has, what it takes over from
  # another that it is like, and what follows from how a cut or a finished piece packs. Everything
  # filled in says so in its sources, so that nothing is guessed in silence.
  class FillIn
    TYPICAL = "typical"
    PACKING = "packing"
    OF_FAT = "of-fat"
    MERGED = %w[hold carries content density].freeze

    # @param families [Hash{String=>Hash}] facts/families.yml @param practice [Practice]
    def initialize(families, practice)
      @families, @practice = families, practice
    end

    # @param facts [Hash] @return [Hash] a new one, complete as far as its family goes
    def complete(facts)
      family = @families[facts["family"]]
      return facts unless family && sound?(facts)

      done = merged(family["usual"], facts)
      referred(done, family)
      sources(done, facts, family)
      contents(done, facts, family)
      forms(done, family["leafy"])
      done
    end

    private

    # Of such shapes as can be filled in; what is not is for its reader to refuse.
    def sound?(facts)
      shapes = [*MERGED, "sources"].all? { |field| facts[field].nil? || facts[field].is_a?(Hash) }
      solid = facts.dig("density", "solid") if shapes
      shapes && (solid.nil? || solid.is_a?(Numeric))
    end

    # The family's usual under the ingredient's own; nested where each entry stands for itself.
    def merged(usual, facts)
      usual.merge(facts) do |field, theirs, own|
        MERGED.include?(field) && own.is_a?(Hash) ? theirs.merge(own) : own
      end
    end

    # What the family lent is marked as typical of it, entry by entry.
    def sources(done, facts, family)
      lent =
        family["usual"].flat_map do |field, value|
          next [] if Figures.flatten(value).empty? || field == "packs"
          next facts.key?(field) ? [] : [field] unless MERGED.include?(field)

          (value.keys - facts.fetch(field, {}).keys).map { |entry| "#{field}/#{entry}" }
        end
      done["sources"] = {
        "any" => "practice",
        **family.fetch("sources", {}),
        **lent.to_h { |at| [at, TYPICAL] },
        **facts.fetch("sources", {})
      }
    end

    # Its sugar is carbohydrate too, and of its fat so much is saturated where nobody says.
    def contents(done, facts, family)
      content = done["content"] = done.fetch("content", {}).dup
      return unless content.values.all?(Numeric)

      known = facts.fetch("content", {})
      carbohydrate, sugar = content.values_at("carbohydrate", "sugar")
      if carbohydrate && sugar && sugar > carbohydrate
        content["carbohydrate"] = sugar unless known.key?("carbohydrate")
        content["sugar"] = carbohydrate if known.key?("carbohydrate") && !known.key?("sugar")
      end
      fit(content, known)
      return if content.key?("saturated") || !content.key?("fat") || !family.key?("saturated_share")

      content["saturated"] = (content["fat"] * family["saturated_share"]).round(2)
      done["sources"] = { "content/saturated" => OF_FAT, **done["sources"] }
    end

    # What is typical leaves room for what is known.
    def fit(content, known)
      typical = (Possible::PARTS & content.keys) - known.keys
      typical -= ["carbohydrate"] if known["sugar"] == content["carbohydrate"]
      over = Possible.accounted(content) - 100
      lent = content.values_at(*typical).sum
      return unless over.positive? && lent.positive?

      left = [1 - (over / lent), 0].max
      typical.each { |each| content[each] = (content[each] * left).round(2) }
    end

    # For which piece the figures of its methods are.
    def referred(done, family)
      family
        .fetch("reference", {})
        .each { |method, piece| done[method] = piece.merge(done[method]) if done[method].is_a?(Hash) }
    end

    # Densities, holds and uptakes of every cut and every way of cooking it has.
    def forms(done, leafy)
      solid = done.dig("density", "solid") or return

      density, hold, carries, sources =
        %w[density hold carries sources].map { |field| done[field] = done.fetch(field, {}).dup }
      packings(done, leafy).each do |form, usual|
        hold[form] ||= usual["hold"] if usual["hold"]
        carries[form] ||= usual["carries"] if usual["carries"]
        next if density[form]

        density[form] = (solid * usual["packing"]).round(3)
        sources["density/#{form}"] ||= PACKING
      end
    end

    def packings(done, leafy)
      cuts = Array(done["cuts"]).to_h { |cut| [cut, packed(cut, leafy)] }.compact
      forms = Cook::Parcels.all.values.select { |parcel| done.key?(parcel.key) }.map(&:form)
      cooked =
        forms
          .select { |form| @practice.known?("forms", form) }
          .to_h { |form| [form, @practice.words("forms", form)] }
      cuts.merge(cooked)
    end

    # Leaf lies looser than what is solid, where it matters for the cut.
    def packed(cut, leafy)
      facts = @practice.cuts[cut] or return
      { "packing" => (leafy && facts["packing_leaf"]) || facts["packing"] }
    end
  end
end
