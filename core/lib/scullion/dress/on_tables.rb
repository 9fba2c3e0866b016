# frozen_string_literal: true

module Scullion
  module Dress
    # Dressing in jugs on the tables: how many jugs, and how full, so that every table has its own
    # and together they hold the stage.
    class OnTables < Stage
      assumption :guests, "Guests at a table", :covers, book: :practice, at: "dressing/jug/guests"
      assumption :jug_ml, "A table jug pours", :ml, book: :practice, at: "dressing/jug/pours_ml", shown: true
      brought :covers, of: :portion
      figure(
        :tables,
        "Tables",
        :tables,
        change: "service/tables",
        how: "covers ÷ guests at a table, up to a whole one",
        decided: -> { portion.tables },
        source: "You decided this."
      ) { |covers, guests| (covers / guests).ceil }
      figure(:per_table_ml, "For each table", :ml, how: "by the jug ÷ tables") { |ml, tables| ml / tables }
      figure(
        :jugs_each,
        "Jugs a table",
        :jugs,
        how: "what a table gets ÷ what a jug pours, up to a whole one"
      ) { |per_table_ml, jug_ml| [(per_table_ml / jug_ml).ceil, 1].max }
      figure(:fill_ml, "Fill each to", :ml, how: "what a table gets ÷ its jugs") do |per_table_ml, jugs_each|
        per_table_ml / jugs_each
      end
      figure(:jugs, "Jugs in all", :jugs, how: "tables × jugs a table") do |tables, jugs_each|
        tables * jugs_each
      end

      def portion = dressing.portion
    end
  end
end
