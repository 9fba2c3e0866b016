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
require "timeout"
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

# Which specs come by which lines, and how long each takes.
class Reach
  UNITS = [*Dir.chdir(ROOT) { Dir["core/spec/*_spec.rb"] }, "core/methods"].freeze
  WHOLE = "core/spec/worked_spec.rb"
  WATCH = <<~'RUBY'
    require "coverage"
    require "json"
    Coverage.start(oneshot_lines: true)
    at_exit do
      seen = Coverage.result.select { |path, _| path.start_with?(Dir.pwd) }
      lines = seen.to_h { |path, found| [path.delete_prefix("#{Dir.pwd}/"), found[:oneshot_lines]] }
      File.write(ENV.fetch("REACH"), JSON.generate(lines))
    end
  RUBY

  # @param copies [Array<Copy>] @param paths [Array<String>] that may be spoilt
  def initialize(copies, paths)
    @seconds, @lines = {}, {}
    @counted = paths.to_h { |path| [path, Coverage.line_stub(File.join(copies.first.folder, path))] }
    units = Queue.new
    UNITS.each { |unit| units << unit }
    threads = copies.map { |copy| Thread.new { measure(copy, units.pop) until units.empty? } }
    threads.each(&:join)
  end

  # @return [Array<String>] specs that come by this place: whole answers first, which notice most, then the
  #   quickest
  def by(mutation)
    line = counted(mutation)
    by_it = UNITS.select { |unit| @lines[unit].fetch(mutation.path, []).include?(line) }
    by_it.sort_by { |unit| [unit == WHOLE ? 0 : 1, @seconds[unit]] }
  end

  private

  # A statement of several lines counts at one of them.
  def counted(mutation)
    lines = @counted.fetch(mutation.path)
    mutation.line.downto(1).find { |line| lines[line - 1] }
  end

  def measure(copy, unit)
    found = File.join(copy.folder, "reach.json")
    File.write(File.join(copy.folder, "watch.rb"), WATCH)
    begun = now
    raise "#{unit} fails as it is" unless copy.run([unit], { "REACH" => found }, %w[-r ./watch.rb])

    @seconds[unit], @lines[unit] = now - begun, JSON.parse(File.read(found))
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end

# A copy of what the core's specs need, to be spoilt and mended again.
class Copy
  PARTS = %w[.rspec core spec docs bench].freeze
  LONGEST = 150
  attr_reader :folder

  def initialize(folder)
    @folder = FileUtils.mkdir_p(folder).first
    FileUtils.cp_r(PARTS.map { |part| File.join(ROOT, part) }, folder)
  end

  # @return [Boolean] whether a spec fails, or does not come to an end
  def notices?(mutation, units)
    path = File.join(folder, mutation.path)
    source = File.binread(path)
    File.binwrite(path, mutation.in(source))
    !run(units)
  ensure
    File.binwrite(path, source)
  end

  def run(units, env = {}, flags = [])
    said = { chdir: folder, out: File::NULL, err: File::NULL, pgroup: true }
    pid = spawn(env, "ruby", *flags, "-S", "rspec", "--fail-fast", *units, **said)
    Timeout.timeout(LONGEST) { Process.wait2(pid).last.success? }
  rescue Timeout::Error
    Process.kill("KILL", -pid)
    Process.wait(pid)
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
  threads =
    copies.map do |copy|
      Thread.new do
        while (
                mutation =
                  begin
                    waiting.pop(true)
                  rescue ThreadError
                    nil
                  end
              )
          units = reach.by(mutation)
          warn "#{waiting.size} to go" if (waiting.size % 20).zero?
          next if units.any? && copy.notices?(mutation, units)

          unnoticed << mutation
          puts "#{mutation}#{"  (no spec comes by)" if units.empty?}"
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
