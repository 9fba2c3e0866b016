# frozen_string_literal: true

require "spec_helper"

RSpec.describe "The repository" do
  code =
    Dir.chdir(ROOT) do
      Dir["{core,server,bench,spec,bin,web/src,web/spec}/**/*"].select do |path|
        path.match?(/\.(rb|ts|svelte)\z/) && !path.end_with?("schema.d.ts")
      end
    end

  it "has no file of more than 300 lines, and no line of more than 110 letters" do
    expect(code.size).to be > 300
    long = code.select { |path| File.foreach(File.join(ROOT, path)).count > 300 }
    wide = code.reject { |path| File.foreach(File.join(ROOT, path)).all? { |line| line.chomp.length <= 110 } }
    expect([long, wide]).to eq [[], []]
  end

  it "has each way of cooking whole in its own folder" do
    parcels = Dir[File.join(ROOT, "core/methods/*")]
    expect(parcels.map { |path| Dir.children(path).sort }).to all(eq(%w[facts.yml method.rb method_spec.rb]))
  end
end
