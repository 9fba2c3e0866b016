# frozen_string_literal: true

module Scullion
  module Exchange
    # The larder as a table: one ingredient a row, one column a leaf of its facts, named by its
    # path ("density/dry", "trims/peeled/yield", "packs/0/name"). Lists of words are joined with
    # "; ". What goes out comes in again the same.
    module LarderCsv
      WORDS = %w[key name like family section colour done surplus caution].freeze
      LISTS = %w[aliases allergens diets tcs cuts taste texture].freeze
      NEEDED = %w[key name family colour].freeze
      MOST_ROWS = 5000
      JOIN = "; "
      # What is there and empty, as opposed to a cell that says nothing.
      NOTHING = "–"

      # @param rows [Array<Hash>] facts @return [String] CSV, UTF-8
      def self.write(rows)
        flat = rows.map { |facts| flatten(facts) }
        order = %w[key name] | IngredientForm.fields
        columns =
          flat
            .flat_map(&:keys)
            .uniq
            .sort_by
            .with_index { |column, index| [order.index(column[%r{\A[^/]+}]), index] }
        Papers::Table.write(columns, flat.map { |row| columns.map { |column| cell(row[column]) } })
      end

      # @param text [String] CSV, its cells parted by commas, semicolons or tabs
      # @return [Array<Array(Integer, Hash)>] line number and facts
      # @raise [InvalidBrief] when it is not a table of ingredients at all
      def self.read(text)
        text = text.delete_prefix("\uFEFF")
        if !text.valid_encoding? || text.include?("\uFFFD")
          refuse("The text is not UTF-8.", "Save the table as CSV UTF-8.")
        end
        head, *rows = CSV.parse(text, skip_blanks: true, col_sep: separator(text))
        columns = columns(head)
        refuse("There are #{rows.size} rows.", "Bring in #{MOST_ROWS} at a time.") if rows.size > MOST_ROWS
        rows.each_with_index.map do |cells, index|
          row = columns.zip(cells).to_h.compact.except(nil)
          [index + 2, unflatten(row)]
        end
      rescue CSV::MalformedCSVError => e
        refuse("This is not CSV: #{e.message[0, 120]}", "Check the quotes on that line.")
      end

      # The one that the first line has most of.
      def self.separator(text) = [",", ";", "\t"].max_by { |each| text[/.*/].count(each) }

      def self.columns(head)
        columns = Array(head).map { |name| name&.strip }
        missing = NEEDED - columns
        return columns if missing.empty?

        refuse(
          "These columns are missing: #{missing.join(", ")}.",
          "Take the larder out once, and keep its first line."
        )
      end

      def self.cell(value) = value.is_a?(Numeric) ? Papers::Sheet::Cell.new(value.to_s, value) : value

      def self.flatten(value, path = nil, into = {})
        case value
        when Hash
          return into.merge!(path => NOTHING) if value.empty?

          value.each { |key, each| flatten(each, [path, key].compact.join("/"), into) }
        when Array
          return into.merge!(path => value.empty? ? NOTHING : value.join(JOIN)) unless value.first.is_a?(Hash)

          value.each_with_index { |each, index| flatten(each, "#{path}/#{index}", into) }
        else
          into[path] = value
        end
        into
      end

      def self.unflatten(row)
        facts = {}
        row.each do |path, text|
          next if path.nil? || text.strip.empty?
          next facts[path] = LISTS.include?(path) ? [] : {} if text.strip == NOTHING

          put(facts, steps(path), understood(path, Papers::Table.plain(text.strip)))
        end
        [facts, facts["us"]].grep(Hash)
          .each { |sold| sold["packs"] = sold["packs"].values if sold["packs"].is_a?(Hash) }
        facts
      end

      # Sources are named by the address they are for, which has slashes of its own.
      def self.steps(path) = path.start_with?("sources/") ? path.split("/", 2) : path.split("/")

      def self.put(facts, (*parents, leaf), value)
        place = parents.reduce(facts) { |within, part| within.is_a?(Hash) ? within[part] ||= {} : nil }
        return place[leaf] = value if place.is_a?(Hash)

        refuse(
          "The column #{[*parents, leaf].join("/")} stands below one that has a value itself.",
          "Keep one of them."
        )
      end

      # Numbers and yes or no as such; everything else as the text that it is, formulas too.
      def self.understood(path, text)
        return text.split(/\s*;\s*/) if LISTS.include?(path)
        return text if WORDS.include?(path)
        return text == "true" if %w[true false].include?(text)

        number = Float(text, exception: false)
        return text unless number

        number == number.to_i && !text.include?(".") ? number.to_i : number
      end

      def self.refuse(what, remedy)
        raise(InvalidBrief, Fault.new(what: what, where: "/csv", remedy: remedy))
      end
      private_class_method :cell,
                           :separator,
                           :columns,
                           :flatten,
                           :unflatten,
                           :steps,
                           :put,
                           :understood,
                           :refuse
    end
  end
end
