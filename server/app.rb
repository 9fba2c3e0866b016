# frozen_string_literal: true

require "json"
require "sinatra/base"
require "committee"
require_relative "records"
require_relative "formats/shelf"
require_relative "formats/briefing"
require_relative "formats/judging"
require_relative "formats/solved_days"
require_relative "formats/other_services"
require_relative "formats/written_number"
require_relative "formats/change"
require_relative "formats/school_choice"
require_relative "formats/house_figure"
require_relative "formats/new_ingredient"
require_relative "formats/larder_csv"
require_relative "formats/larder_import"
require_relative "formats/linked_recipe"
require_relative "formats/own_salad"
require_relative "formats/recipe_card"
require_relative "formats/build_change"
require_relative "formats/day_decision"
require_relative "formats/sheets"
require_relative "formats/week_order"
require_relative "formats/service_import"
require_relative "formats/copied_service"
require_relative "formats/packet"
require_relative "formats/day_calendar"
require_relative "formats/label_picture"
require_relative "guards/body_limit"
require_relative "guards/headers"
require_relative "guards/explain"
require_relative "guards/problems"
require_relative "api/answers"
require_relative "api/about"
require_relative "api/plans"
require_relative "api/services"
require_relative "api/days"
require_relative "api/paper"
require_relative "api/weeks"
require_relative "api/serving"
require_relative "api/copies"
require_relative "api/house_rules"
require_relative "api/ticks"
require_relative "api/salads"
require_relative "api/salad_bench"
require_relative "api/dressing_bench"
require_relative "api/swaps"
require_relative "api/paste"
require_relative "api/larder"
require_relative "api/house_figures"
require_relative "api/larder_table"
require_relative "api/amounts"
require_relative "api/kitchen"
require_relative "api/calibration"
require_relative "api/pages"

# The rules of the job are core's; this floor keeps records and answers for them.
module Scullion
  # The web floor's server: a JSON API over records and core, and the built pages.
  class App < Sinatra::Base
    CONTRACT = File.expand_path("openapi.yaml", __dir__)

    disable :sessions, :protection, :static, :show_exceptions, :dump_errors, :logging
    enable :raise_errors
    set :host_authorization, permitted_hosts: []

    helpers Api::Answers
    register Api::About, Api::Plans, Api::Services, Api::Copies, Api::Days, Api::Paper, Api::Weeks, Api::Serving, Api::HouseRuleSets, Api::Ticks,
             Api::Salads, Api::SaladBench, Api::DressingBench, Api::Swaps, Api::Paste, Api::Larder, Api::HouseFigures, Api::LarderTable,
             Api::Amounts, Api::Kitchen, Api::Calibration, Api::Pages

    not_found { response.body.empty? ? problem(404, "There is nothing at this address.") : response.body }
  end

  # The whole stack, outermost first: who may ask, what may come in, then the contract.
  # @param hosts [Array<String>] Host headers that are answered
  # @param access_code [String, nil] asked for when served beyond this machine
  # @return [#call] a Rack application
  def self.stack(hosts:, access_code: nil, app: App)
    Rack::Builder.new do
      use Guards::Headers
      use Rack::Protection::HostAuthorization, permitted_hosts: hosts, logging: false
      use(Rack::Auth::Basic, "Scullion") { |_, code| Rack::Utils.secure_compare(code, access_code) } if access_code
      use Guards::Problems, explain: Guards::Explain.new
      use Rack::Protection::HttpOrigin, logging: false
      use Guards::BodyLimit
      use Committee::Middleware::RequestValidation, schema_path: App::CONTRACT, strict_reference_validation: true,
                                                    parse_response_by_content_type: false, raise: true, coerce_date_times: false
      run app
    end.to_app
  end
end
