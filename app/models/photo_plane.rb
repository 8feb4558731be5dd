# frozen_string_literal: true

# The plane a photo's rectangle lies in: the scale it gives, and the part of it worth showing.
class PhotoPlane
  MARGIN = 0.06

  # @param kept [Hash, nil] what was marked, or what was laid under the piece
  def initialize(kept)
    @kept = kept
  end

  def known? = @kept && @kept["mode"] == "corners" && @kept["rect_mm"].all?

  # @return [UpClose::Measure::PhotoScale::Straightened]
  def scale = @scale ||= UpClose::Measure::PhotoScale.from_corners(points(@kept["corners"]), *@kept["rect_mm"])

  # @return [UpClose::Geometry::Box] mm, round the outline when there is one, else round the rectangle
  def box
    marked = points((@kept["trace"].size > 2) ? @kept["trace"] : @kept["corners"]).map { |p| scale.place(p) }
    UpClose::Geometry::Box.around(marked).then { |b| b.grown([b.width, b.height].max * MARGIN) }
  end

  # of the rectangle's longer side, so far beyond it at most a photo is shown: further off little is sharp
  BEYOND = 1.5

  # all that the photo shows of the plane, as far as that goes
  # @param width [Integer]  @param height [Integer] pixels of the photo
  # @return [UpClose::Geometry::Box] mm
  def whole(width, height)
    marked = points(@kept["corners"]).map { |p| scale.place(p) }
    near = UpClose::Geometry::Box.around(marked).then { |b| b.grown([b.width, b.height].max * BEYOND) }
    edges = points([[0, 0], [width, 0], [width, height], [0, height]]).map { |p| scale.place(p) }
    # a horizon in the picture would carry a corner to nowhere
    return near unless edges.all? { |p| p.x.abs < 1e5 && p.y.abs < 1e5 }
    UpClose::Geometry::Box.around(edges).overlap(near)
  end

  # the same, from the middle of the piece it was laid under
  def box_on_piece
    x, y = @kept["origin"]
    UpClose::Geometry::Box.new(x: box.x - x, y: box.y - y, width: box.width, height: box.height)
  end

  private

  def points(list) = list.map { |p| UpClose::Geometry::Point[*p] }
end
