# frozen_string_literal: true

require "yaml"

module Scullion
  # Loads core/facts. The only file of core that reads files.
  module Facts
    ROOT = File.expand_path("../../../facts", __dir__)

    # What a brief is read against. kitchens: to start from, the first one taken for granted.
    # starters: those kitchens as plain data, for a form to begin with.
    Book =
      Struct.new(
        :larder,
        :practice,
        :house_rules,
        :kitchens,
        :starters,
        :sources,
        :families,
        :seasons,
        :words,
        keyword_init: true
      ) do
        def kitchen = kitchens.values.first
        def fill_in = FillIn.new(families, practice)
      end

    # @param root [String] a folder like core/facts
    # @return [Book] frozen
    # @raise [InvalidFacts] every fault, each naming file, row and field
    def self.load(root = ROOT)
      faults = []
      sources, families = %w[sources.yml families.yml].map { |file| read(root, file, faults) || {} }
      tables = Tables.new(read(root, Tables::FILE, faults) || {})
      sources = sources.merge(tables.sources)
      practice = practice(root, sources, faults)
      book =
        Book.new(
          sources: sources.freeze,
          families: families.freeze,
          practice: practice,
          house_rules: house_rules(root, sources, faults),
          larder: larder(root, sources, tables, FillIn.new(families, practice), faults),
          kitchens: kitchens(root, practice, faults),
          starters: Array(read(root, "kitchens.yml", faults)).freeze,
          seasons: (read(root, "seasons.yml", faults) || {}).freeze,
          words: words(root, faults)
        )
      members(families, book.larder, faults) if faults.empty?
      raise InvalidFacts, faults if faults.any?

      book.freeze
    end

    # A family that nothing is of is a slip of the pen.
    def self.members(families, larder, faults)
      (families.keys - larder.values.map(&:family)).each do |family|
        faults << Fault.new(
          what: "Nothing in the larder is of the family #{family}.",
          where: "families.yml/#{family}",
          remedy: "Take it out, or write an ingredient of it."
        )
      end
    end

    # The words of written recipes, by the file that they stand in.
    def self.words(root, faults)
      Dir[File.join(root, "words", "*.yml")]
        .to_h do |path|
          name = File.basename(path, ".yml")
          [name, (read(root, "words/#{name}.yml", faults) || {}).freeze]
        end
        .freeze
    end

    def self.larder(root, sources, tables, fill_in, faults)
      rows =
        Dir[File.join(root, "larder", "*.yml")].flat_map do |path|
          file = "larder/#{File.basename(path)}"
          Array(read(root, file, faults)).each_with_index.map do |row, index|
            where = "#{file} row #{index + 1}"
            [row.is_a?(Hash) ? tables.complete(row, where: where, faults: faults) : row, where]
          end
        end
      unique(rows, faults)
      likeness = Likeness.new(rows.map(&:first).grep(Hash).to_h { |row| [row["key"], row] })
      rows
        .filter_map { |row, where| ingredient(row, where, likeness, fill_in, sources, faults) }
        .to_h { |ingredient| [ingredient.key, ingredient] }
        .freeze
    end

    def self.ingredient(row, where, likeness, fill_in, sources, faults)
      row = fill_in.complete(likeness.resolve(row, where: where, faults: faults)) if row.is_a?(Hash)
      IngredientForm.read(row, sources: sources, where: where, faults: faults)
    end

    def self.unique(rows, faults)
      rows
        .group_by { |row, _| row.is_a?(Hash) && row["key"] }
        .each_value do |same|
          same
            .drop(1)
            .each do |row, where|
              faults << Fault.new(
                what: "#{row["key"].inspect} is already in #{same.first[1]}.",
                where: "#{where}/key",
                remedy: "Give each ingredient a key of its own."
              )
            end
        end
    end

    def self.practice(root, sources, faults)
      files =
        Dir[File.join(root, "practice", "*.yml")].to_h do |path|
          [File.basename(path, ".yml"), read(root, "practice/#{File.basename(path)}", faults)]
        end
      files = files.merge(Cook::Parcels.practice) { |_, own, theirs| own.merge(theirs) }
      practice_bounds(files, faults)
      Practice.new(
        files.freeze,
        {
          "any" => sources["practice"],
          "label" => sources["label-eu"],
          "heating" => sources["physics"],
          "heating/efficiency" => sources["practice"],
          "heating/oven/position_per_k" => sources["practice"],
          "heating/oven/fan_celsius" => sources["practice"]
        }.freeze
      )
    end

    def self.practice_bounds(files, faults)
      Figures
        .flatten(files)
        .each do |at, value|
          least, most, unit = Practice.bound(at)
          next if least.nil? || value.between?(least, most)

          file, field = at.split("/", 2)
          faults << Fault.new(
            what: "#{value} is not possible.",
            where: "practice/#{file}.yml/#{field}",
            remedy: "Use #{least} to #{most} #{unit}."
          )
        end
    end

    def self.house_rules(root, sources, faults)
      Array(read(root, "house_rules.yml", faults))
        .each_with_index
        .filter_map do |row, index|
          fields = DocumentReader.new(row.except("source"), "house_rules.yml row #{index + 1}", faults)
          HouseRules.read(fields, sources.fetch(row["source"]))
        end
        .to_h { |rules| [rules.key, rules] }
        .freeze
    end

    def self.kitchens(root, practice, faults)
      Array(read(root, "kitchens.yml", faults))
        .each_with_index
        .filter_map do |row, index|
          kitchen =
            Kitchen.read(
              DocumentReader.new(row.except("key", "why"), "kitchens.yml row #{index + 1}", faults),
              practice
            )
          [row["key"], kitchen] if kitchen
        end
        .to_h
        .freeze
    end

    def self.read(root, file, faults)
      YAML.safe_load_file(File.join(root, file))
    rescue Psych::SyntaxError => e
      faults << Fault.new(
        what: "This is not YAML: #{e.problem}.",
        where: "#{file} line #{e.line}",
        remedy: "Mend the line."
      )
      nil
    end
    private_class_method :larder,
                         :ingredient,
                         :members,
                         :unique,
                         :practice,
                         :practice_bounds,
                         :house_rules,
                         :kitchens,
                         :read
  end
end
