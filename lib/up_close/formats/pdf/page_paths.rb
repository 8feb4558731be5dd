# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # The path operators of a page (ISO 32000-1, 8.5): part of PageWalk, which paints what they draw.
      module PagePaths
        # paths
        def begin_new_subpath(x, y) = @path << [:move, at(x, y)]

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def append_line(x, y) = @path << [:line, at(x, y)]

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def append_curved_segment(a, b, c, d, e, f) = @path << [:curve, at(a, b), at(c, d), at(e, f)]

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def append_curved_segment_initial_point_replicated(c, d, e, f)
          @path << [:curve, @path.last.last, at(c, d), at(e, f)]
        end

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def append_curved_segment_final_point_replicated(a, b, e, f) = @path << [:curve, at(a, b), at(e, f), at(e, f)]

        def close_subpath = @path << [:close]

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def append_rectangle(x, y, w, h)
          @path.push(
            [:move, at(x, y)],
            [:line, at(x + w, y)],
            [:line, at(x + w, y + h)],
            [:line, at(x, y + h)],
            [:close]
          )
        end

        def end_path = @path = []

        def stroke_path = paint(stroke: true)

        def close_and_stroke_path = close_subpath && paint(stroke: true)

        def fill_path_with_nonzero = paint(fill: true)

        def fill_path_with_even_odd = paint(fill: true, even_odd: true)

        def fill_stroke = paint(fill: true, stroke: true)

        def fill_stroke_with_even_odd = paint(fill: true, stroke: true, even_odd: true)

        def close_fill_stroke = close_subpath && paint(fill: true, stroke: true)

        def close_fill_stroke_with_even_odd = close_subpath && paint(fill: true, stroke: true, even_odd: true)

        private

        def at(x, y) = Geometry::Point[x, y]
      end
    end
  end
end
