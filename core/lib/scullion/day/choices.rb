# frozen_string_literal: true

module Scullion
  module Day
    # What there is to choose from where a day is too full: what can be made before, bought ready, done
    # without or borrowed, and who could do more. Part of a Roster.
    module Choices
      # Names and preparations with work on the service day that keep over night, most work first.
      def movable
        today =
          @layout.jobs.select do |job|
            job.keeps >= Moment::DAY / 2 && !progress.ahead.key?(job.need.component.preparation) &&
              job.tasks.any? { |task| solution.start(task.key) >= 0 && !task.pinned }
          end
        today
          .sort_by { |job| [-job.tasks.sum(&:hands_minutes), job.need.name] }
          .map { |job| [job.need.name, job.need.component.preparation] }
      end

      # Names and preparations with the most cutting.
      def cut_here
        cut =
          @layout.jobs.select do |job|
            job.need.component.cut && !progress.cut.include?(job.need.component.preparation)
          end
        cut
          .sort_by { |job| [-job.cutting_minutes, job.need.name] }
          .map { |job| [job.need.name, job.need.component.preparation] }
      end

      # What could be cooked otherwise, with the way, most minutes first.
      # @return [Array<Array(Salad::Component, Salad::Otherwise::Way)>]
      def otherwise
        brief = plan.brief
        ways =
          @layout.jobs.flat_map do |job|
            component = job.need.component
            Salad::Otherwise
              .of(component, brief.larder, brief.practice)
              .values
              .map { |way| [job, component, way] }
          end
        ways
          .sort_by { |job, component, way| [-job.tasks.sum(&:minutes), component.preparation, way.key] }
          .map { |_, component, way| [component, way] }
      end

      # Names and preparations that the salads can do without, with the most work first.
      def spare
        spare = @layout.jobs.select { |job| job.need.layers.all? { |layer| spare?(layer) } }
        spare
          .sort_by { |job| [-job.tasks.sum(&:hands_minutes), job.need.name] }
          .map { |job| [job.need.name, job.need.component.preparation] }
      end

      # What one more of might help beside the fullest: pots that are filled more than once, and a
      # plater where plating is late and more cooks are there. @return [Array<String>] kinds of resource
      def short_of
        [
          *@layout.jobs.filter_map { |job| job.heat&.short_of }.uniq,
          *([PLATER] if late_plating? && free_platers?)
        ]
      end

      # Names and preparations whose trays could go into the oven in one load more, and how many that makes.
      def divisible
        @layout
          .jobs
          .select { |job| job.heat&.divisible? && job.heat.rounds < Progress::LOADS.max }
          .map { |job| [job.need.name, job.need.component.preparation, job.heat.rounds + 1] }
      end

      # A kind of resource by the name that the kitchen has for it.
      def called(kind) = kind.include?("-") ? instance.of_kind(kind).first&.name || kind : kind

      # Words of a skill, and the cooks who are not down for it. @return [Array<String>] initials
      def skill(key) = plan.brief.practice.words("skills", key)
      def not_down_for(key) = instance.of_kind(COOK).reject { |cook| cook.does?(key) }.map(&:name).uniq

      private

      def late_plating?
        solution.misses.any? { |miss| miss.kind == :late && miss.task.key.include?("/plate/") }
      end
      def free_platers? = plan.waves.any? { |waves| waves.platers < plan.brief.kitchen.cooks.size }
      def spare?(layer)
        plan.brief.practice.words("roles", layer.component.role)["spare"] && layer.portion.components.size > 1
      end
    end
  end
end
