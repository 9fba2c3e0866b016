# frozen_string_literal: true

require "sinatra/base"

module Scullion
  # The web floor's server: a JSON API over records and core, and the built pages. The rules of the job
  # are core's; this floor keeps records and answers for them.
  class App < Sinatra::Base
    disable :sessions, :protection, :static, :show_exceptions, :dump_errors, :logging
    enable :raise_errors
    set :host_authorization, permitted_hosts: []

    helpers Api::Answers
    register Api::About,
             Api::Plans,
             Api::Services,
             Api::Copies,
             Api::Days,
             Api::Record,
             Api::Watch,
             Api::UseUp,
             Api::Devices,
             Api::Papers,
             Api::Weeks,
             Api::Serving,
             Api::HouseRuleSets,
             Api::Ticks,
             Api::Salads,
             Api::Trials,
             Api::DressingTrials,
             Api::Swaps,
             Api::Recipes,
             Api::Larder,
             Api::HouseFigures,
             Api::LarderTable,
             Api::Amounts,
             Api::Kitchen,
             Api::Calibration,
             Api::BackUps,
             Api::Pages

    not_found { response.body.empty? ? problem(404, "There is nothing at this address.") : response.body }
  end
end
