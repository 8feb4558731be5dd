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

  # the photo of a word beside a card taken in for a piece: by the card's corners, or by its upper edge alone
  def photograph_word(mark, face, text, pose, mode: "corners")
    bytes, corners = word_beside_card(face, text, pose)
    send_form "/pieces/#{mark.piece_id}/photo", "photo" => upload(bytes, "headstock.jpg")
    kept = mark.piece.reload.photo
    marked = kept.slice("lines").merge("corners" => corners, "reference" => corners.first(2), "trace" => [])
    typed = {"mode" => mode, "rect_width" => "85.6", "rect_height" => "53.98", "length" => "85.6",
             "marked" => JSON.generate(marked)}
    send_form "/pieces/#{mark.piece_id}/photo/outline", typed.merge("as" => "backdrop")
    send_form "/pieces/#{mark.piece_id}/photo/marked", typed
  end

  # a plate of 60 × 40, its left half light, laid under its piece: 300 × 200 pixels, by its own four corners
  def photograph_plate(piece)
    dark = Vips::Image.black(300, 200, bands: 3) + [16, 24, 32]
    light = Vips::Image.black(150, 200, bands: 3) + [200, 190, 170]
    bytes = dark.insert(light, 0, 0).cast(:uchar).copy(interpretation: :srgb).pngsave_buffer
    send_form "/pieces/#{piece.id}/photo", "photo" => upload(bytes, "plate.png")
    marked = piece.reload.photo.slice("reference", "lines").merge(
      "corners" => [[0, 0], [300, 0], [300, 200], [0, 200]], "trace" => []
    )
    send_form "/pieces/#{piece.id}/photo/outline", "mode" => "corners", "rect_width" => "60", "rect_height" => "40",
      "marked" => JSON.generate(marked), "as" => "backdrop"
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
