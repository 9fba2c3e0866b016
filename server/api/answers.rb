# frozen_string_literal: true

module Scullion
  module Api
    # What routes answer with, and the house that they ask.
    module Answers
      # Built once a request. @return [Scullion::House]
      def house = @house ||= Records::House.ours

      # After something of it was changed.
      def house_anew = @house = Records::House.ours

      def json(document, status: 200) = written_json(JSON.generate(document), status: status)

      # @param text [String] JSON
      def written_json(text, status: 200)
        content_type :json
        headers "cache-control" => "no-store" unless response.headers["cache-control"]
        halt status, text
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

      # What work that takes long comes to, done apart and once for all who ask the same at the same time. Who
      # asks for LINES is answered with how far it is, line by line, and stops it by going away.
      # @param key [Object] everything that it depends on
      # @param work [#call] apart, with what to call with (done, of, found); gives plain data
      # @param shown [#call] what the last line shows of it
      def slowly(key, work, shown: :itself.to_proc)
        return settings.slow.of(key) { Apart.run(&work) } unless lines?

        content_type LINES
        headers "cache-control" => "no-store"
        halt 200, Lines.new(settings.slow, key, work, shown)
      end

      LINES = "application/x-ndjson"
      def lines? = request.get_header("HTTP_ACCEPT").to_s.include?(LINES)

      def service_asked = Records::Service.for_planning.find(params["id"])

      # The plan of a service as it is decided. @return [Plan]
      def plan_of(service) = kept_plan(service).plan

      # @return [Exchange::Plans::Kept]
      def kept_plan(service) = settings.plans.of(service, house)

      # Answers that nothing has changed to who has it already, as it is or as something else that follows
      # from the same.
      # @param stamp [Array, String] of everything that the answer is made from
      def unless_unchanged(stamp)
        headers "cache-control" => "private, no-cache"
        of = [Code::STAMP, request.fullpath, *stamp].join("|")
        etag Digest::SHA256.hexdigest(of), kind: :weak
      end
    end
  end
end
