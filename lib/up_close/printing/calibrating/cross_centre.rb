# frozen_string_literal: true

module UpClose
  module Printing
    module Calibrating
      # Where the middle lines of a cross's two arms meet: each arm's middle row by
      # row, weighed by how dark it is, a straight line through those away from the
      # other arm, and the place where both lines cross.
      module CrossCentre
        # of the arm's length: nearer to the middle the other arm is in the way
        INNER = 0.25
        OUTER = 0.85

        module_function

        # @param image [Vips::Image] grey  @param part [Artwork::Thinness::Regions::Part]
        # @return [Geometry::Point, nil] pixels, a pixel's middle at its half
        def call(image, part)
          return if part.left < 2 || part.top < 2 || part.right > image.width - 2 || part.bottom > image.height - 2
          box = image.crop(part.left - 2, part.top - 2, part.width + 4, part.height + 4)
          rows = box.invert.to_a.map { |row| row.map { |pixel| [pixel.is_a?(Array) ? pixel.first : pixel, 0].max } }
          upright, level = line(rows), line(rows.transpose)
          return unless upright && level
          # x = p + qy and y = r + sx
          p, q = upright
          r, s = level
          y = (r + s * p) / (1 - s * q)
          Geometry::Point[part.left - 2 + p + q * y, part.top - 2 + y]
        end

        # @return [Array(Float, Float), nil] middle at 0, and its lean
        def line(rows)
          half = rows.size / 2.0
          points = rows.each_with_index.filter_map do |row, y|
            off = (y + 0.5 - half).abs / half
            next unless off.between?(INNER, OUTER)
            middle(row)&.then { |x| [y + 0.5, x] }
          end
          (points.size < 4) ? nil : straight(points)
        end

        # above the paper's own grey
        def middle(row)
          ground = row.sort[row.size / 2]
          ink = row.map { |v| (v - ground > 24) ? v - ground : 0 }
          sum = ink.sum
          ink.each_with_index.sum { |v, x| v * (x + 0.5) } / sum.to_f if sum.positive?
        end

        # least squares
        def straight(points)
          mean_y, mean_x = points.sum(&:first) / points.size, points.sum(&:last) / points.size
          lean = points.sum { |y, x| (y - mean_y) * (x - mean_x) } / points.sum { |y, _| (y - mean_y)**2 }
          [mean_x - lean * mean_y, lean]
        end
      end
    end
  end
end
