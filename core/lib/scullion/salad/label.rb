# frozen_string_literal: true

module Scullion
  class Salad
    # What a serving is of energy, fat, carbohydrate, protein and salt, as a label has it: added up over the
    # lines of the ledger, from the same contents. Energy by the factors of Regulation (EU) No 1169/2011,
    # Annex XIV. Worked out and not analysed; it says how much of it rests on what was looked up.
    class Label < Worksheet
      attr_reader :ledger

      # What counts for energy, by its factor.
      BY = { fat: "Fat", carbohydrate: "Carbohydrate", protein: "Protein", fibre: "Fibre" }.freeze
      UNITS = { kj: :kj_per_g, kcal: :kcal_per_g }.freeze
      UNITS.each do |energy, unit|
        BY.each do |content, label|
          assumption :"#{content}_#{energy}",
                     "#{label}, a gram",
                     unit,
                     book: :practice,
                     at: "label/#{energy}/#{content}"
        end
      end

      %i[fat saturated carbohydrate sugar fibre protein salt].each do |content|
        label = Contents::OF.fetch(content, "Salt")
        gather(:"#{content}_of_lines", :"#{content}_grams") { ledger.lines }
        figure(
          :"#{content}_grams",
          label,
          :g,
          writes: content == :salt ? :label_salt : :label_g,
          how: "every line added up",
          reading: {
            of_lines: :"#{content}_of_lines"
          }
        ) { |of_lines| of_lines.sum }
      end
      UNITS.each_key do |energy|
        gather(:"by_#{energy}") do
          BY.keys.flat_map { |content| [[self, :"#{content}_grams"], [self, :"#{content}_#{energy}"]] }
        end
        figure(
          energy,
          "Energy",
          energy,
          how: "fat, carbohydrate, protein and fibre × what a gram of each gives",
          reading: {
            by_content: :"by_#{energy}"
          }
        ) { |by_content| by_content.each_slice(2).sum { |grams, gives| grams * gives } }
      end

      # @param ledger [Ledger]
      def initialize(at, ledger)
        super(at)
        @ledger = ledger
      end

      def practice = ledger.practice

      # Of its energy, how much rests on each kind of source, the most first. @return [Hash{String=>Float}]
      def rests
        @rests ||=
          begin
            by_kind = Hash.new(0.0)
            ledger.lines.each { |line| rest(line, by_kind) }
            all = by_kind.values.sum
            by_kind.transform_values { |energy| energy / all }.sort_by { |_, share| -share }.to_h
          end
      end

      # Of its energy, from figures that were looked up. @return [Float]
      def looked_up = rests.fetch("looked up", 0.0)

      def words
        {
          "at" => at,
          "name" => ledger.portion.salad.name,
          "said" => said,
          "looked_up" => writer.share(looked_up.round(2)),
          "rests" =>
            rests.map do |kind, share|
              { "kind" => kind, "share" => share.round(4), "text" => writer.share(share) }
            end
        }
      end

      # "2,331 kJ (560 kcal), fat 35 g, of which saturated 6.4 g, …"
      def in_words
        "#{writer.kj(kj)} (#{writer.kcal(kcal)}), " +
          ROWS.map { |content, name| "#{name} #{amount_of(content)}" }.join(", ")
      end

      # In the order of a label, in words.
      ROWS = {
        fat: "fat",
        saturated: "of which saturated",
        carbohydrate: "carbohydrate",
        sugar: "of which sugar",
        fibre: "fibre",
        protein: "protein",
        salt: "salt"
      }.freeze

      def amount_of(content)
        value = public_send(:"#{content}_grams")
        content == :salt ? writer.label_salt(value) : writer.label_g(value)
      end

      def said
        "From tables, #{writer.share(looked_up.round(2))} of it looked up; worked out, not analysed."
      end

      private

      def rest(line, by_kind)
        BY.each_key do |content|
          line
            .rests(content)
            .each do |grams, kind|
              by_kind[kind] += grams * practice.fetch("label/kj/#{content}") if grams.positive?
            end
        end
      end
    end
  end
end
