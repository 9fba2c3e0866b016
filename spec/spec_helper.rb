# frozen_string_literal: true

require "json"
require "socket"
require "scullion"

ROOT = File.expand_path("..", __dir__)

# A fresh copy of the worked example that ships in docs, to plan or to spoil.
module ExampleBrief
  SHIPPED = Scullion::House.shipped

  def example = JSON.parse(File.read(File.join(ROOT, "docs/brief.example.json")))
  def house = SHIPPED

  # @yield [Hash] the brief's data, to change before it is read
  def brief(covers: 140)
    data = example
    data["service"]["covers"] = covers
    yield data if block_given?
    Scullion::Brief.read(data, house)
  end

  def plan(covers: 140, &change) = Scullion::Plan.for(brief(covers: covers, &change))

  # One component for 140 covers at 110 g with 5 % on top: 16,170 g finished.
  def planned(component, covers: 140, &change)
    plan(covers: covers) do |data|
      data["salads"][0]["components"] = [{ "role" => "base", "grams" => 110 }.merge(component)]
      change&.call(data)
    end
  end

  # One component cooked by this method, otherwise as `planned`.
  # @return [Scullion::Cook::Method]
  def cooked(ingredient, method, covers: 140, cook: {}, **component)
    asked = { "ingredient" => ingredient, "cook" => { "method" => method }.merge(cook) }
    planned(asked.merge(component.transform_keys(&:to_s)), covers: covers).cooking.first
  end

  # A pot or tray of the example, by its name.
  def in_example(name, covers: 140, &change)
    plan(covers: covers, &change).cooking.find { |method| method.need.name == name }
  end

  # Every fault of a spoiled brief, as where => what.
  def faults(&)
    brief(&)
    {}
  rescue Scullion::InvalidBrief => e
    e.faults.to_h { |fault| [fault.where, fault.what] }
  end

  # Everything that a day must keep, checked without the solver's own bookkeeping.
  def broken(solution)
    instance = solution.instance
    taken = Hash.new { |all, key| all[key] = [] }
    solution.each_stretch do |segment, from, used, task|
      solution.unplaced.include?(task.key) ||
        segment.uses.each do |use|
          taken[used[use.kind]] << [from, from + segment.minutes, use.amount, use.mode]
        end
    end
    over =
      instance.resources.select do |resource|
        others = (resource.busy || []).map { |each| [each.from, each.to, each.amount, each.mode] }
        taken[resource.key].any? do |from, to, _, mode|
          at_once = (taken[resource.key] + others).select { |begins, ends,| begins <= from && ends > from }
          at_once.sum { |each| each[2] } > resource.capacity ||
            (resource.moded && at_once.any? { |each| each[3] != mode }) ||
            resource.open&.none? { |opens, closes| opens <= from && to <= closes }
        end
      end
    before =
      instance.tasks.flat_map do |each|
        each.after.select { |link| solution.start(each.key) < solution.end(link.task) + link.least }
      end
    [
      over.map(&:key),
      before.map(&:task),
      taken.key?(nil) ? ["a use without a resource"] : [],
      out_of_their_depth(solution)
    ].flatten
  end

  # Cooks at work that they are not down for.
  def out_of_their_depth(solution)
    cooks = solution.instance.of_kind("cook").to_h { |cook| [cook.key, cook] }
    solution
      .enum_for(:each_stretch)
      .flat_map do |segment, _, used, task|
        segment.uses.filter_map { |use| task.key if cooks[used[use.kind]]&.does?(use.skill) == false }
      end
  end
end

RSpec.configure do |config|
  config.include ExampleBrief
  config.disable_monkey_patching!
  config.expect_with(:rspec) { |expect| expect.syntax = :expect }
  config.filter_run_when_matching :focus
end
