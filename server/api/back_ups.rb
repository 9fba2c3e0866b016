# frozen_string_literal: true

module Scullion
  module Api
    # Copies of the data: what there are, and one more.
    module BackUps
      def self.registered(app)
        app.helpers Reading
        app.get("/api/backups") { json(back_ups) }

        app.post("/api/backups") do
          said, status = Boot.door("backup")
          unless status.success?
            problem 503, said.lines.first.to_s.strip, remedy: "Make room, then try again."
          end
          json(back_ups, status: 201)
        end
      end

      # Helpers of these routes.
      module Reading
        def back_ups
          back_up = Records::BackUp.new(Records.database)
          { "folder" => back_up.folder, "copies" => back_up.to_a }
        end
      end
    end
  end
end
