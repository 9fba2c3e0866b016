# frozen_string_literal: true

module Scullion
  module Guards
    # Reads a refused body the way the routes would, to say every fault in plain words with its
    # place, where the contract's own message names only the first.
    class Explain
      READERS = {
        %r{\APOST /api/plan(/working)?\z} => ->(body) { brief(body) },
        %r{\A(POST|PUT) /api/salads(/[^/]+)?\z} =>
          lambda { |body| read(body, "version") { |fields| Salad::Form.read(fields, house) } },
        %r{\A(POST|PUT) /api/services(/\d+)?\z} =>
          lambda { |body| read(body, "version") { |fields| Service.read(fields, salads) } },
        %r{\APOST /api/services/\d+/changes\z} =>
          lambda { |body| read(body) { |fields| Changes::ServiceChange.check(fields) } },
        %r{\APOST /api/trials(/[^/]+)*\z} =>
          lambda do |body|
            read(body) do |fields|
              fields
                .only("salad", "covers", "grams", "times", "component", "goal")
                .within("salad") { |item| Salad::Form.read(item, house) }
            end
          end,
        %r{\APOST /api/larder/import\z} => ->(body) { read(body) { |fields| import(fields) } },
        %r{\APOST /api/cook\z} => ->(body) { single(body) },
        %r{\APOST /api/amounts/read\z} => ->(body) { read(body) { |fields| amounts(fields) } },
        %r{\APUT /api/kitchen\z} =>
          lambda do |body|
            read(body, "version", "house_rules") { |fields| Kitchen.read(fields, house.practice) }
          end
      }.freeze

      # @return [Array<Fault>, nil] empty when there is nothing to say; nil when the body is not JSON
      def faults(env)
        request = "#{env["REQUEST_METHOD"]} #{env["PATH_INFO"]}"
        _, reader = READERS.find { |pattern, _| pattern.match?(request) }
        reader ? self.class.instance_exec(JSON.parse(body(env)), &reader) : []
      rescue JSON::ParserError
        nil
      end

      class << self
        private

        def house = Records::House.ours

        def brief(body)
          Brief.read(body, house)
          []
        rescue InvalidBrief => e
          e.faults
        end

        def single(body)
          Cook::Single.read(body, house)
          []
        rescue InvalidBrief => e
          e.faults
        end

        def read(body, *beside)
          fields = DocumentReader.new(body.is_a?(Hash) ? body.except(*beside) : body)
          yield fields
          fields.faults
        end

        def amounts(fields)
          fields.only("texts", "ingredient", "form", "house")
          texts = fields.raw("texts")
          unless texts.is_a?(Array) && texts.size.between?(1, 500) &&
                   texts.all? { |text| text.is_a?(String) && text.length <= 300 }
            fields.fault("texts", "This should be a list of 1 to 500 texts.", 'Send {"texts": ["1½ cups"]}.')
          end
        end

        def import(fields)
          fields.only("csv", "json", "write")
          fields.text("csv", most: BodyLimit::MOST) unless fields.given?("json")
        end

        def salads = Records::Salad.pluck(:key).to_h { |key| [key, nil] }
      end

      private

      def body(env)
        input = env["rack.input"] or return ""
        input.rewind if input.respond_to?(:rewind)
        input.read
      end
    end
  end
end
