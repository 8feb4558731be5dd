# frozen_string_literal: true

# What a supply costs this shop.
class SupplyPrice < ApplicationRecord
  # what methods and sealers use up, by name, with the unit it is counted in
  # @return [Hash{String => String}]
  def self.known
    taken = UpClose::Methods.all.flat_map(&:supplies).to_h { |supply| [supply.title, supply.unit] }
    sealers = UpClose::Sealing.all.select(&:wet_um).to_h { |sealer| [sealer.title.downcase, "ml"] }
    UpClose::Costing::Ink.units.merge(taken, sealers)
  end
end
