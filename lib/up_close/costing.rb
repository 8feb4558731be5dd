# frozen_string_literal: true

module UpClose
  # What things cost, in whole cents.
  module Costing
    # Everything that a shop can give a price beside sheets: what methods take for themselves, what is shared, and what
    # finishes are sold in.
    # @return [Array<Supplies::Kind>]
    def self.supplies
      own = Methods.all.flat_map(&:supplies).map(&:kind)
      [*Supplies.all, *own, *Sealing.all.select(&:wet_um).map(&:supply)].uniq(&:key)
    end
  end
end
