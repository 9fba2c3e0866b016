# frozen_string_literal: true

module Scullion
  module Records
    # A cook by initials, with a shift in local clock time.
    class Cook < ActiveRecord::Base
      belongs_to :kitchen
      attribute :skills, ActiveRecord::Type::Json.new

      def to_document = slice("initials", "from", "to", "break_from", "break_to", "skills").to_h.compact
    end
  end
end
