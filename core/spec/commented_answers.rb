# frozen_string_literal: true

require "digest"

# What the reader's own comments quote, read as lines and as steps: a comment that shows what it is about is
# an example of it.
module CommentedAnswers
  HOUSE = Scullion::House.shipped
  ROOMS = "recipe,amount,larder,use_up"
  SOURCES = Dir[File.expand_path("../lib/scullion/{#{ROOMS}}{.rb,/**/*.rb}", __dir__)].freeze
  COMMENT = /^\s*#.*/.freeze
  QUOTED = /"([^"]{3,90})"/.freeze

  module_function

  # @return [Hash{String=>Proc}] what is asked, by the name of its file
  def all = { "commented" => -> { examples.to_h { |example| [example, read(example)] } } }

  # @return [Array<String>] a comment of several lines is one text
  def examples
    SOURCES
      .flat_map { |path| commented(File.read(path)).flat_map { |text| text.scan(QUOTED) } }
      .flatten
      .uniq
      .sort
  end

  def commented(source)
    source
      .lines
      .slice_when { |one, other| one.match?(COMMENT) != other.match?(COMMENT) }
      .select { |lines| lines.first.match?(COMMENT) }
      .map { |lines| lines.map { |line| line.sub(/^\s*#\s*/, "").strip }.join(" ") }
  end

  # With something before it and behind it, and said again in the steps.
  def read(example)
    draft = Scullion::Recipe::Draft.new(<<~TEXT, HOUSE).to_h
      Salad for 10
      2 kg waxy potatoes
      200 ml olive oil
      #{example}
      3 oranges, #{example} and 2 limes

      Method
      Boil the potatoes. #{example.sub(/\A./, &:upcase)}.
    TEXT
    lines = draft["lines"].drop(3).map { |line| [line["taken"]&.fetch("key") || line["kind"], line["grams"]] }
    { "lines" => lines.map { |line| line.compact.join(" ") }.join(", "), "all" => mark(draft) }
  rescue Scullion::Error => e
    { "refused" => e.faults.map(&:what).join(" ") }
  end

  def mark(part) = Digest::SHA256.hexdigest(JSON.generate(part))[0, 10]
end
