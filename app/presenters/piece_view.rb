# frozen_string_literal: true

module Presenters
  # A piece and its mark, to scale, in pixels of a fixed frame: the outline, the
  # clearance line, the ink, pencil lines and dimension lines.
  class PieceView
    WIDTH = 728
    HEIGHT = 560
    MARGIN = {left: 44, right: 104, top: 40, bottom: 92}.freeze
    DIRECTIONS = UpClose::Placing::FitSearch::DIRECTIONS

    attr_reader :mark, :piece, :shape

    # @param placement [UpClose::Placing::Placement, nil] another place to show
    def initialize(piece, writer:, mark: nil, placement: nil, room: nil)
      @piece, @writer, @mark = piece, writer, mark
      @shape = mark ? mark.shape_core : piece.to_core
      @placement = placement || (mark&.artwork && mark.placement)
      @room = room || (mark.room(@placement) if @placement)
    end

    # @return [PieceDimensions]
    def dimensions
      @dimensions ||= PieceDimensions.new(self, placement: measured, room: measured_room, writer: @writer)
    end

    # pixels a millimetre
    def scale
      @scale ||= [
        (WIDTH - MARGIN[:left] - MARGIN[:right]) / shape.box.width,
        (HEIGHT - MARGIN[:top] - MARGIN[:bottom]) / shape.box.height
      ].min * (1 - slant * 0.18)
    end

    # 0 for an upright mark, 1 for one at 45°, whose dimension lines need the most room
    def slant = marked? ? Math.sin(2 * @placement.turn_deg * Math::PI / 180).abs : 0

    # px; least, so that the dimension lines of a very flat piece do not crowd
    LOWEST = 230

    # pixels of the drawing's height: a flat, wide piece needs less, and so fills its column
    def height
      used = shape.box.height * scale + MARGIN[:top] + MARGIN[:bottom]
      (slant.positive? || !shape.curved?) ? HEIGHT : used.ceil.clamp(LOWEST, HEIGHT)
    end

    # the piece's middle on the drawing
    def origin
      [
        MARGIN[:left] + (WIDTH - MARGIN[:left] - MARGIN[:right]) / 2.0,
        MARGIN[:top] + (height - MARGIN[:top] - MARGIN[:bottom]) / 2.0
      ]
    end

    def px(point) = [origin[0] + point.x * scale, origin[1] + point.y * scale]

    def outline = d(shape.path)

    # the edge that the ink should keep inside of
    def clearance = mark&.clearance_mm.to_f.positive? ? d(shape.inset(mark.clearance_mm)) : ""

    # the straightened photo that was laid under the piece
    # @return [Hash, nil] href and frame, pixels
    def backdrop
      plane = PhotoPlane.new(piece.photo && piece.photo["laid"])
      return if !plane.known? || shape.curved?
      box = plane.box_on_piece
      x, y = px(UpClose::Geometry::Point[box.x, box.y])
      {
        href: "/pieces/#{piece.id}/straightened.png?laid=1&v=#{piece.updated_at.to_i}",
        x: x.round(2),
        y: y.round(2),
        width: (box.width * scale).round(2),
        height: (box.height * scale).round(2)
      }
    end

    # millimetres across the whole drawing
    def mm_across = WIDTH / scale

    def grain? = piece.material_core.family == :wood && !piece.finish_core.painted?

    # lines drawn over the piece stand out from its colour, whatever the light
    def tone = PieceView.tone_over(piece.colour_core)

    def self.tone_over(colour) = (colour.lightness < 50) ? "over-dark" : "over-light"

    def marked? = !@placement.nil?

    # the place that dimensions lead to: the mark's own, or the first one's along a run
    def measured = (mark && @placement) ? mark.repeats_core.first(@placement) : @placement

    def measured_room = (measured == @placement) ? @room : mark.room(measured)

    # where each of a run lies in the frame that moves them together, pixels
    # @return [Array<Float>]
    def offsets = mark.repeats_core.offsets.map { |mm| (mm * scale).round(3) }

    # places of all of it, the first one first, each with the number it has on drawing and card
    # @return [Array<Array(Float, Float, Integer)>] pixels
    def numbers
      return [] if !mark || !@placement || mark.repeats_core.once?
      mark.repeats_core.placements(@placement).map.with_index(1) { |place, i| [*px(place.centre), i] }
    end

    # the ink: its frame, moved and turned
    def ink
      width, height = @placement.width_mm * scale, @room.placed.height_mm * scale
      x, y = px(@placement.centre)
      {
        width: width.round(3),
        height: height.round(3),
        x: (-width / 2).round(3),
        y: (-height / 2).round(3),
        transform: "translate(#{x.round(3)} #{y.round(3)}) rotate(#{@placement.turn_deg})"
      }
    end

    # the mark's repeats but the first, and the piece's other marks: as frames like +ink+, with where to fetch them
    # @return [Array<Hash>]
    def others
      return [] unless mark && @placement
      # those along a run lie in the frame of the mark itself
      again = mark.repeats_core.run? ? [] : mark.repeats_core.placements(@placement).drop(1)
      own = again.map { |place| frame(place, mark, "again") }
      own + mark.neighbours.flat_map { |other|
        other.repeats_core.placements(other.placement).map { |p| frame(p, other, "neighbour") }
      }
    end

    def frame(placement, of, kind)
      width, height = placement.width_mm * scale, placement.width_mm * of.design.aspect * scale
      x, y = px(placement.centre)
      {
        of: of,
        kind: kind,
        width: width.round(3),
        height: height.round(3),
        x: (-width / 2).round(3),
        y: (-height / 2).round(3),
        transform: "translate(#{x.round(3)} #{y.round(3)}) rotate(#{placement.turn_deg})"
      }
    end

    # where the paper is cut, once a method says how much border it keeps
    def trim_line
      return "" unless mark&.method_key && @placement
      laid = mark.repeats_core.run? ? mark.repeats_core.placements(@placement) : [@placement]
      laid.map { |place| trimmed_at(mark.printed.placement(place)) }.join
    end

    def trimmed_at(placement)
      turn = UpClose::Geometry::Transform.turn(placement.turn_deg)
      d(cut_path.transform(turn.then(UpClose::Geometry::Transform.move(*placement.centre.to_a))))
    end
    private :trimmed_at

    # white-backed film, cut out along its line: not fully opaque (w about 0.85)
    # @return [String, nil] its path, about the mark's middle; nil where several are bound, whose line tells it
    def film
      return unless mark.method_key && mark.setting.stock.white? && !mark.binds
      UpClose::Formats::SVG::PathWriter.call(cut_path.transform(UpClose::Geometry::Transform.scale(scale)), places: 2)
    end

    # centre lines of the piece, a little beyond its edges
    def centre_lines
      box = shape.box
      [[px(UpClose::Geometry::Point[box.x, 0]), px(UpClose::Geometry::Point[box.right, 0])].then { |(a, b)|
        [[a[0] - 14, a[1]], [b[0] + 14, b[1]]]
      },
        [px(UpClose::Geometry::Point[0, box.y]), px(UpClose::Geometry::Point[0, box.bottom])].then { |(a, b)|
          [[a[0], a[1] - 14], [b[0], b[1] + 14]]
        }]
    end

    def words
      return "#{piece.name}, #{shape.size_words(@writer)}" unless marked?
      "#{piece.name} from above with the mark #{@writer.pair(@placement.width_mm, @room.placed.height_mm)}, " \
      "#{@writer.with_unit(@room.clearance)} from the #{shape.edge_word}"
    end

    private

    # about the mark's middle, before its turn; mm, at the size that is shown
    def cut_path
      grown = @placement.width_mm / mark.width_mm
      mark.cutting.as_placed.paths(UpClose::Geometry::Transform.scale(grown)).reduce(:+)
    end

    def d(path)
      map = UpClose::Geometry::Transform.scale(scale).then(UpClose::Geometry::Transform.move(*origin))
      UpClose::Formats::SVG::PathWriter.call(path.transform(map), places: 2)
    end
  end
end
