# frozen_string_literal: true

module Scullion
  # What every open screen is told as it happens: that something has moved, and what the scale and the probe
  # read. One connection a screen, as server-sent events; one that does not keep up is let go, and comes again
  # by itself.
  class Live
    MOST = 100
    # Seconds between two looks at what other processes did, at the meters, and at one that was gone.
    LOOK, READ, AGAIN = 1.0, 0.3, 3.0
    QUIET = 15.0
    HEAD =
      "HTTP/1.1 200 OK\r\ncontent-type: text/event-stream\r\ncache-control: no-store\r\n" \
        "x-content-type-options: nosniff\r\nconnection: close\r\n\r\nretry: 1000\n\n".freeze

    def initialize
      @lock, @screens, @threads, @own = Mutex.new, [], {}, 0
    end

    # @param socket [IO] of a screen, which it keeps @return [Boolean] false where there are too many
    def listen(socket)
      @lock.synchronize do
        return false if @screens.size >= MOST

        @screens << socket
      end
      socket.write(HEAD)
      look_around
      true
    rescue SystemCallError, IOError
      drop(socket)
      true
    end

    # Tells all of them. @param what [String] @param data [Hash]
    def tell(what, data = {})
      @own += 1 if what == "moved"
      said = "event: #{what}\ndata: #{JSON.generate(data)}\n\n"
      screens.each { |socket| send_to(socket, said) }
    end

    def screens = @lock.synchronize { @screens.dup }

    private

    def send_to(socket, said)
      drop(socket) if socket.write_nonblock(said, exception: false) != said.bytesize
    rescue SystemCallError, IOError
      drop(socket)
    end

    def drop(socket)
      @lock.synchronize { @screens.delete(socket) }
      socket.close
    rescue SystemCallError, IOError
      nil
    end

    # While anybody listens; whichever of them has ended is begun again.
    def look_around
      work = { "watch" => -> { watch }, "scale" => -> { meter("scale") }, "probe" => -> { meter("probe") } }
      @lock.synchronize do
        work.each { |name, task| @threads[name] = Thread.new(&task) unless @threads[name]&.alive? }
      end
    end

    # Again and again until nobody listens. Whether it ends is decided where screens come and go, so that none
    # comes between; and no fault of the records ends it.
    def while_anybody(name)
      while @lock.synchronize { @screens.any? || (@threads.delete(name) && false) }
        begin
          yield
        rescue ActiveRecord::ActiveRecordError
          sleep(AGAIN)
        end
      end
    end

    # What another process wrote is told too; and now and then a word, so that who is gone is known to be.
    def watch
      seen, own, quiet = nil, @own, 0.0
      while_anybody("watch") do
        sleep(LOOK)
        now = moved
        # What this process wrote it has told already.
        tell("moved") if seen && now != seen && own == @own
        seen, own, quiet = now, @own, quiet + LOOK
        next if quiet < QUIET

        tell("still")
        quiet = 0.0
      end
    end

    def moved
      ActiveRecord::Base.connection_pool.with_connection do
        [
          Records::Entry.maximum(:id),
          Records::Service.pluck(:id, :lock_version, :day).hash,
          Records::Tick.pluck(:id).hash
        ]
      end
    end

    def meter(kind)
      while_anybody(kind) do
        address = ActiveRecord::Base.connection_pool.with_connection { Records::Device.addresses[kind] }
        sleep(address ? read(kind, address) : AGAIN)
      end
    end

    # In this house's own measures.
    def text(kind, value)
      practice = ActiveRecord::Base.connection_pool.with_connection { Records::House.ours.practice }
      kind == "scale" ? practice.writer.g_exact(value) : Record::Written.degrees(value, practice.measures)
    end

    # @return [Float] seconds until the next
    def read(kind, address)
      reading = Devices::Meter.new(kind, address).read
      tell(
        kind,
        { "value" => reading.value, "settled" => reading.settled, "text" => text(kind, reading.value) }
      )
      READ
    rescue Devices::Gone => e
      tell(kind, { "gone" => e.message })
      AGAIN
    end
  end
end
