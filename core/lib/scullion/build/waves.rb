# frozen_string_literal: true

module Scullion
  module Build
    # How much of a salad is finished for each part of the service, so that nothing is served past
    # its best; and the pace at which it is plated. Rules of the job, "Build".
    class Waves < Worksheet
      # dress_from, dress_by: where it is dressed for each wave, so that it has rested and the last guest has
      # it at its best.
      Wave =
        Struct.new(:number, :from, :to, :covers, :dress_from, :dress_by, keyword_init: true) do
          def words
            {
              "number" => number,
              "covers" => covers,
              **%i[from to dress_from dress_by].to_h { |name| [name.to_s, self[name]&.to_s] }
            }.compact
          end
        end

      # Surface of a heap against its volume to the power of two thirds: that of a ball.
      HEAP = 4.84

      # In a room as cold as that it stays cold; a day stands for it.
      NEVER = Moment::DAY.to_f

      attr_reader :window, :portion, :practice, :style, :rules

      brought :dressed_minutes, of: :window
      brought :rest_minutes, of: :window
      brought :topped_minutes, of: :window
      brought :service_from, of: :window
      brought :service_to, of: :window
      brought :covers, of: :portion
      brought :servings, of: :portion
      brought :finished_grams, of: :portion
      brought :portion_grams, of: :portion
      assumption :most_waves, "Waves, at most", :waves, book: :practice, at: "day/waves/most_times"
      assumption :least_minutes, "A wave lasts at least", :min, book: :practice, at: "day/waves/least_minutes"
      assumption :seconds,
                 "Portion and finish one",
                 :seconds,
                 book: :practice,
                 at: -> { "serving/#{style}/seconds" },
                 shown: true
      assumption :vessel_guests,
                 "Guests served by one",
                 :covers,
                 book: :practice,
                 at: -> { "serving/#{style}/vessel_guests" }
      assumption :most_platers, "Platers", :cooks, book: :practice, at: "day/plating/platers_times"

      figure(:service_minutes, "Service lasts", :min, how: "end − start") do |service_from, service_to|
        service_to - service_from
      end
      figure(
        :lasts_minutes,
        "Goes out within",
        :min,
        how: "best once dressed less its rest, or best on top: the shorter"
      ) do |dressed_minutes, rest_minutes, topped_minutes|
        [dressed_minutes - rest_minutes, topped_minutes].min
      end
      figure(
        :waves,
        "Waves",
        :waves,
        how: "service ÷ goes out within, up to a whole one, no more than the most"
      ) do |service_minutes, lasts_minutes, least_minutes, most_waves|
        (service_minutes / [lasts_minutes, least_minutes, 1.0].max).ceil.clamp(1, [most_waves.to_i, 1].max)
      end
      figure(:wave_grams, "A wave, finished", :g, how: "all portions ÷ waves") do |finished_grams, waves|
        finished_grams / waves
      end
      decision(
        :more_platers,
        "More platers for the day",
        :cooks,
        change: nil,
        shown: false,
        source: "Decided on the Day."
      ) { @more_platers }
      decision(
        :salads_at_once,
        "Salads plated at once",
        :factor,
        change: nil,
        shown: false,
        source: "Those of this service."
      ) { @salads }
      figure(
        :platers,
        "Platers",
        :cooks,
        how: "as usual and the more for the day, no more than the cooks there are, shared by the salads"
      ) do |most_platers, more_platers, salads_at_once|
        [most_platers.to_i + more_platers, @cooks / salads_at_once].min.clamp(1, 20)
      end
      figure(
        :turns,
        "Salads plated one after the other",
        :factor,
        shown: false,
        how: "platers of all salads ÷ cooks who plate, rounded up"
      ) { |platers, salads_at_once| [(platers * salads_at_once).fdiv([@cooks, 1].max).ceil, 1].max }
      figure(
        :plating_minutes,
        "Plating, a wave",
        :min,
        how: "seconds × vessels of a wave ÷ platers"
      ) do |seconds, covers, waves, platers, vessel_guests|
        seconds / 60.0 * (covers / waves.to_f / vessel_guests).ceil / platers
      end
      figure(
        :portions_per_minute,
        "Pace",
        :a_minute,
        how: "60 ÷ seconds × platers × guests served by one"
      ) { |seconds, platers, vessel_guests| 60.0 / seconds * platers * vessel_guests }
      figure(
        :start_at,
        "Begin plating",
        :moment,
        how: "start of service − so long before a wave as plating begins"
      ) { |service_from, begun_before| service_from - begun_before }
      figure(
        :begun_before,
        "Plating begins before a wave",
        :min,
        shown: false,
        how: "the plating of a wave, at most so long, and no sooner than it may be dressed for its last guest"
      ) do |plating_minutes, lead_minutes, dressed_minutes, rest_minutes, service_minutes, waves|
        sooner = [dressed_minutes - (service_minutes / waves.to_f).round, rest_minutes].max
        usual = [plating_minutes, lead_minutes].min.ceil
        dressed_in_waves? ? [usual, sooner.floor].min : usual
      end
      assumption :lead_minutes,
                 "Begun before a wave, at most",
                 :min,
                 book: :practice,
                 at: "day/plating/lead_minutes"
      assumption :ambient, "Round the bowl", :celsius, book: :practice, at: "display/ambient_celsius"
      assumption :chilled, "As it comes out", :celsius, book: :practice, at: "display/start_celsius"
      assumption :limit, "Cold at most", :celsius, book: :rules, at: "cold_celsius"
      assumption :heat, "Heat capacity of the salad", :heat, book: :practice, at: "display/heat_capacity"
      assumption :film,
                 "Heat taken up through its surface",
                 :w_per_m2k,
                 book: :practice,
                 at: "display/surface"
      assumption :bulk, "As it lies", :g_per_ml, book: :practice, at: "display/bulk_density"
      figure(
        :warm_minutes,
        "Out, until it is warmer than cold",
        :min,
        how:
          "one lump: mass × heat capacity ÷ (surface of a heap of that volume × heat taken up) × " \
            "ln((round it − as it comes out) ÷ (round it − cold at most))"
      ) do |wave_grams, ambient, chilled, limit, heat, film, bulk|
        next 0.0 if chilled >= limit
        next NEVER if ambient <= limit

        volume = wave_grams / bulk / 1e6
        time = wave_grams * heat / (film * HEAP * (volume**(2 / 3.0)))
        time / 60 * Math.log((ambient - chilled) / (ambient - limit))
      end
      gather(:of_layers, :tossed_ml) { portion.layers }
      gather(:on_plate, :settled_ml) { portion.layers }
      brought :dressing_ml, of: :portion
      figure(
        :portion_ml,
        "Portion by volume",
        :ml,
        how: "the layers once tossed and the dressing, added up"
      ) { |of_layers, dressing_ml| of_layers.sum + dressing_ml }
      figure(
        :settled_ml,
        "Settles to",
        :ml,
        how: "the layers once settled and the dressing, added up"
      ) { |on_plate, dressing_ml| on_plate.sum + dressing_ml }

      # @param window [Hold::Window] @param brief [Brief]
      def initialize(at, portion, window, brief)
        super(at)
        @portion, @window, @practice = portion, window, brief.practice
        @rules = brief.rules
        @style, @salads = brief.service.served_as, [brief.service.lines.size, 1].max
        @cooks = brief.kitchen.cooks.count { |cook| cook.skills.nil? || cook.skills.include?(Day::BUILD) }
        @more_platers = brief.progress.borrowed.count(Day::PLATER)
      end

      # Is it dressed wave by wave, because it would not last from the first guest to the last?
      def dressed_in_waves? = dressed_minutes - rest_minutes < service_minutes

      # @return [Array<Wave>] their covers add up exactly
      def list
        @list ||=
          Amount::Split
            .evenly(covers, waves)
            .each_with_index
            .map do |count, index|
              from, to =
                [index, index + 1].map { |step| service_from + (service_minutes * step / waves.to_f).round }
              Wave.new(
                number: index + 1,
                from: from,
                to: to,
                covers: count,
                **(dressed_in_waves? ? dressed(from, to) : {})
              )
            end
      end

      # The latest that any of it may be dressed. @return [Moment]
      def dress_by = dressed_in_waves? ? list.last.dress_by : window.dress_by

      def words
        serving = practice.words("serving", style)
        {
          "at" => at,
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "style" => style,
          "style_name" => serving["name"],
          "finish" => serving["finish"],
          "tool" => serving["tool"],
          "dressed_in_waves" => dressed_in_waves?,
          "portion" => portion.text_of(:portion_grams),
          "list" =>
            list.map { |wave| { **wave.words, "grams" => writer.g(finished_grams * wave.covers / covers) } }
        }
      end

      # @return [Array<Snag>]
      def snags
        wave_minutes = service_minutes / waves.to_f
        return [] if plating_minutes <= wave_minutes + lead_minutes

        [
          Snag.new(
            severity: "look",
            stage: "build",
            what:
              "#{portion.salad.name}: plating a wave takes #{writer.min(plating_minutes)}, and a wave " \
                "lasts #{writer.min(wave_minutes)}.",
            remedy: "One more plater, or serve it in family bowls."
          )
        ]
      end

      private

      def dressed(from, to)
        by = from - rest_minutes
        { dress_from: [to - dressed_minutes, by].min, dress_by: by }
      end
    end
  end
end
