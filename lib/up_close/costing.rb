# frozen_string_literal: true

module UpClose
  # What things cost, in whole cents.
  module Costing
  end
end
