# frozen_string_literal: true

require "English"
require_relative "server_helper"
require "puma"
require "puma/server"
require "net/http"

# Long work: done apart, once, with word of how far it is, and stopped by going away.
RSpec.describe "Work that takes long" do
  apart, once = Scullion::Apart, Scullion::Once

  def children = Dir["/proc/#{Process.pid}/task/*/children"].flat_map { |file| File.read(file).split }

  describe Scullion::Apart do
    it "gives what the work gives, and raises what it raises, faults and all" do
      expect(apart.run { { "a" => [1, 2.5, "ü"] } }).to eq({ "a" => [1, 2.5, "ü"] })
      fault = Scullion::Fault.new(what: "w", where: "/x", remedy: "r")
      expect { apart.run { raise Scullion::InvalidBrief, [fault] } }.to raise_error(
        Scullion::InvalidBrief
      ) { |e| expect(e.faults).to eq [fault] }
      expect { apart.run { exit!(1) } }.to raise_error(/without a word/)
    end

    it "gives a long list whole, in parts between which others have their turn" do
      [0, 1, apart::SLICE, apart::SLICE + 1, (2 * apart::SLICE) + 1].each do |size|
        expect(apart.run { Array.new(size) { |index| { "row" => index } } }).to eq(
          Array.new(size) { |index| { "row" => index } }
        )
      end
      allow(Thread).to receive(:pass).and_call_original
      apart.run { Array.new(3 * apart::SLICE, "row") }
      expect(Thread).to have_received(:pass).exactly(3).times
    end

    it "lets others go on, and says how far it is" do
      turns, heard = 0, []
      other =
        Thread.new do
          loop do
            turns += 1
            sleep 0.001
          end
        end
      apart.run(waiting: ->(*far) { heard << far unless far.empty? }) do |word|
        3.times do |done|
          started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          nil while Process.clock_gettime(Process::CLOCK_MONOTONIC) - started < 0.1
          word.call(done + 1, 3)
        end
      end
      other.kill
      expect([turns > 50, heard]).to eq [true, [[1, 3], [2, 3], [3, 3]]]
    end

    it "is ended when it takes too long or nobody waits any more, and leaves no process behind" do
      there = children
      expect { apart.run(most: 0.2) { sleep } }.to raise_error(apart::TooLong)
      expect { apart.run(waiting: ->(*) { raise IOError, "gone" }) { sleep } }.to raise_error(IOError)
      expect(children - there).to eq []
    end
  end

  describe Scullion::Once do
    it "works out what many ask for at the same time one time only, and keeps the last ones" do
      kept, worked = once.new(keeps: 2), Queue.new
      ask = ->(key) do
        kept.of(key) do
          worked << key
          sleep 0.05
          key.to_s
        end
      end
      expect(Array.new(8) { Thread.new { ask[:a] } }.map(&:value)).to eq ["a"] * 8
      expect(worked.size).to eq 1
      %i[b c b a].each(&ask)
      expect(Array.new(worked.size) { worked.pop }).to eq %i[a b c a]
    end

    it "tells all who wait what went wrong, keeps nothing of it, and begins again when one went away" do
      kept, tries = once.new(keeps: 2), Queue.new
      failing = -> do
        kept.of(:x) do
          tries << 1
          sleep 0.05
          raise ArgumentError, "no"
        end
      end
      all =
        Array.new(3) do
          Thread.new do
            failing.call
          rescue StandardError
            $ERROR_INFO.class
          end
        end
      expect(all.map(&:value)).to eq [ArgumentError] * 3
      expect(kept.of(:x) { 7 }).to eq 7
      first =
        Thread.new do
          kept.of(:y) do
            sleep 0.1
            raise IOError, "gone"
          end
        end
      first.report_on_exception = false
      sleep 0.02
      expect(kept.of(:y) { 8 }).to eq 8
    end
  end

  describe Scullion::PumaBuffers do
    it "lets nobody empty what another thread has begun to write" do
      buffer = Class.new(Puma::IOBuffer) { prepend Scullion::PumaBuffers }.new
      buffer << "first"
      expect(buffer.read_and_reset).to eq "first"
      Thread.new { buffer.append("HTTP/1.1 200 OK", "\r\n") }.join
      buffer.reset
      expect(buffer.to_s).to eq "HTTP/1.1 200 OK\r\n"
      Thread.new { buffer << "x" && buffer.reset }.join
      expect(buffer.to_s).to eq ""
    end
  end

  describe "over the network", :server do
    around do |example|
      server = Puma::Server.new(app, nil, log_writer: Puma::LogWriter.null, min_threads: 2, max_threads: 8)
      @port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      example.run
    ensure
      server.stop(true)
    end

    def lines(path, **more)
      request = (more[:body] ? Net::HTTP::Post : Net::HTTP::Get).new(path, "accept" => "application/x-ndjson")
      request.body, request.content_type = more[:body], "application/json" if more[:body]
      Net::HTTP.start("127.0.0.1", @port) do |http|
        http.request(request) { |answer| return answer.body.lines.map { |line| JSON.parse(line) } }
      end
    end

    def table(rows)
      carrots = "carrot,#dd7733,root,carrot"
      [
        "key,name,colour,family,like",
        *(1..rows).map { |row| "own-#{row},Own #{row},#{carrots.split(",")[1..].join(",")}" }
      ].join("\n")
    end

    it "a table tells how far it is, and what became of it" do
      said = lines("/api/larder/import", body: JSON.generate("csv" => table(120)))
      expect(said.filter_map { |line| line["of"] }.uniq).to eq [120]
      expect(said.last["result"]["rows"].map { |row| row["fate"] }.tally).to eq({ "new" => 120 })
      expect(
        lines("/api/larder/import", body: JSON.generate("csv" => "x")).last["problem"]["status"]
      ).to eq 422
    end

    it "a packet is set once and then fetched" do
      expect(lines("/api/services/1/packet.pdf").last).to eq({ "result" => "ready" })
      expect(Scullion::Papers::Packet).not_to receive(:new)
      expect(Net::HTTP.get(URI("http://127.0.0.1:#{@port}/api/services/1/packet.pdf"))).to start_with("%PDF")
    end

    it "going away stops it" do
      allow(Scullion::Exchange::LarderImport).to receive(:judged) { |*, &word|
        loop do
          word.call(1, 2)
          sleep 0.01
        end
      }
      heard = Queue.new
      allow(Scullion::Apart).to receive(:run).and_wrap_original do |run, **how, &work|
        run.call(**how, waiting: ->(*far) { how[:waiting].call(*far.tap { heard << far }) }, &work)
      end
      words = -> { heard.size }
      body = JSON.generate("csv" => table(3))
      asked = <<~RUBY
        socket = TCPSocket.new("127.0.0.1", #{@port})
        socket.write("POST /api/larder/import HTTP/1.1\\r\\nHost: 127.0.0.1\\r\\n" \\
          "Accept: application/x-ndjson\\r\\n" \\
          "Content-Type: application/json\\r\\n" \\
          "Content-Length: #{body.bytesize}\\r\\n\\r\\n" + #{body.inspect})
        socket.readpartial(2000)
      RUBY
      before = children
      system("ruby", "-rsocket", "-e", asked, exception: true)
      200.times do
        break if children == before
        sleep 0.02
      end
      expect([children, words.call]).to match [before, be_positive]
    end
  end
end
