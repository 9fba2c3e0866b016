# frozen_string_literal: true

module Scullion
  module Records
    # One preparation of a service that is done.
    class Tick < ActiveRecord::Base
      belongs_to :service
    end
  end
end
