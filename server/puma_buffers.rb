# frozen_string_literal: true

module Scullion
  # Puma (8.0) empties a connection's buffer once more after it has handed the connection on; by then another
  # thread may be writing the next answer into it, which loses its head. A buffer is emptied by nobody but the
  # thread that wrote into it last.
  module PumaBuffers
    def initialize
      super
      @turn = Mutex.new
    end

    def write(...) = @turn.synchronize { (@writer = Thread.current) && super }
    def append(...) = write(...)
    def <<(text) = write(text) && self

    def reset
      @turn.synchronize { super if @writer.nil? || @writer == Thread.current }
    end
  end
end
