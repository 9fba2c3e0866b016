# frozen_string_literal: true

module Scullion
  module Api
    # What routes answer with, and the house that they ask.
    module Answers
      # Built once a request. @return [Scullion::House]
      def house = @house ||= Records::House.ours

      # After something of it was changed.
      def house_anew = @house = Records::House.ours

      def json(document, status: 200)
        content_type :json
        headers "cache-control" => "no-store"
        halt status, JSON.generate(document)
      end

      # A file to be kept under a name.
      def file(type, name, content)
        content_type type
        attachment name
        content
      end

      def problem(status, title, **more)
        code, headers, body = Guards::Problems.answer(status, title, **more)
        halt code, headers, body
      end

      # The body, which the contract has already let in.
      def body_document
        request.body.rewind if request.body.respond_to?(:rewind)
        JSON.parse(request.body.read)
      rescue JSON::ParserError
        problem 400, "This is not JSON.", remedy: "Check for a missing quote, comma or bracket."
      end

      # Someone else changed it first: says so with what stands now and what was sent.
      def on_stale(theirs)
        yield
      rescue ActiveRecord::StaleObjectError
        problem 409,
                "This was changed elsewhere since you opened it.",
                theirs: theirs.call,
                yours: body_document,
                remedy: "Look at what stands now, then send yours again with its version."
      end

      # Reads a document with core.
      # @raise [InvalidBrief] with every fault
      def read(document)
        fields = DocumentReader.new(document)
        result = yield fields
        raise InvalidBrief, fields.faults if fields.faults.any?

        result
      end

      def service_asked = Records::Service.find(params["id"])

      # The plan of a service as it is decided. @return [Plan]
      def plan_of(service) = Plan.for(Exchange::Briefing.brief(service, house))
    end
  end
end
