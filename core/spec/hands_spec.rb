# frozen_string_literal: true

# Work with hands, in the order that the food asks for.
RSpec.describe Scullion::Day::Jobs do
  def tasks_of(component)
    made =
      plan do |data|
        data["salads"][0]["components"][0] = { "role" => "base", "grams" => 40 }.merge(component)
      end
    Scullion::Day::Layout
      .new(made)
      .instance
      .tasks
      .select { |task| task.about["preparation"].to_s.start_with?(component["ingredient"]) }
  end

  it "toasts nuts whole and chops them then, unless the cook says otherwise" do
    nuts = { "ingredient" => "walnuts", "cut" => "chopped", "cook" => { "method" => "toast" } }
    keys = tasks_of(nuts).map { |task| [task.key[/\A\w+/], task.after.map { |link| link.task[/\A\w+/] }] }
    expect(keys.uniq).to eq [["cook", []], ["prep", ["cook"]]]
    said = nuts.merge("cook" => { "method" => "toast", "cut_after" => false })
    expect(tasks_of(said).map { |task| task.key[/\A\w+/] }.uniq).to eq %w[prep cook]
  end

  it "bones fish before it is seared, and flakes it after" do
    fish = {
      "ingredient" => "salmon-fillet",
      "trim" => house.larder["salmon-fillet"].trims.keys.first,
      "cut" => "flaked",
      "cook" => {
        "method" => "sear"
      }
    }
    found = tasks_of(fish)
    expect(found.first.key).to include("/trim")
    seared = found.select { |task| task.key.start_with?("cook") }
    expect(seared.map { |task| task.segments.map(&:name) }).to all include("Cut it warm")
  end

  it "chills fat cured meat firm before it is cut, and lean meat not" do
    fat = tasks_of({ "ingredient" => "chorizo", "cut" => "diced" })
    expect(fat.map { |task| task.key.split("/").last }).to eq %w[firm cut]
    expect([fat[0].minutes, fat[1].after.map(&:task)]).to eq [31, [fat[0].key]]
    expect(
      tasks_of({ "ingredient" => "cooked-ham", "cut" => "diced" }).map { |task| task.key.split("/").last }
    ).to eq(%w[cut])
    line = planned({ "ingredient" => "chorizo", "cut" => "diced" }).preps.first
    expect(line.words["first"]).to eq "Chill it firm first, 30 min in the coldest place"
    share = house.larder["chorizo"].figures["content/fat"] / 100
    firm =
      [share - 0.001, share, share + 0.001].map do |least|
        limit = line.practice.with({ "trimming/firm/fat_share" => [least, "this kitchen"] })
        allow(line).to receive(:practice).and_return(limit)
        line.firm?
      end
    expect(firm).to eq [true, true, false]
  end

  it "massages a leaf with a dressing that is whisked" do
    kale = tasks_of({ "ingredient" => "kale", "cut" => "torn", "treat" => "massage" })
    worked = kale.find { |task| task.key.end_with?("/treat") }
    expect(worked.after.map(&:task)).to include("dress/0/whisk")
  end
end
