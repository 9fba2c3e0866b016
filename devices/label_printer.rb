# frozen_string_literal: true

require "fileutils"
require_relative "stand_in"

module Devices
  # A label printer. STATE? says how many labels it has; PRINT 123 takes as many bytes of plain text behind it
  # as one label, and prints it into a file. For trying: LOAD 100 puts labels in. It jams when told to, and
  # runs out.
  class LabelPrinter < StandIn
    LARGEST = 20_000

    # @param folder [String] where labels are printed to
    def initialize(port, folder:, labels: 100, **more)
      super(port, **more)
      @folder, @labels = folder, labels
      FileUtils.mkdir_p(folder)
    end

    private

    def faults = StandIn::FAULTS + ["jam"]

    def asked(word, rest, client)
      case word
      when "STATE?"
        state
      when "PRINT"
        print(rest.to_i, client)
      when "LOAD"
        @labels = rest.to_i
        "OK"
      else
        "E WORD"
      end
    end

    def state
      return "E JAM" if @fault == "jam"

      @labels.positive? ? "OK #{@labels}" : "E EMPTY"
    end

    def print(size, client)
      return "E SIZE" unless size.between?(1, LARGEST)

      text = client.read(size)
      return state unless state.start_with?("OK")

      @labels -= 1
      number = Dir.children(@folder).size + 1
      File.binwrite(File.join(@folder, format("label-%04d.txt", number)), text)
      "OK #{@labels}"
    end
  end
end
