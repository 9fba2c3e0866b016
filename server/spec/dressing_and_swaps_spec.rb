# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Dressing and swaps of a salad", :server do
  let(:barley) { ask(:get, "/api/salads/barley-roast-carrot-dill").except("id", "version") }
  let(:parts) { barley["dressing"]["parts"] }

  def correct(complaint, left, salad = "barley-roast-carrot-dill")
    ask(:post, "/api/salads/#{salad}/correct", { "complaint" => complaint, "left" => left })
  end

  describe "the ratio" do
    def ratio(times, salad = barley) = ask(:post, "/api/trials/ratio", { "salad" => salad, "times" => times })
    def amount(judged, key)
      judged["salad"]["dressing"]["parts"]
        .find { |part| part["ingredient"] == key }
        .then { |part| part["ml"] || part["grams"] }
    end

    # 60 ml of oil stay; at 2 : 1 the vinegar goes from 20 to 30 ml.
    it "keeps the fat and moves the acid, and nothing else" do
      bright = ratio(2)
      expect([amount(bright, "rapeseed-oil"), amount(bright, "cider-vinegar")]).to eq [60, 30]
      others = ->(list) { list.reject { |part| part["role"] == "acid" } }
      expect(others[bright["salad"]["dressing"]["parts"]]).to eq others[parts]
    end

    it "comes back when it is moved back" do
      there = ratio(1.5)["salad"]
      expect(amount(ratio(3, there), "cider-vinegar")).to be_within(0.01).of(20)
    end

    it "says how the new one is called and what it suits" do
      character = ratio(4)["dress"]["character"]
      expect(character["ratio"]).to eq 4.0
      expect(character["schools"].find { |school| (school["times"] - 4).abs < 0.01 }).to include(
        "name" => /soft/,
        "suits" => /\S/
      )
    end

    it "has no ratio to move where there is no dressing" do
      ratio(2, barley.except("dressing"))
      expect([last_response.status, answer["faults"].first["what"]]).to eq [
           422,
           "Barley, roast carrot, dill has no dressing."
         ]
    end
  end

  describe "correcting" do
    it "offers what to add, in grams and by the spoon, and how far the jug grows" do
      offer = correct("too-sharp", "2 kg")["additions"].first
      expect(offer["parts"].first.keys).to include("name", "grams", "text", "measure")
      expect(offer["growth"]).to end_with "%"
    end

    it "asks for half as much for half a jug" do
      whole, half =
        ["2 kg", "1 kg"].map { |left| correct("flat", left)["additions"].first["parts"].first["grams"] }
      expect(half).to be_within(0.02).of(whole / 2)
    end

    # A litre of this dressing weighs what its parts weigh together for what they measure.
    it "takes what is left by volume as well" do
      batch = ask(:get, "/api/services/1/plan")["dress"].first
      weighed, measured =
        ["#{batch["whisk_grams"]["value"]} g", "#{batch["batch_ml"]["value"] / 1000} l"].map do |left|
          correct("flat", left)["additions"].first["parts"].first["grams"]
        end
      expect(measured).to be_within(weighed * 0.001).of(weighed)
    end

    it "says why it cannot be done where adding is no help" do
      expect(correct("too-strong", "2 kg")).to include("additions" => be_an(Array))
      salty = correct("bland", "2 kg")
      expect(salty["additions"].flat_map { |offer| offer["parts"] }.map { |part| part["ingredient"] }).to eq [
           "fine-salt"
         ]
    end

    it "refuses what is no weight, what is nothing, and what no jug holds" do
      ["a lot", "0 g", "3000 kg", "2 bunches", "-5 g", "½"].each do |left|
        correct("flat", left)
        expect([last_response.status, answer["faults"].first["where"]]).to eq([422, "/left"]), left
        expect(answer["faults"].first["remedy"]).to match(/\S/)
      end
    end

    it "knows only its own complaints" do
      correct("too loud", "2 kg")
      expect(last_response.status).to eq 422
    end
  end

  describe "swaps" do
    def swaps(component, salad = barley)
      ask(:post, "/api/trials/swaps", { "salad" => salad, "component" => component })
    end

    it "offers stand-ins for one line, ready to be put in its place" do
      offers = swaps(4)
      expect(offers).not_to be_empty
      offers.each do |offer|
        taken =
          barley.merge(
            "components" =>
              barley["components"].each_with_index.map do |line, index|
                index == 4 ? offer["component"] : line
              end
          )
        judged = ask(:post, "/api/trials", { "salad" => taken })
        expect([last_response.status, judged["portion"]["layers"].size]).to eq [200, 7]
      end
    end

    it "says what allergen each would bring" do
      expect(swaps(6).map { |offer| offer["allergens"] }).to all(be_an(Array))
    end

    it "says when there is no such line" do
      swaps(20)
      expect([last_response.status, answer["title"]]).to eq [404, "There is no such component."]
      swaps(99)
      expect(last_response.status).to eq 422
    end
  end

  describe "make it" do
    def make(goal, salad = barley) = ask(:post, "/api/trials/make", { "salad" => salad, "goal" => goal })
    def suits?(made, diet)
      made["judged"]["taste"]["suits"]["diets"].find { |each| each["name"] == diet }["suits"]
    end

    it "makes it vegan with a whole set of changes, each with its reason" do
      made = make("vegan")
      expect(made["changes"].map { |change| change["from"] }).to include("White brined cheese", "Honey")
      expect(made["changes"].map { |change| change["why"] }).to all(match(/\S/))
      expect([made["left"], suits?(made, "vegan")]).to eq [[], true]
    end

    it "leaves alone what is so already" do
      expect(make("nut-free")).to include("changes" => [], "left" => [])
    end

    it "names what nothing stands in for" do
      made = make("gluten-free")
      expect(suits?(made, "gluten-free")).to be made["left"].empty?
    end

    it "makes it cost less, or no more" do
      before = ask(:post, "/api/trials", { "salad" => barley })["taste"]["cost"]["cost"]["value"]
      expect(make("cheaper")["judged"]["taste"]["cost"]["cost"]["value"]).to be <= before
    end

    it "does not know every wish" do
      make("delicious")
      expect(last_response.status).to eq 422
    end
  end
end
