# frozen_string_literal: true

module Scullion
  module Records
    # What says whether something has changed, whichever process changed it: every write moves a version,
    # and every row added or taken out moves the count or the last id.
    module Stamp
      MOVES = "COUNT(*) || '.' || COALESCE(SUM(lock_version), 0) || '.' || COALESCE(MAX(id), 0)"
      HOUSE = <<~SQL.squish.freeze
        SELECT (SELECT #{MOVES} FROM ingredients) || ' ' || (SELECT #{MOVES} FROM kitchens) || ' ' ||
               (SELECT #{MOVES} FROM house_rules) || ' ' ||
               (SELECT #{MOVES} FROM own_figures WHERE service_id IS NULL)
      SQL

      SERVED =
        "COUNT(*) || '.' || COALESCE(SUM(salads.lock_version), 0) || '.' || COALESCE(SUM(salads.id), 0)"
      SERVICE = <<~SQL.squish.freeze
        SELECT id, lock_version || ' ' ||
               (SELECT #{SERVED} FROM salads JOIN service_lines ON salads.id = service_lines.salad_id
                 WHERE service_lines.service_id = services.id) || ' ' ||
               (SELECT #{MOVES} FROM own_figures WHERE service_id = services.id) || ' ' || COALESCE(day, '')
        FROM services WHERE id IN (?)
      SQL

      # @return [Hash{Integer=>String}] of all that each service's brief is made from beside the house
      def self.services(ids)
        beside = Together.beside(select("SELECT id, day FROM services WHERE #{Together::LISTED}"))
        own = moved(ids | beside.values_at(*(ids & beside.keys)).flatten)
        ids.to_h { |id| [id, [own[id], *own.values_at(*(beside[id] if beside.key?(id)))].join(" | ")] }
      end

      def self.moved(ids) = select(ActiveRecord::Base.sanitize_sql([SERVICE, ids])).to_h
      def self.select(sql) = ActiveRecord::Base.connection.select_rows(sql, "Stamp")
      private_class_method :moved, :select

      # @return [String] of all that the house is made from
      def self.house = ActiveRecord::Base.connection.select_value(HOUSE, "Stamp")
    end
  end
end
