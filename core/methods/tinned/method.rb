# frozen_string_literal: true

module Scullion
  module Cook
    # Pulses from tins: net weight from the drained weight needed. Rinse and drain.
    class Tinned < Method
      shows at_the_stove: %i[net_grams drained_grams liquid_grams hands_minutes finished_ml],
            beside: %i[raw_ml load_minutes tend_minutes]

      assumption :drained_share, "Drained for net", :share, book: :ingredient, at: "tinned/drained"
      figure(
        :net_grams,
        "In the tins, net",
        :g,
        how: "drained weight ÷ drained share"
      ) { |finished_grams, drained_share| finished_grams / drained_share }
      figure(:drained_grams, "Drained", :g, how: "net × drained share") do |net_grams, drained_share|
        net_grams * drained_share
      end
      figure(:liquid_grams, "Drains off", :g, how: "net − drained") do |net_grams, drained_grams|
        net_grams - drained_grams
      end

      def raw_name = :net_grams

      # Opened at the bench, without heat.
      def demands(_beside) = []
      def skill = "knife"
      def total_minutes = 0.0

      def salt_left_at = ("salt/rinsed/share" if school("drain") == "rinse")
      def setting = "from tins, #{practice.schools(self.class.key)["drain"][school("drain")]["name"]}"
      def stretches = [%i[hands load_minutes]]
      def rescues = [{ "if" => "Soft or split", "then" => "fold in last and by hand, or keep for a purée." }]

      private

      def rounds_name = nil
    end
  end
end
