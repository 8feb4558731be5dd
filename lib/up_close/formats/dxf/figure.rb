# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # A number in a DXF: what is none, or beyond any drawing, is nought.
      module Figure
        MOST = 1e9

        # @param text [String, nil]  @return [Float]
        def self.of(text) = text.to_f.then { |value| (value.abs <= MOST) ? value : 0.0 }
      end
    end
  end
end
