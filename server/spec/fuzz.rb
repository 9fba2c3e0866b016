# frozen_string_literal: true

# Requests as nobody would send them, made from the contract: a right one for every operation, of what is kept
# at that moment, and then spoilt somewhere. The same seed gives the same requests for the same data.
class Fuzz
  STRANGE = [
    nil,
    true,
    "",
    " ",
    "x" * 300,
    "½",
    "🥗",
    "=1+1",
    "1e309",
    "-",
    "%",
    "\u0000",
    "../../etc",
    "<script>",
    "NaN",
    -1,
    0,
    1,
    2**31,
    2**63,
    1e30,
    -1e30,
    0.1,
    [],
    {},
    [[]],
    [nil],
    { "a" => 1 },
    "9999-12-31",
    "0000-00-00",
    "2026-11-28T25:99",
    Array.new(40) { {} },
    { "$ref" => "#" }
  ].freeze
  # Whole days are solved for these, or all of the larder is written; they come a tenth as often.
  LONG =
    /\A(?:day|packet|list|week|holdLabel|decideDay|coolingTrays|sharedWork|folder|lotLabel|printLotLabel
          |larderCsv)/x.freeze
  PATHS = ["%00", "%ff", "..", "0", "-1", "9" * 30, "a" * 200, "1e3", "%2e%2e%2f", "né", "1%20OR%201"].freeze
  Request = Struct.new(:operation, :verb, :path, :query, :body)

  # @param contract [Hash] OpenAPI @param seed [Integer]
  # @param right [#call] gives for an operation's name what a right request has: path values, a query, a body
  def initialize(contract, seed, right)
    @dice, @right = Random.new(seed), right
    @operations =
      contract["paths"].flat_map do |path, operations|
        operations.except("parameters").map { |verb, each| [each["operationId"], verb, path] }
      end
  end

  def operations = @operations.map(&:first)

  # @param spoilt [Boolean] @return [Request]
  def request(operation = drawn, spoilt: @dice.rand < 0.95)
    name, verb, path = @operations.assoc(operation)
    values, query, body = @right.call(name)
    values, query, body = spoil(values, query, body) if spoilt
    place = path.gsub(/\{(\w+)\}/) { values.fetch(Regexp.last_match(1), "1").to_s }
    Request.new(name, verb, place, query, body)
  end

  private

  def drawn
    operation = pick(operations)
    operation.match?(LONG) && @dice.rand < 0.9 ? drawn : operation
  end

  def pick(list) = list[@dice.rand(list.size)]

  def spoil(values, query, body)
    case @dice.rand(10)
    when 0
      [values.merge(values.keys.sample(1, random: @dice).to_h { |key| [key, pick(PATHS)] }), query, body]
    when 1, 2
      [values, (query || {}).merge(pick([*(query || {}).keys, "now", "at", "x", "a[b]"]) => odd_text), body]
    else
      [
        values,
        query,
        body.nil? ? pick(STRANGE) : (1 + @dice.rand(3)).times.reduce(body) { |made, _| bent(made) }
      ]
    end
  end

  def odd_text = pick(STRANGE.grep(String) + PATHS + ["1" * 400])

  # Somewhere in it something is left out, put in, doubled or replaced.
  def bent(value)
    case value
    when Hash
      return pick(STRANGE) if value.empty? || @dice.rand < 0.05

      key = pick(value.keys)
      [
        -> { value.except(key) },
        -> { value.merge("unknown" => 1) },
        -> { value.merge(key => pick(STRANGE)) },
        *Array.new(4) { -> { value.merge(key => bent(value[key])) } }
      ].then { |ways| pick(ways).call }
    when Array
      return pick(STRANGE) if value.empty? || @dice.rand < 0.1

      index = @dice.rand(value.size)
      pick(
        [-> { value + [value[index]] }, -> { value.dup.tap { |all| all[index] = bent(value[index]) } }]
      ).call
    when Numeric
      pick([value * -1, value * 1000, value / 3.0, value.to_s, *STRANGE])
    else
      pick(STRANGE)
    end
  end
end
