# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Turns" do
  let(:turn) { Scullion::Guards::Turns::InOrder.new }

  # Begun one after the other, each waiting before the next is begun.
  def waiting(count)
    Array.new(count) do |number|
      Thread.new { turn.take && order << number && turn.give }.tap { |thread| Thread.pass until thread.stop? }
    end
  end
  let(:order) { [] }

  it "go to who came first" do
    turn.take
    threads = waiting(5)
    turn.give
    threads.each(&:join)
    expect(order).to eq [*0..4]
  end

  it "pass by who went away while waiting, and are not kept by who went away with one" do
    turn.take
    threads = waiting(3)
    threads[0].raise(Timeout::Error)
    threads[1].kill
    threads.first(2).each { |thread| thread.report_on_exception = false }
    Thread.pass while threads.first(2).any?(&:alive?)
    turn.give
    threads.last.join
    expect(order).to eq [2]

    gone = Thread.new { turn.take && sleep }
    Thread.pass until gone.stop?
    expect(gone.kill.join && turn.owned?).to be false
  end

  it "are given by nobody who has none" do
    turn.take
    Thread.new { turn.give }.join
    expect(turn).to be_owned
  end

  it "are not given up for what is there already" do
    once = Scullion::Once.new(keeps: 2)
    expect(Scullion::Guards::Turns).not_to receive(:aside)
    expect(Array.new(2) { once.of(:same) { :worked_out } }).to eq %i[worked_out worked_out]
  end

  it "hold what is compressed until it is whole" do
    app = ->(_) { [200, { "content-type" => "application/json" }, ["{}" * 2000]] }
    stack = Scullion::Guards::AtOnce.new(Rack::Deflater.new(app))
    _, headers, body = stack.call(Rack::MockRequest.env_for("/", "HTTP_ACCEPT_ENCODING" => "gzip"))
    expect(headers["content-encoding"]).to eq "gzip"
    expect(body.map { |part| Zlib.gunzip(part) }).to eq ["{}" * 2000]
  end
end
