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

      attr_reader :points, :keep_outs, :notes, :inner

      # @param bytes [String]
      # @param unit_mm [Float, nil] millimetres a unit, in place of what the file says
      # @param frame [Boolean] the outermost outline is only a frame round the drawing
      # @raise [Errors::BadArtwork]
      def self.read(bytes, unit_mm: nil, frame: false)
        refuse("This file is empty.", "Choose the file again.") if bytes.to_s.empty?
        head = bytes.byteslice(0, 4096).b
        return from_svg(bytes, unit_mm, frame) if head.match?(/<(\w+:)?svg\b|<!DOCTYPE/i)
        reader = Formats::DXF::Reader.new(bytes, unit_mm: unit_mm)
        new(reader.rings, reader.notes, unit_known: !unit_mm.nil? || reader.unit_known?, frame: frame)
      end

      # @param unit_mm [Float, nil] of one unit, when the file does not say  @return [OutlineFile]
      def self.from_svg(bytes, unit_mm, frame)
        drawing = Formats::SVG::Reader.new(bytes).drawing
        mm = unit_mm || drawing.mm_per_unit || 1.0
        loops = drawing.shapes.flat_map do |shape|
          shape.path
            .flatten(TOLERANCE_MM / mm)
            .select { |points, closed| points.size > 2 && (closed || points.first.distance(points.last) * mm < 0.05) }
            .map(&:first)
        end
        rings = loops.map { |points| Geometry::Ring.new(points.map { |p| p * mm }) }.select { |ring|
          ring.points.size > 2 && ring.area > 1e-3
        }.sort_by do |ring|
          -ring.area
        end
        refuse("This SVG holds no closed outline.", "Draw the outline as one closed path.") if rings.empty?
        new(rings, drawing.notes, unit_known: !unit_mm.nil? || !drawing.mm_per_unit.nil?, frame: frame)
      end

      # @raise [Errors::BadArtwork]
      def self.refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :outline_file))

      # @param rings [Array<Geometry::Ring>] largest first
      # @param unit_known [Boolean] whether the file, or the maker, says its unit  @param frame [Boolean] as for +read+
      def initialize(rings, notes, unit_known: true, frame: false)
        rings = rings.drop(1) if frame && rings.size > 1
        outline, *inner = rings
        @unit_known, @inner =
          unit_known, (inner.first.points.map(&:to_a).freeze if inner.any? &&
            inner.all? { |ring| outline.contains?(ring.centroid) })
        middle = outline.box.centre
        @points = thinned(outline).map(&:to_a).freeze
        @keep_outs = inner.select { |ring| outline.contains?(ring.centroid) }
          .map { |ring| keep_out(ring, middle) }
          .freeze
        @notes = notes.freeze
        freeze
      end

      def unit_known? = @unit_known

      # one outline holds all the others: the piece with what is cut in it, or a frame round it
      def holds_all? = !@inner.nil?

      # @return [Geometry::Box]
      def box = Geometry::Box.around(points.map { |x, y| Geometry::Point[x, y] })

      private

      # corners that hardly stand out are dropped
      def thinned(ring)
        (ring.points.size < 5) ? ring.points : Geometry::Algorithms::ThinOut.call(ring.points, THIN_MM)
      end

      def keep_out(ring, middle)
        centre = ring.box.centre - middle
        round = (4 * Math::PI * ring.area / ring.perimeter**2) > ROUND
        size = ring.box
        Surfaces::KeepOut.new(
          kind: round ? "disc" : "box",
          x: centre.x,
          y: centre.y,
          width: round ? [size.width, size.height].max : size.width,
          height: size.height,
          words: "from the file"
        ).to_h
      end
    end
  end
end
