# frozen_string_literal: true

module Scullion
  module Changes
    # One decision about a day, or one thing that happened, laid into what is kept of it.
    class DayDecision
      # Each with the list that it is kept in.
      KINDS = {
        "mark" => "marks",
        "unmark" => "marks",
        "pin" => "pins",
        "unpin" => "pins",
        "ahead" => "ahead",
        "extra" => "extra",
        "unextra" => "extra",
        "borrowed" => "borrowed",
        "returned" => "borrowed",
        "cut" => "cut",
        "uncut" => "cut",
        "loads" => "loads",
        "skilled" => "skilled",
        "unskilled" => "skilled",
        "left_out" => "left_out",
        "put_back" => "left_out",
        "otherwise" => "otherwise",
        "as_usual" => "otherwise",
        "control" => "control",
        "taken_on" => "taken_on",
        "given_back" => "taken_on",
        "together" => "together",
        "apart" => "together",
        "lot" => "lots",
        "unlot" => "lots",
        "more" => "more",
        "unmore" => "more",
        "since" => "since",
        "restore" => nil
      }.freeze

      NOTHING = Hash.new([].freeze).merge("since" => "").freeze

      # @param day [Hash] what is kept so far
      # @param decision [Hash] one of KINDS => what of it, or "all" => several such, one after the other
      def initialize(day, decision)
        @day, @steps = day, decision["all"] || [decision]
      end

      # @return [Hash] what is kept from now on
      def to_h
        said = @steps.flat_map { |step| step.slice(*KINDS.keys).to_a }
        said
          .reduce(@day) { |day, (kind, what)| send(:"keep_#{kind}", day, what) }
          .except("taken", "outings", "brings", "makes")
          .reject { |_, kept| kept.empty? }
      end

      # What this changes, as it was: to restore it undoes it.
      # @return [Hash]
      def before
        KINDS.values_at(*@steps.flat_map(&:keys)).compact.to_h { |list| [list, @day[list] || NOTHING[list]] }
      end

      private

      def keep_restore(day, lists) = day.merge(lists)
      def put(day, list, said, by) = day.merge(list => without(day, list, by, said[by]) + [said])
      def drop(day, list, value, by) = day.merge(list => without(day, list, by, value))
      def without(day, list, by, value) = (day[list] || []).reject { |each| each[by] == value }

      # The first of those that are meant, and no other.
      def one_less(day, list, &meant)
        day.merge(list => (day[list] || []).dup.tap { |all| all.delete_at(all.index(&meant) || all.size) })
      end

      def keep_mark(day, said) = put(day, "marks", said.compact, "task")
      def keep_unmark(day, task) = drop(day, "marks", task, "task")
      def keep_pin(day, said) = put(day, "pins", said, "task")
      def keep_unpin(day, task) = drop(day, "pins", task, "task")
      # Of one preparation; as usual it is not kept.
      def unless_usual(usual, day, list, said)
        usual ? drop(day, list, said["preparation"], "preparation") : put(day, list, said, "preparation")
      end

      def keep_ahead(day, said) = unless_usual(said["days"].zero?, day, "ahead", said)
      def keep_extra(day, said) = day.merge("extra" => (day["extra"] || []) + [said])
      def keep_unextra(day, from) = one_less(day, "extra") { |hours| hours["from"] == from }
      def keep_borrowed(day, kind) = day.merge("borrowed" => (day["borrowed"] || []) + [kind])
      def keep_returned(day, kind) = one_less(day, "borrowed") { |each| each == kind }
      def keep_loads(day, said) = unless_usual(said["loads"] == 1, day, "loads", said)
      def keep_control(day, said) = unless_usual(said["way"].nil?, day, "control", said)
      def keep_taken_on(day, said) = put(day, "taken_on", said, "key")
      def keep_given_back(day, key) = drop(day, "taken_on", key, "key")
      def keep_otherwise(day, said) = put(day, "otherwise", said, "preparation")
      def keep_as_usual(day, preparation) = drop(day, "otherwise", preparation, "preparation")

      # Made with another service's, whose number it is; or here again.
      def keep_together(day, said) = put(day, "together", said.slice("preparation", "service"), "preparation")
      def keep_apart(day, preparation) = drop(day, "together", preparation, "preparation")

      # Taken of a lot on hand; and more made on purpose, for what it is said to be for.
      def keep_lot(day, said) = day.merge("lots" => other_lots(day, said) + [said])
      def keep_unlot(day, said) = day.merge("lots" => other_lots(day, said))
      def other_lots(day, said)
        (day["lots"] || []).reject { |each| each.values_at(*LOT) == said.values_at(*LOT) }
      end
      LOT = %w[preparation code].freeze
      private_constant :LOT
      def keep_more(day, said) = put(day, "more", said, "preparation")
      def keep_unmore(day, preparation) = drop(day, "more", preparation, "preparation")
      def keep_since(day, moment) = day.merge("since" => moment)
      def keep_left_out(day, preparation)
        day.merge("left_out" => ((day["left_out"] || []) + [preparation]).uniq)
      end
      def keep_put_back(day, preparation) = day.merge("left_out" => (day["left_out"] || []) - [preparation])
      def keep_skilled(day, said) = day.merge("skilled" => ((day["skilled"] || []) + [said]).uniq)
      def keep_unskilled(day, said) = day.merge("skilled" => (day["skilled"] || []) - [said])
      def keep_cut(day, preparation) = day.merge("cut" => ((day["cut"] || []) + [preparation]).uniq)
      def keep_uncut(day, preparation) = day.merge("cut" => (day["cut"] || []) - [preparation])
    end
  end
end
