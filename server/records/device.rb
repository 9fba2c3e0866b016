# frozen_string_literal: true

module Scullion
  module Records
    # Where a device stands: its kind and its address.
    class Device < ActiveRecord::Base
      # @return [Hash{String=>String}] addresses by kind
      def self.addresses = pluck(:kind, :address).to_h

      # @param wanted [Hash{String=>String, nil}] by kind; nil or empty for none
      def self.write(wanted)
        transaction do
          wanted.each do |kind, address|
            where(kind: kind).delete_all
            create!(kind: kind, address: address) unless address.to_s.empty?
          end
        end
      end
    end
  end
end
