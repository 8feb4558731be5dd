# frozen_string_literal: true

module UpClose
  module Formats
    # Drawing Exchange Format, release 12 and on: a text of pairs, group code and value.
    module DXF
      # $INSUNITS → mm
      UNITS = {
        1 => 25.4, 2 => 304.8, 4 => 1.0, 5 => 10.0, 6 => 1000.0, 8 => 0.0000254, 9 => 0.0254, 10 => 914.4, 14 => 100.0
      }.freeze
    end
  end
end
