# frozen_string_literal: true

require "spec_helper"

RSpec.describe "The repository" do
  code =
    Dir.chdir(ROOT) do
      Dir["{core,server,bench,spec,bin,web/src,web/spec}/**/*"].select do |path|
        path.match?(/\.(rb|ts|svelte)\z/) && !path.end_with?("schema.d.ts")
      end
    end

  data =
    Dir.chdir(ROOT) do
      Dir["{core/{facts,methods},demo,server}/**/*.{yml,yaml}"].grep_v(%r{server/spec/frozen})
    end
  doors = Dir.chdir(ROOT) { Dir["bin/*"] + [".ci/run"] }

  it "has no file of more than 300 lines, and no line of more than 110 letters" do
    expect(code.size).to be > 300
    long = code.select { |path| File.foreach(File.join(ROOT, path)).count > 300 }
    wide =
      (code + data + doors).reject do |path|
        File.foreach(File.join(ROOT, path)).all? { |line| line.chomp.length <= 110 }
      end
    expect([long, wide]).to eq [[], []]
  end

  # A list in one line hides which of its figures a change has moved.
  it "has one figure a line in its facts" do
    facts = data.grep(%r{\Acore/(facts|methods)/})
    expect(facts.size).to be > 60
    crowded =
      facts.flat_map do |path|
        lines = File.readlines(File.join(ROOT, path)).grep_v(/\A\s*#/)
        lines.grep(/\{.*: -?\d[\d._]*,.*: -?\d/).map { |line| "#{path}: #{line.strip}" }
      end
    expect(crowded).to eq []
  end

  # A list that arrives late would wipe away what a cook is told of the file that she has just brought.
  it "lets nothing that loads by itself clear what a deed was told" do
    loading =
      Dir[File.join(ROOT, "web/src/**/*.svelte")].to_h do |path|
        [path, File.read(path)[/^  async function load\(\).*?^  }/m].to_s]
      end
    wiping =
      loading.select do |path, body|
        body.match?(/^ +problem = /) &&
          File.read(path).scan(/^ +problem = /).size > body.scan(/^ +problem = /).size
      end
    expect(loading.values.count { |body| body.include?("missing = ") }).to be >= 5
    expect(wiping.keys).to eq []
  end

  # A reader of screens says the name of plain text instead of it; a row of "sr-only" goes before it.
  it "gives a name to no plain text" do
    plain = /<(?:p|b|i|div|span|small|strong|em|td|th|dd|dt|h\d)\b(?:=>|[^>])*>/m
    named =
      code
        .grep(/\.svelte\z/)
        .flat_map { |path| File.read(File.join(ROOT, path)).scan(plain).map { |tag| [path, tag] } }
        .select { |_, tag| tag.include?("aria-label=") && !tag.include?("role=") }
    expect(named).to eq []
  end

  it "has each way of cooking whole in its own folder" do
    parcels = Dir[File.join(ROOT, "core/methods/*")]
    expect(parcels.map { |path| Dir.children(path).sort }).to all(eq(%w[facts.yml method.rb method_spec.rb]))
  end

  # A comment runs over lines; a rule is cited by its heading in docs/rules.md, each in its own quotes.
  it "cites rules only that docs/rules.md tells" do
    headings =
      File
        .readlines(File.join(ROOT, "docs/rules.md"))
        .grep(/\A#+ /)
        .map { |line| line.sub(/\A#+ /, "").chomp }
    texts = code.map { |path| File.read(File.join(ROOT, path)).gsub(%r{\n\s*(#|//) }, " ") }
    cited = texts.flat_map { |text| text.scan(/Rules of the job, ((?:(?:, |,? and )?"[^"]+")+)/) }
    names = cited.flatten.flat_map { |each| each.scan(/"([^"]+)"/) }.flatten.map { |name| name.chomp(".") }
    expect(cited.size).to be > 25
    expect(names.uniq - headings).to eq []
  end

  it "has every way of cooking in docs/rules.md" do
    folders = File.read(File.join(ROOT, "docs/rules.md")).scan(/core.methods.([a-z{},-]+)/).flatten
    named = folders.flat_map { |each| each.delete("{}").split(",") }
    expect(Dir.children(File.join(ROOT, "core/methods")) - named).to eq []
  end
end
