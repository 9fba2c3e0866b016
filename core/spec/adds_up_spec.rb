# frozen_string_literal: true

require_relative "random_salads"

# What stands on screen adds up: layers to the portion, portions to the whole, bowls to that, the order to
# what the sheets use.
RSpec.describe "Weights on screen" do
  include AnyLegalSalad

  # g of a text as a metric kitchen writes it.
  def grams(text)
    number, unit = text.delete(",").split
    (unit == "kg" ? number.to_f * 1000 : number.to_f).round(1)
  end

  describe Scullion::Count::Sums do
    def sums(parts, whole = parts.values.sum) = described_class.new(parts, whole, house.writer)

    # 33.4 × 3 are 100.2: three times 33 and a gram and 0.2 over, which the largest takes.
    it "gives what is over to the largest remainder, and tenths to the largest" do
      three = sums({ a: 33.4, b: 33.4, c: 33.4 })
      expect([%i[a b c].map { |part| three.text(part) }, three.whole]).to eq [
           ["34.2 g", "33 g", "33 g"],
           "100.2 g"
         ]
      whole = sums({ a: 110.0, b: 60.0, c: 28.0 })
      expect([%i[a b c].map { |part| whole.text(part) }, whole.whole]).to eq [
           ["110 g", "60 g", "28 g"],
           "198 g"
         ]
      little = sums({ a: 100.0, pepper: 0.26, salt: 1.04 })
      expect([%i[a pepper salt].map { |part| little.text(part) }, little.whole]).to eq(
        [["100 g", "0.3 g", "1 g"], "101.3 g"]
      )
    end

    it "shows little ones to the tenth under ten grams, exactly" do
      found = sums({ a: 9.96, b: 10.0, c: 9.94 })
      expect([found.text(:a), found.text(:c)]).to eq ["10 g", "9.9 g"]
    end
  end

  it "add up in every salad there may be" do
    each_plan(701..820) do |plan, seed|
      plan.portions.each do |portion|
        next unless portion.writer.instance_of?(Scullion::Amount::Writer)

        shown = portion.to_h
        layers = shown["layers"].sum { |layer| grams(layer["grams"]["text"]) }
        whole = grams(shown["portion_grams"]["text"])
        expect(layers + grams(shown["dressing_grams"]["text"])).to be_within(0.05).of(whole), "seed #{seed}"
        expect(portion.working(:portion_grams).text).to eq shown["portion_grams"]["text"]
        expect(portion.portion_grams).to be_within(0.06).of(whole) if portion.left_out.empty?
      end
    end
  end

  it "add up from the portion over bowls and jugs to the order" do
    each_plan(821..900) do |plan, seed|
      plan
        .portions
        .zip(plan.builds)
        .each do |portion, build|
          all = (portion.layers.sum(&:finished_grams)) + (portion.dressing_grams * portion.servings)
          expect(all).to be_within(1e-6 * all).of(portion.finished_grams), "seed #{seed}"
          build.shares.each do |share|
            expect(share.per_bowl.sum + share.top_grams).to eq(share.layer.finished_grams.round),
            "seed #{seed}"
          end
        end
      plan.dressings.each do |batch|
        expect(batch.stages.sum(&:grams)).to be_within(0.05).of(batch.batch_grams), "seed #{seed}"
        expect(batch.parts.sum(&:grams)).to be_within(0.05).of(batch.whisk_grams), "seed #{seed}"
      end
      plan.purchases.each do |line|
        next if line.fruit?

        used = line.uses.sum { |sheet, figure| sheet.public_send(figure) }
        expect(line.need_grams).to be_within(1e-6 * used).of(used), "seed #{seed}"
        expect(line.bought_grams + line.on_hand_grams).to be >= used - 1e-3, "seed #{seed}"
      end
    end
  end
end
