# frozen_string_literal: true

module Scullion
  # The fields between plain data (parsed JSON or YAML) and values. It reads one object,
  # field by field, and collects every fault instead of stopping at the first, each with
  # what, where (a JSON Pointer) and what to do. A faulty field reads as nil.
  class DocumentReader
    REQUIRED = Object.new.freeze
    # What a name on one line cannot hold.
    BREAK = /[\u0000-\u001f\u007f\u0085\u2028\u2029]/.freeze

    attr_reader :where, :faults

    # @param data [Object] what stands at +where+; anything but a Hash is itself a fault
    # @param where [String] JSON Pointer of +data+
    # @param faults [Array<Fault>] collects
    def initialize(data, where = "", faults = [])
      @where, @faults = where, faults
      @data = data.is_a?(Hash) ? data : {}
      fault(nil, "This should be an object with named fields.", "Send {\"…\": …}.") unless data.is_a?(Hash)
    end

    # Refuses fields that nobody reads, so that a misspelt one is not lost in silence.
    def only(*names)
      (@data.keys - names).each do |name|
        fault(name, "Unknown field #{Fault.shown(name)}.", "Remove it, or use one of: #{names.join(", ")}.")
      end
      self
    end

    def given?(name) = !@data[name].nil?

    # The plain data itself.
    attr_reader :data

    def raw(name) = @data[name]

    def text(name, default: REQUIRED, most: 120)
      read(name, default) do |value|
        next fault(name, "This should be text.", "Put it in quotes.") unless value.is_a?(String)
        next fault(name, "This is empty.", "Write at least one letter.") if value.strip.empty?
        if value.match?(BREAK)
          next(
            fault(name, "This has a line break or another sign that is no letter.", "Write it in one line.")
          )
        end
        if value.length > most
          next fault(name, "This is #{value.length} letters long.", "Keep it to #{most}.")
        end

        value.strip
      end
    end

    def key(name, default: REQUIRED)
      read(name, default) do |value|
        next value if value.is_a?(String) && value.match?(/\A[a-z0-9][a-z0-9-]{0,79}\z/)

        fault(
          name,
          "#{shown(value)} is not a key.",
          "Use small letters, digits and hyphens, for example pearl-barley."
        )
      end
    end

    def number(name, within, unit, default: REQUIRED)
      read(name, default) do |value|
        unless numeric?(value)
          next fault(name, "#{shown(value)} is not a number.", "Write a number of #{unit}.")
        end
        next out_of_range(name, value, within, unit) unless within.cover?(value)

        value.to_f
      end
    end

    def whole(name, within, unit, default: REQUIRED)
      read(name, default) do |value|
        unless numeric?(value) && value == value.to_i
          next(
            fault(
              name,
              "#{shown(value)} is not a whole number.",
              "Write a whole number of #{unit}, " \
                "from #{bounds(within)}."
            )
          )
        end
        next out_of_range(name, value, within, unit) unless within.cover?(value)

        value.to_i
      end
    end

    def choice(name, allowed, default: REQUIRED)
      read(name, default) do |value|
        next value if allowed.include?(value)

        fault(name, "#{shown(value)} is not one of the choices here.", "Use one of: #{allowed.join(", ")}.")
      end
    end

    def flag(name, default: false)
      read(name, default) do |value|
        next value if [true, false].include?(value)

        fault(name, "#{shown(value)} is not yes or no.", "Use true or false.")
      end
    end

    def match(name, pattern, example, default: REQUIRED)
      read(name, default) do |value|
        next value if value.is_a?(String) && value.match?(pattern)

        fault(name, "#{shown(value)} cannot be read.", "Write it like #{example}.")
      end
    end

    # @yield [DocumentReader] one per object in the list
    # @return [Array] what the block gave for each
    def list(name, size, noun, default: REQUIRED)
      read(name, default) do |value|
        next fault(name, "This should be a list of #{noun}.", "Send [ … ].") unless value.is_a?(Array)
        next fault(name, "There are no #{noun}.", "Add at least #{size.min}.") if value.size < size.min
        next fault(name, "There are #{value.size} #{noun}.", "Keep to #{size.max}.") if value.size > size.max

        value.each_with_index.map { |item, index| yield DocumentReader.new(item, at(name, index), faults) }
      end
    end

    # @yield [DocumentReader] the object under +name+
    def within(name, default: REQUIRED)
      read(name, default) { |value| yield DocumentReader.new(value, at(name), faults) }
    end

    # Notes a fault at a field, at a path of fields, or with nil at the object itself.
    # @return [nil] so that a faulty field reads as nil
    def fault(name, what, remedy)
      faults << Fault.new(what: what, where: name.nil? ? where : at(*name), remedy: remedy)
      nil
    end

    def at(*parts)
      parts.reduce(where) { |path, part| "#{path}/#{part.to_s.gsub("~", "~0").gsub("/", "~1")}" }
    end

    private

    def read(name, default)
      return yield(@data[name]) unless @data[name].nil?
      return default unless REQUIRED.equal?(default)

      fault(name, "This is missing.", "Add the field #{name}.")
    end

    def numeric?(value) = value.is_a?(Numeric) && value.to_f.finite?

    def out_of_range(name, value, within, unit)
      fault(name, "#{shown(value)} is outside what can be planned.", "Use #{bounds(within)} #{unit}.")
    end

    def bounds(range) = "#{plain(range.min || range.begin)} to #{plain(range.end)}"
    def plain(number) = number.to_i == number ? number.to_i.to_s : number.to_s
    def shown(value)
      value.is_a?(String) || value.is_a?(Numeric) ? value.inspect[0, 80] : "a #{value.class.name.downcase}"
    end
  end
end
