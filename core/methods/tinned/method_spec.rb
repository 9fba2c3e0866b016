# frozen_string_literal: true

RSpec.describe Scullion::Cook::Tinned do
  it "opens tins for the drained weight: 5,880 g drained of 0.6 is 9,800 g net, 25 tins" do
    expect(in_example("White beans").net_grams).to be_within(0.01).of(9800)
    expect(plan.purchases.find { |line| line.ingredient.key == "white-beans" }.packs).to eq 25
  end
end
