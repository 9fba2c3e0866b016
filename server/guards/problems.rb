# frozen_string_literal: true

require "committee"

module Scullion
  module Guards
    # The last word on everything that goes wrong: application/problem+json with what, where
    # and what to do; never a stack trace. Unforeseen errors are logged and answered with 500.
    class Problems
      def initialize(app, explain:)
        @app, @explain = app, explain
      end

      def call(env)
        @app.call(env)
      rescue Committee::Error => e
        invalid(env, e)
      rescue UnknownFigure, ActiveRecord::RecordNotFound => e
        not_found(e)
      rescue Scullion::Error => e
        problem(422, "This cannot be planned as it stands.", faults: e.faults)
      rescue BodyLimit::TooLarge
        problem(413, "The body is over 1 MB.", remedy: "Send less at once.")
      rescue ActiveRecord::StatementInvalid => e
        storage(env, e)
      rescue StandardError => e
        unforeseen(env, e)
      end

      def self.answer(status, title, faults: [], **more)
        body = {
          "type" => "about:blank",
          "title" => title,
          "status" => status,
          "faults" =>
            faults.map { |fault| { "what" => fault.what, "where" => fault.where, "remedy" => fault.remedy } }
        }
        [
          status,
          { "content-type" => "application/problem+json", "cache-control" => "no-store" },
          [JSON.generate(body.merge(more.transform_keys(&:to_s)))]
        ]
      end

      private

      def problem(...) = Problems.answer(...)

      def invalid(env, error)
        faults = @explain.faults(env)
        unless faults
          return problem(400, "This is not JSON.", remedy: "Check for a missing quote, comma or bracket.")
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
        problem(422, "This cannot be planned as it stands.", faults: faults)
      end

      def plain(error) = error.message.gsub(%r{#/\S+ }, "").gsub(/\s+/, " ")[0, 300]

      def not_found(error)
        faults = error.is_a?(Scullion::Error) ? error.faults : []
        problem(
          404,
          "There is nothing here by that name.",
          faults: faults,
          remedy: "It may have been deleted; go back and reload."
        )
      end

      def storage(env, error)
        case error.cause
        when SQLite3::FullException
          # @return [Array] a Rack answer

          # The contract says that the request is wrong; our own readers say it in plain words.

          problem(507, "The disk is full; nothing was saved.", remedy: "Free some space and send it again.")
        when SQLite3::ReadOnlyException, SQLite3::CantOpenException
          problem(
            503,
            "The database cannot be written; nothing was saved.",
            remedy: "Check the folder's permissions."
          )
        when SQLite3::BusyException
          problem(503, "The database is busy; nothing was saved.", remedy: "Send it again.")
        when SQLite3::ConstraintException
          problem(409, "Something else depends on this, or it exists already.")
        else
          unforeseen(env, error)
        end
      end

      def unforeseen(env, error)
        env["rack.errors"].puts("#{error.class}: #{error.message}", *error.backtrace.first(20))
        problem(
          500,
          "Something went wrong here; nothing was saved.",
          remedy: "Try again. The log has the details."
        )
      end
    end
  end
end
