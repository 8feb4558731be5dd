# frozen_string_literal: true

module UpClose
  module Templates
    # What is cut of a sheet so that a shape can be drawn round, along or through it: a stencil (the ink is cut away)
    # or an outline (the template is the ink, its lines become slots). mm, y downwards. Frozen but for what it has
    # worked out.
    class Cut
      KINDS = {"stencil" => "what is dark is cut away", "outline" => "the template is the shape itself"}.freeze
      # sheet round a stencil's openings
      FRAME_MM = 15.0
      NECK_REACH_MM = 12.0

      attr_reader :kind, :stuff, :regions

      # @param regions [InkRegions]  @param kind [String, nil] of KINDS; nil: an outline where there are inner lines
      # @param stuff [SheetStuff]  @param moved [Hash{Integer => Geometry::Point}] bridges by hand, by island
      # @param window_mm [Float, nil] nil: as the stuff has it
      # @param never [Geometry::Region, nil] marked features
      def initialize(regions, stuff:, kind: nil, moved: {}, window_mm: nil, never: nil)
        @regions, @stuff, @moved, @never = regions, stuff, moved, never
        @kind = kind || ((regions.lines.any? && !regions.filled.empty?) ? "outline" : "stencil")
        @window = window_mm || stuff.window_mm
      end

      # before bridges
      # @return [Geometry::Region]
      def bare
        @bare ||= (kind == "stencil") ? frame - openings : slots.select { |slot| slot.on.zero? }
          .reduce(outline) { |sheet, slot| sheet - slot.region }
      end

      # openings too small for a blade are closed, and told
      # @return [Geometry::Region]
      def openings = @openings ||= regions.ink - too_small.reduce(Geometry::Region.none, :+)

      # @return [Array<Geometry::Region>]
      def too_small
        @too_small ||= (kind == "stencil") ? regions.ink.parts.select { |part| small?(part) } : []
      end

      # @return [Array<Slots::Slot>]
      def slots
        @slots ||= (kind == "stencil") ? [] : Slots.new(outline, regions.lines, window_mm: @window).call
      end

      # the sheet's separate parts, what holds all first
      # @return [Array<Geometry::Region>]
      def parts = @parts ||= bare.parts.sort_by { |part| -part.box.width * part.box.height }

      # @return [Array<Geometry::Region>] what would drop out
      def islands = parts.drop(1)

      # @return [Array<Bridges::Bridge>]
      def bridges
        @bridges ||= islands.empty? ? [] : bridging.call
      end

      # @return [Geometry::Region] what is left of the sheet
      def sheet = @sheet ||= bridges.empty? ? bare : Geometry::Region.union([bare, *bridges.map(&:region)])

      # the second template, where slots cross
      # @return [Geometry::Region, nil]
      def second
        others = slots.select { |slot| slot.on == 1 }
        others.empty? ? nil : others.reduce(outline) { |sheet, slot| sheet - slot.region }
      end

      # the narrowest part of it, wherever
      # @return [Geometry::Algorithms::FacingEdges::Place, nil] nil: over NECK_REACH_MM everywhere
      def neck
        @neck ||= [stuff.neck_mm * 2, NECK_REACH_MM].lazy.filter_map { |reach|
          edges = Geometry::Edges.new(sheet, reach_mm: reach)
          Geometry::Algorithms::FacingEdges.new(edges, limit_mm: reach).widths.first
        }.first
      end

      # @return [Array<Finding>]
      def findings = Findings.call(self)

      # @return [Geometry::Region]
      def frame = Geometry::Region.box(Geometry::Box.new(x: 0, y: 0, width: regions.width_mm, height: regions.height_mm)
        .grown(FRAME_MM))

      # the shape to draw round: its fill, or what its closed lines enclose
      def outline
        return regions.filled unless regions.filled.empty?
        @outline ||= closed_outline
      end

      # islands that no bridge could be found for
      def loose = islands.empty? ? [] : (bridges && bridging.loose)

      private

      def bridging
        @bridging ||= Bridges.new(parts, width_mm: stuff.bridge_mm, never: @never, moved: @moved)
      end

      def closed_outline
        rings = regions.lines.select(&:last).map { |points, _| Geometry::Region.polygon(points.map(&:to_a)) }
        rings.max_by(&:area) || raise(Errors::BadArtwork.new(
          "No closed outline is drawn.", remedy: "Draw the shape's outline as one closed line, or fill it."
        ))
      end

      def small?(part)
        box = part.box
        [box.width, box.height].max < stuff.least_hole_mm
      end
    end
  end
end
