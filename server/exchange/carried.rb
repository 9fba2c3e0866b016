# frozen_string_literal: true

module Scullion
  module Exchange
    # A salad that travels inside a card that is written for people: whole, as long as nobody has changed a
    # word of the card. What was changed is read as it is written.
    module Carried
      MARK = "scullion-salad"
      COMMENT = /<!-- #{MARK} ([0-9a-f]{16}) (\S+) -->\s*\z/.freeze

      class << self
        # @param text [String] a card @param salad [Hash] a build @return [String] the card with it inside
        def in_text(text, salad) = "#{text}\n<!-- #{MARK} #{seal(text)} #{packed(salad)} -->\n"

        # @param data [Hash] a schema.org Recipe @return [Hash] the same with it inside
        def in_data(data, salad)
          value = "#{seal(told(data))} #{packed(salad)}"
          data.merge(
            "additionalProperty" => {
              "@type" => "PropertyValue",
              "propertyID" => MARK,
              "value" => value
            }
          )
        end

        # @param pasted [String] @return [String, nil] the salad that it carries, as JSON; nil where there is
        #   none, or where what stands around it is another recipe by now
        def salad(pasted)
          found = pasted.match(COMMENT)
          return opened(found[2]) if found && found[1] == seal(found.pre_match)

          in_linked(pasted) if pasted.include?(MARK) && pasted.lstrip.start_with?("{")
        end

        # How many the card around it serves.
        def servings(pasted) = pasted[/(?:^Serves |"recipeYield":\s*")(\d+)/, 1].to_i.clamp(1, nil)

        private

        def in_linked(pasted)
          data = JSON.parse(pasted, max_nesting: 60)
          return unless data.is_a?(Hash) && data["additionalProperty"].is_a?(Hash)

          sealed, whole = data.dig("additionalProperty", "value").to_s.split(" ", 2)
          opened(whole) if whole && sealed == seal(told(data))
        rescue JSON::ParserError
          nil
        end

        # What people read of it.
        def told(data)
          JSON.generate(data.values_at("name", "recipeYield", "recipeIngredient", "recipeInstructions"))
        end

        def seal(text) = Digest::SHA256.hexdigest(text.gsub(/\s+/, " ").strip)[0, 16]
        def packed(salad) = [Zlib.deflate(JSON.generate(salad))].pack("m0")

        def opened(packed)
          Zlib::Inflate.inflate(packed.unpack1("m0"))[0, 200_000]
        rescue Zlib::Error, ArgumentError
          nil
        end
      end
    end
  end
end
