# frozen_string_literal: true

module Scullion
  module Guards
    # The page that asks for the access code; it needs no script.
    module AccessPage
      # @param said [String] what became of the last try @return [Array] a Rack answer
      def self.answer(status, said = "")
        headers = {
          "content-type" => "text/html;charset=utf-8",
          "cache-control" => "no-store",
          "content-security-policy" => Headers::POLICY.sub("form-action 'none'", "form-action 'self'")
        }
        [status, headers, [page(said)]]
      end

      # @return [String] "8 s", "2 min"
      def self.seconds(wait) = wait < 120 ? "#{wait.ceil} s" : "#{(wait / 60).ceil} min"

      def self.page(said)
        <<~HTML
          <!doctype html>
          <html lang="en" data-theme="enamel">
            <head>
              <meta charset="utf-8">
              <meta name="viewport" content="width=device-width, initial-scale=1">
              <title>Scullion: access code</title>
              #{styles}
            </head>
            <body>
              <main class="mx-auto max-w-xl p-4">
                <form class="tray" method="post" action="#{Access::DOOR}">
                  <h1 class="mb-2 text-2xl">This kitchen asks for its access code</h1>
                  <p role="alert" class="mb-2">#{said}</p>
                  <label>Access code <input class="input h-11" type="password" name="code" required
                    autocomplete="current-password" autofocus></label>
                  <button class="btn btn-primary h-11">Come in</button>
                </form>
              </main>
            </body>
          </html>
        HTML
      end

      # Those of the built pages.
      def self.styles
        index = File.join(Api::Pages::ROOT, "index.html")
        File.file?(index) ? File.read(index).scan(/<link rel="stylesheet"[^>]*>/).join : ""
      end
      private_class_method :page, :styles
    end
  end
end
