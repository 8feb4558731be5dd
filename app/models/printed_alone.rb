# frozen_string_literal: true

# What goes to paper of a mark by itself: its own artwork, at its own size and place.
class PrintedAlone
  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [Shelves::DrawnArtwork]
  def drawn = @mark.design.drawn

  # @return [UpClose::Artwork::Ink]
  def ink = @mark.design.ink

  def width_mm = @mark.width_mm

  # names all that it depends on
  def signature = @mark.design.signature

  # @param place [UpClose::Placing::Placement, nil] another place to try
  # @return [UpClose::Placing::Placement]
  def placement(place = nil) = place || @mark.placement
end
