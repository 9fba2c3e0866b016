# frozen_string_literal: true

module Scullion
  module Day
    # What has happened so far, and what the cook decided about the day: the time now, since when it
    # could be worked on at all, tasks started, done, running late or spoilt, tasks held at a time, what
    # is made a day ahead or bought ready cut or put into the oven in several loads, what is borrowed
    # for the day (a cook for some hours, an oven, a burner, a pot, a tray, one more plater), who does
    # what else for once, what the salads do without, and what is made otherwise. Beside that, what
    # other services have of the kitchen, what they make for this one, what is made here for them, and what is
    # taken of lots on hand.
    class Progress
      # state: started, done, late or failed. at: when it began or ended; minutes: how long it
      # runs over; share: how much of it has to be made again.
      Mark = Struct.new(:task, :state, :at, :minutes, :share, keyword_init: true)
      # A salad was out at another service, for so long.
      Outing = Struct.new(:name, :minutes, keyword_init: true)
      # Made with another service's, whose name it is: ready, at its best and to be kept until, in minutes;
      # each nil where that day is not solved yet. lost: it has no place in that day; lot: it is a lot on
      # hand.
      Brought = Struct.new(:name, :ready, :best, :discard, :lost, :lot, keyword_init: true)
      # Taken of what is on hand, g ready to serve: of a lot by its code, or of what has none. best, discard:
      # minutes, nil where nobody knows.
      OnHand = Struct.new(:code, :name, :grams, :best, :discard, keyword_init: true)
      # So much more of a preparation, g ready to serve, for another service; on_purpose: for another day.
      More = Struct.new(:name, :grams, :on_purpose, keyword_init: true)
      # Who takes a stop on, and why.
      TakenOn = Struct.new(:by, :reason, keyword_init: true)
      STATES = %w[started done late failed].freeze
      LOADS = (1..6).freeze
      # Kinds of resource that one more of can be had for a day.
      BORROWED = /\A(plater|burner|oven|pot-.+|tray-.+)\z/.freeze

      attr_reader :now,
                  :since,
                  :marks,
                  :pins,
                  :ahead,
                  :extra,
                  :cut,
                  :borrowed,
                  :loads,
                  :skilled,
                  :left_out,
                  :otherwise,
                  :control,
                  :taken_on,
                  :outings,
                  :brings,
                  :makes,
                  :lots,
                  :taken

      # @param now [Integer, nil] minutes from midnight of the service day
      # @param since [Integer, nil] nothing is planned before it
      # @param marks [Hash{String=>Mark}] by task @param pins [Hash{String=>Integer}] start by task
      # @param ahead [Hash{String=>Integer}] days ahead by preparation
      # @param extra [Array<Array(Integer, Integer)>] hours of one more cook each
      # @param cut [Array<String>] preparations bought ready cut
      # @param borrowed [Array<String>] each one more of BORROWED
      # @param loads [Hash{String=>Integer}] into the oven by preparation
      # @param skilled [Array<Array(String, String)>] initials and one more skill each
      # @param left_out [Array<String>] preparations that the day does without
      # @param otherwise [Hash{String=>String}] how it is made this day, by preparation: see Salad::Otherwise
      # @param control [Hash{String=>String}] cold or clock by preparation, see Safety::Control
      # @param taken_on [Hash{String=>TakenOn}] by key of the finding
      # @param outings [Hash{String=>Array<Outing>}] by salad: when it was out before, on the day
      # @param brings [Hash{String=>Brought}] by preparation: what another service makes for this one
      # @param makes [Hash{String=>Array<More>}] by preparation: what this one makes for others
      # @param lots [Hash{String=>Array<OnHand>}] by preparation: what is taken of lots on hand
      # @param taken [Hash{String=>Array<Busy>}] by key of the resource
      def initialize(
        now: nil,
        since: nil,
        marks: {},
        pins: {},
        ahead: {},
        extra: [],
        cut: [],
        borrowed: [],
        loads: {},
        skilled: [],
        left_out: [],
        otherwise: {},
        control: {},
        taken_on: {},
        outings: {},
        brings: {},
        makes: {},
        lots: {},
        taken: {}
      )
        @now, @since, @marks, @pins, @ahead, @extra = now, since, marks, pins, ahead, extra
        @cut, @borrowed, @loads, @skilled, @left_out, @taken = cut, borrowed, loads, skilled, left_out, taken
        @otherwise = otherwise
        @control, @taken_on, @outings, @brings, @makes, @lots =
          control,
          taken_on,
          outings,
          brings,
          makes,
          lots
        freeze
      end

      def with(**changes)
        Progress.new(
          now: now,
          since: since,
          marks: marks,
          pins: pins,
          ahead: ahead,
          extra: extra,
          cut: cut,
          borrowed: borrowed,
          loads: loads,
          skilled: skilled,
          left_out: left_out,
          otherwise: otherwise,
          control: control,
          taken_on: taken_on,
          outings: outings,
          brings: brings,
          makes: makes,
          lots: lots,
          taken: taken,
          **changes
        )
      end
    end
  end
end
