# frozen_string_literal: true

module Scullion
  module Day
    # A solved day by what is made: each food's own way from the bench to the bowl of its salad, and each
    # salad from its bowl to the last plate. Rules of the job, "The day".
    class Strands
      # @param roster [Roster]
      def initialize(roster)
        @roster, @solution, @layout = roster, roster.solution, roster.layout
        @tasks = @solution.instance.tasks
      end

      # One a salad, ready for JSON. @return [Array<Hash>]
      def to_a = @roster.plan.builds.zip(@roster.plan.waves).map { |build, waves| salad(build, waves) }

      private

      def salad(build, waves)
        portion = build.portion
        {
          "salad" => portion.salad.name,
          "at" => build.at,
          "rows" => [*foods(portion), *dressing(portion)],
          "tasks" => @tasks.select { |task| task.about["at"] == build.at }.map(&:key),
          **best(build, waves)
        }
      end

      # What is made for it, in the order of the salad.
      def foods(portion)
        made = @layout.jobs.select { |job| job.tasks.any? && layer_of(job, portion) }
        made
          .sort_by do |job|
            portion.components.index(layer_of(job, portion).component) || portion.components.size
          end
          .map do |job|
            row(
              job.need.name,
              job.need.ingredient.colour,
              job.tasks.map(&:key),
              job.done,
              portion,
              preparation: job.need.component.preparation
            )
          end
      end

      def layer_of(job, portion) = job.need.layers.find { |layer| layer.portion.equal?(portion) }

      # Whisked, filled into jugs, and what stands in it ahead of the rest.
      def dressing(portion)
        batch = @roster.plan.dressings.find { |each| each.portion.equal?(portion) } or return []
        whisk = Assembly.whisk_key(batch)
        keys = @tasks.map(&:key).select { |key| key == whisk || key.start_with?("#{batch.at}/stages/") }
        keys.include?(whisk) ? [row(batch.recipe.name, nil, keys, [whisk], portion)] : []
      end

      # ready_at: when the last of it is made; into: each time that it goes into the salad.
      def row(name, colour, keys, done, portion, preparation: nil)
        ready = done.map { |key| @solution.end(key) }.max
        into = into(done, portion)
        {
          "name" => name,
          "colour" => colour,
          "preparation" => preparation,
          "tasks" => keys,
          "ready_at" => @roster.iso(ready),
          "into" => into.uniq.sort.map { |minute| @roster.iso(minute) }
        }.compact
      end

      # Where it is poured in warm, or taken by what is marinated, that is where it goes.
      def into(done, portion)
        done
          .flat_map { |key| @solution.instance.followers[key] }
          .reject { |task, _| Clearing.of?(task) || done.include?(task.key) }
          .select { |task, _| task.about["for"].include?(portion.salad.name) }
          .map do |task, link|
            [@solution.start(task.key), @solution.start(task.key) - [link.least, 0].min].max
          end
      end

      # Until when it is at its best once dressed; of what is dressed wave by wave, for how long.
      def best(build, waves)
        minutes = waves.window.dressed_minutes.to_i
        mixed = @tasks.select { |task| task.key.start_with?("#{build.at}/mix") && placed?(task) }
        if mixed.empty?
          return(
            {
              "best" => {
                "said" => "each wave best for #{@roster.plan.brief.practice.writer.min(minutes)}"
              }
            }
          )
        end

        dressed = mixed.map { |task| @solution.start(task.key) + task.segments.first.minutes }.min
        until_ = dressed + minutes
        { "best" => { "until" => @roster.iso(until_), "said" => "best to #{@roster.moment(until_)}" } }
      end

      def placed?(task) = !@solution.unplaced.include?(task.key)
    end
  end
end
