# frozen_string_literal: true

module Scullion
  module Dress
    # Dressing in jugs on the tables: how many jugs, and how full, so that every table has its own
    # and together they hold the stage.
    class OnTables < Stage
      assumption :guests, "Guests at a table", :covers, book: :practice, at: "dressing/jug/guests"
      assumption :jug_ml, "A table jug pours", :ml, book: :practice, at: "dressing/jug/pours_ml", shown: true
      brought :covers, of: :portion
      figure(:tables, "Tables", :tables, change: "service/tables", from: -> { laid ? [] : %i[covers guests] },
             how: "covers ÷ guests at a table, up to a whole one", source: -> { "You decided this." if laid }) { laid || (covers / guests).ceil }
      figure(:per_table_ml, "For each table", :ml, from: %i[ml tables], how: "by the jug ÷ tables") { ml / tables }
      figure(:jugs_each, "Jugs a table", :jugs, from: %i[per_table_ml jug_ml],
             how: "what a table gets ÷ what a jug pours, up to a whole one") { [(per_table_ml / jug_ml).ceil, 1].max }
      figure(:fill_ml, "Fill each to", :ml, from: %i[per_table_ml jugs_each], how: "what a table gets ÷ its jugs") { per_table_ml / jugs_each }
      figure(:jugs, "Jugs in all", :jugs, from: %i[tables jugs_each], how: "tables × jugs a table") { tables * jugs_each }

      def portion = dressing.portion

      private

      def laid = portion.tables
    end
  end
end
