# frozen_string_literal: true

require "concurrent"

module Scullion
  # What is worked out once, however many ask for it at the same time, and kept while it is among the last
  # that were asked for.
  class Once
    # @param keeps [Integer] how many
    # @yield [key] what it is a version of, where only the latest of each is kept
    def initialize(keeps:, &version_of)
      @kept, @lock, @keeps, @version_of = {}, Mutex.new, keeps, version_of
    end

    # @param key [Object] everything that it depends on
    # @yield to work it out; what that raises is raised to all who wait, and not kept
    def of(key, &work)
      first = false
      kept = @lock.synchronize { touched(key) || ((first = true) && added(key)) }
      return waited_for(kept) { return of(key, &work) } unless first

      begin
        yield.tap { |value| kept.set(value) }
      rescue Exception => e # rubocop:disable Lint/RescueException -- those who wait must not wait for ever
        @lock.synchronize { @kept.delete(key) }
        kept.fail(e)
        raise
      end
    end

    private

    # Where who began it went away, it is begun again.
    def waited_for(kept)
      Guards::Turns.aside { kept.wait } unless kept.complete?
      kept.reason.is_a?(IOError) || kept.reason.is_a?(SystemCallError) ? yield : kept.value!
    end

    # The latest last; the one not asked for longest goes.
    def touched(key) = @kept.key?(key) ? @kept[key] = @kept.delete(key) : nil

    def added(key)
      of = @version_of&.call(key)
      @kept.delete_if { |other, _| @version_of.call(other) == of } if of
      @kept[key] = Concurrent::IVar.new
      @kept.shift if @kept.size > @keeps
      @kept[key]
    end
  end
end
