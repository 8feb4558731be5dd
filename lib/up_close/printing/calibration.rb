# frozen_string_literal: true

module UpClose
  module Printing
    # What a printer makes of a millimetre: scales, skew, and where it puts the
    # page on its paper when that could be seen. Frozen.
    class Calibration
      # beyond these a figure is a mistake of measuring, not of a printer
      SCALES = (0.9..1.1)
      SKEW_DEG = (-3.0..3.0)

      attr_reader :x_scale, :y_scale, :skew_deg, :turn_deg, :offset, :residual_mm, :crosses

      # @param x_scale [Float] printed ÷ wanted  @param skew_deg [Float] how far y leans towards x
      # @param turn_deg [Float] of the print on its paper, 0 when unknown
      # @param offset [Geometry::Point, nil] of the page's corner from the paper's, mm
      # @param residual_mm [Float, nil] root mean square of what is left
      # @raise [Errors::BadShape]
      def initialize(x_scale:, y_scale:, skew_deg: 0.0, turn_deg: 0.0, offset: nil, residual_mm: nil, crosses: nil)
        @x_scale, @y_scale, @skew_deg, @turn_deg, @offset, @residual_mm, @crosses =
          x_scale, y_scale, skew_deg, turn_deg, offset, residual_mm, crosses
        check
        freeze
      end

      # as +to_h+ gives it
      # @param hash [Hash{Symbol => Object}]
      def self.from_h(hash)
        offset = hash[:offset_mm]
        new(
          **hash.slice(:x_scale, :y_scale, :skew_deg, :residual_mm, :crosses),
          turn_deg: hash[:turn_deg] || 0.0,
          offset: offset && Geometry::Point[*offset]
        )
      end

      # By a least-squares map of the crosses: x′ = ax + cy + e, y′ = bx + dy + f.
      # @param map [Geometry::Transform] wanted mm → printed mm, in whatever frame they were measured
      # @param known_frame [Boolean] whether that frame is the paper's own
      def self.from_map(map, known_frame:, **more)
        turn = Math.atan2(map.b, map.a)
        lean = Math.atan2(-map.c, map.d) - turn
        new(
          x_scale: Math.hypot(map.a, map.b),
          y_scale: Math.hypot(map.c, map.d),
          skew_deg: -lean * 180 / Math::PI,
          turn_deg: known_frame ? turn * 180 / Math::PI : 0.0,
          offset: known_frame ? Geometry::Point[map.e, map.f] : nil,
          **more
        )
      end

      # What the printer does to a page, as far as it is known.
      # @return [Geometry::Transform]
      def map
        turn, lean = turn_deg * Math::PI / 180, (turn_deg - skew_deg) * Math::PI / 180
        Geometry::Transform.new(
          x_scale * Math.cos(turn),
          x_scale * Math.sin(turn),
          -y_scale * Math.sin(lean),
          y_scale * Math.cos(lean),
          offset ? offset.x : 0,
          offset ? offset.y : 0
        )
      end

      # What a page is drawn with so that it comes out true: the map undone. Where the
      # paper's edges were not seen it is undone about the paper's middle.
      # @param paper [Paper]
      # @return [Geometry::Transform]
      def undo(paper)
        back = inverse(map)
        return back if offset
        middle = Geometry::Point[paper.width_mm / 2, paper.height_mm / 2]
        moved = back.apply(middle)
        back.then(Geometry::Transform.move(middle.x - moved.x, middle.y - moved.y))
      end

      # @return [Working]
      def working
        Working.new(
          "x #{percent(x_scale)}, y #{percent(y_scale)}, skew " \
          "#{Working.number(skew_deg, 3)}°#{on_paper}#{residual}",
          source: residual_mm ? "least squares over the crosses found" : "measured by rule"
        )
      end

      # @return [String] where the page lies on its paper, empty when that was not measured
      def on_paper
        return "" unless offset
        ", on the paper #{Working.number(offset.x)} right, #{Working.number(offset.y)} down, " \
          "turned #{Working.number(turn_deg, 3)}°"
      end

      # @return [String] how far the crosses found lie from where this puts them
      def residual = residual_mm ? ", residual #{Working.number(residual_mm, 3)} mm over #{crosses} crosses" : ""

      # @param scale [Float]  @return [String] "99.4 %"
      def percent(scale) = "#{Working.number(scale * 100, 3)} %"

      def to_h
        {
          x_scale: x_scale,
          y_scale: y_scale,
          skew_deg: skew_deg,
          turn_deg: turn_deg,
          offset_mm: offset&.to_a,
          residual_mm: residual_mm,
          crosses: crosses
        }
      end

      private

      def inverse(m)
        det = m.determinant
        Geometry::Transform.new(
          m.d / det,
          -m.b / det,
          -m.c / det,
          m.a / det,
          (m.c * m.f - m.d * m.e) / det,
          (m.b * m.e - m.a * m.f) / det
        )
      end

      def check
        {"x" => x_scale, "y" => y_scale}.each do |way, scale|
          next if SCALES.cover?(scale)
          raise Errors::BadShape.new(
            "The scale in #{way} comes to #{percent(scale)}: no printer has such an error.",
            remedy: "Print at 100 %, no fit to page, and measure again.",
            field: :"#{way}_scale"
          )
        end
        return if SKEW_DEG.cover?(skew_deg)
        raise Errors::BadShape.new(
          "The skew comes to #{Working.number(skew_deg)}°: no printer has such an error.",
          remedy: "Measure the diagonal again, from the cross at the top left to the one at the bottom right.",
          field: :diagonal
        )
      end
    end
  end
end
