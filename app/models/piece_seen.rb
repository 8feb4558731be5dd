# frozen_string_literal: true

# A piece with its marks as they will look, on its own photo where one is laid under it.
class PieceSeen
  # round a piece that is shown on one colour, as a share of it
  ROUND = 0.04

  # @param piece [Piece]  @param flank [String, nil] of a body with two
  def initialize(piece, flank: nil)
    @piece, @layers = piece, PieceLayers.new(piece, flank: flank)
  end

  def marks = @layers.marks

  # @return [Hash] as Shelves::SeenOnPiece#seen
  def seen = Shelves::KeptAnswers.apart(value, :seen)

  # the straightened photo that lies under the piece
  def photo? = plane.known?

  # mm from the piece's middle
  # @return [UpClose::Geometry::Box]
  def box
    return plane.box_on_piece if photo?
    around = shape.curved? ? shape.front_box : shape.box
    around.grown([around.width, around.height].max * ROUND)
  end

  # names all that the pictures depend on, for their addresses
  def signature = UpClose::Identity.of(value)[0, PreparedArtwork::SIGNED]

  # @return [Array(Float, Float, Float, Float), nil] of white paper, mm from the piece's middle
  def white = @piece.photo && @piece.photo["white_mm"]

  private

  def shape = marks.first&.shape_core || @piece.to_core

  def plane = @plane ||= PhotoPlane.new(@piece.photo && @piece.photo["laid"])

  def value
    @value ||= Shelves::SeenOnPiece.new(box: box, shape: shape, colour: @piece.colour_core, parts: parts, **from_photo)
  end

  def from_photo
    return {} unless photo?
    {
      photo: Shelves::StoredOriginal.new(Settings.originals, @piece.photo["original"]), plane: plane.scale,
      origin: UpClose::Geometry::Point[*@piece.photo["laid"]["origin"]],
      white: white && UpClose::Geometry::Box.new(x: white[0], y: white[1], width: white[2], height: white[3])
    }
  end

  def parts
    marks.flat_map do |mark|
      film = film(mark)
      mark.repeats_core.placements(mark.placement).map do |placement|
        Shelves::SeenOnPiece::Part.new(
          drawn: mark.design.drawn, aspect: mark.design.aspect, placement: placement, film: film
        )
      end
    end
  end

  # what would be cut out with it, were its film white
  def film(mark)
    return unless mark.method_key && UpClose::Composing::Layer::FILMS.include?(mark.method_core.residue)
    return if mark.bound_to || mark.binds
    mark.cutting.as_placed.paths(UpClose::Geometry::Transform::IDENTITY).select { |path| closed?(path) }.reduce(:+)
  end

  def closed?(path) = path.commands.last == [:close]
end
