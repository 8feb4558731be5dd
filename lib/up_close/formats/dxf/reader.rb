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

        attr_reader :notes

        # @param text [String]  @param unit_mm [Float, nil] in place of what the file says
        def initialize(text, unit_mm: nil)
          @text, @given, @notes = text.to_s.b, unit_mm, []
        end

        # @return [Array<Geometry::Ring>] largest first
        # @raise [Errors::BadArtwork]
        def rings
          loops = Chains.call(pieces, JOIN_MM).select { |points| points.size > 2 && points.first.distance(points.last) <= JOIN_MM * 4 }
          rings = loops.map { |points| Geometry::Ring.new(points) }.select { |ring| ring.points.size > 2 && ring.area > 1e-4 }.sort_by { |ring| -ring.area }
          refuse("This DXF holds no closed outline.", "Close the outline where it was drawn; ends must meet within #{JOIN_MM * 4} mm.") if rings.empty?
          rings
        end

        private

        def pieces
          refuse("This DXF is larger than #{MOST_BYTES / 1024 / 1024} MB.", "Save only the outline.") if @text.bytesize > MOST_BYTES
          @pairs = pairs
          shapes = Entities.new(scale)
          found = gathered.flat_map { |kind, codes| shapes.points(kind, codes) }.reject { |points| points.size < 2 }
          refuse("This DXF draws more than an outline: over #{MOST_PIECES} pieces.", "Save only the outline.") if found.size > MOST_PIECES || found.sum(&:size) > MOST_POINTS
          found
        end

        def pairs
          lines = @text.dup.force_encoding("UTF-8").scrub("").split(/\r\n|\n|\r/)
          list = lines.each_slice(2).map { |code, value| [Integer(code.to_s.strip, exception: false), value.to_s.strip] }
          readable = list.first(6).all?(&:first) && list.include?([2, "ENTITIES"])
          refuse("This file does not read as DXF text.", "Save it as DXF text, release 12 or 2000.") unless readable
          list
        end

        def scale
          return @given if @given
          at = @pairs.index([9, "$INSUNITS"])
          unit = at && UNITS[@pairs[at + 1].last.to_i]
          @notes << "The file does not say its unit: taken as millimetres." unless unit
          unit || 1.0
        end

        # @return [Array<Array(String, Array)>] each entity with its pairs; vertices go with their polyline
        def gathered
          open = nil
          entities.each_with_object([]) do |(kind, codes), all|
            next open[1].concat([[0, "VERTEX"]] + codes) if kind == "VERTEX" && open
            all << [kind, codes]
            open = (kind == "POLYLINE") ? all.last : nil
          end
        end

        def entities
          @pairs[@pairs.index([2, "ENTITIES"]) + 1..].each_with_object([]) do |(code, value), found|
            break found if code&.zero? && value == "ENDSEC"
            code&.zero? ? found << [value, []] : found.last&.last&.push([code, value])
          end
        end

        def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :outline_file))
      end
    end
  end
end
