# frozen_string_literal: true

require "date"
require "zeitwerk"

# The rules of the job: what a cook works out between "140 for lunch" and the bowl.
# Pure computation: no database, web, clock, files or randomness. The figures themselves
# are data (see core/facts) and come in through a house and its briefs.
module Scullion
  # The larder and the house are rooms, not names: Ingredient and Kitchen stand by themselves.
  LOADER =
    Zeitwerk::Loader.for_gem.tap do |loader|
      loader.collapse("#{__dir__}/scullion/larder", "#{__dir__}/scullion/house")
      loader.ignore("#{__dir__}/scullion/errors.rb")
      loader.setup
    end
end

require_relative "scullion/errors"
