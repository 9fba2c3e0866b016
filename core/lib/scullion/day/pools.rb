# frozen_string_literal: true

module Scullion
  module Day
    # The resources of a day by number: each by itself, but for cooks who can do the same in the same hours,
    # where anybody goes on with a job: so many of them are as good as one who can do so much at once.
    class Pools
      Pool =
        Struct.new(:members) do
          def kind = members.first.kind
          def moded = members.first.moded
          def capacity = members.sum(&:capacity)
          def takes?(use) = kind == use.kind && members.first.takes?(use) && use.amount <= capacity

          # Who of several has each stretch: whoever is free since, the first that begins first.
          # @param stretches [Array<Array(Integer, Integer, Object)>] when each begins and ends, and whose
          #   it is
          # @yield [Resource, Object]
          def shared_out(stretches)
            return stretches.map(&:last).each { |whose| yield members.first, whose } if members.one?

            free = members.to_h { |member| [member.key, -Float::INFINITY] }
            stretches
              .sort_by { |from, to, _| [from, to] }
              .each do |from, to, whose|
                member = members.find { |each| free[each.key] <= from }
                free[member.key] = to
                yield member, whose
              end
          end
        end

      attr_reader :pools, :modes

      # @param instance [Instance]
      def initialize(instance)
        uses = instance.tasks.flat_map { |task| task.segments.flat_map(&:uses) }
        alike = instance.handover.nil? && uses.all? { |use| use.who.nil? }
        @pools =
          instance
            .resources
            .group_by { |each| alike && each.kind == COOK ? [each.skills, each.open, each.busy] : each.key }
            .map { |_, members| Pool.new(members) }
        @modes = uses.map(&:mode).uniq
      end

      def [](index) = @pools[index]

      # Which of them it can be. @param uses [Array<Use>] that are of one of them @return [Array<Integer>]
      def for(uses)
        @pools.each_index.select { |index| uses.all? { |use| @pools[index].takes?(use) } }
      end
    end
  end
end
