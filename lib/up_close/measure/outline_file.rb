# frozen_string_literal: true

module UpClose
  module Measure
    # A piece's outline from a DXF or an SVG: the largest closed loop; the loops
    # inside it are places where no ink may lie. Frozen.
    class OutlineFile
      # loops this near to round are holes
      ROUND = 0.97
      TOLERANCE_MM = 0.02
      # a corner that stands out less than this is dropped
      THIN_MM = 0.01

      attr_reader :points, :keep_outs, :notes

      # @param bytes [String]
      # @param unit_mm [Float, nil] millimetres a unit, in place of what the file says
      # @raise [Errors::BadArtwork]
      def self.read(bytes, unit_mm: nil)
        refuse("This file is empty.", "Choose the file again.") if bytes.to_s.empty?
        head = bytes.byteslice(0, 4096).b
        return from_svg(bytes, unit_mm) if head.match?(/<(\w+:)?svg\b|<!DOCTYPE/i)
        reader = Formats::DXF::Reader.new(bytes, unit_mm: unit_mm)
        new(reader.rings, reader.notes)
      end

      def self.from_svg(bytes, unit_mm)
        drawing = Formats::SVG::Reader.new(bytes).drawing
        mm = unit_mm || drawing.mm_per_unit || refuse("This SVG does not say how large it is.", "Say what its unit is, or save it with a width in millimetres.")
        loops = drawing.shapes.flat_map { |shape| shape.path.flatten(TOLERANCE_MM / mm).select { |points, closed| points.size > 2 && (closed || points.first.distance(points.last) * mm < 0.05) }.map(&:first) }
        rings = loops.map { |points| Geometry::Ring.new(points.map { |p| p * mm }) }.select { |ring| ring.points.size > 2 && ring.area > 1e-3 }.sort_by { |ring| -ring.area }
        refuse("This SVG holds no closed outline.", "Draw the outline as one closed path.") if rings.empty?
        new(rings, drawing.notes)
      end

      def self.refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :outline_file))

      # @param rings [Array<Geometry::Ring>] largest first
      def initialize(rings, notes)
        outline, *inner = rings
        middle = outline.box.centre
        @points = thinned(outline).map(&:to_a).freeze
        @keep_outs = inner.select { |ring| outline.contains?(ring.centroid) }.map { |ring| keep_out(ring, middle) }.freeze
        @notes = notes.freeze
        freeze
      end

      private

      # corners that hardly stand out are dropped
      def thinned(ring) = (ring.points.size < 5) ? ring.points : Geometry::Algorithms::ThinOut.call(ring.points, THIN_MM)

      def keep_out(ring, middle)
        centre = ring.box.centre - middle
        round = (4 * Math::PI * ring.area / ring.perimeter**2) > ROUND
        size = ring.box
        Surfaces::KeepOut.new(kind: round ? "disc" : "box", x: centre.x, y: centre.y, width: round ? [size.width, size.height].max : size.width, height: size.height, words: "from the file").to_h
      end
    end
  end
end
