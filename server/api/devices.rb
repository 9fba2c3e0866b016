# frozen_string_literal: true

module Scullion
  module Api
    # What the kitchen measures with, and what every screen is told as it happens.
    module Devices
      def self.registered(app)
        app.helpers Reading
        app.set :live, Live.new
        app.after { settings.live.tell("moved", moved) if wrote? }
        app.get("/api/stream") { stream_to_screen }
        app.get("/api/devices") { json(devices) }

        app.put("/api/devices") do
          wanted = body_document
          bad = wanted.reject { |_, address| address.to_s.empty? || Scullion::Devices.address?(address) }
          not_near(bad) if bad.any?
          Records::Device.write(wanted)
          json(devices)
        end

        app.post("/api/devices/scale/tare") do
          at_device { Scullion::Devices::Meter.new("scale", address_of("scale")).tare }
          halt 204
        end

        app.post("/api/lots/:code/label") do
          left = at_device { Scullion::Devices::Printer.new(address_of("printer")).print(lot_label.to_s) }
          json({ "left" => left })
        end
        app.get("/api/lots/:code/label.pdf") do
          file("application/pdf", "lot-#{params["code"]}.pdf", lot_label.to_pdf)
        end
      end

      # Helpers of these routes.
      module Reading
        WRITING = %w[POST PUT DELETE].freeze

        # What is only worked out, or said to a device.
        ASKS =
          %r{\A/api/(?:
            amounts|trials|plan|cook|paste|backups|use-up\z|devices/scale|lots/|salads/[^/]+/correct
          )}x.freeze

        def wrote?
          WRITING.include?(request.request_method) && response.successful? && !request.path_info.match?(ASKS)
        end

        # Of one service, or of anything. @return [Hash]
        def moved
          service = request.path_info[%r{\A/api/services/(\d+)(?:/|\z)}, 1]
          service ? { "service" => service.to_i } : {}
        end

        def devices
          addresses = Records::Device.addresses
          Scullion::Devices::KINDS.to_h { |kind| [kind, addresses[kind].to_s] }
        end

        def lot_label
          history = record_book.history(params["code"]) || problem(404, "There is no such lot.")
          Scullion::Papers::LotLabel.new(history, request.base_url)
        end

        def address_of(kind)
          Records::Device.addresses[kind] ||
            problem(422, "No #{kind} is named.", remedy: "Write its address under Kitchen.")
        end

        def not_near(bad)
          problem 422,
                  "#{Fault.shown(bad.values.first)} is no address of this house.",
                  remedy: "Write it like 192.168.1.20:4801, of this machine or its own network."
        end

        # @raise [halt] in plain words where it is gone
        def at_device
          yield
        rescue Scullion::Devices::Gone => e
          problem 502, e.message, remedy: "Everything can be typed meanwhile."
        end

        # The connection itself is kept for what is to come.
        def stream_to_screen
          take = request.env["rack.hijack"]
          content_type "text/event-stream"
          halt 200, "retry: 1000\n\n" unless take

          settings.live.listen(take.call) || problem(503, "Too many screens are open.", remedy: "Close one.")
          halt 200
        end
      end
    end
  end
end
