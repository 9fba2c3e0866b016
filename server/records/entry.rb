# frozen_string_literal: true

module Scullion
  module Records
    # One thing that happened, as it was written down. Only ever added to.
    class Entry < ActiveRecord::Base
      FIELDS = Record::Entry::FIELDS

      # @param entry [Record::Entry] @return [Boolean] false where it is here already
      def self.keep(entry, now: Time.now.utc)
        transaction(requires_new: true) do
          create!(
            **entry.to_h.transform_keys(&:to_sym),
            service_name: entry.service && Service.where(id: entry.service).pick(:name),
            recorded: now.iso8601,
            void: entry.void || false
          )
          Picture.create!(uid: entry.uid, jpeg: entry.picture) if entry.picture
        end
        true
      rescue ActiveRecord::RecordNotUnique
        false
      end

      # @return [Array<Record::Entry>] as they were written down
      def self.values(scope = all) = scope.order(:id).map(&:value_object)

      def value_object
        Record::Entry.new(**FIELDS.to_h { |field| [field.to_sym, self[field]] }, void: void || nil)
      end

      # @return [Hash] ready for JSON
      def to_document
        value_object.to_h.merge("service_name" => service_name, "recorded" => recorded).compact
      end
    end
  end
end
