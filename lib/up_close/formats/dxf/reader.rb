# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # Reads closed outlines from a DXF: lines, arcs, circles and polylines with
      # their bulges, joined where their ends meet. y comes out downwards, mm.
      class Reader
        MOST_BYTES = 20 * 1024 * 1024
        MOST_POINTS = 100_000
        MOST_PIECES = 4000
        JOIN_MM = 0.01

        # two outlines this near in area and middle are one, drawn twice
        SAME = 1e-3
        GUESSED = "A spline gives only points. We draw a smooth line through them, " \
          "which may differ a little from the original."

        attr_reader :notes

        # @param text [String]  @param unit_mm [Float, nil] in place of what the file says
        def initialize(text, unit_mm: nil)
          @text, @given, @notes = text.to_s.b, unit_mm, []
        end

        # @return [Array<Geometry::Ring>] largest first
        # @raise [Errors::BadArtwork]
        def rings
          loops = Chains.call(pieces, JOIN_MM).select do |points|
            points.size > 2 && points.first.distance(points.last) <= JOIN_MM * 4
          end
          rings = loops.map { |points| Geometry::Ring.new(points) }.select { |ring|
            ring.points.size > 2 && ring.area > 1e-4
          }.sort_by do |ring|
            -ring.area
          end
          rings = once(rings)
          if rings.empty?
            refuse(
              "This DXF holds no closed outline.",
              "Close the outline in the drawing program. Ends must meet within #{JOIN_MM * 4} mm."
            )
          end
          rings
        end

        # whether the file says its unit
        def unit_known? = !file_unit.nil?

        private

        # A ring with what it is told apart by, worked out once. Frozen.
        Known = Value.define(:ring, :area, :x, :y) do
          def self.of(ring) = ring.centroid.then { |centre| new(ring, ring.area, centre.x, centre.y) }

          def alike?(other) = (area / other.area - 1).abs < SAME

          def same?(other)
            near = SAME * Math.sqrt(other.area)
            (x - other.x).abs < near && (y - other.y).abs < near && Math.hypot(x - other.x, y - other.y) < near
          end
        end

        # @param rings [Array<Geometry::Ring>] largest first, so that only the last ones kept can be as large
        def once(rings)
          kept = rings.each_with_object([]) do |ring, all|
            known = Known.of(ring)
            drawn = all.reverse_each.find { |other| !known.alike?(other) || known.same?(other) }
            all << known unless drawn && known.alike?(drawn)
          end
          kept.map(&:ring)
        end

        def pieces
          if @text.bytesize > MOST_BYTES
            refuse("This DXF is larger than #{MOST_BYTES / 1024 / 1024} MB.", "Save only the outline.")
          end
          drawn = Drawn.new(pairs, scale)
          stretches = drawn.stretches.reject { |points| points.size < 2 }
          if stretches.size > MOST_PIECES || stretches.sum(&:size) > MOST_POINTS
            refuse("This DXF draws more than an outline: over #{MOST_PIECES} pieces.", "Save only the outline.")
          end
          note_left_out(drawn)
          stretches
        end

        def note_left_out(drawn)
          if drawn.left_out.any?
            @notes << "Left out because it has no outline: " \
              "#{drawn.left_out.map { |kind, count| "#{count} #{kind.downcase}" }.join(", ")}."
          end
          @notes << "Left out because its layer is hidden: #{drawn.hidden}." if drawn.hidden.positive?
          @notes << GUESSED if drawn.guessed.positive?
        end

        def pairs
          return @pairs if @pairs
          lines = @text.dup.force_encoding("UTF-8").scrub("").split(/\r\n|\n|\r/)
          list = lines.each_slice(2).map do |code, value|
            [Integer(code.to_s.strip, exception: false), value.to_s.strip]
          end
          readable = list.first(6).all?(&:first) && list.include?([2, "ENTITIES"])
          refuse("This file cannot be read as DXF text.", "Save it as DXF text, release 12 or 2000.") unless readable
          @pairs = list
        end

        def scale
          return @given if @given
          @notes << "The file does not say its unit. We take millimetres." unless file_unit
          file_unit || 1.0
        end

        def file_unit
          index = pairs.index([9, "$INSUNITS"])
          index && UNITS[pairs[index + 1].last.to_i]
        end

        def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :outline_file))
      end
    end
  end
end
