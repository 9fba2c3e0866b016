# frozen_string_literal: true

require "tmpdir"
require "fileutils"

RSpec.describe Scullion::Facts do
  # Facts with one file spoiled.
  def spoiled(file)
    Dir.mktmpdir do |copy|
      FileUtils.cp_r(File.join(described_class::ROOT, "."), copy)
      path = File.join(copy, file)
      File.write(path, yield(File.read(path)))
      described_class.load(copy)
    end
  rescue Scullion::InvalidFacts => e
    e.faults.map(&:to_s)
  end

  it "holds at least 40 ingredients, each with density, packs, hold class, food colour and a source" do
    expect(facts.larder.size).to be >= 40
    facts.larder.each_value do |ingredient|
      expect(ingredient.facts["density"]).not_to be_empty, ingredient.key
      expect(ingredient.packs).not_to be_empty, ingredient.key
      expect(ingredient.figures.source("density/any")).to be_a(String), ingredient.key
      expect(ingredient.holds.values.map { |hold| facts.practice.known?("holds", hold) }).to all(be(true)), ingredient.key
    end
  end

  it "has plausible densities, yields and cooked factors" do
    facts.larder.each_value do |ingredient|
      ingredient.figures.addresses.grep(/yield|drained/).each { |at| expect(ingredient.fetch(at)).to be_between(0.3, 1), "#{ingredient.key} #{at}" }
      ingredient.figures.addresses.grep(%r{uptake/tender}).each { |at| expect(1 + ingredient.fetch(at)).to be_between(2.3, 3.6), ingredient.key }
    end
  end

  it "agrees with published dry and cooked cup weights: a cup of dry barley makes 3½ to 4 cups" do
    barley = facts.larder["pearl-barley"]
    cups = barley.density("dry") * (1 + barley.fetch("absorption/uptake/tender")) / barley.density("cooked")
    expect(cups).to be_between(3.5, 4.0)
  end

  it "names file, row and field of a figure that cannot be" do
    expect(spoiled("larder/vegetables.yml") { |text| text.sub("yield: 0.82", "yield: 1.82") })
      .to eq ["larder/vegetables.yml row 1/trims/peeled/yield: 1.82 is not possible. Use 0.05 to 1 by weight."]
  end

  it "refuses an unknown field, an unknown source, a missing source and a key used twice, all at once" do
    found = spoiled("larder/grains.yml") do |text|
      text.sub("name: Quinoa", "name: Quinoa\n  nmae: x").sub("any: practice", "any: hearsay").sub("key: couscous", "key: quinoa")
    end
    expect(found.join("\n")).to include('row 2/nmae: Unknown field "nmae"', 'row 1/sources/any: "hearsay" is not a known source',
                                        'row 4/key: "quinoa" is already in')
  end

  it "says where the YAML breaks, and what a practice figure can be" do
    expect(spoiled("larder/pulses.yml") { |text| "#{text}\n- {" }.first).to include("larder/pulses.yml line", "not YAML")
    expect(spoiled("practice/pots.yml") { "fill: 7" }.first).to include("practice/pots.yml/fill: 7.0 is not possible")
  end

  it "keeps core pure: loading it brings in no database, web, YAML or file access of its own" do
    script = <<~RUBY
      before = $LOADED_FEATURES.dup
      require "scullion"
      puts ($LOADED_FEATURES - before).grep_v(%r{core/lib/scullion})
      puts Object.constants.map(&:to_s) & %w[ActiveRecord Sinatra Rack SQLite3 YAML Psych Socket Net FileUtils JSON Tempfile]
      opened = []
      TracePoint.new(:c_call) { |tp| opened << tp.method_id if [File, IO, Dir].include?(tp.self) && %i[open read new glob].include?(tp.method_id) }
                .enable { Scullion::Amount::Reader.new.read("2 cups") }
      puts opened
    RUBY
    loaded = IO.popen(["ruby", "--disable-gems", "-I", File.join(ROOT, "core/lib"), "-e", script], &:readlines).map(&:strip)
    expect(loaded.map { |path| File.basename(path) } - %w[strscan.so date.rb date_core.so normalize.rb tables.rb comparable.so]).to eq []
  end
end
