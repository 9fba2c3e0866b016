# frozen_string_literal: true

module Scullion
  module Api
    # The built pages. Every address that is not the API's shows the one page, which reads it.
    module Pages
      ROOT = File.expand_path("../../web/dist", __dir__)
      FOREVER = "public, max-age=31536000, immutable"

      def self.registered(app)
        app.get("/assets/*") do
          path = File.expand_path(File.join(ROOT, "assets", params["splat"].first))
          not_found unless path.start_with?("#{ROOT}/assets/") && File.file?(path)
          headers "cache-control" => FOREVER
          send_file path
        end

        app.get(%r{/(?!api/).*}) do
          page = File.join(ROOT, "index.html")
          problem 503, "The pages are not built.", remedy: "Run bin/start." unless File.file?(page)
          headers "cache-control" => "no-cache"
          send_file page, type: "text/html"
        end
      end
    end
  end
end
