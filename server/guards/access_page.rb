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

      # In plain steps, as a browser works without a net only where it trusts whom it talks to.
      TRUST = <<~HTML
        <section class="tray mt-3">
          <h2 class="text-xl">So that it works in the walk-in too</h2>
          <p>Without a net, and as an app on the home screen, it works where this device trusts this house.
            Once:</p>
          <ol class="list-decimal pl-6">
            <li>Load <a class="link" href="/trust.crt">this house's certificate</a>.</li>
            <li>iPad, iPhone: Settings, Profile downloaded, Install; then General, About, Certificate trust
              settings: switch Scullion on.</li>
            <li>Android: Settings, Security, Install a certificate, CA certificate:
              choose the file.</li>
            <li>A computer: open the file, and trust it for websites.</li>
            <li>Close the browser, open this page again, and add it to the home screen.</li>
          </ol>
          <p>Without it everything works as long as there is a net.</p>
        </section>
      HTML

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
                #{TRUST}
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
