# frozen_string_literal: true

require_relative "server_helper"

# What holds for any service, tried on the demo's: one salad, and three that share.
RSpec.describe "A whole service", :server do
  def brief(id) = ask(:get, "/api/services/#{id}/brief")

  def service_plan(id, covers = nil)
    document = brief(id)
    document["service"]["covers"] = covers if covers
    Scullion::Plan.for(Scullion::Brief.read(document, Scullion::Records::House.ours))
  end

  [1, 2].each do |id|
    describe "number #{id}" do
      it "is the same plan from the same brief, to the byte, wherever it is planned" do
        here = ask(:get, "/api/services/#{id}/plan")
        expect(ask(:post, "/api/plan", brief(id))).to eq here
        expect(JSON.generate(service_plan(id).to_h)).to eq JSON.generate(service_plan(id).to_h)
      end

      it "adds up exactly: dressing by stage and pour, bowls, waves and guests, for any covers" do
        [1, 7, 40, 120, 333].each do |covers|
          made = service_plan(id, covers)
          made.dressings.each do |batch|
            expect(batch.stages.sum { |stage| (stage.grams * 10).round }).to eq (batch.batch_grams * 10).round
            expect(batch.parts.sum { |part| (part.grams * 10).round }).to eq (batch.whisk_grams * 10).round
            batch
              .stages
              .reject { |stage| stage.pours.empty? }
              .each do |stage|
                expect(stage.pours.sum { |pour| (pour.grams * 10).round }).to eq (stage.grams * 10).round
              end
          end
          made.waves.each { |waves| expect(waves.list.sum(&:covers)).to eq waves.covers }
          made.builds.each do |build|
            build.shares.each do |share|
              expect(share.per_bowl.sum.round(1)).to be_within(0.1).of(share.in_bowls_grams.round(1))
            end
          end
        end
      end

      it "never buys, cooks or whisks less for more guests" do
        amounts =
          [1, 7, 40, 120, 333].map do |covers|
            made = service_plan(id, covers)
            [
              made.purchases.sum(&:need_grams),
              made.cooking.sum(&:finished_grams),
              made.dressings.sum(&:whisk_grams),
              made.builds.sum(&:mix_ml),
              made.preps.sum(&:hands_minutes)
            ]
          end
        amounts.each_cons(2) { |less, more| less.zip(more).each { |a, b| expect(b).to be >= a - 1e-9 } }
      end

      it "buys at least what it needs of everything, and no whole pack too many" do
        service_plan(id).purchases.each do |line|
          expect(line.bought_grams).to be >= line.need_grams - 1e-6
          expect(line.surplus_grams).to be < line.pack_weight + 1e-6
        end
      end

      it "has a day without clashes at any size, in the order of its work" do
        [10, 120, 300].each do |covers|
          solution = Scullion::Day::Roster.new(service_plan(id, covers)).solution
          expect(broken(solution)).to eq([]), "#{covers} covers"
        end
      end

      it "is ready for its first guest, and no wave is dressed before it may be" do
        roster = Scullion::Day::Roster.new(service_plan(id))
        expect(roster.works?).to be true
        roster
          .plan
          .waves
          .select(&:dressed_in_waves?)
          .each do |waves|
            at = roster.plan.builds.find { |build| build.portion.equal?(waves.portion) }.at
            waves.list.each do |wave|
              expect(roster.solution.end("#{at}/finish/#{wave.number}")).to be_between(
                wave.dress_from.minutes,
                wave.dress_by.minutes
              )
            end
          end
      end

      it "labels everything with a moment by which it must go, after it is ready" do
        lots = Scullion::Day::Roster.new(service_plan(id)).lots
        expect(lots).not_to be_empty
        lots.each do |lot|
          expect(lot.made).to be < lot.discard.minutes
          expect(lot.made).to be <= lot.best.minutes
        end
      end

      it "explains every figure it shows" do
        made = service_plan(id)
        made.sheets.each do |sheet|
          sheet.class.definitions.each_key do |name|
            expect(made.working("#{sheet.at}/#{name}").to_h).to include("label" => /\S/, "text" => /\S/)
          end
        end
      end
    end
  end

  it "prepares what two salads share once, and gives each its own" do
    made = service_plan(2)
    shared = made.needs.select { |need| need.layers.map { |layer| layer.portion.salad.key }.uniq.size > 1 }
    expect(shared.map(&:name)).to include("Flat parsley", "Pumpkin seeds")
    shared.each do |need|
      expect(need.finished_grams).to be_within(1e-6).of(need.layers.sum(&:finished_grams))
    end
    expect(made.preps.map { |prep| prep.need.name }.tally.values.max).to eq 1
  end

  it "says what it cannot find of a service: a salad at the pass, a list, a label" do
    {
      "/api/services/1/check-weigh?line=7&weights=338" => /no such salad/,
      "/api/services/1/lists/wishes.csv" => /no such list/,
      "/api/services/1/labels/99.svg" => /no such label/,
      "/api/services/99/plan" => /nothing here by that name/
    }.each do |path, said|
      ask(:get, path)
      expect([last_response.status, answer["title"]]).to match([404, said]), path
    end
  end
end
