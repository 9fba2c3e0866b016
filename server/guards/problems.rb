# frozen_string_literal: true

require "committee"

module Scullion
  module Guards
    # The last word on everything that goes wrong: application/problem+json with what, where
    # and what to do; never a stack trace. Unforeseen errors are logged and answered with 500.
    class Problems
      TURNED_AWAY = {
        403 => ["This server answers neither to that name nor to pages from elsewhere."],
        404 => ["There is nothing at this address."]
      }.freeze
      GONE = "It may have been deleted; go back and reload.".freeze
      UNWRITABLE = "Check its folder's permissions, or that its server is up.".freeze
      IN_THE_LOG = "Try again. The log has the details.".freeze
      TOO_LONG = "This takes too long to work out; it was stopped, and nothing was changed.".freeze

      def initialize(app, explain:)
        @app, @explain = app, explain
      end

      def call(env)
        in_plain_words(@app.call(env))
      rescue Committee::Error => e
        invalid(env, e)
      rescue StandardError => e
        log(env, e) if (said = Problems.of(e))["status"] == 500
        Problems.respond(said)
      end

      # What went wrong, in plain words. @param error [StandardError] @return [Hash] the problem
      def self.of(error)
        case error
        when UnknownFigure, ActiveRecord::RecordNotFound
          faults = error.is_a?(Scullion::Error) ? error.faults : []
          body(404, "There is nothing here by that name.", faults: faults, remedy: GONE)
        when Scullion::Error
          body(422, "This cannot be planned as it stands.", faults: error.faults)
        when ActiveModel::RangeError
          body(422, "A number in this is beyond anything that can be kept.", remedy: "Send a smaller one.")
        when Exchange::LarderImport::Stale
          body(409, error.message, remedy: "Look at what stands now, then bring it in again.")
        when Readable::Refused
          body(error.status, error.message, remedy: error.remedy)
        when Apart::TooLong
          body(503, TOO_LONG, remedy: "Ask for less at once: a shorter day, fewer salads, a smaller table.")
        when BodyLimit::NoText
          body(400, "This is not JSON.", remedy: "Send it as UTF-8.")
        when BodyLimit::TooLarge
          body(413, "The body is over 4 MB.", remedy: "Send less at once.")
        else
          storage(error) || body(500, "Something went wrong here; nothing was saved.", remedy: IN_THE_LOG)
        end
      end

      # @return [Array] a Rack answer
      def self.answer(...) = respond(body(...))

      # @param said [Hash] a problem @return [Array] a Rack answer
      def self.respond(said)
        headers = { "content-type" => "application/problem+json", "cache-control" => "no-store" }
        [said["status"], headers, [JSON.generate(said)]]
      end

      # @return [Hash] the problem itself
      def self.body(status, title, faults: [], **more)
        said =
          faults.map { |fault| { "what" => fault.what, "where" => fault.where, "remedy" => fault.remedy } }
        problem = { "type" => "about:blank", "title" => title, "status" => status, "faults" => said }
        problem.merge(more.transform_keys(&:to_s))
      end

      private

      # What a guard of Rack's own turns away. @return [Array] a Rack answer
      def in_plain_words(answer)
        status, headers, parts = answer
        unless TURNED_AWAY.key?(status) && headers["content-type"].to_s.start_with?("text/plain")
          return answer
        end

        parts.close if parts.respond_to?(:close)
        status, ours, parts = Problems.answer(status, *TURNED_AWAY.fetch(status))
        [status, headers.except("content-length").merge(ours), parts]
      end

      # The contract says that the request is wrong; our own readers say it in plain words.
      def invalid(env, error)
        faults = @explain.faults(env)
        unless faults
          return(
            Problems.answer(400, "This is not JSON.", remedy: "Check for a missing quote, comma or bracket.")
          )
        end

        if faults.empty?
          faults = [
            Fault.new(
              what: plain(error),
              where: "request",
              remedy: "See /api/openapi.yaml for what is expected."
            )
          ]
        end
        Problems.answer(422, "This cannot be planned as it stands.", faults: faults)
      end

      def plain(error) = error.message.gsub(%r{#/\S+ }, "").gsub(/\s+/, " ")[0, 300]

      def log(env, error)
        env["rack.errors"].puts("#{error.class}: #{error.message}", *error.backtrace.first(20))
      end

      # What an error of the database comes to. @return [Hash, nil] the problem
      def self.storage(error)
        case Records.database&.class&.fate(error.cause || error)
        when :full
          body(507, "The disk is full; nothing was saved.", remedy: "Free some space and send it again.")
        when :unwritable
          body(503, "The database cannot be written; nothing was saved.", remedy: UNWRITABLE)
        when :busy
          body(503, "The database is busy; nothing was saved.", remedy: "Send it again.")
        when :conflict
          body(409, "Something else depends on this, or it exists already.")
        end
      end
      private_class_method :storage
    end
  end
end
