# frozen_string_literal: true

# What a supply costs this shop.
class SupplyPrice < ApplicationRecord
  # what methods and sealers use up, by name, with the unit it is counted in
  # @return [Hash{String => String}]
  def self.known
    UpClose::Costing::Ink.units.merge(UpClose::Methods.all.flat_map(&:supplies).to_h { |title, _, unit| [title, unit] }).merge(UpClose::Sealing.all.select(&:wet_um).to_h { |sealer| [sealer.title.downcase, "ml"] })
  end
end
