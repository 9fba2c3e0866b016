# frozen_string_literal: true

module Scullion
  module Cook
    # Cut vegetables boiled gently, just covered: potato dice, carrot, squash, sweetcorn. A hard
    # boil breaks the outside first. Rules of the job, "Boil cut vegetables".
    class BoilCut < Method
      KEY = "boil-cut"
      FACTS = %i[batch_dry_grams water_grams salt_grams batch_finished_grams heat_up_minutes
                 minutes total_minutes hands_minutes headroom_cm raw_ml finished_ml].freeze
      FORM = "boiled"
      STATE = "wet"
      include InPot
      include ByThickness

      assumption :boil_yield, "Drained for raw", :factor, book: :ingredient, at: "boil-cut/gain"
      assumption :cover_cm, "Water above the pieces", :cm, book: :practice, at: "boil-cut/cover_cm"
      assumption :salt_share, "Salt for the water", :share, book: :practice, at: "boil-cut/salt_share"
      assumption :lying_density, "Pieces as they lie", :g_per_ml, book: :practice, at: "boil-cut/piece_density"
      assumption :lying_solid_density, "The piece itself", :g_per_ml, book: :practice, at: "boil-cut/piece_solid_density"

      figure(:dry_grams, "Raw, all batches", :g, from: %i[finished_grams boil_yield], how: "drained ÷ drained for raw") { finished_grams / boil_yield }
      figure(:most_dry_grams, "Most the pot takes", :g, shown: false, from: %i[most_full pot_litres pot_area cover_cm lying_density],
             how: "pieces and the water above them, to the pot's limit") { room_for(pot) }
      include Covered

      figure(:salt_grams, "Salt, each batch", :g, from: %i[water_grams salt_share], how: "water × salt share") { water_grams * salt_share }
      figure(:all_salt_grams, "Salt, all batches", :g, from: %i[salt_grams batches], how: "salt × batches") { salt_grams * batches }
      include HeatUp

      figure(:total_minutes, "From cold to drained", :min, from: %i[heat_up_minutes minutes], how: "heat up + boil") { heat_up_minutes + minutes }

      def uses = [["salt", :all_salt_grams]]
      def setting = "boil gently, drain"
      def stretches = [%i[hands load_minutes], %i[wait heat_up_minutes], %i[wait minutes], %i[hands tend_minutes]]

      def rescues
        [{ "if" => "Outside breaks, middle hard", "then" => "off the boil, lid on, until a knife slides in." },
         { "if" => "Soft already", "then" => "drain, spread on a tray, do not toss until cold." }]
      end

      private

      def room_for(pot) = room_under_water(pot)
    end
  end
end
