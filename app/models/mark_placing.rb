# frozen_string_literal: true

# Where a mark lies on its piece: its ink there, the room around it, its repeats and its neighbours.
class MarkPlacing
  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [UpClose::Placing::Placement, nil] nil before it has a size
  def placement
    return unless @mark.width_mm
    UpClose::Placing::Placement.new(
      width_mm: @mark.width_mm,
      x_mm: @mark.x_mm,
      y_mm: @mark.y_mm,
      turn_deg: @mark.turn_deg
    )
  end

  # round a hole or a place kept off, the silhouette decides, not the hull
  # @return [UpClose::Artwork::Ink]
  def ink_for_piece = shape.hole? ? @mark.design.whole_ink : @mark.design.ink

  # @param place [UpClose::Placing::Placement] another place to try
  # @return [UpClose::Placing::FitSearch]
  def room(place = placement)
    Shelves::KeptAnswers.of(
      UpClose::Placing::FitSearch, :new, shape: shape, ink: ink_for_piece, placement: place,
      clearance_mm: @mark.clearance_mm
    )
  end

  # where film follows a curved piece that asks too much of it
  # @return [UpClose::Placing::Placement, nil]
  def eased_place(place = placement)
    Shelves::KeptAnswers.of(
      UpClose::Placing::EasedPlace, :call, shape: shape, ink: ink_for_piece, placement: place, bent: @mark.design.bent?
    )
  end

  # @return [UpClose::Placing::Repeats]
  def repeats_core = UpClose::Placing::Repeats.from_h(@mark.repeats)

  # the ink of every repeat, the first one first
  # @return [Array<UpClose::Placing::PlacedInk>]
  def all_placed(place = placement)
    repeats_core.placements(place).map { |repeat| UpClose::Placing::PlacedInk.new(ink_for_piece, repeat) }
  end

  # other marks that lie on the same piece
  # @return [Array<Mark>]
  def neighbours
    @neighbours ||= @mark.piece.marks.live
      .where.not(id: @mark.id)
      .where(flank: @mark.flank)
      .where.not(width_mm: nil)
      .where.not(artwork_id: nil)
      .includes(:artwork).to_a
  end

  # what is laid before it, where it lies over others, and what to wait for
  # @return [Array<UpClose::Finding>]
  def laid_first
    neighbours.empty? ? [] : PieceLayers.new(@mark.piece, among: [@mark, *neighbours]).before(@mark)
  end

  # @param writer [UpClose::Measure::LengthWriter]
  # @return [UpClose::Placing::Registration]
  def registration(writer, place = placement)
    UpClose::Placing::Registration.new(
      shape: shape,
      placed: UpClose::Placing::PlacedInk.new(@mark.printed.ink, @mark.printed.placement(place)),
      border_mm: @mark.setting&.border_mm || 3.0,
      face_down: @mark.method_key ? @mark.boxed? : false,
      writer: writer
    )
  end

  # the size that its file says it has, while nothing is done to it
  # @return [Array(Float, Float), nil] width and height, mm
  def own_size
    return if @mark.design.prepared?
    width = @mark.artwork.natural_width_mm
    [width, width * @mark.design.aspect] if width
  end

  # whether it would lie on the piece at its own size, where it lies now
  def own_size_fits? = room(placement.with(width_mm: own_size.first)).clearance >= 0

  private

  def shape = @mark.shape_core
end
