# frozen_string_literal: true

module UpClose
  module Covering
    # How a mark fills its piece: out to a bleed that is trimmed, or in to a margin inside the edge; where the artwork
    # lies behind that outline; and how the ends of a wrap meet. mm and degrees. Frozen.
    class Cover
      # starting values: what is trimmed after, and how far the ends of a wrap lie over each other
      BLEED_MM = 1.5
      OVERLAP_MM = 2.0
      EDGES = -50.0..20.0
      SEAMS = {"butt" => "its ends meet exactly", "overlap" => "one end lies over the other"}.freeze
      FIELDS = %i[edge_mm picture_mm x_mm y_mm turn_deg seam overlap_mm].freeze

      attr_reader(*FIELDS)

      # @param edge_mm [Float] beyond the edge of the piece; negative: inside it
      # @param picture_mm [Float, nil] the artwork's own ink from side to side, on the piece; nil: as large as covers it
      # @param x_mm [Float] middle of the artwork from the piece's middle, to the right  @param y_mm [Float] down
      # @param seam [String] a key of SEAMS
      def initialize(
        edge_mm: BLEED_MM, picture_mm: nil, x_mm: 0.0, y_mm: 0.0, turn_deg: 0.0, seam: "butt", overlap_mm: OVERLAP_MM
      )
        @edge_mm, @picture_mm = edge_mm.to_f, picture_mm&.to_f
        @x_mm, @y_mm, @turn_deg = x_mm.to_f, y_mm.to_f, turn_deg.to_f
        @seam, @overlap_mm = seam, overlap_mm.to_f
        freeze
      end

      # @param hash [Hash] as +to_h+ gives it, keys perhaps strings
      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym).slice(*FIELDS).compact)

      def to_h = FIELDS.to_h { |name| [name, public_send(name)] }

      # @param changes [Hash] fields that differ
      def with(**changes) = Cover.new(**to_h, **changes)

      def centre = Geometry::Point[x_mm, y_mm]

      # @param shape [Surfaces::Shape]
      # @return [Geometry::Region] what is printed and cut; the piece's middle (unrolled) is the origin
      # @raise [Errors::BadShape] when nothing is left inside
      def region(shape)
        region = shape.cover_region(edge_mm, overlap: (shape.wraps? && seam == "overlap") ? overlap_mm : 0.0)
        return region if region.parts.size == 1
        raise_parts(region.parts.size) unless region.empty?
        raise Errors::BadShape.new(
          "Nothing of the piece is left #{Working.number(-edge_mm)} mm inside its edge.",
          remedy: "Keep a smaller margin.", field: :edge_mm
        )
      end

      # @raise [Errors::BadShape] one mark has one outline
      def raise_parts(count)
        raise Errors::BadShape.new(
          "#{Working.number(-edge_mm)} mm inside its edge the piece falls into #{count} parts.",
          remedy: "Keep a smaller margin, or make one mark for each part.", field: :edge_mm
        )
      end
      private :raise_parts

      # The least width at which a picture of this middle and turn covers all of a region.
      # @param region [Geometry::Region]  @param aspect [Float] of the picture, height ÷ width  @return [Float] mm
      def least_picture_mm(region, aspect)
        back = Geometry::Transform.turn(-turn_deg)
        corners = region.hull.rings.first.map { |x, y| back.apply(Geometry::Point[x, y] - centre) }
        corners.map { |p| [2 * p.x.abs, 2 * p.y.abs / aspect].max }.max
      end

      # @param aspect [Float] of the picture  @return [Geometry::Region] where it lies
      def picture(aspect)
        map = Geometry::Transform.turn(turn_deg).then(Geometry::Transform.move(x_mm, y_mm))
        half = Geometry::Point[picture_mm / 2, picture_mm * aspect / 2]
        Geometry::Region.polygon([[-1, -1], [1, -1], [1, 1], [-1, 1]].map { |x, y|
          map.apply(Geometry::Point[x * half.x, y * half.y]).to_a
        })
      end
    end
  end
end
