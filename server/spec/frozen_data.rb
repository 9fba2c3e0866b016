# frozen_string_literal: true

require "tmpdir"
require "zlib"
require_relative "../server"

# A kitchen's data as each version left it, in server/spec/frozen, and what it planned. Later versions open
# them and must plan the same. `bundle exec ruby server/spec/frozen_data.rb` adds this version's.
module FrozenData
  FOLDER = File.expand_path("frozen", __dir__)
  TODAY = Date.new(2026, 11, 24)

  module_function

  # @return [Array<String>] versions, oldest first
  def versions = Dir[File.join(FOLDER, "*.sqlite3.gz")].map { |file| File.basename(file, ".sqlite3.gz") }.sort

  # Lays one out. @param file [String] where to
  def thaw(version, file)
    File.binwrite(file, Zlib.gunzip(File.binread(File.join(FOLDER, "#{version}.sqlite3.gz"))))
  end

  # @return [Hash] what it answered then
  def answers(version)
    JSON.parse(Zlib.gunzip(File.binread(File.join(FOLDER, "#{version}.json.gz"))))
  end

  # What the open database says: briefs, which are all that was decided, with what stands beside them.
  def said
    records = Scullion::Records
    house = records::House.ours
    {
      "briefs" =>
        records::Service.order(:id).map { |service| Scullion::Exchange::Briefing.document(service, house) },
      "kitchen" => records::Kitchen.ours.to_document,
      "ticks" => records::Tick.order(:id).pluck(:service_id, :key),
      "figures" => records::OwnFigure.order(:id).map(&:to_document),
      "earlier" => records::EarlierBuild.order(:id).map(&:build),
      "larder" => records::Ingredient.order(:key).map(&:to_document)
    }
  end

  # This version's, from the demo and a little of everything that a kitchen does.
  def add
    Dir.mktmpdir do |folder|
      file = File.join(folder, "kitchen.sqlite3")
      Scullion::Records.open(file)
      Scullion::Demo.load(today: TODAY)
      lived_in
      copy = Scullion::Records.database.copy_to(File.join(folder, "copy"))
      version = Scullion::Records.database.versions.max
      { "sqlite3" => File.binread(copy), "json" => JSON.generate(said) }.each do |kind, content|
        File.binwrite(File.join(FOLDER, "#{version}.#{kind}.gz"), Zlib.gzip(content, level: 9))
      end
    end
  end

  def lived_in
    records = Scullion::Records
    house = records::House.ours
    Scullion::Changes::HouseFigure.new(house, "practice/evaporation/lid-on", 2.5, by: "ML").write
    kitchen = records::Kitchen.ours
    kitchen.calibrate(kitchen.vessels.find_by(kind: "pot").key, version: kitchen.lock_version) { 1.1 }
    service = records::Service.order(:id).first
    records::OwnFigure.create!(service: service, at: "practice/pots/fill", value: 0.7, set_on: TODAY)
    service.ticks.create!(key: "prep/0")
    service.update!(covers: 152, tables: 12, stock: { "quinoa" => 400.0 }, day: { "borrowed" => ["plater"] })
    salad = service.salads.first
    records::EarlierBuild.keep(salad, salad.to_build)
  end
end

FrozenData.add if $PROGRAM_NAME == __FILE__
