# frozen_string_literal: true

module Scullion
  module Api
    # The kitchen's own figures, over the larder's and over usual practice.
    module HouseFigures
      def self.registered(app)
        app.put("/api/house-figures") do
          change = body_document
          Changes::HouseFigure.new(house, change["at"], change["value"], by: change["by"]).write
          house_anew
          book, key = change["at"].split("/")
          json(book == "larder" ? page_of(Records::Ingredient.find_by!(key: key)) : {})
        end
      end
    end
  end
end
