# frozen_string_literal: true

module Scullion
  module Api
    # The larder out and in, as a table or as JSON.
    module LarderTable
      def self.registered(app)
        app.helpers Reading
        app.get("/api/larder.csv") do
          file "text/csv",
               "larder.csv",
               Exchange::LarderCsv.write(Records::Ingredient.order(:name).map(&:facts))
        end

        app.get("/api/larder.json") { json(Records::Ingredient.order(:name).map(&:facts)) }

        # A dry run unless told to write.
        app.post("/api/larder/import") { json(brought_in(body_document)) }
      end

      # Helpers of these routes.
      module Reading
        # Judged apart; written here.
        def brought_in(document)
          ours = house
          work = ->(word) { Exchange::LarderImport.judged(document.except("write"), ours, &word) }
          done = ->(rows) do
            import = Exchange::LarderImport.new(rows)
            document["write"] ? write_table(import) : import.report
          end
          key = [Digest::SHA256.digest(JSON.generate(document)), ours]
          result = slowly(key, work, shown: done)
          done.call(result)
        end

        # The house is read anew before it is said, so that who asks next need not wait for that.
        def write_table(import)
          Apart.modestly { Records::House.renewed { import.write } }.tap { house_anew }
        end
      end
    end
  end
end
