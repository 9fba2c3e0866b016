# frozen_string_literal: true

module Scullion
  module Record
    # One thing that happened: when, who, at what, which kind, with its value and its unit. Never changed: a
    # mistake is mended by a later entry that names it.
    # uid: an id of its own, given where it was written, so that it is kept once however often it is sent;
    # at: UTC; clock: the kitchen's; of: what a weight or a temperature is of; mends: the uid of the entry
    # that this one is instead of; void: that one is not to count at all; picture: a JPEG, as bytes.
    Entry =
      Struct.new(
        :uid,
        :at,
        :clock,
        :by,
        :kind,
        :of,
        :service,
        :task,
        :lot,
        :about,
        :value,
        :unit,
        :device,
        :note,
        :mends,
        :void,
        :picture,
        keyword_init: true
      ) do
        # @param fields [DocumentReader] @param practice [Practice] for the kinds that there are
        # @return [Entry, nil] nil when the fields has noted faults
        def self.read(fields, practice) = EntryForm.new(fields, practice).read

        # All of it that is words and figures.
        def to_h = super.except(:picture).transform_keys(&:to_s).compact
      end

    # Its fields, and how its id and its times are written.
    class Entry
      FIELDS = (members - [:picture]).map(&:to_s).freeze
      UID = /\A[A-Za-z0-9-]{8,40}\z/.freeze
      AT = /\A\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ\z/.freeze
      # Bytes of a picture, and how it begins.
      PICTURE, JPEG = 300_000, "\xFF\xD8\xFF".b.freeze
      CLOCK = /\A\d{4}-\d\d-\d\dT\d\d:\d\d\z/.freeze
    end
  end
end
