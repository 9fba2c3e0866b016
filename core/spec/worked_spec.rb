# frozen_string_literal: true

require_relative "worked_answers"

RSpec.describe "Worked answers" do
  WorkedAnswers.all.each_key do |name|
    it "#{name}: no figure of it moves unseen" do
      differences = WorkedAnswers.differences(WorkedAnswers.kept(name), WorkedAnswers.answer(name))
      expect(differences.first(10)).to eq []
    end
  end

  it "has every way of cooking among them" do
    methods = WorkedAnswers.kept("every-way")["plan"]["cook"].map { |pot| pot["method"] }
    expect(methods.uniq).to match_array Scullion::Cook::Parcels.keys
  end
end
