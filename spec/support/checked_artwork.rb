# frozen_string_literal: true

# Small drawings and pictures, checked at a width.
module CheckedArtwork
  PER_MM = 600 / 25.4

  # a drawing of mm, 24 × 24
  # what turned shapes put beyond it counts as well
  def drawn(body)
    UpClose::Artwork::Opening.call(
      %(<svg xmlns="http://www.w3.org/2000/svg" width="24mm" height="24mm" viewBox="0 0 24 24">#{body}</svg>),
      take_all: true
    )
  end

  def width_of(art) = art.ink.box.width * art.mm_per_unit

  # the same as pixels, 600 an inch
  def as_pixels(art)
    image = UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box.grown(1), scale: 600 / 25.4 * art.mm_per_unit)
    opened(image.pngsave_buffer)
  end

  def survey(art, width_mm, ground: false, limit_mm: 0.2)
    UpClose::Artwork::Thinness::Survey.new(
      UpClose::Artwork::SizedRaster.new(art, width_mm: width_mm),
      limit_mm: limit_mm,
      ground: ground
    )
  end

  def limits(**recorded)
    UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("solvent-rub"), printer: :laser, recorded: recorded)
  end

  # findings by their keys, each worked out when it is asked for
  def checked(art, width_mm, **about)
    subject = UpClose::Artwork::CheckContext.new(artwork: art, width_mm: width_mm, limits: limits, **about)
    Hash.new { |told, key| told[key] = check(key).call(subject) }
  end

  def check(key)
    name = {hidden_rectangle: "HiddenBlock"}.fetch(key) { key.to_s.split("_").map(&:capitalize).join }
    UpClose::Artwork::Checks.const_get(name)
  end

  # an image of w × h pixels of one grey, with a black square on it
  def png(width, height, ground: 255, &paint)
    image = (Vips::Image.black(width, height) + ground).cast(:uchar).copy(interpretation: :"b-w")
    image = paint ? paint.call(image) : image.draw_rect([0], 4, 4, width / 2, height / 2, fill: true)
    opened(image.pngsave_buffer)
  end
end
