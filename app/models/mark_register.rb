# frozen_string_literal: true

# What finds a mark's place where a ruler cannot: a strap round a wall, a ring or a cut-out over a flat piece.
class MarkRegister
  # where the handle is, seen from the front
  HANDLES = {"right" => 0.25, "back" => 0.5, "left" => 0.75}.freeze
  # kept above and below the film while the wall is long enough, mm
  BESIDE_MM = 5.0

  # @param mark [Mark] with artwork and size  @param tried [Hash{Symbol => Object}] not kept: a maker is still typing
  def initialize(mark, tried: {})
    @mark, @tried = mark, tried.compact
  end

  # @return [Boolean] whether anything of this kind helps here
  def any? = strap? || !shape.curved?

  def strap? = UpClose::Register::Wall.for?(shape)

  # @return [Hash{Symbol => Object}] down_mm, high_mm, overlap_mm, handle (a key of HANDLES), joins (two lengths or nil)
  def settings = {**usual, **kept, **@tried}

  # @return [UpClose::Register::Strap, UpClose::Register::CutOver]
  # @raise [UpClose::Errors::BadShape]
  def aid = @aid ||= strap? ? strap : cut_over

  # @return [Array<UpClose::Finding>]
  def findings(writer) = strap? ? told(writer).findings : aid.findings(writer)

  # @return [Array<Array(String, String)>]
  def steps(writer) = strap? ? told(writer).steps(marked_with) : aid.steps(marked_with)

  # @return [UpClose::Register::Wall]
  def wall = @wall ||= UpClose::Register::Wall.new(shape)

  # the film's corners, clockwise from its upper left, on what the piece unrolls to
  # @return [Array<UpClose::Geometry::Point>]
  def film
    @mark.design.bent? ? bent_film : turned_box.map { |x, y| on_piece.apply(UpClose::Geometry::Point[x, y]) }
  end

  # share of a turn from the front to the handle
  def handle_turn = HANDLES.fetch(settings[:handle])

  # what its lines and corners are drawn with
  # @return [String] "in white pencil"
  def marked_with
    smooth = %w[glazed enamelled polished].include?(@mark.piece.finish) ||
      %i[metal glass ceramic plastic].include?(@mark.piece.material_core.family)
    UpClose::Register::Pencil.words(@mark.piece.colour_core, smooth: smooth)
  end

  private

  def shape = @mark.shape_core

  def kept
    strap = @mark.strap.transform_keys(&:to_sym).slice(:down_mm, :high_mm, :overlap_mm)
    handle = @mark.piece.handle
    {**strap, handle: handle["side"], joins: handle["joins_mm"]}.compact
  end

  # the film in the middle, with a strip above and below
  def usual
    return {handle: "back"} unless strap?
    above, below = on_wall.map(&:last).minmax
    least = [UpClose::Register::Strap::HIGH_MM, wall.long].min
    high = (below - above + 2 * BESIDE_MM).clamp(least, wall.long)
    down = ((above + below - high) / 2).clamp(0, wall.long - high)
    {down_mm: down.round(1), high_mm: high.floor(1), overlap_mm: UpClose::Register::Strap::OVERLAP_MM, handle: "back"}
  end

  def strap
    UpClose::Register::Strap.new(
      wall, corners: on_wall, handle: handle_turn, bent: @mark.design.bent?,
      **settings.slice(:down_mm, :high_mm, :overlap_mm)
    )
  end

  def cut_over
    cut = @mark.method_key ? @mark.cutting.as_placed.outline : turned_box
    UpClose::Register::CutOver.new(
      shape, wall: @mark.piece.edge == "wall", film: cut.map { |x, y| on_piece.apply(UpClose::Geometry::Point[x, y]) }
    )
  end

  def told(writer)
    UpClose::Register::StrapFindings.new(
      aid, writer: writer, paper: UpClose::Printing::Paper.fetch(@mark.paper), joins_mm: settings[:joins]
    )
  end

  def on_wall = @on_wall ||= film.map { |point| wall.place(point) }

  def border = @mark.setting&.border_mm || 0.0

  def on_piece
    UpClose::Geometry::Transform.turn(@mark.placement.turn_deg)
      .then(UpClose::Geometry::Transform.move(*@mark.placement.centre.to_a))
  end

  def turned_box
    wide, tall = @mark.width_mm / 2 + border, @mark.height_mm / 2 + border
    [[-wide, -tall], [wide, -tall], [wide, tall], [-wide, tall]]
  end

  # artwork bent to the cup: its film is bent too, between two heights and two directions
  def bent_film
    places = UpClose::Placing::PlacedInk.new(@mark.design.ink, @mark.placement).hull.map { |point| wall.place(point) }
    (left, right), (top, foot) = places.transpose.map(&:minmax)
    aside = border / wall.girth((top + foot) / 2)
    [[left - aside, top - border], [right + aside, top - border], [right + aside, foot + border],
      [left - aside, foot + border]].map { |turn, down| wall.flat(turn + 0.5, down) }
  end
end
