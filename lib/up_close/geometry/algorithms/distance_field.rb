# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Squared distance of every set pixel to the nearest clear one; beyond the
      # picture all is clear (Felzenszwalb and Huttenlocher, Distance Transforms
      # of Sampled Functions, 2012).
      module DistanceField
        FAR = 1 << 40

        module_function

        # @param bytes [String] 0 or more a pixel
        # @return [Array<Integer>] in the order of the pixels
        def call(bytes, width, height)
          w, h = width + 2, height + 2
          columns = Array.new(w) { Array.new(h, 0) }
          height.times { |y| width.times { |x| columns[x + 1][y + 1] = FAR unless bytes.getbyte(y * width + x).zero? } }
          rows = columns.map { |column| line(column) }.transpose.map { |row| line(row) }
          rows[1..-2].flat_map { |row| row[1..-2] }
        end

        # lower envelope of parabolas
        def line(f)
          places, bounds = [0], [-Float::INFINITY]
          (1...f.size).each do |q|
            bounds.pop && places.pop while (crossing = meet(f, q, places.last)) <= bounds.last
            places << q
            bounds << crossing
          end
          read(f, places, bounds)
        end

        # @return [Float] where two parabolas meet (Felzenszwalb and Huttenlocher 2012)
        def meet(f, q, v) = ((f[q] + q * q) - (f[v] + v * v)) / (2.0 * (q - v))

        # @return [Array<Float>] squared distances along one row
        def read(f, places, bounds)
          k = 0
          Array.new(f.size) do |q|
            k += 1 while k + 1 < places.size && bounds[k + 1] < q
            (q - places[k])**2 + f[places[k]]
          end
        end
      end
    end
  end
end
