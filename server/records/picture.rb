# frozen_string_literal: true

module Scullion
  module Records
    # A picture that goes with an entry, by its uid. Only ever added to.
    class Picture < ActiveRecord::Base
      # @return [Set<String>] entries that have one
      def self.uids = pluck(:uid).to_set
    end
  end
end
