# frozen_string_literal: true

# The smallest step that a kitchen's scale can weigh, in g; and what is said of foods since: what they do to
# oil and vinegar, what a label needs, bread that is moistened, leaf and solid that pack otherwise.
class ScaleOfTheHouse < ActiveRecord::Migration[7.2]
  def up
    add_column :kitchens, :scale_g, :float, null: false, default: 0.1
    house = Scullion::Records::House.shipped
    select_rows("SELECT id, key, facts FROM ingredients").each do |id, key, facts|
      facts = JSON.parse(facts) if facts.is_a?(String)
      since = Scullion::Records::LarderSince.of(facts, house.larder[key]&.facts, house.fill_in)
      execute("UPDATE ingredients SET facts = #{quote(JSON.generate(since))} WHERE id = #{id}")
    end
  end
end
