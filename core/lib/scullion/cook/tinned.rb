# frozen_string_literal: true

module Scullion
  module Cook
    # Pulses from tins: net weight from the drained weight needed. Rinse and drain.
    class Tinned < Method
      KEY = "tinned"
      FACTS = %i[net_grams drained_grams liquid_grams hands_minutes finished_ml].freeze
      FORM = "drained"

      assumption :drained_share, "Drained for net", :share, book: :ingredient, at: "tinned/drained"
      figure(:net_grams, "In the tins, net", :g, from: %i[finished_grams drained_share],
             how: "drained weight ÷ drained share") { finished_grams / drained_share }
      figure(:drained_grams, "Drained", :g, from: %i[net_grams drained_share], how: "net × drained share") { net_grams * drained_share }
      figure(:liquid_grams, "Drains off", :g, from: %i[net_grams drained_grams], how: "net − drained") { net_grams - drained_grams }

      HOT = false

      # Only what the tins' labels say is weighed.
      def self.raw_form(_component) = FORM

      def raw_name = :net_grams
      def setting = "from tins, #{practice.schools(KEY)['drain'][school('drain')]['name']}"
      def stretches = [%i[hands load_minutes]]
      def rescues = [{ "if" => "Soft or split", "then" => "fold in last and by hand, or keep for a purée." }]

      private

      def rounds_name = nil
    end
  end
end
