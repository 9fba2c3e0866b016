# frozen_string_literal: true

module Scullion
  module Records
    # A salad as it stood before one change of it.
    class EarlierBuild < ActiveRecord::Base
      MOST = 50

      belongs_to :salad
      attribute :build, ActiveRecord::Type::Json.new

      # Keeps a build that has just been changed, and lets go of the oldest.
      def self.keep(salad, build)
        create!(salad: salad, build: build, changed_at: Time.now.utc)
        where(salad: salad).order(id: :desc).offset(MOST).destroy_all
      end
    end
  end
end
