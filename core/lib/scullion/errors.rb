# frozen_string_literal: true

module Scullion
  # One thing that is wrong: what it is, where it stands (a JSON Pointer, or file, row and
  # field for facts) and what the reader can do about it. All three are plain sentences.
  Fault =
    Struct.new(:what, :where, :remedy, keyword_init: true) do
      # Something that was sent, in a sentence: in quotes where it is text, and never a page long.
      def self.shown(value)
        value.is_a?(String) ? value[0, self::SHOWN].inspect : value.inspect[0, self::SHOWN]
      end

      def to_s = "#{where}: #{what} #{remedy}"
    end
  # Letters of what was sent that a fault repeats.
  Fault::SHOWN = 80

  # The closed family of errors that core raises. Every one carries at least one Fault.
  class Error < StandardError
    attr_reader :faults

    # @param faults [Fault, Array<Fault>] never empty
    def initialize(faults)
      @faults = [faults].flatten.freeze
      super(@faults.join("\n"))
    end

    # The same, told from inside a part of what was read.
    # @param where [String] JSON Pointer of that part
    def within(where) = relocated { |place| place.delete_prefix(where) }

    # The same, told at another place.
    # @param where [String]
    def at(where) = relocated { where }

    private

    def relocated
      self.class.new(
        faults.map { |fault| Fault.new(what: fault.what, where: yield(fault.where), remedy: fault.remedy) }
      )
    end
  end

  # The brief cannot be planned as it stands.
  class InvalidBrief < Error
  end

  # Shipped or imported figures break their own rules.
  class InvalidFacts < Error
  end

  # A written amount that could not be read; the failing part is named.
  class UnreadableAmount < Error
  end

  # A figure was asked for that the larder does not hold (a density, a piece weight).
  class MissingFigure < Error
  end

  # Nothing in the plan stands at this address.
  class UnknownFigure < Error
  end

  # A day cannot be laid out at all: its tasks wait for each other in a ring.
  class UnworkableDay < Error
  end
end
