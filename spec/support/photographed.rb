# frozen_string_literal: true

# Photos as a camera would take them, with places in them that are known.
module Photographed
  # a word on a light board beside a card of 85.60 × 53.98, seen aslant; 12 pixels a millimetre or so
  # @param pose [UpClose::Artwork::WordPose] on the plane, mm from the card's first corner
  # @return [Array(String, Array)] JPEG, and the card's corners in it
  def word_beside_card(face, text, pose)
    frame = box(-20, -45, 130, 115)
    word = UpClose::Graphics::Painted.new(
      path: UpClose::Artwork::WordOutline.new(face, text).path(pose), fill: UpClose::Colour.hex("#3a2a1c")
    )
    card = UpClose::Graphics::Painted.new(
      path: UpClose::Geometry::Shapes.rectangle(box(0, 0, 85.6, 53.98)), fill: UpClose::Colour.hex("#f4f2ea")
    )
    board = UpClose::Graphics::Painted.new(
      path: UpClose::Geometry::Shapes.rectangle(frame), fill: UpClose::Colour.hex("#c9a472")
    )
    flat = UpClose::Formats::SVG::Raster.call(
      UpClose::Artwork::Drawing.new([board, card, word]), frame: frame, scale: 12.0
    )
    aslant(flat, frame)
  end

  # the plane's corners come to lie a little inside the picture's
  def aslant(flat, frame)
    wide, high = flat.width, flat.height
    to = [[40, 60], [wide - 90, 20], [wide - 30, high - 50], [70, high - 20]]
    map = UpClose::Geometry::Homography.between(frame.corners, to.map { |x, y| point(x, y) })
    back = UpClose::Geometry::Homography.between(
      to.map { |x, y| point(x, y) }, [[0, 0], [wide, 0], [wide, high], [0, high]].map { |x, y| point(x, y) }
    )
    a, b, c, d, e, f, g, h, i = back.values
    xy = Vips::Image.xyz(wide, high)
    w = xy[0] * g + xy[1] * h + i
    from = ((xy[0] * a + xy[1] * b + c) / w).bandjoin((xy[0] * d + xy[1] * e + f) / w)
    photo = flat.mapim(from, interpolate: Vips::Interpolate.new(:bicubic), extend: :background, background: [120] * 3)
    corners = [[0, 0], [85.6, 0], [85.6, 53.98], [0, 53.98]].map { |x, y| map.apply(point(x, y)).to_a }
    [photo.gaussblur(0.8).cast(:uchar).jpegsave_buffer(Q: 92), corners]
  end
end
