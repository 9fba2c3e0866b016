# frozen_string_literal: true

# Whom a service feeds, services and shifts over midnight, and what kind of food each ingredient is.
class GuestsAndMidnight < ActiveRecord::Migration[7.2]
  def up
    add_column :services, :guests, :text
    remove_check_constraint :services, name: "services_window"
    add_check_constraint :services, "\"from\" <> \"to\"", name: "services_window"
    remove_check_constraint :cooks, name: "cooks_shift"
    add_check_constraint :cooks, "\"from\" <> \"to\"", name: "cooks_shift"
    kinds
  end

  private

  # An ingredient that came with the product says its kind from now on; one's own is for its owner to say.
  def kinds
    shipped = Scullion::Records::House.shipped.larder.transform_values { |each| each.facts["kind"] }.compact
    select_rows("SELECT id, key, facts FROM ingredients").each do |id, key, facts|
      facts = JSON.parse(facts) if facts.is_a?(String)
      next if shipped[key].nil? || facts.key?("kind")

      said = quote(JSON.generate(facts.merge("kind" => shipped[key])))
      execute("UPDATE ingredients SET facts = #{said} WHERE id = #{id}")
    end
  end
end
