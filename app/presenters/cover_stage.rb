# frozen_string_literal: true

module Presenters
  # A piece from above, or laid flat, with the artwork that covers it moved about behind its outline. Pixels.
  class CoverStage
    WIDTH = 728
    HEIGHT = 560
    # round the outline, where what is not printed shows faintly
    PAD = 70

    # @param mark [Mark]  @param covering [MarkCovering]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(mark, covering, writer:)
      @mark, @covering, @writer = mark, covering, writer
    end

    def cover = @covering.cover

    def findings = @findings ||= @covering.findings(@writer) + missed

    # some of the piece stays empty
    def bare? = findings.any? { |finding| finding.key == :empty && finding.watch? }

    # each feature the picture is held to, and how well
    # @return [Array<UpClose::Finding>]
    def missed
      @covering.missed.map do |feature, mm|
        UpClose::Finding.new(
          key: :pinned, title: "The picture's #{feature.title}", verdict: (mm < 0.2) ? :fine : :watch,
          figure: (mm < 0.05) ? "where it is on the body" : "#{@writer.with_unit(mm)} off", value: mm, unit: "mm",
          reason: (mm < 0.2) ? nil : "No size and angle fits all of them. The error at this one:"
        )
      end
    end

    # @return [Array<UpClose::Surfaces::Feature>]
    def features = @covering.features

    # as they are typed: along from the nose, up from the middle of the side
    # @return [Array<Hash{String => String}>]
    def feature_rows
      left = -@mark.piece.to_core.box.width / 2
      @mark.piece.features.map do |kept|
        {"kind" => kept["kind"], "along" => @writer.field(kept["x_mm"] - left), "up" => @writer.field(-kept["y_mm"]),
         "size" => @writer.field(kept["size_mm"])}
      end
    end

    # their outlines, to hold the picture to
    def guides = features.map { |feature| d(feature.path) }

    # where film closes up over the body
    def slits
      @covering.slits.map { |from, to| d(UpClose::Geometry::Path.new([[:move, from], [:line, to]])) }
    end

    def flanks? = @mark.piece.to_core.flanks?

    def width = WIDTH

    def height = HEIGHT

    def pad = PAD

    # pixels a millimetre
    def scale = @scale ||= [(width - 2 * pad) / box.width, (height - 2 * pad) / box.height].min

    def mm_across = width / scale

    # the outline that is printed and cut
    def outline = d(region.path)

    # the piece's own edge
    def edge = d(shape.path)

    # all but the outline: what is not printed
    def beyond = "M0 0H#{width}V#{height}H0Z#{outline}"

    # the artwork's frame about its own middle, and where that lies
    # @return [Hash]
    def frame
      wide, high = @covering.shown_mm * scale, @covering.shown_mm * @covering.shown["aspect"] * scale
      {x: n(-wide / 2), y: n(-high / 2), width: n(wide), height: n(high),
       transform: "translate(#{onto.apply(cover.centre).to_a.map { |v| n(v) }.join(" ")}) rotate(#{cover.turn_deg})"}
    end

    # the same in millimetres, for the page's own moves
    # @return [Hash]
    def frame_mm
      {x: cover.x_mm, y: cover.y_mm, wide: @covering.shown_mm, aspect: @covering.shown["aspect"],
       turn: cover.turn_deg, scale: scale, origin: onto.apply(UpClose::Geometry::Point[0, 0]).to_a}
    end

    def href = "/marks/#{@mark.id}/behind.#{@covering.shown["vector"] ? "svg" : "png"}?v=#{version}"

    # @return [Hash{String => String}]
    def fields
      {
        "wide" => @writer.field(@covering.shown_mm), "x" => @writer.field(cover.x_mm), "y" => @writer.field(cover.y_mm),
        "turn" => UpClose::Working.number(cover.turn_deg, 2).sub("−", "-"), "edge" => @writer.field(cover.edge_mm.abs),
        "overlap_mm" => @writer.field(cover.overlap_mm)
      }
    end

    def inside? = cover.edge_mm.negative?

    def wraps? = shape.wraps?

    def curved? = shape.curved?

    def undo? = @mark.cover.to_h.fetch("earlier", []).any?

    # for who does not see it
    def words = "#{@mark.title} behind the outline of #{@mark.piece.name}. Arrow keys move it, plus and minus size it."

    def piece_colour = @mark.piece.colour

    private

    def shape = @mark.shape_core

    def region = @region ||= @covering.region

    def box = @box ||= region.box.union(shape.box)

    def version = [@mark.artwork.updated_at.to_i, @mark.recipe, cover.picture_mm.round(3)].hash.abs.to_s(36)

    def onto
      @onto ||= UpClose::Geometry::Transform.move(-box.centre.x, -box.centre.y)
        .then(UpClose::Geometry::Transform.scale(scale))
        .then(UpClose::Geometry::Transform.move(width / 2.0, height / 2.0))
    end

    def d(path) = UpClose::Formats::SVG::PathWriter.call(path.transform(onto), places: 2)

    def n(value) = value.round(3)
  end
end
