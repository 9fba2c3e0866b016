# frozen_string_literal: true

module Scullion
  module Api
    # What routes answer with.
    module Answers
      def json(document, status: 200)
        content_type :json
        headers "cache-control" => "no-store"
        halt status, JSON.generate(document)
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
        problem 409, "This was changed elsewhere since you opened it.", theirs: theirs.call, yours: body_document,
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
    end
  end
end
