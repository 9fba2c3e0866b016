# frozen_string_literal: true

# What the specs of the core notice. Spoils one place of the core at a time, in a copy, with a seed: a sign,
# a bound, a rounding, a comparison or a constant; runs the specs that come by that line, and lists the
# changes that none of them noticed.
#   bundle exec ruby bench/mutations.rb [--seed 1] [--count 200] [--workers 2]
require "coverage"
require "fileutils"
require "json"
require "optparse"
require "ripper"
require "tmpdir"

ROOT = File.expand_path("..", __dir__)

# One token of a file and what it is replaced by.
Mutation =
  Struct.new(:path, :line, :column, :token, :instead, keyword_init: true) do
    # @param source [String] @return [String] the source with this change
    def in(source)
      lines = source.lines
      text = lines[line - 1].b
      lines[line - 1] = text[0...column] + instead.b + text[(column + token.bytesize)..]
      lines.map(&:b).join
    end

    def to_s = "#{path}:#{line} #{token} -> #{instead}"
  end

# The places of a file that can be spoilt.
class Places
  SWAPS = {
    "+" => "-",
    "-" => "+",
    "*" => "/",
    "/" => "*",
    "<" => "<=",
    "<=" => "<",
    ">" => ">=",
    ">=" => ">",
    "==" => "!=",
    "&&" => "||",
    "||" => "&&",
    ".." => "..."
  }.freeze
  WORDS = {
    "ceil" => "floor",
    "floor" => "ceil",
    "round" => "floor",
    "min" => "max",
    "max" => "min",
    "positive?" => "negative?",
    "zero?" => "positive?",
    "any?" => "all?",
    "all?" => "any?"
  }.freeze

  # @param path [String] below the folder of a copy
  def initialize(path, folder)
    @path, @lexed = path, Ripper.lex(File.read(File.join(folder, path)))
  end

  # @return [Array<Mutation>]
  def all
    @lexed.each_with_index.filter_map do |((line, column), kind, token), index|
      instead = replaced(kind, token, index)
      Mutation.new(path: @path, line: line, column: column, token: token, instead: instead) if instead
    end
  end

  private

  def replaced(kind, token, index)
    case kind
    when :on_op
      SWAPS[token] if binary?(index)
    when :on_ident
      WORDS[token] if @lexed[index - 1][1] == :on_period
    when :on_int
      (token.delete("_").to_i + 1).to_s
    when :on_float
      token.to_f.zero? ? "1.0" : (token.to_f * 1.25).to_s
    end
  end

  # Written with a space on either side, which a sign or a splat is not; a range is written without.
  def binary?(index)
    @lexed[index][2] == ".." || [@lexed[index - 1], @lexed[index + 1]].all? { |each| each[1] == :on_sp }
  end
end

# Which examples come by which lines, and how long each takes.
class Reach
  UNITS = [*Dir.chdir(ROOT) { Dir["core/spec/*_spec.rb"] }, "core/methods"].freeze
  # Seconds of examples that are asked first.
  FIRST = 15.0
  # Writes down after each example which lines were come by since the one before; what a file of specs comes
  # by while it is read belongs to all of its examples.
  WATCH = <<~'RUBY'
    require "coverage"
    require "json"
    Coverage.start(lines: true)
    require "rspec/core"

    WATCHED = { "loaded" => {}, "examples" => {} }
    lines_since = -> do
      Coverage.result(stop: false, clear: true).filter_map do |path, found|
        next unless path.start_with?(Dir.pwd)

        come_by = found[:lines].each_index.select { |index| found[:lines][index].to_i.positive? }
        [path.delete_prefix("#{Dir.pwd}/"), come_by.map(&:succ)] if come_by.any?
      end.to_h
    end
    RSpec.configure do |config|
      config.before(:suite) { WATCHED["loaded"] = lines_since.call }
      config.append_after do |example|
        seconds = RSpec::Core::Time.now - example.execution_result.started_at
        WATCHED["examples"][example.id] = { "seconds" => seconds, "lines" => lines_since.call }
      end
      config.after(:suite) { File.write(ENV.fetch("REACH"), JSON.generate(WATCHED)) }
    end
  RUBY

  # @param copies [Array<Copy>] @param paths [Array<String>] that may be spoilt
  def initialize(copies, paths)
    @found = {}
    @counted = paths.to_h { |path| [path, Coverage.line_stub(File.join(copies.first.folder, path))] }
    units = Queue.new
    UNITS.each { |unit| units << unit }
    units.close
    threads =
      copies.map do |copy|
        Thread.new do
          while (unit = units.pop)
            measure(copy, unit)
          end
        end
      end
    threads.each(&:join)
  end

  # @return [Array<Array<String>>] what is run, one after the other, until something fails: the quickest
  #   examples that come by this place, then every file of specs that does
  def rounds(mutation)
    line = counted(mutation)
    units =
      UNITS.select do |unit|
        come_by?(@found[unit]["loaded"], mutation, line) || examples(unit, mutation, line).any?
      end
    quick = within(FIRST, units.flat_map { |unit| examples(unit, mutation, line) })
    [quick, units.sort_by { |unit| seconds(unit) }].reject(&:empty?)
  end

  # @return [Float] how long these take when nothing is spoilt
  def usual(names)
    names.sum do |name|
      @found.key?(name) ? seconds(name) : @found.dig(unit_of(name), "examples", name, "seconds")
    end
  end

  private

  def seconds(unit) = @found[unit]["examples"].each_value.sum { |each| each["seconds"] }
  def unit_of(id) = UNITS.find { |unit| id.delete_prefix("./").start_with?(unit) }
  def loads?(unit, mutation, line) = come_by?(@found[unit]["loaded"], mutation, line)
  def come_by?(lines, mutation, line) = lines.fetch(mutation.path, []).include?(line)

  def examples(unit, mutation, line)
    @found[unit]["examples"].select { |_, each| come_by?(each["lines"], mutation, line) }.keys
  end

  def within(budget, ids)
    spent = 0.0
    ids.sort_by { |id| usual([id]) }.take_while { |id| (spent += usual([id])) <= budget }
  end

  # A statement of several lines counts at one of them.
  def counted(mutation)
    lines = @counted.fetch(mutation.path)
    mutation.line.downto(1).find { |line| lines[line - 1] }
  end

  def measure(copy, unit)
    found = File.join(copy.folder, "reach.json")
    File.write(File.join(copy.folder, "watch.rb"), WATCH)
    environment = { "REACH" => found }
    raise "#{unit} fails as it is" unless copy.run([unit], Copy::LONGEST, environment, %w[-r ./watch.rb])

    @found[unit] = JSON.parse(File.read(found))
  end
end

# A copy of what the core's specs need, to be spoilt and mended again.
class Copy
  PARTS = %w[.rspec core spec docs bench].freeze
  # Seconds that all of a file's specs may take, watched.
  LONGEST = 1200
  # A change that makes specs this many times slower than usual does not come to an end.
  SLOWER, AT_LEAST = 5, 60
  attr_reader :folder

  def initialize(folder)
    @folder = FileUtils.mkdir_p(folder).first
    FileUtils.cp_r(PARTS.map { |part| File.join(ROOT, part) }, folder)
  end

  # @return [Boolean] whether a spec fails, or does not come to an end
  def notices?(mutation, reach)
    path = File.join(folder, mutation.path)
    source = File.binread(path)
    File.binwrite(path, mutation.in(source))
    reach.rounds(mutation).any? { |names| !run(names, (reach.usual(names) * SLOWER) + AT_LEAST) }
  ensure
    File.binwrite(path, source)
  end

  # @param longest [Numeric] seconds @return [Boolean] whether all of them pass within these
  def run(names, longest, env = {}, flags = [])
    said = { chdir: folder, out: File::NULL, err: File::NULL, pgroup: true }
    command = ["ruby", "--yjit", *flags, "-S", "rspec", "--fail-fast", *names]
    waiting = Process.detach(spawn(env, *command, **said))
    return waiting.value.success? if waiting.join(longest)

    Process.kill("KILL", -waiting.pid)
    false
  end
end

asked = { seed: 1, count: 200, workers: 2 }
OptionParser
  .new do |parser|
    asked.each_key { |name| parser.on("--#{name} N", Integer) { |number| asked[name] = number } }
  end
  .parse!

Dir.mktmpdir do |folder|
  copies = Array.new(asked[:workers]) { |index| Copy.new(File.join(folder, index.to_s)) }
  paths = Dir.chdir(ROOT) { Dir["core/lib/**/*.rb", "core/methods/*/method.rb"].sort }
  reach = Reach.new(copies, paths)
  chosen =
    paths
      .flat_map { |path| Places.new(path, copies.first.folder).all }
      .sample(asked[:count], random: Random.new(asked[:seed]))
  waiting, unnoticed = Queue.new, Queue.new
  chosen.each { |mutation| waiting << mutation }
  waiting.close
  threads =
    copies.map do |copy|
      Thread.new do
        while (mutation = waiting.pop)
          warn "#{waiting.size} to go" if (waiting.size % 20).zero?
          next if copy.notices?(mutation, reach)

          unnoticed << mutation
          puts "#{mutation}#{"  (no spec comes by)" if reach.rounds(mutation).empty?}"
          $stdout.flush
        end
      end
    end
  threads.each(&:join)
  noticed = chosen.size - unnoticed.size
  puts format(
         "%d of %d noticed, %.1f %% (seed %d)",
         noticed,
         chosen.size,
         noticed * 100.0 / chosen.size,
         asked[:seed]
       )
end
