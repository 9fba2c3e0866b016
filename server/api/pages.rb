# frozen_string_literal: true

module Scullion
  module Api
    # The built pages. Every address that is not the API's shows the one page, which reads it.
    module Pages
      ROOT = File.expand_path("../../web/dist", __dir__)
      # The addresses that the page has something for; elsewhere it says so, and shows a way on.
      PLACES =
        %r{\A/(
            (services(/\d+(/[a-z]+)?)?|(salads|larder)(/[a-z0-9-]+)?|weeks/\d{4}-\d\d-\d\d|paste|kitchen|
             use-up|index\.html|record(/[0-9A-Z]+)?)?
          )\z}x.freeze
      FOREVER = "public, max-age=31536000, immutable"

      PACKED = %w[.js .css .svg .json .html].freeze

      def self.registered(app)
        app.helpers Reading
        app.set :packed, Once.new(keeps: 100)
        app.get("/assets/*") do
          path = File.expand_path(File.join(ROOT, "assets", params["splat"].first))
          not_found unless path.start_with?("#{ROOT}/assets/") && File.file?(path)
          headers "cache-control" => FOREVER
          packed?(path) ? packed(path) : send_file(path)
        end

        # What makes it installable, and there without a net.
        app.get(%r{/(sw\.js|manifest\.webmanifest)}) do |name|
          path = File.join(ROOT, name)
          not_found unless File.file?(path)
          headers "cache-control" => "no-cache"
          send_file path, type: name.end_with?(".js") ? "text/javascript" : "application/manifest+json"
        end

        # What a tablet is told to trust, where the house has an authority of its own.
        app.get("/trust.crt") do
          path = Certificate.authority_path(Boot.folder)
          if File.file?(path)
            send_file(path, type: "application/x-x509-ca-cert", filename: "scullion.crt")
          else
            not_found
          end
        end

        app.get(%r{/(?!api/).*}) do
          page = File.join(ROOT, "index.html")
          problem 503, "The pages are not built.", remedy: "Run bin/start." unless File.file?(page)
          headers "cache-control" => "no-cache"
          send_file page, type: "text/html" if PLACES.match?(request.path_info)

          halt 404, { "content-type" => "text/html;charset=utf-8" }, File.read(page)
        end
      end

      # Helpers of these routes.
      module Reading
        def packed?(path)
          PACKED.include?(File.extname(path)) && request.accept_encoding.any? { |name, _| name == "gzip" }
        end

        # Compressed as far as it goes, once.
        def packed(path)
          headers "content-encoding" => "gzip", "vary" => "accept-encoding"
          content_type File.extname(path)
          settings.packed.of(path) { Zlib.gzip(File.binread(path), level: Zlib::BEST_COMPRESSION) }
        end
      end
    end
  end
end
