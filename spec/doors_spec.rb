# frozen_string_literal: true

require "net/http"
require "open3"
require "yaml"
require "tmpdir"
require_relative "../bench/days"

RSpec.describe "The doors" do
  # In a kitchen that has nothing of its own yet, unless env names one.
  def door(*command, input: "", env: {})
    Open3.capture3(
      { "SCULLION_DB" => File.join(ROOT, "var/none.sqlite3") }.merge(env),
      *command,
      stdin_data: input,
      chdir: ROOT
    )
  end

  describe "bin/day" do
    let(:day) { GeneratedDays.make(10, 1).to_h }

    it "solves a day from a file, and checks what anybody solved" do
      Dir.mktmpdir do |folder|
        asked, solved = %w[day solved].map { |name| File.join(folder, "#{name}.json") }
        File.write(asked, JSON.generate(day))
        out, _, status = door("bin/day", "solve", asked, "--shortest")
        expect([status.exitstatus, JSON.parse(out)["starts"].size]).to eq [0, 10]
        File.write(solved, out)
        expect(door("bin/day", "check", asked, solved).first).to include("Everything is kept")
        File.write(solved, JSON.generate(JSON.parse(out).tap { |made| made["starts"]["task-1"] -= 500 }))
        _, said, status = door("bin/day", "check", asked, solved)
        expect([status.exitstatus, said]).to match [1, /task-1 begins before/]
      end
    end

    it "says what it cannot read, and how it is used" do
      expect(door("bin/day", "solve", "-", input: "{}")[1]).to include("docs/day.md")
      expect(door("bin/day", "solve", "none.json")[1]).to include("No such file")
      expect([door("bin/day"), door("bin/day", "dance", "x")].map { |each| each.last.exitstatus }).to eq [
           2,
           2
         ]
    end
  end

  describe "bin/plan" do
    it "prints the same plan as core, from a file or standard input" do
      from_file, = door("bin/plan", "docs/brief.example.json")
      from_input, = door("bin/plan", "-", input: JSON.generate(example))
      expect(JSON.parse(from_file)).to eq JSON.parse(JSON.generate(plan.to_h))
      expect(from_input).to eq from_file
    end

    it "prints a sheet to read, and a working" do
      sheet, = door("bin/plan", "docs/brief.example.json", "--text")
      expect(sheet).to include(
        "Water, cold                           11.58 kg",
        "25 × 400 g tin",
        "House rules A"
      )
      working, = door("bin/plan", "docs/brief.example.json", "--working", "cook/0/dry_grams")
      expect(JSON.parse(working)["text"]).to eq "5.39 kg"
    end

    it "exits 1 with every fault on standard error, and 2 when used wrongly" do
      spoiled = example.tap { |data| data["service"].merge!("covers" => 0, "date" => "x") }
      out, err, status = door("bin/plan", "-", input: JSON.generate(spoiled))
      expect([out, status.exitstatus]).to eq ["", 1]
      expect(err.lines.map { |line| line[/\A\S+:/] }).to eq %w[/service/date: /service/covers:]
      expect(door("bin/plan", "-", input: "{").last.exitstatus).to eq 1
      expect(door("bin/plan", "none.json")[1]).to include("No such file")
      expect(door("bin/plan").last.exitstatus).to eq 2
      expect(door("bin/plan", "--loud").last.exitstatus).to eq 2
    end
  end

  describe "bin/cook" do
    it "answers for one pot, from the finished or the raw weight" do
      out, = door("bin/cook", "pearl-barley", "absorption", "--finished", "16.17 kg", "--set", "pot=pot-40")
      expect(out).to include(
        "Dry, all batches                       5.39 kg",
        "Water, cold                           11.58 kg"
      )
      raw, = door("bin/cook", "dry-kidney-beans", "simmer", "--raw", "2 kg", "--set", "water=soak")
      expect(raw).to include(
        "STOP  Kidney beans, dry must not cook in their soak water",
        "Finishes at                            4.80 kg"
      )
    end

    it "exits 1 with the faults, and 2 when used wrongly" do
      _, err, status = door("bin/cook", "dill", "roast", "--finished", "1 kg")
      expect([status.exitstatus, err]).to match [1, /Dill is not cooked by roast/]
      expect(door("bin/cook", "dill").last.exitstatus).to eq 2
      expect(door("bin/cook", "carrot", "roast", "--raw", "3 blobs").last.exitstatus).to eq 2
    end
  end

  it "answer for the kitchen that is served here, and as shipped when asked to" do
    Dir.mktmpdir do |folder|
      database = File.join(folder, "kitchen.sqlite3")
      setting =
        "Scullion::Records.open(ARGV[0]); Scullion::Demo.load; " \
          "Scullion::Records::Kitchen.ours.update!(system: 'us'); " \
          "Scullion::Changes::HouseFigure.new(Scullion::Records::House.ours, " \
          "'larder/pearl-barley/absorption/uptake/tender', 3).write"
      expect(door("ruby", "-r./bin/gems", "-r./server/server", "-e", setting, database).last).to be_success
      pot = ["bin/cook", "pearl-barley", "absorption", "--finished", "4 kg"]
      ours, = door(*pot, env: { "SCULLION_DB" => database })
      expect(ours).to match(/Dry, all batches +2 lb 3 oz/)
      shipped, = door(*pot, "--shipped", env: { "SCULLION_DB" => database })
      expect(shipped).to match(/Dry, all batches +1\.335 kg/)
      brief = JSON.generate(example.except("kitchen"))
      planned, =
        door(
          "bin/plan",
          "-",
          "--working",
          "cook/0/cooked_factor",
          input: brief,
          env: {
            "SCULLION_DB" => database
          }
        )
      expect(JSON.parse(planned)["value"]).to eq 4
      File.write(database, "not a database")
      out, err, status = door(*pot, env: { "SCULLION_DB" => database })
      expect([out, status.exitstatus, err]).to match ["", 1, /cannot be read: .*say --shipped/]
    end
  end

  describe "the contract" do
    it "has a fresh brief schema and fresh front-end types" do
      printed, = door("bin/contract", "--print-schema")
      expect(File.read(File.join(ROOT, "docs/brief.schema.json"))).to eq printed
      Dir.mktmpdir do |folder|
        contract, made = %w[openapi.yaml schema.d.ts].map { |file| File.join(folder, file) }
        File.write(contract, door("bin/contract", "--print").first)
        command = ["npx", "--no-install", "openapi-typescript", contract, "-o", made]
        Dir.chdir(File.join(ROOT, "web")) { system(*command, %i[out err] => File::NULL, :exception => true) }
        expect(File.read(File.join(ROOT, "web/src/api/schema.d.ts"))).to eq File.read(made)
      end
    end

    it "names the same choices as the facts and the code" do
      schemas = YAML.safe_load(door("bin/contract", "--print").first)["components"]["schemas"]
      expect(schemas["Component"]["properties"]["role"]["enum"]).to match_array house.practice.roles.keys
      expect(schemas["Dressing"]["properties"]["preset"]["enum"]).to match_array house.practice.presets.keys
      expect(schemas["CookingMethod"]["enum"]).to match_array Scullion::Cook::Parcels.keys
    end
  end

  describe "bin/start" do
    def start(*arguments, **env) = door("bin/start", *arguments, env: env.transform_keys(&:to_s))

    it "serves the demo and prints the address; only --reset-demo throws data away" do
      Dir.mktmpdir do |folder|
        env = {
          "PORT" => TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1].to_s },
          "SCULLION_DB" => "#{folder}/x.sqlite3"
        }
        expect(served(env) { |url| change_covers(url, 177) }).to include(
          "Scullion is at http://127.0.0.1:#{env["PORT"]}"
        )
        served(env) { |url| expect(covers(url)).to eq 177 }
        served(env, "--reset-demo") { |url| expect(covers(url)).to eq 140 }
      end
    end

    # Starts it, waits for the address, and kills it when done. Gives the line that it printed.
    def served(env, *arguments)
      output, input = IO.pipe
      pid = Process.spawn(env, "bin/start", *arguments, chdir: ROOT, out: input, err: input)
      line = output.each_line.find { |each| each.include?("Scullion is at") }
      yield line[%r{http://\S+}]
      line
    ensure
      Process.kill("KILL", pid)
      Process.wait(pid)
      [output, input].each(&:close)
    end

    def covers(url) = JSON.parse(Net::HTTP.get(URI("#{url}/api/services/1")))["covers"]

    def change_covers(url, value)
      version = JSON.parse(Net::HTTP.get(URI("#{url}/api/services/1")))["version"]
      Net::HTTP.post(
        URI("#{url}/api/services/1/changes"),
        JSON.generate("version" => version, "at" => "service/covers", "value" => value),
        "Content-Type" => "application/json"
      )
    end

    it "says in one line that the port is taken, or the folder cannot be written" do
      TCPServer.open("127.0.0.1", 0) do |server|
        Dir.mktmpdir do |folder|
          _, err, status = start(PORT: server.addr[1].to_s, SCULLION_DB: "#{folder}/x.sqlite3")
          expect([err.lines.size, err, status.exitstatus]).to match [1, /port #{server.addr[1]} is taken/, 1]
        end
      end
      _, err, = start(PORT: "4599", SCULLION_DB: "/proc/none/x.sqlite3")
      expect([err.lines.size, err]).to match [1, %r{Cannot write the database /proc/none}]
      _, err, = start("--loud")
      expect([err.lines.size, err]).to match [1, /do not know --loud/]
    end
  end
end
