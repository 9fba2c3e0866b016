# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Checks, deliveries and a probe's memory", :server do
  def keep(**facts)
    entry = {
      "uid" => SecureRandom.uuid,
      "at" => Time.now.utc.iso8601,
      "clock" => "2026-11-28T07:31",
      **facts.transform_keys(&:to_s)
    }
    ask(:post, "/api/entries", { "entries" => [entry] })
  end

  it "says what is to be looked at, what was read, and what stands warm" do
    checks = -> { ask(:get, "/api/checks?now=2026-11-28T08:00") }
    expect(checks.call["checks"].map { |each| each["state"] }).to include("due").and not_include("done")
    keep(kind: "temperature", of: "fridge", about: "Cold room", value: 9.4)
    said = checks.call
    expect(said["checks"].find { |each| each["state"] == "done" }).to include(
      "about" => "Cold room",
      "read" => "9.4 °C"
    )
    expect(said["warm"]).to contain_exactly(include("about" => "Cold room", "text" => "9.4 °C"))
  end

  it "holds what has come against the order: whole, short with how many it serves, and not ordered" do
    delivery = -> { ask(:get, "/api/services/1/delivery") }
    line = delivery.call["lines"].find { |each| each["ingredient"] == "carrot" }
    expect(line).not_to have_key("state")
    keep(kind: "received", of: "short", about: line["name"], value: 2000, service: 1)
    keep(kind: "received", of: "whole", about: "Dragon fruit", service: 1)
    said = delivery.call
    carrot = said["lines"].find { |each| each["ingredient"] == "carrot" }
    expect(carrot).to include("state" => "short", "got" => "2.00 kg")
    expect(carrot["enough_for"]).to be_between(1, 139)
    expect(said["more"].map { |each| each["name"] }).to eq ["Dragon fruit"]
    expect(said["come"]).to eq 1
  end

  describe "a probe's CSV" do
    def import(csv, **more)
      ask(
        :post,
        "/api/entries/probe",
        { "csv" => csv, "of" => "fridge", "about" => "Cold room", **more.transform_keys(&:to_s) }
      )
    end

    it "is read as probes write it: any separator, decimal commas, days in any order, Fahrenheit" do
      [
        "time,temperature\n2026-11-28 07:30,3.4\n2026-11-28 08:30,3.9\n",
        "No;Date;Time;Value °C\n1;28.11.2026;07:31;3,4\n2;28.11.2026;08:31;3,9\n",
        "1\t28/11/2026 07:32\t38.1 F\n2\t28/11/2026 08:32\t39.0 F\n"
      ].each do |csv|
        said = import(csv)
        expect(said["kept"].map { |each| each["fate"] }).to eq(%w[kept kept]), csv
        expect(said["unread"]).to eq []
      end
      values =
        ask(:get, "/api/entries?kind=temperature&from=2026-11-28T07:00&to=2026-11-28T09:00").map do |each|
          each["value"]
        end
      expect(values.minmax).to eq [3.39, 3.9]
    end

    it "is taken once, says which lines it cannot read, and refuses what no probe reads" do
      csv = "2026-11-28 07:30,3.4\nrubbish\n2026-11-28 08:30,300\n2026-13-45 08:30,3\n"
      said = import(csv)
      expect(said["kept"].map { |each| each["fate"] }).to eq %w[kept refused]
      expect(said["unread"].size).to eq 2
      expect(import(csv)["kept"].first["fate"]).to eq "already"
      expect(import("")["kept"]).to eq []
    end
  end
end
