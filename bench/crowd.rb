# frozen_string_literal: true

require "json"
require "net/http"
require "socket"
require "tmpdir"

# Many clients at once on one running server, a process of its own with the demo in it.
class Crowd
  ROOT = File.expand_path("..", __dir__)
  Said = Struct.new(:status, :body, :seconds)

  # @param env [Hash] for the server
  # @yield [Crowd] while it is served
  def self.run(env = {}) = Dir.mktmpdir { |folder| yield at(folder, env) }

  # @param folder [String] for what it keeps @return [Crowd] to be stopped by who asks for it
  def self.at(folder, env = {})
    port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    given = {
      "PORT" => port.to_s,
      "SCULLION_DB" => "#{folder}/crowd.sqlite3",
      "SCULLION_DEMO_FROM" => "2026-11-24"
    }
    new(port, room.merge(given, env), folder)
  end

  # As bin/start gives it. @return [Hash{String=>String}]
  def self.room = File.read("#{ROOT}/bin/room").scan(/^([A-Z_]+)=(.+)$/).to_h

  attr_reader :pid, :folder

  def initialize(port, env, folder)
    @port, @folder, @said, @lock = port, folder, [], Mutex.new
    @pid =
      spawn(env, "ruby", "-r./bin/gems", "server/start.rb", :chdir => ROOT, %i[out err] => "#{folder}/log")
    at_exit { stop }
    wait
  end

  def stop
    return unless @pid

    Process.kill("TERM", @pid)
    Process.wait(@pid)
    @pid = nil
  end

  # @return [Array<Said>] all that was answered since this was last asked
  def said = @lock.synchronize { @said.tap { @said = [] } }

  # @return [Said]
  def ask(verb, path, body = nil, http: nil)
    return connected { |mine| ask(verb, path, body, http: mine) } unless http

    request = Net::HTTP.const_get(verb.to_s.capitalize).new(path)
    request.body, request.content_type = JSON.generate(body), "application/json" if body
    from = now
    answer = http.request(request)
    said = Said.new(answer.code.to_i, parsed(answer), now - from)
    @lock.synchronize { @said << said }
    said
  end

  # @return [Integer] bytes on the wire of an answer that may be compressed
  def raw(path)
    connected do |http|
      request = Net::HTTP::Get.new(path, "accept-encoding" => "gzip")
      request.instance_variable_set(:@decode_content, false)
      http.request(request).body.bytesize
    end
  end

  # @return [Integer] MB that the server's process has in memory
  def memory = File.read("/proc/#{@pid}/status")[/^VmRSS:\s+(\d+)/, 1].to_i / 1000

  # Each block in a thread and on a connection of its own, at the same time. @return [Array] what they give
  def at_once(blocks)
    gate = Queue.new
    threads =
      blocks.map do |block|
        Thread.new { connected { |http| gate.pop && block.call(->(*asked) { ask(*asked, http: http) }) } }
      end
    blocks.size.times { gate << true }
    threads.map(&:value)
  end

  # While the block runs somebody asks again and again for one thing: in a process of its own, so that what
  # else the clients have to do does not stand in the way.
  # @return [Array(Object, Array<Float>)] what the block gives, and how long each answer took
  def beside(path)
    said, saying = IO.pipe
    watcher = fork { watch(path, saying) }
    saying.close
    said.gets
    result = yield
    Process.kill("TERM", watcher)
    [result, JSON.parse(said.read)]
  ensure
    Process.wait(watcher)
    said.close
  end

  # Changes what stands at a path until nobody else was quicker.
  # @return [Integer] how often somebody was
  def insist(path, asking)
    tries = 0
    loop do
      there = asking.call(:get, path).body
      said = asking.call(:put, path, yield(there))
      return tries if said.status == 200
      raise "#{path}: #{said.status} #{said.body}" unless said.status == 409

      tries += 1
    end
  end

  private

  # Says when it has begun, and how long each answer took when it is told to end.
  def watch(path, saying)
    going, taken = true, []
    trap("TERM") { going = false }
    connected do |http|
      saying.puts
      while going
        from = now
        http.get(path)
        taken << (now - from)
        sleep 0.01
      end
    end
    saying.write(JSON.generate(taken))
    saying.close
  ensure
    exit!(0)
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  def parsed(answer) = answer["content-type"].to_s.include?("json") ? JSON.parse(answer.body) : answer.body
  def connected(&) = Net::HTTP.start("127.0.0.1", @port, read_timeout: 60, &)

  def wait
    600.times do
      return if Net::HTTP.get_response("127.0.0.1", "/api/health", @port).code == "200"
    rescue SystemCallError
      sleep 0.1
    end
    raise "The server does not come up: #{File.read("#{@folder}/log")}"
  end
end
