# frozen_string_literal: true

# Stand-ins for the devices of a kitchen, with everything that can be wrong with one.
require_relative "server_helper"
%w[scale probe label_printer].each { |name| require_relative "../../devices/#{name}" }

RSpec.describe "Devices", :server do
  let(:scale) { Devices::Scale.new(0).start }
  let(:probe) { Devices::Probe.new(0).start }
  let(:labels) { Dir.mktmpdir }
  let(:printer) { Devices::LabelPrinter.new(0, folder: labels, labels: 2).start }

  after do
    [scale, probe, printer].each(&:stop)
    FileUtils.rm_rf(labels)
  end

  def line(device) = Scullion::Devices::Line.new("127.0.0.1:#{device.port}")
  def tell(device, words) = line(device).ask(words)
  def meter(kind, device) = Scullion::Devices::Meter.new(kind, "127.0.0.1:#{device.port}")
  def settled(kind, device)
    80.times do
      reading = meter(kind, device).read
      return reading if reading.settled

      sleep 0.1
    end
    raise "it never settles"
  end

  it "weighs: it settles, and what lies on it can count as nothing" do
    tell(scale, "PUT 1200")
    expect(meter("scale", scale).read.settled).to be false
    expect(settled("scale", scale).value).to be_within(2).of(1200)
    meter("scale", scale).tare
    tell(scale, "PUT 5300")
    expect(settled("scale", scale).value).to be_within(2).of(4100)
  end

  it "reads a temperature, late as a probe does, and a tray that cools" do
    tell(probe, "IN 63.5")
    expect(meter("probe", probe).read.value).to be < 50
    expect(settled("probe", probe).value).to be_within(0.5).of(63.5)
    tell(probe, "COOL 90 3 0.05")
    sleep 3
    expect(meter("probe", probe).read.value).to be < 85
  end

  it "prints, and says when it jams or runs out" do
    out = Scullion::Devices::Printer.new("127.0.0.1:#{printer.port}")
    expect(out.print("28R  Roast carrot\n")).to eq 1
    expect(File.read(Dir["#{labels}/*"].first)).to eq "28R  Roast carrot\n"
    tell(printer, "FAULT jam")
    expect { out.print("x") }.to raise_error(Scullion::Devices::Gone, /jammed/)
    tell(printer, "FAULT none")
    out.print("x")
    expect { out.print("x") }.to raise_error(Scullion::Devices::Gone, /out of labels/)
  end

  {
    "rubbish" => /nobody understands/,
    "silent" => /too long/,
    "slow" => /too long/,
    "gone" => /nobody understands|Nothing answers|in reach/
  }.each do |fault, said|
    it "says plainly what is wrong with one that is #{fault}, within two seconds" do
      tell(scale, "FAULT #{fault}")
      began = scale.now
      expect { meter("scale", scale).read }.to raise_error(Scullion::Devices::Gone, said)
      expect(scale.now - began).to be < 2
    end
  end

  it "says what is too heavy, an empty battery, and one that nobody has switched on" do
    tell(scale, "PUT 99000")
    sleep 1
    expect { meter("scale", scale).read }.to raise_error(Scullion::Devices::Gone, /too much/)
    tell(probe, "BATTERY 1")
    expect { meter("probe", probe).read }.to raise_error(Scullion::Devices::Gone, /battery/)
    free = TCPServer.new("127.0.0.1", 0).then { |server| server.addr[1].tap { server.close } }
    off = Scullion::Devices::Meter.new("scale", "127.0.0.1:#{free}")
    expect { off.read }.to raise_error(Scullion::Devices::Gone, /Nothing answers/)
  end

  it "has addresses of this house only" do
    near = %w[127.0.0.1:4801 localhost:4801 192.168.1.20:1 10.0.0.9:65535 scale.local:80]
    far = ["8.8.8.8:80", "example.com:80", "127.0.0.1", "127.0.0.1:0", "127.0.0.1:70000", "a b:1", "", nil]
    expect(near).to all(satisfy { |each| Scullion::Devices.address?(each) })
    expect(far).to all(satisfy { |each| !Scullion::Devices.address?(each) })
    expect(ask(:put, "/api/devices", { "scale" => "192.168.1.20:4801" })).to include(
      "scale" => "192.168.1.20:4801"
    )
    ask(:put, "/api/devices", { "scale" => "8.8.8.8:80" })
    expect(last_response.status).to eq 422
    expect(ask(:put, "/api/devices", { "scale" => "" })["scale"]).to eq ""
  end

  it "takes the tare and prints a lot's label by way of the server, or says why not" do
    ask(:post, "/api/devices/scale/tare")
    expect(last_response.status).to eq 422
    ask(
      :put,
      "/api/devices",
      { "scale" => "127.0.0.1:#{scale.port}", "printer" => "127.0.0.1:#{printer.port}" }
    )
    ask(:post, "/api/devices/scale/tare")
    expect(last_response.status).to eq 204
    Scullion::Records::Lot.create!(
      code: "28R",
      service_name: "Lunch",
      task: "cook/0",
      name: "Roast carrot",
      made: "2026-11-28T10:00",
      best: "2026-11-29T10:00",
      discard: "2026-12-04T23:59",
      facts: {
      }
    )
    expect(ask(:post, "/api/lots/28R/label")).to eq({ "left" => 1 })
    expect(File.read(Dir["#{labels}/*"].first)).to include("28R  Roast carrot").and include("██")
    tell(printer, "FAULT jam")
    ask(:post, "/api/lots/28R/label")
    expect(last_response.status).to eq 502
    expect(last_response.body).to include("jammed")
  end

  describe "told to every screen" do
    let(:live) { Scullion::Live.new }

    def screen
      mine, theirs = UNIXSocket.pair
      live.listen(theirs)
      mine
    end

    def heard(socket, what, seconds = 5)
      read, till = +"", scale.now + seconds
      while scale.now < till
        read << socket.read_nonblock(4000) if socket.wait_readable(0.1)
        if read.match?(/event: #{what}\ndata: .*\n\n/)
          return JSON.parse(read[/event: #{what}\ndata: (.*)\n/, 1])
        end
      end
      nil
    end

    it "is what moved, on all that listen, and one that has gone holds up no other" do
      one, gone, other = screen, screen, screen
      gone.close
      live.tell("moved")
      live.tell("moved")
      expect([one, other].map { |each| heard(each, "moved") }).to eq [{}, {}]
      expect(live.screens.size).to eq 2
    end

    it "goes on after the records could not be read, and is begun again when all had gone" do
      stub_const("Scullion::Live::AGAIN", 0.1)
      tries = 0
      allow(Scullion::Records::Device).to receive(:addresses) do
        raise ActiveRecord::ConnectionTimeoutError if (tries += 1) < 3

        { "scale" => "127.0.0.1:#{scale.port}" }
      end
      first = screen
      expect(heard(first, "scale")).to include("value")
      first.close
      live.tell("still") until live.screens.empty?
      expect(heard(screen, "scale")).to include("value")
    end

    it "is what the scale reads, or that it is gone" do
      allow(Scullion::Records::Device).to receive(:addresses).and_return(
        { "scale" => "127.0.0.1:#{scale.port}" }
      )
      tell(scale, "PUT 700")
      socket = screen
      expect(heard(socket, "scale")).to include("value", "settled")
      tell(scale, "FAULT gone")
      socket = screen
      expect(heard(socket, "scale", 6)).to include("gone" => /in reach|nobody/)
    end
  end
end
