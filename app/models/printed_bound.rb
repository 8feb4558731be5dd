# frozen_string_literal: true

# What goes to paper of several marks bound as one transfer: each where it lies from the first one, cut out together
# and registered by one set of notches. In millimetres, in the first one's own directions, from its middle.
class PrintedBound
  # @param mark [Mark] the first one  @param guests [Array<Mark>] bound to it
  def initialize(mark, guests)
    @mark, @guests = mark, guests
  end

  # @return [Shelves::BoundArtwork]
  def drawn = @drawn ||= Shelves::BoundArtwork.new(parts)

  # @return [UpClose::Artwork::Ink]
  def ink = @ink ||= drawn.ink

  def width_mm = ink.box.width

  # names all that it depends on
  def signature = UpClose::Identity.of(drawn)

  # where the middle of all of it lies on the piece
  # @param place [UpClose::Placing::Placement, nil] another place to try for the first one
  # @return [UpClose::Placing::Placement]
  def placement(place = nil)
    place ||= @mark.placement
    grown = place.width_mm / @mark.width_mm
    middle = UpClose::Geometry::Transform.turn(place.turn_deg).apply(ink.box.centre * grown) + place.centre
    place.with(width_mm: width_mm * grown, x_mm: middle.x, y_mm: middle.y)
  end

  private

  def all = [@mark, *@guests]

  # each one's middle and turn, seen from the first
  def places
    @places ||= all.map do |mark|
      off = UpClose::Geometry::Transform.turn(-@mark.turn_deg).apply(mark.placement.centre - @mark.placement.centre)
      {width_mm: mark.width_mm, x_mm: off.x, y_mm: off.y, turn_deg: mark.turn_deg - @mark.turn_deg}
    end
  end

  def parts
    all.zip(places).map do |mark, place|
      Shelves::BoundArtwork::Part.new(mark.design.drawn, mark.design.ink, UpClose::Placing::Placement.new(**place))
    end
  end
end
