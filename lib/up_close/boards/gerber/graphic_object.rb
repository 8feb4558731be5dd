# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # One thing drawn: whether it adds or takes away; what it covers (polygons as Outlines has them, none for what a
      # round pen draws); the line it was drawn along (x, y, x, y …, mm; nil for a flash or a region) and the width of
      # a round pen (0 for any other); its kind: :flash, :draw or :region.
      GraphicObject = Value.define(:dark, :polygons, :line, :width, :kind) do
        # @param map [Geometry::Transform]  @param turned [Boolean] adding becomes taking away
        # @return [GraphicObject]
        def mapped(map, turned: false)
          moved = line && Outlines.mapped([[line]], map)[0][0]
          GraphicObject.new(dark ^ turned, Outlines.mapped(polygons, map), moved, width && width * map.mean_scale, kind)
        end
      end
    end
  end
end
