# frozen_string_literal: true

module Scullion
  # Food-composition tables that can be looked up, of which facts/tables keeps the rows that the larder
  # takes: what a food contains, in g per 100 g of its edible part. An ingredient names its row as
  # table: F002; what it writes itself goes before that.
  class Tables
    # The Indian Food Composition Tables, National Institute of Nutrition, Hyderabad, 2017.
    FILE, NAME, KEYS = "tables/ifct2017.yml", "IFCT 2017", "ifct2017/"
    COLUMNS = {
      "water" => %w[water_g],
      "protein" => %w[protein_g],
      "fat" => %w[fat_g],
      "saturated" => %w[saturated_g],
      "fibre" => %w[fibre_g],
      "carbohydrate" => %w[carbohydrate_g],
      "sugar" => %w[sugars_g],
      "salt" => %w[sodium_g],
      "acid" => %w[citric_g malic_g tartaric_g]
    }.freeze
    # g of salt to a g of sodium: molar masses 58.44 ÷ 22.99.
    SALT = 2.54

    # Is that the key of one of its rows?
    def self.source?(key) = key.to_s.start_with?(KEYS)

    # @param rows [Hash{String=>Hash}] code => name and columns
    def initialize(rows)
      @rows = rows
    end

    # @return [Hash{String=>String}] key => the source in full
    def sources
      @rows.to_h { |code, row| [source(code), "#{NAME}, #{code}: #{row["name"]}"] }
    end

    # @param facts [Hash] an ingredient as it is written @return [Hash] with what its row says it contains
    def complete(facts, where:, faults:)
      code = facts["table"] or return facts
      row = @rows[code] or return unknown(facts, where, faults)
      said = contents(row).except(*facts["content"].to_h.keys)
      facts.except("table").merge(
        "content" => said.merge(facts["content"].to_h),
        "sources" => said.to_h { |what, _| ["content/#{what}", source(code)] }.merge(facts["sources"].to_h)
      )
    end

    # A zero may mean that it was not analysed, and says nothing.
    # @return [Hash{String=>Float}] g per 100 g
    def contents(row)
      COLUMNS
        .transform_values { |columns| columns.sum { |column| row[column].to_f } }
        .to_h { |what, grams| [what, (what == "salt" ? grams * SALT : grams).round(2)] }
        .select { |_, grams| grams.positive? }
    end

    private

    def source(code) = KEYS + code

    def unknown(facts, where, faults)
      faults << Fault.new(
        what: "The table has no row #{Fault.shown(facts["table"])}.",
        where: "#{where}/table",
        remedy: "Use a code of #{FILE}, or leave it out."
      )
      facts.except("table")
    end
  end
end
